/** Roles and acts on record, as they are said. */
import type { Facts } from '#core/foundation'

export const ROLE_WORDS = {
  owner: { title: 'Owner', may: 'everything, and people, practice and backup besides' },
  technician: { title: 'Technician', may: 'calls: opening tabs, writing on them, changing nameplates' },
  office: { title: 'Office', may: 'reads all, writes notes and follow-ups, takes files in and out' },
} as const

const ACTS: Readonly<Record<string, (f: Facts) => string>> = {
  'signed-in': f => `signed in (${f.how})`,
  'sign-in-failed': () => 'a sign-in failed',
  'signed-out': () => 'signed out',
  'session-ended': f => `ended a session of ${f.of}`,
  'owner-link-made': () => 'made the link for the first owner',
  'invited': f => `invited ${f.name} as ${f.role}`,
  'joined': f => `joined as ${f.role}`,
  'role-changed': f => `made ${f.of} ${f.role}`,
  'left': f => `let ${f.name} go`,
  'recovery-link-made': f => `made a link for ${f.for}`,
  'passkey-added': () => 'made a passkey',
  'site-added': f => `added the site ${f.name}`,
  'system-added': f => `added the system ${f.name}`,
  'nameplate-changed': () => 'changed a nameplate',
  'practice-changed': () => 'changed the shop’s practice',
  'imported': f => `took in a file: ${f.tabs} tabs, ${f.lines} lines`,
  'exported': f => (f.site ? 'took out a site’s book' : 'took out the book'),
  'forgot-learned': () => 'let what was learned be counted anew',
  'sheet-link-made': () => 'made a link to a customer’s sheet',
  'sheet-sent': () => 'sent a customer’s sheet',
  'calendar-link-made': () => 'made a link to the calendar',
  'part-ordered': f => `ordered ${f.count} of ${f.number}`,
  'backed-up': f => `made a backup of ${f.lines} lines`,
  'restored': f => `restored a backup of ${f.from}`,
}

/** An act that this version does not know is shown by its name. */
export const sayAct = (act: string, facts: Facts): string => ACTS[act]?.(facts) ?? act.replaceAll('-', ' ')
