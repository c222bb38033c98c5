/**
 * The version of what judges a tab: it changes when the same lines may be judged otherwise. A signed sheet names it.
 */
export const ENGINE = '2026-11'
