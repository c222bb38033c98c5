/**
 * What is said, and what it becomes: `$1` is what stood in its first bracket. What becomes nothing is passed over. Of
 * whole words: a way begins with no space, and what it only looks ahead at is a mark or a space, never the letter or
 * the figure that comes next; turned into, it may leave a space ahead of a comma.
 */
export type Joined = readonly [to: string, ...said: string[]]
