/** Who is who: signing in, roles, passkeys, going; what the door answers; a customer's own link. */
import { existsSync, renameSync, statSync, writeFileSync } from 'node:fs'
import { connect } from 'node:net'
import { By } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { TabReply } from '../../shared/contracts'
import { filesInMemory } from '../../server/database/files'
import { openDatabase } from '../../server/database/open'
import { emptyLog } from '../../server/database/pragmas'
import { verifyBook } from '../../server/services/verify'
import { DEMO_OWNER, DEMO_PASSPHRASE } from '../../demo/people'
import { bestShare } from '../speed'
import { HEADERS, openPage, otherDevice, serveDemo, waitFor, type Page, type Served } from './drive'

let served: Served
let page: Page
let tab: string
beforeAll(async () => {
  served = await serveDemo()
  tab = await served.tabOf('Hums for')
  await served.kill()
  // as a company runs it: nobody is signed in by anyone
  await served.start({ KEEP_TAB_DEMO: '' })
  page = await openPage()
  await page.size(1280, 800)
})
afterAll(async () => {
  await page?.close()
  await served?.remove()
})

/** A client with a cookie of its own. */
function client() {
  let cookie = ''
  return async (path: string, body?: object, method = body ? 'POST' : 'GET', more: Record<string, string> = {}) => {
    const answer = await fetch(`${served.url}${path}`, {
      method,
      headers: { ...HEADERS, ...(cookie ? { cookie } : {}), ...more },
      ...(body ? { body: JSON.stringify(body) } : {}),
    })
    const set = answer.headers.get('set-cookie')
    if (set) cookie = set.split(';')[0]!
    const reply = await answer.json().catch(() => undefined) as never
    return { status: answer.status, headers: answer.headers, reply }
  }
}
const signIn = (name: string, passphrase = DEMO_PASSPHRASE) => ({ name, passphrase, trusted: true })
async function as(name: string) {
  const ask = client()
  expect((await ask('/api/me/sign-in', signIn(name))).status).toBe(200)
  return ask
}
const type = async (css: string, text: string) => (await page.find(css)).sendKeys(text)
const put = otherDevice()
const note = (id: string) => put(id, { kind: 'note', text: id })

describe('somebody who is not signed in', () => {
  it('is led to sign in, and sees nothing of the book', async () => {
    await page.driver.get(`${served.url}/tabs/${tab}`)
    await page.see('Sign in', 'h1')
    expect(await page.text('.head')).not.toContain('Larkmead')
  })
  it.each([
    '/api/today', '/api/sites', '/api/tags', '/api/readings', '/api/desk/quotes?number=A1', '/api/books',
    '/api/watch', '/api/people', '/api/audit', '/api/practice', '/api/learned', '/api/sessions',
    '/api/shelf', '/api/sums', '/api/calls', '/api/search', '/api/calendar', '/api/devices/dev-of-the-test/lines',
  ])('is refused %s', async (path) => {
    expect(await client()(path)).toMatchObject({ status: 401, reply: { code: 'sign-in-first' } })
  })
  it('cannot write either, nor choose a role as in the demo', async () => {
    const ask = client()
    expect((await ask(`/api/tabs/${tab}/lines`, { lines: [note('line-nobody')] })).status).toBe(401)
    expect((await ask('/api/demo', { person: 'x' })).status).toBe(404)
  })
  it('is refused over a connection that others can read, with the reason', async () => {
    const ask = client()
    const forwarded = { 'x-forwarded-for': '203.0.113.9' }
    expect(await ask('/api/me/sign-in', signIn('R. Fennick'), 'POST', forwarded))
      .toMatchObject({ status: 403, reply: { code: 'needs-tls' } })
  })
})

