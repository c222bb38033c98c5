/**
 * Passkeys (W3C Web Authentication, level 2): a key that the browser or its device holds, made here and shown here.
 * What is asked is kept in memory for five minutes and counts once.
 */
import type {
  AuthenticationResponseJSON, PublicKeyCredentialCreationOptionsJSON, PublicKeyCredentialRequestOptionsJSON,
  RegistrationResponseJSON,
} from '@simplewebauthn/server'
import { eq } from 'drizzle-orm'
import { passkeys, people } from '../database/schema'
import type { Database } from '../database/types'
import { write } from '../database/write'
import { auditWork } from './audit'
import { Refusal } from './problems'
import { beginSession, type Begun, type Who } from './sessions'

/** The page that asks: its host without a port, and its whole origin. */
export interface Place {
  readonly host: string
  readonly origin: string
}

const FOR = 300e3
/** Asked for and not yet answered: by challenge, until when. */
const asked = new Map<string, number>()
const MOST_ASKED = 1000

function ask(challenge: string) {
  asked.set(challenge, Date.now() + FOR)
  if (asked.size > MOST_ASKED) asked.delete(asked.keys().next().value!)
}
/** Takes a challenge back, once. */
function isAsked(challenge: string): boolean {
  const until = asked.get(challenge)
  asked.delete(challenge)
  return until !== undefined && until > Date.now()
}

const failed = (cause?: unknown) => new Refusal(401, { code: 'passkey-failed', facts: {} }, { cause })

export async function askForNew(
  db: Database, who: Who, { host }: Place,
): Promise<PublicKeyCredentialCreationOptionsJSON> {
  const { generateRegistrationOptions } = await import('@simplewebauthn/server')
  const own = await db.select({ id: passkeys.id }).from(passkeys).where(eq(passkeys.person, who.person))
  const options = await generateRegistrationOptions({
    rpName: 'Keep Tab',
    rpID: host,
    userName: who.name,
    userID: new TextEncoder().encode(who.person),
    excludeCredentials: own,
    authenticatorSelection: { residentKey: 'required', userVerification: 'preferred' },
  })
  ask(options.challenge)
  return options
}

export async function addPasskey(db: Database, who: Who, { host, origin }: Place, response: unknown): Promise<void> {
  const { verifyRegistrationResponse } = await import('@simplewebauthn/server')
  const { verified, registrationInfo } = await verifyRegistrationResponse({
    response: response as RegistrationResponseJSON,
    expectedChallenge: isAsked,
    expectedOrigin: origin,
    expectedRPID: host,
    requireUserVerification: false,
  }).catch((error: unknown) => {
    throw failed(error)
  })
  if (!verified) throw failed()
  const { id, publicKey, counter } = registrationInfo.credential
  await write(db, [
    db.insert(passkeys).values({
      id, person: who.person, publicKey: Buffer.from(publicKey).toString('base64url'), counter,
      made: new Date().toISOString(),
    }),
    auditWork(db, who.name, 'passkey-added'),
  ])
}

export async function askToSignIn({ host }: Place): Promise<PublicKeyCredentialRequestOptionsJSON> {
  const { generateAuthenticationOptions } = await import('@simplewebauthn/server')
  const options = await generateAuthenticationOptions({ rpID: host, userVerification: 'preferred' })
  ask(options.challenge)
  return options
}

export async function signInByPasskey(
  db: Database,
  { host, origin }: Place,
  response: unknown,
  device: { readonly trusted: boolean, readonly device: string },
): Promise<Begun> {
  const { verifyAuthenticationResponse } = await import('@simplewebauthn/server')
  const given = response as AuthenticationResponseJSON
  const [row] = await db.select().from(passkeys).innerJoin(people, eq(people.id, passkeys.person))
    .where(eq(passkeys.id, String(given.id)))
  if (!row || row.people.left) throw failed()
  const { id, publicKey, counter } = row.passkeys
  const { verified, authenticationInfo } = await verifyAuthenticationResponse({
    response: given,
    expectedChallenge: isAsked,
    expectedOrigin: origin,
    expectedRPID: host,
    requireUserVerification: false,
    credential: { id, publicKey: new Uint8Array(Buffer.from(publicKey, 'base64url')), counter },
  }).catch((error: unknown) => {
    throw failed(error)
  })
  if (!verified) throw failed()
  await write(db, [
    db.update(passkeys).set({ counter: authenticationInfo.newCounter }).where(eq(passkeys.id, id)),
  ])
  return beginSession(db, row.people, { ...device, how: 'passkey' })
}
