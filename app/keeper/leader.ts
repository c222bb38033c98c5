/**
 * One window of a browser keeps for all: the one that holds the lock. Closing it hands the lock on. A window that a
 * person looks at takes it from one that does not answer, as when the browser has frozen it.
 */
const LOCK = 'keep-tab-keeper'
/** How long the keeper may take to answer, ms. */
export const ANSWER_WITHIN = 2500

export interface Lead {
  /** this window leads from now on */
  begin(): void
  /** another has taken over */
  end(): void
}

export function seekLead(lead: Lead): { takeOver(): void } {
  if (!('locks' in navigator)) {
    lead.begin()
    return { takeOver: () => undefined }
  }
  /** of this window's place in line: it has one at most */
  let place = new AbortController()
  const hold = (steal: boolean) => {
    // who takes it stands in line no longer; what is held already is not let go by this
    place.abort()
    const mine = place = new AbortController()
    navigator.locks
      .request(LOCK, steal ? { steal } : { signal: mine.signal }, () => new Promise<never>(() => lead.begin()))
      .catch((reason: unknown) => {
        if (mine.signal.aborted) return
        lead.end()
        // taken by another window: this one stands in line again; a browser that gives no lock leaves each window to
        // itself
        if (reason instanceof DOMException && reason.name === 'AbortError') hold(false)
        else lead.begin()
      })
  }
  hold(false)
  return { takeOver: () => hold(true) }
}
