/**
 * The tape between devices, windows and the server: late lines, ended proofs, refusals, one keeper for all windows,
 * pictures, the door.
 */
import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { request } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import { Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { hashOf } from '#core/formats'
import { kindFor } from '#core/systems'
import { createWriter, foldTab, type AnyLine } from '#core/tab'
import { OWN_HEADER, type TabReply } from '../../shared/contracts'
import { filesInMemory } from '../../server/database/files'
import { openDatabase } from '../../server/database/open'
import { addLines } from '../../server/services/lines'
import { forLength } from '../length'
import { HEADERS, openPage, otherDevice, serveDemo, waitFor, type Page, type Served } from './drive'

let served: Served
let page: Page
let caravan: string
let meadow: string
let boat: string

beforeAll(async () => {
  served = await serveDemo()
  caravan = await served.tabOf('Wash block')
  meadow = await served.tabOf('Hums for')
  boat = await served.tabOf('Pump does nothing')
  page = await openPage()
  await page.size(1280, 800)
  await page.driver.get(served.url)
})
afterAll(async () => {
  await page?.close()
  await served?.remove()
})

const openTab = (id: string, on = page) => on.openTab(served.url, id)
const line = otherDevice()
const headers = HEADERS
const post = (tab: string, lines: unknown[]) => served.post(tab, lines)
const readTab = (tab: string): Promise<TabReply> => served.readTab(tab)
/** writes into the book while the server is down */
async function behindItsBack(tab: string, lines: readonly AnyLine[]) {
  const { db, client } = await openDatabase(served.database, filesInMemory())
  await addLines(db, tab, lines)
  client.close()
}

describe('bad input at the server\'s door', () => {
  it('is answered with a code that says whose it is', async () => {
    const reply = await fetch(`${served.url}/api/tabs/${caravan}/lines`, {
      method: 'POST',
      headers,
      body: 'not json',
    })
    expect(reply.status).toBe(400)
    expect(await reply.json()).toMatchObject({ from: 'keep-tab', code: 'bad-request' })
  })
  it('refuses a line without its place alone, and keeps what this version does not know', async () => {
    const known = line('line-fine-note', { kind: 'note', text: 'fine' })
    const foreign = { ...line('line-odd-kind', { kind: 'note', text: 'x' }), kind: 'spell', text: undefined }
    const elsewhere = line('line-elsewhere', { kind: 'reading', test: 'windmill.volts', value: 1 })
    const reply = await (
      await post(caravan, [
        { id: 'line-unplaced', at: '2026-06-15T11:00:00.000Z', kind: 'note', text: 'x' },
        known,
        foreign,
        elsewhere,
      ])
    ).json()
    expect(reply).toMatchObject({
      kept: [known.id, foreign.id, elsewhere.id],
      refused: [{ id: 'line-unplaced', problem: { code: 'bad-form' } }],
    })
  })
  it.each<[string, Record<string, string>]>([
    ['without the header of its own pages', { [OWN_HEADER]: '' }],
    ['from another page', { origin: 'http://elsewhere.example' }],
    ['under a name it does not know', { host: 'elsewhere.example' }],
  ])('takes no write %s', async (_, more) => {
    const { [OWN_HEADER]: own, ...rest } = { ...headers, ...more }
    const status = await new Promise<number>((resolve, reject) => {
      const body = JSON.stringify({ lines: [line('line-from-afar', { kind: 'note', text: 'x' })] })
      const asking = request(
        `${served.url}/api/tabs/${caravan}/lines`,
        { method: 'POST', headers: { ...rest, ...(own ? { [OWN_HEADER]: own } : {}) } },
        reply => resolve(reply.statusCode ?? 0),
      )
      asking.on('error', reject).end(body)
    })
    expect(status).toBe(403)
    expect((await readTab(caravan)).lines.map(l => l.line.id)).not.toContain('line-from-afar')
  })
})

describe('a line that comes after another device has settled the tab', () => {
  it('is kept, said to be late, and weighed once the tab is opened again', async () => {
    await openTab(boat)
    await served.kill()
    await page.log('fuse blown')
    await page.see('not yet kept', '.area-tape')
    await behindItsBack(boat, [
      createWriter('dev-of-the-office')({
        kind: 'settled',
        summary: 'done by the other device',
        id: 'line-settled-elsewhere',
        at: '2026-06-15T10:54:30.000Z',
      }),
    ])
    await served.start()
    await page.see('came after the tab was settled', '.area-tape')
    await page.see('1 line came after the tab was settled and is not weighed')
    await page.press('Open the tab again')
    await page.press('Weigh it')
    await page.see('Weighed after all', '.area-tape')
    await waitFor(
      async () => !(await page.text('.main')).includes('came after the tab was settled and'),
      8000,
      'the line to be weighed',
    )
    const state = foldTab(
      kindFor('rv'),
      (await readTab(boat)).lines.map(k => k.line),
    )
    expect(state.status).toBe('open')
    expect(state.evidence.map(e => e.line)).toContainEqual(
      expect.objectContaining({ test: 'fuse-look', outcome: 'blown' }),
    )
  })
})

describe('a line that the server refuses', () => {
  it('stays on the device with its reason, over a reload too, and can be kept as a note', async () => {
    await openTab(caravan)
    await served.kill()
    await page.log('head 0v')
    await page.see('not yet kept', '.area-tape')
    // another line has got its number before this device gets through
    const mine = await page.driver.executeAsyncScript<AnyLine>(
      'const done = arguments[arguments.length - 1]; const ask = indexedDB.open("keep-tab"); ask.onsuccess = () '
      + '=> { const all = '
      + 'ask.result.transaction("lines").objectStore("lines").index("standing").getAll("unsent"); '
      + 'all.onsuccess = () => { ask.result.close(); done(all.result[0].line) } }',
    )
    await behindItsBack(caravan, [{ ...mine, value: 7 } as AnyLine])
    await served.start()
    await page.see('Not kept:', '.area-tape')
    await page.driver.navigate().refresh()
    await page.see('Not kept:', '.area-tape')
    await page.see('already has that number', '.area-tape')
    expect(await page.text('.main')).not.toContain('This device cannot store')
    await page.press('Take it off', '.area-tape')
    await page.see('Its only copy', '.area-tape')
    await page.press('Keep it as a note', '.area-tape')
    await page.see('Could not be kept as a line of its own', '.area-tape')
    await waitFor(
      async () => !(await page.text('.area-tape')).includes('Not kept:'),
      8000,
      'the refused line to leave',
    )
    const last = async () => (await readTab(caravan)).lines.at(-1)!.line
    await waitFor(async () => (await last()).kind === 'note', 8000, 'the server to have it as a note')
    expect(await last()).toMatchObject({ text: expect.stringContaining('Could not be kept') as string })
  })
})

describe('a proof of dead', () => {
  it('ends when another device puts the power on, which is said with its line, and is asked for again', async () => {
    await openTab(meadow)
    await page.log('dead 460 0.4 460')
    await page.see('live–dead–live', '.strip')
    await post(meadow, [line('line-power-elsewhere', { kind: 'state', to: 'live' })])
    await page.see('power on', '.strip')
    await page.see('ended', '.strip')
    await page.see('holds no longer: 10:54 POWER ON', '.area-tape')
    const input = await page.find('#reading')
    await input.sendKeys('terminals burnt', Key.ENTER)
    await page.see('first. Prove it', '.ask')
    // what waits outlives the window, and goes back to where it was typed
    await page.driver.navigate().refresh()
    await page.see('first. Prove it', '.ask')
    await page.press('Leave it', '.ask')
    expect(await (await page.find('#reading')).getAttribute('value')).toBe('terminals burnt')
    await (await page.find('#reading')).sendKeys(Key.ESCAPE)
  })
})

/** windows of one browser: seven of them speak */
const WINDOWS = forLength({ long: 20, usual: 8 })

describe('many windows of one browser', () => {
  it('share one stream and one queue; closing any of them loses nothing, and the order holds across them', async () => {
    const many = await openPage()
    const texts = (reply: TabReply) =>
      reply.lines.flatMap(k =>
        'text' in k.line && String(k.line.text).startsWith('window ') ? [String(k.line.text)] : [],
      )
    try {
      await openTab(caravan, many)
      const first = await many.driver.getWindowHandle()
      const handles = [first]
      for (let i = 1; i < WINDOWS; i++) {
        await many.driver.switchTo().newWindow('tab')
        await many.driver.get(served.url + (i <= 7 ? `/tabs/${caravan}` : '/sites'))
        handles.push(await many.driver.getWindowHandle())
      }
      const say = async (i: number) => {
        await many.driver.switchTo().window(handles[i]!)
        await many.log(`note window ${i}`)
      }
      for (const i of [1, 2, 3, 4]) await say(i)
      await waitFor(async () => texts(await readTab(caravan)).length === 4, 15000, 'four lines from four windows')
      // one window holds the lock, and with it the stream and the sending
      const locks = await many.driver.executeAsyncScript<[number, number]>(
        'const done = arguments[0]; navigator.locks.query().then(q => done([q.held.length, q.pending.length]))',
      )
      expect(locks).toEqual([1, WINDOWS - 1])
      // the first window kept for all: another takes over, and a line written without the server waits for it
      await many.driver.switchTo().window(first)
      await many.driver.close()
      await say(5)
      await served.kill()
      await say(6)
      await many.driver.close()
      await served.start()
      await say(7)
      await waitFor(
        async () => texts(await readTab(caravan)).length === 7,
        20000,
        'what the closed window left waiting',
      )
      expect(texts(await readTab(caravan))).toEqual([1, 2, 3, 4, 5, 6, 7].map(i => `window ${i}`))
      const counters = (await readTab(caravan)).lines.flatMap(k =>
        'text' in k.line && String(k.line.text).startsWith('window ') ? [k.line.counter] : [],
      )
      expect(counters).toEqual(counters.toSorted((a, b) => a - b))
    }
    finally {
      await many.close()
    }
  })
})

describe('a window that the browser has frozen', () => {
  it('holds nothing up: the one that a person looks at takes over', async () => {
    const two = await openPage()
    try {
      await openTab(caravan, two)
      const first = await two.driver.getWindowHandle()
      await two.driver.switchTo().newWindow('tab')
      await openTab(caravan, two)
      const second = await two.driver.getWindowHandle()
      await two.driver.switchTo().window(first)
      await two.driver.sendDevToolsCommand('Page.setWebLifecycleState', { state: 'frozen' })
      await two.driver.switchTo().window(second)
      await two.log('note past the frozen window')
      await waitFor(
        async () =>
          (await readTab(caravan)).lines.some(k => 'text' in k.line && k.line.text === 'past the frozen window'),
        12000,
        'the line to get past the frozen window',
      )
    }
    finally {
      await two.close()
    }
  })
})

describe('the built server', () => {
  it('listens on this machine only, unless HOST says otherwise', async () => {
    const port = 4391
    const child = spawn(process.execPath, ['.output/server/index.mjs'], {
      env: {
        ...process.env,
        HOST: '',
        NITRO_HOST: '',
        PORT: String(port),
        DATABASE_URL: `file:${join(tmpdir(), `keep-tab-host-${process.pid}.db`)}`,
      },
      stdio: 'ignore',
    })
    try {
      await waitFor(async () => (await fetch(`http://127.0.0.1:${port}/api/health`)).ok, 15000, 'the server')
      // the kernel's own list: address and port in hexadecimal, 0A is listening
      const listening = ['tcp', 'tcp6']
        .flatMap(f => readFileSync(`/proc/net/${f}`, 'utf8').split('\n'))
        .map(l => l.trim().split(/\s+/))
      const here = listening
        .filter(c => c[3] === '0A' && c[1]?.endsWith(`:${port.toString(16).toUpperCase()}`))
        .map(c => c[1]!.split(':')[0])
      expect(here).toEqual(['0100007F'])
    }
    finally {
      child.kill('SIGKILL')
    }
  })
})

describe('a picture', () => {
  it('is on the tape at once, reaches the server by its hash; another device sees when it has not come', async () => {
    const file = join(tmpdir(), `keep-tab-plate-${process.pid}.jpg`)
    // as a telephone writes it: with where it was taken
    const where = { IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } }
    await sharp({ create: { width: 9, height: 9, channels: 3, background: '#9a4a1f' } })
      .withExif(where).jpeg().toFile(file)
    expect((await sharp(file).metadata()).exif).toBeDefined()
    await openTab(caravan)
    await (await page.find('.area-tape input[type=file]')).sendKeys(file)
    await page.find('.area-tape img.picture')
    const photo = async () => (await readTab(caravan)).lines.map(k => k.line).findLast(l => l.kind === 'photo')
    await waitFor(async () => (await photo())?.attachments?.[0] !== undefined, 8000, 'the line of the picture')
    const { hash } = (await photo())!.attachments![0]!
    await waitFor(async () => (await readTab(caravan)).attachments.includes(hash), 8000, 'the picture itself')
    const bytes = new Uint8Array(await (await fetch(`${served.url}/api/attachments/${hash}`)).arrayBuffer())
    expect(hashOf(bytes)).toBe(hash)
    expect((await sharp(bytes).metadata()).exif).toBeUndefined()
    await post(caravan, [
      line('line-no-picture', {
        kind: 'photo',
        caption: 'from afar',
        attachments: [{ hash: 'd'.repeat(64), type: 'image/jpeg', bytes: 9 }],
      }),
    ])
    await page.see('The picture has not come from its device yet', '.area-tape')
  })
})