describe('signing in', () => {
  it('takes name and passphrase, says what is wrong, and comes back to Today', async () => {
    await page.driver.get(`${served.url}/sign-in`)
    await type('input[name="name"]', 'r. fennick')
    await type('input[name="passphrase"]', 'not this one')
    await page.press('Sign in')
    await page.see('do not belong together', '.trouble')
    await (await page.find('input[name="passphrase"]')).clear()
    await type('input[name="passphrase"]', DEMO_PASSPHRASE)
    await page.press('Sign in')
    await page.see('Overload lets go', '.today')
    await page.see('RF', '.badge')
  })
  it('is held by a cookie that neither scripts nor other sites get at, and leaves nothing in caches', async () => {
    const ask = client()
    const { headers } = await ask('/api/me/sign-in', signIn('T. Oakhollow'))
    const cookie = headers.get('set-cookie')!
    for (const flag of ['HttpOnly', 'SameSite=Strict', 'Path=/']) expect(cookie).toContain(flag)
    // over plain http on this machine it has to do without
    expect(cookie).not.toContain('Secure')
    for (const path of ['/api/today', '/api/me', '/api/people', '/api/nowhere'])
      expect((await ask(path)).headers.get('cache-control'), path).toBe('no-store')
    const out = await ask('/api/me/sign-out', {})
    expect(out.headers.get('clear-site-data')).toContain('cache')
    expect((await ask('/api/today')).status).toBe(401)
  })
  it('takes half a second at most', async () => {
    expect(await bestShare(500, () => as('T. Oakhollow'))).toBeLessThan(1)
  })
  it('is stopped after ten wrong tries, and says for how long', async () => {
    const ask = client()
    const tries = []
    for (let i = 0; i < 12; i++) tries.push(await ask('/api/me/sign-in', signIn('E. Nobody', 'wrong')))
    expect(tries.at(-1)).toMatchObject({ status: 429, reply: { code: 'too-many' } })
    expect(Number(tries.at(-1)!.headers.get('retry-after'))).toBeGreaterThan(0)
    // others of this machine are let in again once somebody of theirs has waited: start anew for the tests below
    await served.kill()
    await served.start({ KEEP_TAB_DEMO: '' })
  })
  it('by a passkey that the browser made', async () => {
    // a key of the browser itself: its own commands make one for tests (WebAuthn level 2, section 11)
    await page.driver.sendAndGetDevToolsCommand('WebAuthn.enable', {})
    await page.driver.sendAndGetDevToolsCommand('WebAuthn.addVirtualAuthenticator', {
      options: {
        protocol: 'ctap2', transport: 'internal', hasResidentKey: true, hasUserVerification: true,
        isUserVerified: true, automaticPresenceSimulation: true,
      },
    })
    const local = served.url.replace('127.0.0.1', 'localhost')
    await page.driver.get(`${local}/sign-in`)
    await type('input[name="name"]', 'R. Fennick')
    await type('input[name="passphrase"]', DEMO_PASSPHRASE)
    await page.press('Sign in')
    await page.see('RF', '.badge')
    await page.driver.get(`${local}/people`)
    await page.press('Make a passkey')
    await page.see('signs you in from now on', '.main')
    await page.press('RF', '.head')
    await page.press('Sign out', '.head')
    await page.see('Sign in', 'h1')
    await page.press('With a passkey')
    await page.see('RF', '.badge')
    await page.press('RF', '.head')
    await page.press('Sign out', '.head')
    await page.see('Sign in', 'h1')
  })
})

describe('roles', () => {
  it('are held on the server, whatever a page shows', async () => {
    const [owner, technician, office] = [await as(DEMO_OWNER), await as('R. Fennick'), await as('S. Wrenfold')]
    const status = async (ask: typeof owner, path: string, body?: object, method?: string) =>
      (await ask(path, body, method)).status
    for (const path of ['/api/people', '/api/audit']) {
      expect(await status(owner, path)).toBe(200)
      expect(await status(technician, path)).toBe(403)
      expect(await status(office, path)).toBe(403)
    }
    expect(await status(technician, '/api/learned/forget', {})).toBe(403)
    expect(await status(technician, '/api/practice', {})).toBe(403)
    expect(await status(office, `/api/systems/${'x'.repeat(10)}`, { nameplate: {} }, 'PUT')).toBe(403)
    expect(await status(technician, '/api/books', {})).toBe(403)
    for (const ask of [owner, technician, office]) expect(await status(ask, '/api/today')).toBe(200)
  })
  it('let the office write follow-ups, and refuse its readings alone', async () => {
    const office = await as('S. Wrenfold')
    const reading = put('line-office-reads', { kind: 'reading', test: 'line.volts', value: 460 })
    const lines = [note('line-of-the-office'), reading]
    const { reply } = await office(`/api/tabs/${tab}/lines`, { lines })
    expect(reply).toMatchObject({
      kept: ['line-of-the-office'], refused: [{ id: 'line-office-reads', problem: { code: 'no-right' } }],
    })
    const read = (await office(`/api/tabs/${tab}`)).reply as TabReply
    expect(read.lines.find(k => k.line.id === 'line-of-the-office')!.sender).toBe('S. Wrenfold')
  })
  it('are given and taken by the owner, with a link for who is invited', async () => {
    await page.driver.get(`${served.url}/sign-in`)
    await type('input[name="name"]', DEMO_OWNER)
    await type('input[name="passphrase"]', DEMO_PASSPHRASE)
    await page.press('Sign in')
    await page.see('ET', '.badge')
    await page.driver.get(`${served.url}/people`)
    await type('.invite input', 'J. Fellgate')
    await page.press('Make a link', '.invite')
    await page.see('/join#', '.link')
    const link = /http\S+/.exec(await page.text('.link'))![0]
    const word = link.split('#')[1]!
    const fresh = client()
    expect(await fresh('/api/me/join', { word, name: 'J. Fellgate', passphrase: 'short', trusted: false }))
      .toMatchObject({ status: 422, reply: { code: 'weak-passphrase' } })
    const joined = { word, name: 'J. Fellgate', passphrase: 'wet stone and a lamp', trusted: false }
    expect((await fresh('/api/me/join', joined)).status).toBe(200)
    expect((await client()('/api/me/join', joined)).reply).toMatchObject({ code: 'link-spent' })
    await page.driver.navigate().refresh()
    await page.see('invited J. Fellgate as technician', 'table')
    await page.see('joined as technician', 'table')
    expect((await fresh('/api/today')).status).toBe(200)
    const rows = await page.driver.findElements(By.css('.rows li'))
    for (const row of rows)
      if ((await row.getText()).includes('J. Fellgate')) {
        await row.findElement(By.css('.danger')).click()
        break
      }
    await page.see('left', '.rows')
    expect((await fresh('/api/today')).status).toBe(401)
  })
})

