/** What the system will do now, in one sentence, and what another tank or setting would make of it. */
import type { Cycling, Foreseen, Profile } from '#core/setup'
import { formatValue, formatVolume, US, type Units } from '#core/units'

const PROFILE_WORDS: Readonly<Record<Profile, string>> = {
  household: 'in a household',
  farm: 'on a small farm',
  shop: 'in a shop',
}

const time = (seconds: number): string => {
  const s = Math.round(seconds)
  return s < 60 ? `${s} s` : `${Math.floor(s / 60)} min ${s % 60} s`
}
const starts = (n: number): string => (n < 10 ? n.toFixed(1).replace(/\.0$/, '') : String(Math.round(n)))

/** Run and rest, half drawn. */
export const sayCycling = ({ run, rest }: Cycling): string => `${time(run)} run, ${time(rest)} rest`

/** Starts by how it is used, beside what the motor bears; then what would be gained. */
export function sayForeseen({ half, profiles, bears, leastRun, larger, wider }: Foreseen, units: Units = US): string {
  const used = profiles.map(p => `some ${starts(p.startsADay)} a day ${PROFILE_WORDS[p.profile]}`).join(', ')
  const own = `${starts(half.startsAnHour)} starts an hour at worst, ${used}; the motor bears ${bears}.`
  const short = half.run < leastRun ? ` It runs shorter than the ${time(leastRun)} it should.` : ''
  const bigger = larger
    ? ` A tank of ${formatVolume(larger.volume, units)}: ${time(larger.half.run)} a run, `
    + `${starts(larger.startsADay)} starts a day.`
    : ''
  const further = wider
    ? ` Cut-out at ${formatValue('pressure', wider.cutOut, units)}: ${time(wider.half.run)} a run.`
    : ''
  return `${own}${short}${bigger}${further}`
}
