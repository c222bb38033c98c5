import { desc, eq } from 'drizzle-orm'
import { describe, expect, it } from 'vitest'
import { isUnowned } from '../database/owned'
import { audit, people, sessions } from '../database/schema'
import { changeRole, firstLink, invite, join, leave, listPeople, readLink, recoveryLink } from './people'
import { endSession, findWho, listSessions, signIn } from './sessions'
import { checkPassphrase, hashPassphrase, isWeak } from './secrets'
import { refusal, useTestBook } from './testBook'

const book = useTestBook()
const PASS = 'a horse in the rain'
const acts = async () =>
  (await book.opened.db.select().from(audit).orderBy(desc(audit.seq))).map(a => `${a.who}: ${a.act}`)
const enter = async (name: string, passphrase = PASS, trusted = false) =>
  (await signIn(book.opened.db, { name, passphrase, trusted, device: 'a phone' }))

describe('a passphrase', () => {
  it('is kept as a hash that differs each time and holds for it alone', async () => {
    const [a, b] = [await hashPassphrase(PASS), await hashPassphrase(PASS)]
    expect(a).not.toBe(b)
    expect(a).not.toContain('horse')
    expect(await checkPassphrase(PASS, a)).toBe(true)
    expect(await checkPassphrase(`${PASS} `, a)).toBe(false)
    expect(await checkPassphrase(PASS, '')).toBe(false)
    expect(await checkPassphrase('', undefined)).toBe(false)
  })
  it('is the same however its letters were composed', async () => {
    expect(await checkPassphrase('caf\u00e9 on the weir', await hashPassphrase('cafe\u0301 on the weir'))).toBe(true)
  })
  it.each([
    ['too short', 'eleven char', true],
    ['one letter over and over', 'aaaaaaaaaaaaaaaaaa', true],
    ['with the name in it', 'ann ann ann ann', true],
    ['four words', 'tin roof and kettle', false],
  ])('%s: weak %s → %s', (_, passphrase, weak) => expect(isWeak(passphrase, 'Ann')).toBe(weak))
})

describe('the first owner', () => {
  it('comes in by the link that the server made; a newer link spends an older one', async () => {
    const { db } = book.opened
    expect(await isUnowned(db)).toBe(true)
    const old = (await firstLink(db))!
    const word = (await firstLink(db))!
    expect((await refusal(join(db, old, 'Ann', PASS))).problem.code).toBe('link-spent')
    expect((await refusal(join(db, word, 'Ann', 'short'))).problem).toMatchObject({ code: 'weak-passphrase' })
    expect(await join(db, word, '  Ann ', PASS)).toMatchObject({ name: 'Ann', role: 'owner' })
    expect(await firstLink(db)).toBeUndefined()
    expect((await refusal(join(db, word, 'Ben', PASS))).problem.code).toBe('link-spent')
  })
  it('signs in by any spelling of the name, and not by another passphrase; both are on record', async () => {
    const { who, word } = await enter('ANN')
    expect(await findWho(book.opened.db, word)).toMatchObject({ name: 'Ann', role: 'owner', session: who.session })
    expect((await refusal(enter('Ann', 'a horse in the sun'))).problem.code).toBe('wrong-sign-in')
    expect((await refusal(enter('Nobody'))).problem.code).toBe('wrong-sign-in')
    expect((await acts()).slice(0, 3))
      .toEqual(['nobody known: sign-in-failed', 'Ann: sign-in-failed', 'Ann: signed-in'])
  })
  it('is never left out: the last one keeps the role and stays', async () => {
    const { who } = await enter('Ann')
    expect((await refusal(changeRole(book.opened.db, who, who.person, 'office'))).problem.code).toBe('last-owner')
    expect((await refusal(leave(book.opened.db, who, who.person))).problem.code).toBe('last-owner')
  })
  it('who is locked out takes a link made on the server, which ends every older session', async () => {
    const { db } = book.opened
    const { word } = await enter('Ann')
    await join(db, await recoveryLink(db, 'ann'), 'Ann', 'another horse, dry')
    expect(await findWho(db, word)).toBeUndefined()
    expect((await refusal(enter('Ann'))).problem.code).toBe('wrong-sign-in')
    await join(db, await recoveryLink(db, 'Ann'), 'Ann', PASS)
    expect((await refusal(recoveryLink(db, 'Zoe'))).problem.code).toBe('not-found')
  })
})

describe('people', () => {
  it('are invited by a link that holds once, and by a name that nobody has', async () => {
    const { db } = book.opened
    const { who } = await enter('Ann')
    const { word } = await invite(db, who, 'Ben', 'technician')
    expect(await readLink(db, word)).toMatchObject({ name: 'Ben', role: 'technician', joined: false })
    expect((await refusal(invite(db, who, 'ben ', 'office'))).problem).toMatchObject({ code: 'name-taken' })
    await join(db, word, 'Ben', PASS)
    expect((await refusal(readLink(db, word))).problem.code).toBe('link-spent')
    expect((await listPeople(db)).map(p => `${p.name} ${p.role}`)).toEqual(['Ann owner', 'Ben technician'])
  })
  it('are signed in for 90 days on a trusted device, for half a day on another', async () => {
    const days = async (trusted: boolean) =>
      (Date.parse((await enter('Ben', PASS, trusted)).until) - Date.now()) / 86400e3
    expect(await days(true)).toBeCloseTo(90, 1)
    expect(await days(false)).toBeCloseTo(0.5, 1)
  })
  it('end their own sessions, the owner anybody’s, nobody another’s; one that has run out counts no more', async () => {
    const { db } = book.opened
    const [ann, ben] = [await enter('Ann'), await enter('Ben')]
    expect((await refusal(endSession(db, ben.who, ann.who.session, false))).problem.code).toBe('not-found')
    expect((await listSessions(db, ben.who, false)).every(s => s.name === 'Ben')).toBe(true)
    await endSession(db, ann.who, ben.who.session, true)
    expect(await findWho(db, ben.word)).toBeUndefined()
    await db.update(sessions).set({ until: '2020-01-01T00:00:00.000Z' }).where(eq(sessions.id, ann.who.session))
    expect(await findWho(db, ann.word)).toBeUndefined()
  })
  it('who have left sign in no more, and what they did stays on record', async () => {
    const { db } = book.opened
    const [ann, ben] = [await enter('Ann'), await enter('Ben')]
    await leave(db, ann.who, ben.who.person)
    expect(await findWho(db, ben.word)).toBeUndefined()
    expect((await refusal(enter('Ben'))).problem.code).toBe('wrong-sign-in')
    expect(await acts()).toContain('Ben: joined')
  })
  it('leave no passphrase and no word of a cookie in the book', async () => {
    const { db } = book.opened
    const { word } = await enter('Ann')
    const all = JSON.stringify([
      await db.select().from(people), await db.select().from(sessions), await db.select().from(audit),
    ])
    expect(all).not.toContain(word)
    expect(all).not.toContain('horse')
  })
})