describe('a handed-over device', () => {
  it('keeps unsent lines through a sign-out, and sends them for the next with both names', async () => {
    await page.driver.get(`${served.url}/tabs/${tab}`)
    await page.see('suspects', '.area-suspects')
    await served.kill()
    await page.log('note written by the owner with no signal')
    await page.see('not yet kept', '.head')
    await served.start({ KEEP_TAB_DEMO: '' })
    // ended elsewhere: the lines wait, and the screen says so
    await waitFor(async () => {
      const lines = ((await (await as('R. Fennick'))(`/api/tabs/${tab}`)).reply as TabReply).lines
      return lines.some(k => 'text' in k.line && String(k.line.text).includes('no signal'))
    }, 20000, 'the line to be sent once the server is back')
    const owner = await as(DEMO_OWNER)
    const sessions = (await owner('/api/sessions')).reply as { id: string, device: string, name: string }[]
    for (const s of sessions.filter(s => s.device.includes('Chrome')))
      await owner(`/api/sessions/${s.id}`, undefined, 'DELETE')
    // the page has heard of it by now: who wrote here last is who writes on
    await page.see('Nobody is signed in here', '.banner')
    await page.log('note written after the session was ended')
    await page.press('Sign in', '.banner')
    await page.see('1 line waits on this device', '.main')
    await type('input[name="name"]', 'T. Oakhollow')
    await type('input[name="passphrase"]', DEMO_PASSPHRASE)
    await page.press('Sign in', 'form')
    await page.see('TO', '.badge')
    await waitFor(async () => {
      const { lines } = (await owner(`/api/tabs/${tab}`)).reply as TabReply
      const found = lines.find(k => 'text' in k.line && String(k.line.text).includes('session was ended'))
      return found?.line.by === DEMO_OWNER && found.sender === 'T. Oakhollow'
    }, 15000, 'the line with both names')
    await page.openTab(served.url, tab)
    await page.see(`written by ${DEMO_OWNER}, sent by T. Oakhollow`, '.area-tape')
  })
  it('holds no copies after a sign-out', async () => {
    await page.press('TO', '.head')
    await page.press('Sign out', '.head')
    await page.see('Sign in', 'h1')
    const held = await page.driver.executeAsyncScript<number[]>(
      'const done = arguments[arguments.length - 1]; const ask = indexedDB.open("keep-tab"); ask.onsuccess = () => {'
      + 'const db = ask.result; const names = ["tabs", "copies", "today", "pictures", "lines"];'
      + 'Promise.all(names.map(n => new Promise(r => { const q = db.transaction(n).objectStore(n).count();'
      + 'q.onsuccess = () => r(q.result) }))).then(done) }')
    expect(held).toEqual([0, 0, 0, 0, 0])
  })
})

