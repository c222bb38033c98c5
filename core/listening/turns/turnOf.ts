/** What is said, and what it becomes: `$1` is what stood in its first bracket. What becomes nothing is passed over. */
export type Joined = readonly [to: string, ...said: string[]]
