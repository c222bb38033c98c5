/** What the path shows: last reading at each point, nameplate notes, and the present position of each working part. */
import { unread } from '#core/tab'
import { computed } from 'vue'
import { formatFigureOf } from '#core/formats'
import type { Positions } from '#core/isolation'
import { formatFigure, PSI } from '#core/units'
import type { FlagReading } from '~/components/path/flags'
import { useTab } from '~/stores/tab'

/** how parts are drawn before anything is worked out */
const AT_REST: Positions = { open: new Set(), startOpen: false, overloadTripped: false, tankDull: false }

export function usePathState() {
  const tab = useTab()

  const readings = computed(() => {
    const out = new Map<string, FlagReading>()
    for (const { line } of tab.state.evidence) {
      const test = tab.kind?.tests.find(t => t.id === line.test)
      if (test?.kind !== 'numeric' || line.kind !== 'reading') continue
      const verdict = tab.isolation?.verdicts.find(v => v.line === line.id)?.word
      const figure
        = line.value === null ? { digits: unread(line), unit: '' } : formatFigure(test.quantity, line.value, tab.units)
      out.set(test.point, { ...figure, off: verdict !== undefined && ['low', 'high', 'open'].includes(verdict) })
    }
    return out
  })

  const standing = computed(() => tab.isolation?.positions ?? AT_REST)
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
      standing.value.open.has('switch') ? 'open' : 'closed',
    ]
      .filter(Boolean)
      .join(' · ')
    return out
  })

  const positions = computed(() => {
    const { open, startOpen, overloadTripped, tankDull, gauge } = standing.value
    const most = tab.kind?.medium === 'air' ? 200 : 100
    const needle = gauge === undefined ? 0.6 : Math.max(-0.6, Math.min(3.7, (gauge / PSI / most) * 4.3 - 0.6))
    return { open, startOpen, tripped: overloadTripped, fill: tankDull ? 0.95 : 0.5, needle }
  })
  return { readings, notes, positions }
}
