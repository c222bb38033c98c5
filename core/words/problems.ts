/** Sentences for problems, in the user's words: what was wrong, with which input, and that nothing was lost. */
import type { Facts, Problem, ProblemCode } from '#core/foundation'
import { formatValue, US, type Quantity, type Units } from '#core/units'
import { sayProofFacts } from './proofs'

export const NEED_WORDS: Record<string, string> = {
  'live': 'power on',
  'proven-dead': 'proven dead',
  'discharged': 'capacitors bled and measured',
  'zero-pressure': 'zero pressure',
}

const SENTENCES: Readonly<Record<ProblemCode, (f: Facts, units: Units) => string>> = {
  // lines
  'tab-settled': () =>
    'This tab is settled, so it takes no more readings. Open a new tab on the system, or add a note.',
  'unknown-test': f => `There is no test “${f.test}” on this system (${f.system}).`,
  'unknown-outcome': f => `“${f.outcome}” is not one of the answers to “${f.test}”.`,
  'unknown-fault': f => `This system (${f.system}) has no fault “${f.fault}”.`,
  'unknown-component': f => `This system (${f.system}) has no “${f.component}”.`,
  'impossible-value': (f, units) => {
    const say = (si: Facts[string] | undefined) => formatValue(f.quantity as Quantity, Number(si), units)
    return `${say(f.value)} cannot be right for “${f.test}”: it lies outside ${say(f.low)} to ${say(f.high)}. `
      + 'Check the figure and the unit.'
  },
  'state-needed': f =>
    `“${f.test}” needs ${NEED_WORDS[f.need!] ?? f.need} first. Prove it, or say why you go on without.`,
  'proof-fails': (f, units) => `That does not prove ${NEED_WORDS[f.to!] ?? f.to}: ${sayProofFacts(f, units)}.`,
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
  // said at the stations
  'no-direction': f => `“${f.typed}” has no direction. Say cw or ccw, as seen from above the nut.`,
  'no-turns': f => `“${f.typed}” has no number of turns. Say how many, such as 1 1/2.`,
  // three leads told apart
  'leads-all-open': () =>
    'All three pairs are open: two or three leads are broken, or the meter is not making contact.',
  'lead-open': f => `Lead ${f.lead} is open: both pairs with it read OL. The other two read ${f.ohms} Ω.`,
  'leads-cannot-be': f => `OL between ${f.pair} cannot be when both of them read to the third lead: read it again.`,
  'leads-shorted': f => `Leads ${f.pair} read ${f.ohms} Ω: shorted together, or the same lead twice.`,
  'leads-sum': f =>
    `${f.middle} and ${f.smallest} Ω should add up to the largest, ${f.largest} Ω, and miss it by ${f.off} Ω: one `
    + 'reading is wrong, or a winding is damaged.',
  'leads-alike': f =>
    `The two smaller pairs read alike (${f.middle} and ${f.smallest} Ω): this may be a three-phase motor, whose `
    + 'three pairs are equal, or the start winding is damaged.',
  // systems and nameplates
  'pump-curve-rises': () => 'A pump gives less head the more it delivers: these points do not.',
  'post-down': () => 'The mail server does not take it. Nothing was sent; save the sheet as PDF, or try again later.',
  'desk-down': () =>
    'The supplier’s desk does not answer. Nothing was ordered; the shelf goes on as it is. Try again later, or call.',
  'table-none': f => `This is no table that can be read: ${f.why}.`,
  'column-missing': f => `No column tells the ${String(f.column).toLowerCase()}: choose one.`,
  'row-ragged': () =>
    'It has more or fewer cells than there are heads: a separator within a cell wants quotes round it.',
  'row-doubled': f => `It says the same as row ${f.first}.`,
  'cell-empty': () => 'This is empty, and is needed.',
  'not-a-date': f => `“${f.written}” is no day.`,
  'desk-none': () => 'No supplier’s desk is named: whoever runs this server names one with KEEP_TAB_DESK.',
  'desk-odd': f => `The supplier’s desk gave an answer that makes no sense (${f.why}). Nothing was ordered.`,
  'no-tag': f =>
    `“${f.said}” is no tag of Keep Tab: its code has eight letters and figures, such as 4KX7-2M9Q.`,
  'unknown-kind': f =>
    `${f.place ? `${f.place}: ` : ''}“${f.kind}” is not a kind of system this version `
    + `knows${f.known ? ` (it knows ${f.known})` : ''}.`,
  'unknown-field': f => `A ${f.kind} has no nameplate figure “${f.field}”.`,
  'figure-out-of-range': f => `${f.label} is outside what makes sense (${f.field}).`,
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
  'attachment-empty': () => 'That picture cannot be kept: it is empty.',
  'attachment-too-large': f =>
    `That picture cannot be kept: it has ${f.megabytes} MB, and ${f.most} MB is the most${f.where ?? ''}.`,
  'attachment-differs': f =>
    'That picture cannot be kept: what came is not what was sent: its bytes do not have the hash they are named '
    + `by${f.where ?? ''}.`,
  'attachment-unreadable': f =>
    `That picture cannot be kept: it is not a JPEG, PNG or WebP picture that can be read, nor a table${f.where ?? ''}.`,
  'attachment-no-room': () =>
    'That picture cannot be kept: this device’s storage is full or switched off, so take it with the camera and add '
    + 'it later.',
  'attachment-unnamed': () => 'That picture cannot be kept: its name is no SHA-256.',
  'trace-empty': () => 'That trace has no rows that could be read: time and pressure, a row each.',
  'trace-no-pressure': f =>
    `That trace has no column of time and one of pressure by their heads${f.heads ? ` (${f.heads})` : ''}.`,
  'trace-units-mixed': f =>
    `That trace mixes its units: row ${f.row} is in ${f.unit}. Nothing was read from it.`,
  'not-here': () => 'The request did not come from this application’s own pages, so the server did not take it.',
  'engine-missing': () =>
    'This device could not load the part that works things out. What is typed stays here: reload the page once there '
    + 'is a signal.',
  'torn-reply': () =>
    'What answered was not the Keep Tab server, or its answer was cut off. Your lines stay on this device and '
    + 'will be sent again.',
  'not-found': f => `There is no ${f.what} here with that address.`,
  'bad-request': f => `The server could not read ${f.place}: ${f.why}.`,
  'disk-full': () =>
    'The server’s disk is full, so nothing new was kept there. Your lines stay on this device and will be sent '
    + 'when there is room.',
  'id-taken': f => `A different ${f.what} already has that number. Nothing was changed.`,
  'device-full': () =>
    'This device cannot store lines (its storage is full or switched off): keep this page open until the server '
    + 'has them.',
  'no-copy': () => 'This device cannot store a copy of the tab.',
  'cancelled': () => 'That was given up before it was answered.',
  'unknown-code': f => `The server refused that for a reason that this version does not know (${f.code}).`,
  'unreachable': () =>
    'The server cannot be reached. Your lines stay on this device and will be sent when it is back.',
  // who may
  'sign-in-first': () =>
    'Nobody is signed in here. What you write stays on this device and is sent once you have signed in.',
  'wrong-sign-in': () => 'That name and passphrase do not belong together.',
  'needs-tls': () =>
    'Signing in over this connection would show your passphrase to anyone between: it needs https, or a browser on '
    + 'the server’s own machine.',
  'no-right': f =>
    f.what === 'line'
      ? 'Your role does not write such lines: ask a technician to.'
      : `That is for ${f.roles}, and you are signed in as ${f.role}.`,
  'link-spent': () => 'This link has been used or has run out. Ask for another.',
  'name-taken': f => `Somebody is called “${f.name}” already: add something that tells them apart.`,
  'weak-passphrase': f => `A passphrase has at least ${f.least} characters and is not your name: four words do.`,
  'last-owner': () => 'Somebody has to be the owner: make another one first.',
  'passkey-failed': () => 'The passkey was not taken: the browser or the server did not know it.',
  'too-many': f => `That was tried too often: again in ${f.seconds} s.`,
  'too-large': f => `That is too large: at most ${f.most} is taken.`,
  'read-only': () =>
    'The server’s book can only be read just now, so nothing new was kept there. Your lines stay on this device and '
    + 'will be sent again.',
  'book-gone': () =>
    'The server’s book is not where it was, so nothing new was kept there. Your lines stay on this device and will '
    + 'be sent once it is back.',
  // circuits
  'floating-node': f => `The circuit has a part that is tied to nothing: ${f.node}.`,
  'singular': f => `The circuit does not fix ${f.unknown}.`,
  'bad-element': f => `The circuit has a part with a figure that cannot be: ${f.element ?? f.id}.`,
  'repeated-element': f => `The circuit has two parts of one name: ${f.element ?? f.id}.`,
  'unknown-coupling': f => `A winding of the circuit couples with one that is not there: ${f.to ?? f.id}.`,
  'no-bracket': () => 'There is no answer between the two bounds.',
  // motors made from a nameplate
  'full-load-amps-too-low': () => 'The full-load amps on the plate cannot make its power: no motor is that good.',
  'locked-amps-too-low': () => 'The locked amps on the plate are hardly above the full-load ones.',
  'main-ohms-too-high': () => 'The main winding on the plate cannot let the locked amps through.',
  'nameplate-contradicts-itself': () => 'The figures on the motor’s plate contradict each other.',
}

/** A sentence for any problem. */
export const sayProblem = ({ code, facts }: Problem, units: Units = US): string => SENTENCES[code](facts, units)
