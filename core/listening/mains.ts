/** Bare figures that can only be volts of the mains. Common practice, no source. */

/** `238 running`: no motor here draws so much, and the mains have so many volts. */
const MAINS_RUNNING = /^\s*(1[0-3]\d|2[0-5]\d|4[4-9]\d) running\s*$/i

/** `121 at the outlet`: of the wall, where no pressure is named. */
const AT_OUTLET = /^\s*(?:at the (?:wall )?outlet,? (?=1[0-2]\d\s*$))?(1[0-2]\d)(?: at the (?:wall )?outlet)?\s*$/i
const SAYS_OUTLET = /\boutlet\b/i
export const withMains = (typed: string): string => {
  const running = typed.replace(MAINS_RUNNING, '$1 volts running')
  return SAYS_OUTLET.test(running) ? running.replace(AT_OUTLET, '$1 volts at the outlet') : running
}
