/**
 * What can be done about a fault besides renewing the whole part: cleaning it, a kit or a piece of it, setting it
 * right. Minutes and years are judgement (common practice, no source); where the catalogue's own repair renews the
 * part, its minutes are the catalogue's, and its years the shop's own.
 */
import type { Way, WayOut } from './choose'
import type { PartTypeId } from './types'

interface Lesser {
  readonly faults: RegExp
  readonly way: Exclude<Way, 'replace'>
  readonly minutes: number
  /** years that it holds */
  readonly life: number
  /** it tides over until the part is there */
  readonly temporary?: true
  /** of which kind the piece is, where one is bought */
  readonly piece?: readonly PartTypeId[]
}

const LESSER: readonly Lesser[] = [
  { faults: /^switch\.(?:pole\d|contact)/, way: 'clean', minutes: 15, life: 0.7 },
  { faults: /^switch\.port/, way: 'clean', minutes: 25, life: 2 },
  { faults: /^starter\.(?:contact|welded)/, way: 'kit', minutes: 35, life: 6, piece: ['kit'] },
  { faults: /^box\.(?:relay|cap|runcap|overload)/, way: 'kit', minutes: 20, life: 8, piece: [
    'start-relay', 'start-capacitor', 'run-capacitor', 'overload',
  ] },
  { faults: /^motor\.centrifugal/, way: 'clean', minutes: 35, life: 3 },
  { faults: /^(?:pump\.(?:valves|diaphragm)|head\.(?:reed|gasket))/, way: 'kit', minutes: 45, life: 5, piece: ['kit'] },
  { faults: /^unloader\./, way: 'clean', minutes: 25, life: 2 },
  { faults: /^check\./, way: 'clean', minutes: 60, life: 2 },
  { faults: /^tank\.waterlogged/, way: 'repair', minutes: 20, life: 0.1, temporary: true },
  { faults: /^(?:cable|feed|run|joint)/, way: 'repair', minutes: 40, life: 8 },
]
/** What a whole part is, where a piece of it goes by another kind. */
const WHOLE: Readonly<Record<string, readonly PartTypeId[]>> = { box: ['control-box'], starter: ['contactor'] }
/** Minutes to the shop and back, where the part is not on the van; judgement. */
export const TRIP = 60

/** A part of the shelf that fits, or may. */
export interface Offer {
  readonly type: PartTypeId
  readonly price?: number
  readonly minutes?: number
  /** years, as the shop lists it */
  readonly life?: number
  readonly onVan: boolean
}
export interface Asking {
  readonly component: string
  readonly fault: string
  readonly offers: readonly Offer[]
  /** of the catalogue's repair */
  readonly minutes: number
  /** years that half of such parts lasted here */
  readonly booked?: number
}

/** The ways there are, each once: the cheapest part of each. */
export function waysFor({ component, fault, offers, minutes, booked }: Asking): readonly WayOut[] {
  const own = component.replace(/^.*-/, '')
  const lesser = LESSER.filter(l => l.faults.test(fault.replace(/^[\w]+-(?=\w+\.)/, '')))
  const pieces = lesser.flatMap(l => l.piece ?? [])
  const whole = WHOLE[own]
  const isWhole = (o: Offer) => (whole ? whole.includes(o.type) : !pieces.includes(o.type))
  const cheapest = (of: readonly Offer[]) => of.toSorted((a, b) =>
    (a.price ?? Infinity) - (b.price ?? Infinity) || Number(b.onVan) - Number(a.onVan))[0]
  const replace = cheapest(offers.filter(isWhole))
  return [
    ...(replace ? [wayOf('replace', replace, minutes, replace.life ?? booked)] : []),
    ...lesser.flatMap((l): WayOut[] => {
      const piece = l.piece && cheapest(offers.filter(o => l.piece?.includes(o.type)))
      if (l.piece && !piece) return []
      const way = piece
        ? wayOf(l.way, piece, l.minutes, piece.life ?? l.life)
        : { way: l.way, price: 0, minutes: l.minutes, trip: 0, life: l.life }
      return [{ ...way, ...(l.temporary ? { temporary: true } : {}) }]
    }),
  ]
}

const wayOf = (way: Way, offer: Offer, minutes: number, life: number | undefined): WayOut => ({
  way, price: offer.price ?? 0, minutes: offer.minutes ?? minutes, trip: offer.onVan ? 0 : TRIP,
  ...(life === undefined ? {} : { life }),
})
