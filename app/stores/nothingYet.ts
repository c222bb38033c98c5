import type { TabView } from '~/workers/openTabs'

/** Before a tab is open there are no lines. */
export const NOTHING_YET: TabView = {
  status: 'open',
  lines: [],
  heads: [],
  struck: new Map(),
  marks: new Map(),
  work: {},
  ended: {},
  evidence: [],
  repaired: [],
  parts: [],
  repairs: [],
  findings: { failed: [], cause: [], also: [] },
  skipped: new Map(),
  waiting: new Map(),
  asLeft: [],
  worked: [],
  followUps: [],
  advice: [],
  afterSettling: [],
}
