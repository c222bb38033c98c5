/** How charts look in this house: ink, rules and strokes by day and by night, nothing that moves. */
import { useTheme } from '~/composables/useTheme'

const COLOURS = {
  ink: { day: '#1b2328', night: '#efe8d8' },
  rule: { day: '#cdc3ae', night: '#36434a' },
  water: { day: '#1f6486', night: '#7cc0de' },
  copper: { day: '#9a4a1f', night: '#e08f5e' },
  brass: { day: '#80560a', night: '#e2ae4a' },
} as const

export function useChartLook() {
  const { night } = useTheme()
  const by = computed(() => (night.value ? 'night' : 'day'))
  const colour = (of: keyof typeof COLOURS) => COLOURS[of][by.value]
  /** What every chart begins with. */
  const look = computed(() => ({
    chart: {
      type: 'line',
      toolbar: { show: false },
      zoom: { enabled: false },
      animations: { enabled: false },
      fontFamily: 'inherit',
      foreColor: colour('ink'),
      background: 'transparent',
    },
    grid: { borderColor: colour('rule'), strokeDashArray: 3 },
    theme: { mode: by.value === 'night' ? 'dark' : 'light' },
  }))
  return { night, colour, look }
}
