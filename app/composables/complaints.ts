/** What the customer says: how each complaint is put on a tab, and how else it is said when one is opened. */
import type { Complaint } from '#core/systems'

export const COMPLAINT_WORDS: Record<Complaint, string> = {
  'no-water': 'No water',
  'no-air': 'No air',
  'groans': 'Groans, does not start',
  'overload-trips': 'Overload lets go',
  'breaker-trips': 'Breaker or fuse goes',
  'chatters': 'Contactor chatters',
  'low-pressure': 'Low pressure',
  'slow-air': 'Slow to make air',
  'rapid-cycles': 'Starts every few seconds',
  'starts-alone': 'Starts by itself',
  'stops-under-draw': 'Stops while water is drawn',
  'runs-on': 'Runs on',
  'surges': 'Taps pulse and surge',
  'check-up': 'Check-up',
}
const ALSO: Record<Complaint, readonly string[]> = {
  'no-water': ['no water', 'dry', 'dead', 'out of water', 'nothing at the tap'],
  'no-air': ['no air', 'compressor dead', 'will not build'],
  'groans': ['groans', 'hums', 'buzzes'],
  'overload-trips': ['overload', 'kicks out'],
  'breaker-trips': ['breaker', 'fuse', 'trips'],
  'chatters': ['chatters', 'chatter'],
  'low-pressure': ['low pressure', 'weak', 'no pressure'],
  'slow-air': ['slow air', 'slow to fill'],
  'rapid-cycles': ['short cycles', 'rapid', 'clicks', 'cycling'],
  'starts-alone': ['by itself', 'at night'],
  'stops-under-draw': ['stops', 'cuts out'],
  'runs-on': ['runs on', 'will not stop', 'runs all the time', 'never stops'],
  'surges': ['surges', 'pulses'],
  'check-up': ['check', 'check up', 'service'],
}
export const SAID_AS = (Object.keys(ALSO) as Complaint[]).flatMap(id => ALSO[id].map(words => ({ id, words })))
export const isComplaint = (id: string): id is Complaint => id in COMPLAINT_WORDS
