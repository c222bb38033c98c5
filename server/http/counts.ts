/** What the server has done since it began, for whoever watches it: numbers only, of nobody. */
const BOUNDS = [5, 10, 25, 50, 100, 250, 500, 1000, 2500]

const byStatus = new Map<string, number>()
const buckets = new Array<number>(BOUNDS.length + 1).fill(0)
let total = 0
let milliseconds = 0

export function countRequest(method: string, status: number, ms: number) {
  const key = `method="${method}",status="${Math.floor(status / 100)}xx"`
  byStatus.set(key, (byStatus.get(key) ?? 0) + 1)
  const at = BOUNDS.findIndex(b => ms <= b)
  buckets[at < 0 ? BOUNDS.length : at]!++
  total++
  milliseconds += ms
}

/** The usual text format of metrics (exposition format 0.0.4). */
export function writeCounts(memory = process.memoryUsage()): string {
  let below = 0
  const rows = BOUNDS.map((bound, i) => {
    below += buckets[i]!
    return `keep_tab_request_ms_bucket{le="${bound}"} ${below}`
  })
  return [
    '# TYPE keep_tab_requests_total counter',
    ...[...byStatus].map(([key, n]) => `keep_tab_requests_total{${key}} ${n}`),
    '# TYPE keep_tab_request_ms histogram',
    ...rows,
    `keep_tab_request_ms_bucket{le="+Inf"} ${total}`,
    `keep_tab_request_ms_sum ${milliseconds.toFixed(1)}`,
    `keep_tab_request_ms_count ${total}`,
    '# TYPE keep_tab_memory_bytes gauge',
    `keep_tab_memory_bytes ${memory.rss}`,
    '',
  ].join('\n')
}
