/** What is asked of a site: each fact by its name, and how it is put. */
import type { FactId } from '#core/ledger'

export const FACT_WORDS: Readonly<Record<FactId, readonly [name: string, asks: string]>> = {
  hazard: ['Hazard', 'dog, bees, snakes, a low beam, a wet pit'],
  access: ['Way in', 'gate, road, where to leave the van'],
  key: ['Key', 'where it hangs, who has it'],
  panel: ['Panel', 'where it is'],
  breaker: ['Breaker', 'which one, and whether it was proven'],
  disconnect: ['Disconnect', 'where it is'],
  contact: ['Contact', 'who is there, and how to reach them'],
  pays: ['Pays', 'who is sent the bill'],
  tell: ['Tell first', 'who must know before water or air goes off'],
  well: ['Well', 'depth, casing, drilled when'],
  level: ['Levels', 'static, pumping, yield with its date'],
  pump: ['Pump', 'set at, pipe kind, last pulled'],
  tank: ['Tank', 'size, precharge, year'],
  switch: ['Switch', 'range, as left, year'],
  filter: ['Filter', 'where, and how often it is changed'],
  water: ['Water', 'sand, iron, hard'],
  note: ['Else', 'what the next one should know'],
}
