/**
 * Writes a network as a SPICE netlist in the common dialect. Every element sits behind a 0 V source `V_<id>_s`,
 * so that an outside engine reports each branch current. A winding's complex coupling k·Iother becomes a real
 * current-controlled source plus the voltage that Iother, scaled, makes across an inductor of 1 Ω reactance.
 * At 0 Hz the sources are DC and capacitors stay in as open circuits.
 */
import { type Complex, itemAt, magnitude } from '#core/foundation'
import { EARTH, type Coupling, type Element, type Network } from './network'

/** SPICE names are case-blind and take no punctuation beyond `_`. */
export const spiceName = (id: string) => id.toLowerCase().replace(/[^a-z0-9]/g, '_')

/** @param injected 1 A driven from node b into node a: the way to ask a dead network for its port resistance */
export function writeSpice(
  { elements, hertz }: Network,
  title: string,
  injected?: { readonly a: string, readonly b: string },
): string {
  const omega = 2 * Math.PI * hertz
  const node = (n: string) => (n === EARTH ? '0' : `n_${spiceName(n)}`)
  const lines = elements.flatMap(e => writeElement(e, omega, node))
  const analysis = hertz > 0 ? `.ac lin 1 ${hertz} ${hertz}` : '.op'
  const probe = injected ? [`I_probe ${node(injected.b)} ${node(injected.a)} ${hertz > 0 ? 'ac 1' : 'dc 1'}`] : []
  return [`* ${title.replace(/[^\x20-\x7E]/g, '?')}`, ...lines, ...probe, analysis, '.end', ''].join('\n')
}

function writeElement(e: Element, omega: number, node: (n: string) => string): string[] {
  const id = spiceName(e.id)
  const [a, b, sensed] = [node(e.a), node(e.b), `s_${id}`]
  const sense = `V_${id}_s ${a} ${sensed} ${omega > 0 ? 'dc 0 ac 0' : 'dc 0'}`
  switch (e.kind) {
    case 'capacitor':
      return [sense, `C_${id} ${sensed} ${b} ${number(e.farads)}`]
    case 'impedance':
      return [sense, ...writeImpedance(id, sensed, b, e.z, omega)]
    case 'source': {
      const phase = (Math.atan2(e.volts.im, e.volts.re) * 180) / Math.PI
      const value
        = omega > 0 ? `dc 0 ac ${number(magnitude(e.volts))} ${number(phase)}` : `dc ${number(e.volts.re)}`
      return [sense, `V_${id} e_${id} ${b} ${value}`, ...writeImpedance(id, sensed, `e_${id}`, e.z, omega)]
    }
    case 'winding': {
      const chain = [id, ...(e.couplings ?? []).map((_, i) => `${id}_${i}`)].map(n => `k_${n}`)
      const ends = [...chain.slice(1), b]
      return [
        sense,
        ...writeImpedance(id, sensed, e.couplings?.length ? itemAt(chain, 1, 'node') : b, e.z, omega),
        ...(e.couplings ?? []).flatMap((c, i) =>
          writeCoupling(`${id}_${i}`, itemAt(chain, i + 1, 'node'), itemAt(ends, i + 1, 'winding'), c, omega),
        ),
      ]
    }
  }
}

/**
 * z·Iother between two nodes: the real part is a controlled source, the imaginary one the drop over 1 Ω of reactance.
 */
function writeCoupling(
  id: string,
  from: string,
  to: string,
  { to: other, z }: Coupling,
  omega: number,
): string[] {
  const control = `V_${spiceName(other)}_s`
  return [
    `H_${id} ${from} j_${id} ${control} ${number(z.re)}`,
    `E_${id} j_${id} ${to} q_${id} 0 1`,
    `F_${id} 0 q_${id} ${control} ${number(z.im)}`,
    `L_${id}_q q_${id} 0 ${number(1 / omega)}`,
    `R_${id}_q q_${id} 0 1e12`,
  ]
}

function writeImpedance(id: string, a: string, b: string, z: Complex, omega: number): string[] {
  if (omega === 0 || z.im === 0) return [`R_${id} ${a} ${b} ${number(z.re || 1e-9)}`]
  const reactive = (from: string) =>
    z.im > 0
      ? `L_${id} ${from} ${b} ${number(z.im / omega)}`
      : `C_${id}_x ${from} ${b} ${number(-1 / (omega * z.im))}`
  return z.re === 0 ? [reactive(a)] : [`R_${id} ${a} m_${id} ${number(z.re)}`, reactive(`m_${id}`)]
}

const number = (x: number) => x.toExponential(12)