describe('a customer', () => {
  it('reads one settled sheet by a signed link, and nothing else', async () => {
    const owner = await as(DEMO_OWNER)
    const { sites } = (await owner('/api/sites')).reply as { sites: { id: string }[] }
    const settled = (await Promise.all(sites.map(async s => (await owner(`/api/sites/${s.id}`)).reply as {
      systems: { tabs: { tab: { id: string, status: string } }[] }[]
    }))).flatMap(s => s.systems.flatMap(y => y.tabs.map(t => t.tab))).find(t => t.status === 'settled')!
    const { word } = (await owner(`/api/tabs/${settled.id}/link`, {})).reply as { word: string }
    expect((await owner(`/api/tabs/${tab}/link`, {})).status).toBe(404)
    await page.driver.get(`${served.url}/sheet/${word}`)
    await page.see('As signed on', '.sheet-page')
    expect((await client()(`/api/sheets/${word.slice(0, -4)}AAAA`)).reply).toMatchObject({ code: 'link-spent' })
    expect((await client()(`/api/tabs/${settled.id}`)).status).toBe(401)
  })
})

describe('the door', () => {
  it('lets no script in but the build’s own, on pages and from the service worker’s shell', async () => {
    for (const path of ['/', '/shell', '/sign-in']) {
      const answer = await fetch(`${served.url}${path}`)
      const policy = answer.headers.get('content-security-policy')!
      expect(policy.split('; ').find(p => p.startsWith('script-src'))).not.toContain('unsafe')
      expect(answer.headers.get('x-content-type-options')).toBe('nosniff')
      expect(answer.headers.get('referrer-policy')).toBe('no-referrer')
      expect(answer.headers.get('permissions-policy')).toContain('camera=(self)')
    }
    await page.driver.get(`${served.url}/sign-in`)
    const ran = await page.driver.executeScript<boolean>(
      'const s = document.createElement("script"); s.textContent = "window.slipped = true";'
      + 'document.body.append(s); return window.slipped === true')
    expect(ran).toBe(false)
  })
  it('gives up a body that is too large before it is read, and one that is packed', async () => {
    const owner = await as(DEMO_OWNER)
    expect(await owner('/api/people', { name: 'x'.repeat(100_000), role: 'office' }))
      .toMatchObject({ status: 413, reply: { code: 'too-large' } })
    expect((await owner('/api/people', { name: 'x', role: 'office' }, 'POST', { 'content-encoding': 'gzip' })).status)
      .toBe(415)
  })
  it('does not mind one who hangs up in the middle of a post', async () => {
    const owner = await as(DEMO_OWNER)
    const { port } = new URL(served.url)
    await new Promise<void>((resolve) => {
      const socket = connect(Number(port), '127.0.0.1', () => {
        socket.write(`POST /api/tabs/${tab}/lines HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\nContent-Length: 900\r\n`
          + `x-keep-tab: 1\r\n\r\n{"lines":`)
        setTimeout(() => socket.destroy(), 100)
      })
      socket.on('close', () => resolve()).on('error', () => undefined)
    })
    expect((await owner('/api/today')).status).toBe(200)
  })
  it('says that the book is gone, takes no other file for it, and goes on once it is back', async () => {
    const owner = await as(DEMO_OWNER)
    const path = served.database.slice('file:'.length)
    const post = async (id: string) => (await owner(`/api/tabs/${tab}/lines`, { lines: [note(id)] })).reply
    const other = `${path}.other`
    const { client: held } = await openDatabase(`file:${other}`, filesInMemory())
    await emptyLog(held)
    held.close()
    renameSync(path, `${path}.away`)
    expect(await post('line-while-gone')).toMatchObject({ code: 'book-gone' })
    writeFileSync(path, '')
    expect(await post('line-while-gone')).toMatchObject({ code: 'book-gone' })
    renameSync(other, path)
    expect(await post('line-while-gone')).toMatchObject({ code: 'book-gone' })
    expect((await fetch(`${served.url}/api/ready`)).status).toBe(503)
    renameSync(`${path}.away`, path)
    expect(await post('line-while-gone')).toMatchObject({ kept: ['line-while-gone'] })
    expect((await fetch(`${served.url}/api/ready`)).status).toBe(200)
  })
  it('stops within five seconds though somebody watches', async () => {
    await page.driver.get(`${served.url}/sign-in`)
    await type('input[name="name"]', 'R. Fennick')
    await type('input[name="passphrase"]', DEMO_PASSPHRASE)
    await page.press('Sign in', 'form')
    await page.see('RF', '.badge')
    const began = performance.now()
    await served.stop()
    expect(performance.now() - began).toBeLessThan(5000)
    // all of the book is in its file, and it holds
    const log = `${served.database.slice('file:'.length)}-wal`
    expect(existsSync(log) ? statSync(log).size : 0).toBe(0)
    const { db, client: held } = await openDatabase(served.database, filesInMemory())
    expect((await verifyBook(db)).breaks).toEqual([])
    held.close()
  })
})
