/** Turns of a nut, as they are said and turned: in quarters, clockwise counted up. */
const FRACTIONS: Readonly<Record<number, string>> = { 1: '¼', 2: '½', 3: '¾' }

/** `1½ turns clockwise`; quarters as they are turned by hand. */
export function formatTurns(turns: number): string {
  const quarters = Math.round(Math.abs(turns) * 4)
  const [whole, rest] = [Math.floor(quarters / 4), FRACTIONS[quarters % 4] ?? '']
  const count = quarters === 0 ? Math.abs(turns).toFixed(2) : `${whole > 0 ? whole : ''}${rest}`
  return `${count} ${quarters > 4 ? 'turns' : 'turn'} ${turns >= 0 ? 'clockwise' : 'anticlockwise'}`
}
