/** What the path shows: last reading at each point, nameplate notes, and the present position of each working part. */
import { formatFigureOf } from '#core/formats'
import { isWorkedOn } from '#core/systems'
import { formatFigure, PSI } from '#core/units'
import type { FlagReading } from '~/components/path/PathDrawing.vue'
import { useTab } from '~/stores/tab'

export function usePathState() {
  const tab = useTab()
  const latest = (test: string) => tab.state.evidence.findLast(e => e.line.test === test)?.line

  const readings = computed(() => {
    const out = new Map<string, FlagReading>()
    for (const { line } of tab.state.evidence) {
      const test = tab.kind?.tests.find(t => t.id === line.test)
      if (test?.kind !== 'numeric' || line.kind !== 'reading') continue
      const verdict = tab.isolation?.verdicts.find(v => v.line === line.id)?.word
      const figure
        = line.value === null ? { digits: 'OL', unit: '' } : formatFigure(test.quantity, line.value, tab.units)
      out.set(test.point, { ...figure, off: verdict !== undefined && ['low', 'high', 'open'].includes(verdict) })
    }
    return out
  })

  const notes = computed(() => {
    const plate = tab.reply?.system.nameplate ?? {}
    const out: Record<string, string> = {}
    const say = (component: string, fields: readonly string[], join: string) => {
      const parts = fields.flatMap((f) => {
        const field = tab.kind?.components.find(c => c.id === component)?.fields?.find(x => x.id === f)
        const value = plate[`${component}.${f}`]
        return field && value !== undefined ? [formatFigureOf(field.quantity, value, tab.units)] : []
      })
      if (parts.length > 0) out[component] = parts.join(join)
    }
    say('breaker', ['amps'], '')
    say('cable', ['length', 'gauge'], ' · ')
    say('motor', ['power', 'volts'], ' · ')
    say('tank', ['volume'], '')
    say('pump', ['flow'], '')
    const [cutIn, cutOut] = [plate['switch.cutIn'], plate['switch.cutOut']]
    out.switch = [
      cutIn !== undefined ? `${Math.round(cutIn / PSI)}/${Math.round((cutOut ?? cutIn + 20 * PSI) / PSI)}` : '',
      positions.value.open.has('switch') ? 'open' : 'closed',
    ]
      .filter(Boolean)
      .join(' · ')
    return out
  })

  const positions = computed(() => {
    const seen = (test: string) => {
      const line = latest(test)
      return line?.kind === 'observation' ? line.outcome : undefined
    }
    const read = (test: string) => {
      const line = latest(test)
      return line?.kind === 'reading' ? line.value : undefined
    }
    const weight = (fault: string) => tab.isolation?.suspects.find(s => s.fault === fault)?.chance ?? 0
    const relay = read('relay.ohms')
    const psi = read('gauge')
    const open = new Set<string>()
    if (['tripped', 'off'].includes(seen('breaker-seen') ?? '') || tab.state.work['proven-dead'])
      open.add('breaker').add('fuse')
    if (
      seen('switch-seen') === 'open'
      || weight('switch.stuck-open') + weight('switch.cut-off-tripped') + weight('switch.lever-off') > 0.6
    )
      open.add('switch')
    if (tab.state.work['proven-dead'] || seen('coil-heard') === 'nothing') open.add('starter')
    if (weight('well-switch.stuck-up') > 0.6) open.add('well-switch')
    return {
      open,
      startOpen: (relay === null || weight('box.relay-open') > 0.6) && !isWorkedOn('box', tab.state.repaired),
      tripped: seen('overload-seen') === 'lets-go' && !isWorkedOn('box', tab.state.repaired),
      fill: seen('knock') === 'dull' ? 0.95 : 0.5,
      needle:
        typeof psi === 'number'
          ? Math.max(-0.6, Math.min(3.7, (psi / PSI / (tab.kind?.medium === 'air' ? 200 : 100)) * 4.3 - 0.6))
          : 0.6,
    }
  })
  return { readings, notes, positions }
}
