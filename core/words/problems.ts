/** Sentences for problems, in the user's words: what was wrong, with which input, and that nothing was lost. */
import type { Problem } from '#core/foundation'

export const NEED_WORDS: Record<string, string> = {
  'live': 'power on',
  'proven-dead': 'proven dead',
  'discharged': 'capacitors bled and measured',
  'zero-pressure': 'zero pressure',
}

const SENTENCES: Record<string, (f: Readonly<Record<string, string | number>>) => string> = {
  // lines
  'tab-settled': () =>
    'This tab is settled, so it takes no more readings. Open a new tab on the system, or add a note.',
  'unknown-test': f => `There is no test “${f.test}” on this system (${f.system}).`,
  'unknown-outcome': f => `“${f.outcome}” is not one of the answers to “${f.test}”.`,
  'unknown-fault': f => `This system (${f.system}) has no fault “${f.fault}”.`,
  'unknown-component': f => `This system (${f.system}) has no “${f.component}”.`,
  'impossible-value': f =>
    `${f.value} cannot be right for “${f.test}”: it lies outside ${f.low} to ${f.high}. Check the figure and the unit.`,
  'state-needed': f =>
    `“${f.test}” needs ${NEED_WORDS[f.need!] ?? f.need} first. Prove it, or say why you go on without.`,
  'proof-fails': f => `That does not prove ${NEED_WORDS[f.to!] ?? f.to}: ${f.why}.`,
  'no-such-line': () => 'The line to be struck is not on this tab.',
  'already-struck': () => 'That line is struck already.',
  'nothing-read': f => `“${f.test}” has no figure. Type a value, or OL if the meter shows it.`,
  // shorthand
  'empty': () => 'Type a reading, such as load 0v.',
  'unknown-word': f => `“${f.word}” is not a test point or a test on this system.`,
  'unknown-point': f => `“${f.typed}” does not name one place on this system. Say where, such as line or load.`,
  'no-value': f => `“${f.what}” needs a figure, OL, or what you saw.`,
  'two-values': () => 'That has two figures. Log one reading at a time.',
  'wrong-unit': f => `“${f.unit ?? f.written}” is not a unit that fits here${f.wanted ? ` (${f.wanted})` : ''}.`,
  'no-such-reading': f => `${f.point} is not measured in ${f.unit} here; it takes ${f.can}.`,
  'ambiguous': f => `“${f.typed}” could mean ${f.choices}.`,
  // systems and nameplates
  'unknown-kind': f =>
    `${f.place ? `${f.place}: ` : ''}“${f.kind}” is not a kind of system this version `
    + `knows${f.known ? ` (it knows ${f.known})` : ''}.`,
  'unknown-field': f => `A ${f.kind} has no nameplate figure “${f.field}”.`,
  'nameplate': f => `${f.field}: ${f.problem}.`,
  'not-a-choice': f => `${f.field}: “${f.written}” is not one of ${f.choices}.`,
  'not-a-figure': f =>
    `“${f.written}” is not a figure${f.field ? ` for ${f.field}` : ''}. Write it with its unit, such as 3/4 hp `
    + `or 180 ft.`,
  // books
  'not-json': f => `The file is not readable as JSON (${f.why}). Nothing was taken from it.`,
  'not-a-book': f => `This is not a Keep Tab file (${f.found}). Nothing was taken from it.`,
  'newer-version': f =>
    `The file was written by a newer Keep Tab (version ${f.version}; this one reads up to ${f.reads}). Update, `
    + `then try again. Nothing was taken from it.`,
  'torn-archive': f => `The archive is torn or is no zip (${f.why}). Nothing was taken from it.`,
  'no-book': f => `The archive holds no book.json (it holds ${f.holds}). Nothing was taken from it.`,
  'hash-differs': f =>
    `In the archive ${f.name} is not what its name says: its bytes have changed. Nothing was taken from it.`,
  'bad-place': f => `The file is wrong at ${f.place}: ${f.why}. Nothing was taken from it.`,
  'bad-line': f =>
    `${f.place}: the line “${f.line}” cannot be read (${String(f.why).replaceAll('-', ' ')}`
    + `${f.word ? `: ${f.word}` : ''}${f.choices ? `: ${f.choices}` : ''}). Nothing was taken from the file.`,
  'bad-nameplate': f =>
    `${f.place}: ${f.field} “${f.written ?? ''}” cannot be read (${String(f.why).replaceAll('-', ' ')}). Nothing `
    + `was taken from the file.`,
  // keeping
  'bad-form': f => `A line could not be read at ${f.place}: ${f.why}. It stays on this device.`,
  'busy': () =>
    'The server’s book is in use by someone else just now. Your lines stay on this device and will be sent again.',
  'bad-attachment': f => `That picture cannot be kept: ${f.why}.`,
  'not-here': () => 'The request did not come from this application’s own pages, so the server did not take it.',
  'torn-reply': () =>
    'What answered was not the Keep Tab server, or its answer was cut off. Your lines stay on this device and '
    + 'will be sent again.',
  'not-found': f => `There is no ${f.what} here with that address.`,
  'bad-request': f => `The server could not read ${f.place}: ${f.why}.`,
  'disk-full': () =>
    'The server’s disk is full, so nothing new was kept there. Your lines stay on this device and will be sent '
    + 'when there is room.',
  'id-taken': f => `A different ${f.what} already has that number. Nothing was changed.`,
  'unreachable': () =>
    'The server cannot be reached. Your lines stay on this device and will be sent when it is back.',
  // circuits
  'floating-node': f => `The circuit has a part that is tied to nothing: ${f.node}.`,
  'singular': f => `The circuit does not fix ${f.unknown}.`,
}

/** A sentence for any problem; a code without one is shown as it is rather than hidden. */
export function sayProblem({ code, facts }: Problem): string {
  return (
    SENTENCES[code]?.(facts)
    ?? `${code.replaceAll('-', ' ')} ${Object.entries(facts)
      .map(([k, v]) => `${k} ${v}`)
      .join(', ')}`.trim()
  )
}

export const SAID_CODES = Object.keys(SENTENCES)
