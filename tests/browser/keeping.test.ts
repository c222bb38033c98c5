/** What must hold around the story: two devices, a killed server, hostile text, bad files, both themes, both sizes, the keyboard. */
import { spawn } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import { request } from 'node:http'
import { createRequire } from 'node:module'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By, Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { hashOf } from '#core/formats'
import { kindFor } from '#core/systems'
import { createWriter, foldTab, type AnyLine, type DraftLine } from '#core/tab'
import { OWN_HEADER, type TabReply, type TodayReply } from '../../shared/contracts'
import { filesInMemory } from '../../server/database/files'
import { openDatabase } from '../../server/database/open'
import { addLines } from '../../server/services/lines'
import { openPage, serveDemo, waitFor, type Page, type Served } from './drive'

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')
let served: Served
let page: Page
let nursery: string
let caravan: string
let meadow: string
let rig: string

beforeAll(async () => {
  served = await serveDemo()
  const today = await (await fetch(`${served.url}/api/today`)).json() as TodayReply
  nursery = today.tabs.find(t => t.words.startsWith('Overload'))!.id
  caravan = today.tabs.find(t => t.words.startsWith('Wash block'))!.id
  meadow = today.tabs.find(t => t.words.startsWith('Hums for'))!.id
  rig = today.tabs.find(t => t.words.startsWith('Pump does nothing'))!.id
  page = await openPage()
  await page.size(1280, 800)
  await page.driver.get(served.url)
})
afterAll(async () => {
  await page?.close()
  await served?.remove()
})

const openTab = async (id: string, on = page) => {
  await on.driver.get(`${served.url}/tabs/${id}`)
  await on.see('suspects', '.area-suspects')
  await on.see('left', '.area-suspects')
}
const headers = { 'content-type': 'application/json', [OWN_HEADER]: '1' }
const post = (tab: string, lines: unknown[]) => fetch(`${served.url}/api/tabs/${tab}/lines`, { method: 'POST', headers, body: JSON.stringify({ lines }) })
const readTab = async (tab: string) => await (await fetch(`${served.url}/api/tabs/${tab}`)).json() as TabReply
const pen = createWriter('dev-of-the-test')
/** a line as another device writes it */
const line = (id: string, draft: DraftLine) => pen({ ...draft, id, at: '2026-06-15T10:54:00.000Z' })
/** writes into the book while the server is down */
async function behindItsBack(tab: string, lines: readonly AnyLine[]) {
  const { db, client } = await openDatabase(served.database, filesInMemory())
  await addLines(db, tab, lines)
  client.close()
}

describe('two devices on one tab', () => {
  it('see each other\'s lines within a second', async () => {
    const other = await openPage()
    try {
      await openTab(caravan)
      await openTab(caravan, other)
      const text = 'seen on the other device'
      // each device notes when its own tape shows it: one clock, and none of the time it takes to ask
      for (const device of [page, other]) await device.driver.executeScript('const [text] = arguments; new MutationObserver(() => { if (document.querySelector(".area-tape").textContent.includes(text)) window.seenAt ??= Date.now() }).observe(document.body, { subtree: true, childList: true, characterData: true })', text)
      await page.log(`note ${text}`)
      await other.see(text, '.area-tape')
      const [here, there] = await Promise.all([page, other].map(device => device.driver.executeScript<number>('return window.seenAt')))
      expect(here).toBeGreaterThan(0)
      expect(there! - here!).toBeLessThan(1000)
      await other.log('load 239')
      await page.see('239', '.area-tape')
    }
    finally {
      await other.close()
    }
  })
})

describe('an acknowledged line', () => {
  it('survives kill -9 right after the answer', async () => {
    const ids = Array.from({ length: 5 }, (_, i) => `line-kill-nine-${i}`)
    for (const id of ids) expect((await post(caravan, [line(id, { kind: 'note', text: 'kept' })])).status).toBe(200)
    await served.kill()
    await served.start()
    const kept = (await readTab(caravan)).lines.map(l => l.line.id)
    for (const id of ids) expect(kept.filter(k => k === id)).toEqual([id])
  })
})

describe('text from users', () => {
  it('is shown and never run', async () => {
    await openTab(caravan)
    await page.log('note <img src=x onerror="window.pwned=1"><script>window.pwned=1</script>')
    await page.see('<img src=x onerror=', '.area-tape')
    await new Promise(resolve => setTimeout(resolve, 300))
    expect(await page.driver.executeScript('return window.pwned ?? null')).toBeNull()
  })
})

describe('bad input at the server\'s door', () => {
  it('is answered with a code that says whose it is', async () => {
    const reply = await fetch(`${served.url}/api/tabs/${caravan}/lines`, { method: 'POST', headers, body: 'not json' })
    expect(reply.status).toBe(400)
    expect(await reply.json()).toMatchObject({ from: 'keep-tab', code: 'bad-request' })
  })
  it('refuses a line without its place alone, and keeps what this version does not know', async () => {
    const known = line('line-fine-note', { kind: 'note', text: 'fine' })
    const foreign = { ...line('line-odd-kind', { kind: 'note', text: 'x' }), kind: 'spell', text: undefined }
    const elsewhere = line('line-elsewhere', { kind: 'reading', test: 'windmill.volts', value: 1 })
    const reply = await (await post(caravan, [{ id: 'line-unplaced', at: '2026-06-15T11:00:00.000Z', kind: 'note', text: 'x' }, known, foreign, elsewhere])).json()
    expect(reply).toMatchObject({ kept: [known.id, foreign.id, elsewhere.id], refused: [{ id: 'line-unplaced', problem: { code: 'bad-form' } }] })
  })
  it.each<[string, Record<string, string>]>([['without the header of its own pages', { [OWN_HEADER]: '' }], ['from another page', { origin: 'http://elsewhere.example' }], ['under a name it does not know', { host: 'elsewhere.example' }]])('takes no write %s', async (_, more) => {
    const { [OWN_HEADER]: own, ...rest } = { ...headers, ...more }
    const status = await new Promise<number>((resolve, reject) => {
      const body = JSON.stringify({ lines: [line('line-from-afar', { kind: 'note', text: 'x' })] })
      const asking = request(`${served.url}/api/tabs/${caravan}/lines`, { method: 'POST', headers: { ...rest, ...(own ? { [OWN_HEADER]: own } : {}) } }, reply => resolve(reply.statusCode ?? 0))
      asking.on('error', reject).end(body)
    })
    expect(status).toBe(403)
    expect((await readTab(caravan)).lines.map(l => l.line.id)).not.toContain('line-from-afar')
  })
})

describe('a file', () => {
  it('that is broken is refused by name in the interface, and a good one is taken', async () => {
    const bad = join(tmpdir(), `keep-tab-bad-${process.pid}.json`)
    const newer = join(tmpdir(), `keep-tab-newer-${process.pid}.json`)
    writeFileSync(bad, '{ not json')
    writeFileSync(newer, JSON.stringify({ format: 'keep-tab', version: 9, sites: [] }))
    await page.driver.get(`${served.url}/sites`)
    await page.see('Larkmead')
    const input = await page.find('input[type=file]')
    await input.sendKeys(bad)
    await page.see('not readable as JSON', '.trouble')
    await (await page.find('input[type=file]')).sendKeys(newer)
    await page.see('newer Keep Tab (version 9', '.trouble')
    await (await page.find('input[type=file]')).sendKeys(join(process.cwd(), 'demo/books/nursery.json'))
    await page.see('taken in', '[role=status]')
  })
})

describe('a line that comes after another device has settled the tab', () => {
  it('is kept, said to be late, and weighed once the tab is opened again', async () => {
    await openTab(rig)
    await served.kill()
    await page.log('fuse blown')
    await page.see('not yet kept', '.area-tape')
    await behindItsBack(rig, [createWriter('dev-of-the-office')({ kind: 'settled', summary: 'done by the other device', id: 'line-settled-elsewhere', at: '2026-06-15T10:54:30.000Z' })])
    await served.start()
    await page.see('came after the tab was settled', '.area-tape')
    await page.see('1 line came after the tab was settled and is not weighed')
    await page.press('Open the tab again')
    await page.press('Weigh it')
    await page.see('Weighed after all', '.area-tape')
    await waitFor(async () => !(await page.text('.main')).includes('came after the tab was settled and'), 8000, 'the line to be weighed')
    const state = foldTab(kindFor('rv'), (await readTab(rig)).lines.map(k => k.line))
    expect(state.status).toBe('open')
    expect(state.evidence.map(e => e.line)).toContainEqual(expect.objectContaining({ test: 'fuse-look', outcome: 'blown' }))
  })
})

describe('a line that the server refuses', () => {
  it('stays on the device with its reason, over a reload too, and can be kept as a note', async () => {
    await openTab(caravan)
    await served.kill()
    await page.log('head 0v')
    await page.see('not yet kept', '.area-tape')
    // another line has got its number before this device gets through
    const mine = await page.driver.executeAsyncScript<AnyLine>('const done = arguments[arguments.length - 1]; const ask = indexedDB.open("keep-tab"); ask.onsuccess = () => { const all = ask.result.transaction("lines").objectStore("lines").index("standing").getAll("unsent"); all.onsuccess = () => { ask.result.close(); done(all.result[0].line) } }')
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
    await waitFor(async () => !(await page.text('.area-tape')).includes('Not kept:'), 8000, 'the refused line to leave')
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
    await page.press('Leave it', '.ask')
    await input.sendKeys(Key.ESCAPE)
  })
})

describe('twenty windows of one browser', () => {
  it('share one stream and one queue; closing any of them loses nothing, and the order holds across them', async () => {
    const many = await openPage()
    const texts = (reply: TabReply) => reply.lines.flatMap(k => 'text' in k.line && String(k.line.text).startsWith('window ') ? [String(k.line.text)] : [])
    try {
      await openTab(caravan, many)
      const first = await many.driver.getWindowHandle()
      const handles = [first]
      for (let i = 1; i < 20; i++) {
        await many.driver.switchTo().newWindow('tab')
        await many.driver.get(`${served.url}/tabs/${caravan}`)
        handles.push(await many.driver.getWindowHandle())
      }
      const say = async (i: number) => {
        await many.driver.switchTo().window(handles[i]!)
        await many.log(`note window ${i}`)
      }
      for (const i of [1, 7, 13, 19]) await say(i)
      await waitFor(async () => texts(await readTab(caravan)).length === 4, 15000, 'four lines from four windows')
      // one window holds the lock, and with it the stream and the sending
      const locks = await many.driver.executeAsyncScript<[number, number]>('const done = arguments[0]; navigator.locks.query().then(q => done([q.held.length, q.pending.length]))')
      expect(locks).toEqual([1, 19])
      // the first window kept for all: another takes over, and a line written without the server waits for it
      await many.driver.switchTo().window(first)
      await many.driver.close()
      await say(5)
      await served.kill()
      await say(6)
      await many.driver.close()
      await served.start()
      await say(9)
      await waitFor(async () => texts(await readTab(caravan)).length === 7, 20000, 'what the closed window left waiting')
      expect(texts(await readTab(caravan))).toEqual([1, 7, 13, 19, 5, 6, 9].map(i => `window ${i}`))
      const counters = (await readTab(caravan)).lines.flatMap(k => 'text' in k.line && String(k.line.text).startsWith('window ') ? [k.line.counter] : [])
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
      await waitFor(async () => (await readTab(caravan)).lines.some(k => 'text' in k.line && k.line.text === 'past the frozen window'), 12000, 'the line to get past the frozen window')
    }
    finally {
      await two.close()
    }
  })
})

describe('the built server', () => {
  it('listens on this machine only, unless HOST says otherwise', async () => {
    const port = 4391
    const child = spawn(process.execPath, ['.output/server/index.mjs'], { env: { ...process.env, HOST: '', NITRO_HOST: '', PORT: String(port), DATABASE_URL: `file:${join(tmpdir(), `keep-tab-host-${process.pid}.db`)}` }, stdio: 'ignore' })
    try {
      await waitFor(async () => (await fetch(`http://127.0.0.1:${port}/api/health`)).ok, 15000, 'the server')
      // the kernel's own list: address and port in hexadecimal, 0A is listening
      const listening = ['tcp', 'tcp6'].flatMap(f => readFileSync(`/proc/net/${f}`, 'utf8').split('\n')).map(l => l.trim().split(/\s+/))
      const here = listening.filter(c => c[3] === '0A' && c[1]?.endsWith(`:${port.toString(16).toUpperCase()}`)).map(c => c[1]!.split(':')[0])
      expect(here).toEqual(['0100007F'])
    }
    finally {
      child.kill('SIGKILL')
    }
  })
})

describe('a picture', () => {
  it('is on the tape at once, reaches the server by its hash, and another device sees when it has not come', async () => {
    const file = join(tmpdir(), `keep-tab-plate-${process.pid}.png`)
    writeFileSync(file, Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==', 'base64'))
    await openTab(caravan)
    await (await page.find('.area-tape input[type=file]')).sendKeys(file)
    await page.find('.area-tape img.picture')
    const photo = async () => (await readTab(caravan)).lines.map(k => k.line).findLast(l => l.kind === 'photo')
    await waitFor(async () => (await photo())?.attachments?.[0] !== undefined, 8000, 'the line of the picture')
    const { hash } = (await photo())!.attachments![0]!
    await waitFor(async () => (await readTab(caravan)).attachments.includes(hash), 8000, 'the picture itself')
    const bytes = new Uint8Array(await (await fetch(`${served.url}/api/attachments/${hash}`)).arrayBuffer())
    expect(hashOf(bytes)).toBe(hash)
    await post(caravan, [line('line-no-picture', { kind: 'photo', caption: 'from afar', attachments: [{ hash: 'd'.repeat(64), type: 'image/jpeg', bytes: 9 }] })])
    await page.see('The picture has not come from its device yet', '.area-tape')
  })
})

describe('what is being typed', () => {
  it('is still there after a reload, on the reading line and while settling, until it is logged', async () => {
    await openTab(nursery)
    await (await page.find('#reading')).sendKeys('red 0')
    await page.driver.navigate().refresh()
    await page.see('left', '.area-suspects')
    expect(await (await page.find('#reading')).getAttribute('value')).toBe('red 0')
    await (await page.find('#reading')).sendKeys(Key.ESCAPE)
    await page.driver.get(`${served.url}/tabs/${nursery}/settle`)
    await page.see('Advice to the customer')
    const summary = () => page.find('[aria-label=Close] textarea')
    await (await summary()).sendKeys('The relay had pitted')
    await (await page.find('input[aria-label="Cut-in, as left"]')).sendKeys('40')
    await page.driver.navigate().refresh()
    await page.see('Advice to the customer')
    expect(await (await summary()).getAttribute('value')).toBe('The relay had pitted')
    expect(await (await page.find('input[aria-label="Cut-in, as left"]')).getAttribute('value')).toBe('40')
    await (await summary()).clear()
    await (await page.find('input[aria-label="Cut-in, as left"]')).clear()
    await openTab(caravan)
    expect(await (await page.find('#reading')).getAttribute('value')).toBe('')
  })
  it('as a reason or as a figure of the nameplate outlives a line from elsewhere and a reload', async () => {
    await openTab(nursery)
    await page.press('can’t do that here', '.area-next')
    const why = () => page.find('.area-next input')
    await (await why()).sendKeys('hands full')
    await post(nursery, [line('line-from-office', { kind: 'note', text: 'from the office' })])
    await page.see('from the office', '.area-tape')
    expect(await (await why()).getAttribute('value')).toBe('hands full')
    await page.driver.navigate().refresh()
    await page.see('left', '.area-suspects')
    expect(await (await why()).getAttribute('value')).toBe('hands full')
    await (await why()).clear()
    await page.driver.get(`${served.url}/sites`)
    await page.press('Larkmead Plant Nursery')
    await page.press('Fill in or correct')
    const figure = () => page.find('.plate-form .with-unit input')
    const before = await (await figure()).getAttribute('value')
    await (await figure()).sendKeys('7')
    await page.driver.navigate().refresh()
    expect(await (await figure()).getAttribute('value')).toBe(`${before}7`)
    await page.press('Put back what is kept')
    expect(await (await figure()).getAttribute('value')).toBe(before)
  })
  it('is still there when the server could not open the tab', async () => {
    await page.driver.get(`${served.url}/open`)
    await page.see('What the customer says')
    await (await page.find('#site')).sendKeys('Nether Fold Sawmill')
    await page.press('Jet pump', '.narrow')
    await page.driver.navigate().refresh()
    await page.see('What the customer says')
    expect(await (await page.find('#site')).getAttribute('value')).toBe('Nether Fold Sawmill')
    expect(await page.driver.executeScript('return document.querySelector("input[type=radio][value=jet]").checked')).toBe(true)
    await page.driver.executeScript('localStorage.clear()')
  })
})

describe('a dead signal', () => {
  it('or a weak one leaves Today and a tab that was never opened here, with its suspects, and takes a line', async () => {
    const fresh = await openPage()
    let down = false
    const fromCopies = async (note: string) => {
      await fresh.driver.get(served.url)
      await fresh.see('as this device had it', '.today')
      await fresh.driver.findElement(By.css(`.today a[href="/tabs/${meadow}"]`)).click()
      await fresh.see('left', '.area-suspects')
      await fresh.log(`note ${note}`)
      await fresh.see(note, '.area-tape')
    }
    try {
      await fresh.driver.get(served.url)
      await fresh.see('Hums for a few seconds', '.today')
      const copies = 'const done = arguments[arguments.length - 1]; const ask = indexedDB.open("keep-tab"); ask.onsuccess = () => { const count = ask.result.transaction("tabs").objectStore("tabs").count(); count.onsuccess = () => { ask.result.close(); done(count.result) } }'
      await waitFor(async () => await fresh.driver.executeAsyncScript<number>(copies) >= 4 && await fresh.driver.executeScript<boolean>('return navigator.serviceWorker.controller !== null'), 15000, 'the copies on the device')
      // first one so weak that nothing is answered, then none at all
      served.stall()
      await fromCopies('written over a weak signal')
      await fresh.see('not yet kept', '.area-tape')
      served.goOn()
      await waitFor(async () => !(await fresh.text('.area-tape')).includes('not yet kept'), 20000, 'the line to be kept')
      await served.kill()
      down = true
      await fromCopies('written where there is no signal')
    }
    finally {
      served.goOn()
      if (down) await served.start()
      await fresh.close()
    }
  })
})

describe('the keyboard', () => {
  it('reaches every part of the Tab screen and logs without a mouse', async () => {
    await openTab(nursery)
    const active = () => page.driver.switchTo().activeElement()
    expect(await active().getAttribute('id')).toBe('reading')
    await active().sendKeys('?')
    await page.see('What can be typed', 'dialog[open]')
    await active().sendKeys(Key.ESCAPE)
    await waitFor(async () => (await page.driver.findElements(By.css('dialog[open]'))).length === 0, 4000, 'the sheet to close')
    const visited = new Set<string>()
    for (let i = 0; i < 6; i++) {
      await active().sendKeys(Key.F6)
      visited.add(await page.driver.executeScript('return [".path", ".area-next", ".area-suspects", ".area-tape", "#reading"].find(a => document.querySelector(a)?.contains(document.activeElement)) ?? "nowhere"'))
    }
    expect(visited).toEqual(new Set(['.path', '.area-next', '.area-suspects', '.area-tape', '#reading']))
    await (await page.find('#reading')).sendKeys('contacts b', Key.TAB)
    await waitFor(async () => (await (await page.find('#reading')).getAttribute('value')) === 'contacts burnt', 4000, 'the word to complete')
    await (await page.find('#reading')).sendKeys(Key.ESCAPE)
  })
  it('takes the last line back with one key, leaving it on the tape struck', async () => {
    await page.log('gauge 77')
    await page.see('77', '.area-tape')
    await (await page.find('#reading')).sendKeys(Key.chord(Key.CONTROL, 'z'))
    await page.see('struck: taken back at once', '.area-tape')
  })
})

describe('both sizes and both themes', () => {
  it('keeps the Tab screen whole at 1280×800 without page scroll', async () => {
    await openTab(nursery)
    const fits = await page.driver.executeScript('const m = document.querySelector(".main"); return [document.documentElement.scrollHeight <= 800, m.scrollHeight <= m.clientHeight + 1, document.documentElement.scrollWidth <= 1280]')
    expect(fits).toEqual([true, true, true])
  })
  it.each([['/', 'today'], ['/sites', 'sites'], ['/open', 'open'], ['tab', 'tab']])('does not spill sideways at 390×844: %s', async (path) => {
    await page.size(390, 844)
    await page.driver.get(`${served.url}${path === 'tab' ? `/tabs/${nursery}` : path}`)
    await page.find('.main > *')
    await new Promise(resolve => setTimeout(resolve, 500))
    expect(await page.driver.executeScript('return document.documentElement.scrollWidth')).toBeLessThanOrEqual(390)
    if (path === 'tab') {
      const low = await page.driver.executeScript('const b = document.querySelector("#reading").getBoundingClientRect(); return b.bottom <= 844 && b.height >= 44')
      expect(low).toBe(true)
    }
    await page.size(1280, 800)
  })
  it.each(['day', 'night'] as const)('has no serious accessibility findings by %s', async (theme) => {
    const site = (await (await fetch(`${served.url}/api/sites`)).json() as { id: string, name: string }[]).find(s => s.name.startsWith('Larkmead'))!
    for (const path of ['/', '/sites', `/sites/${site.id}`, '/open', `/tabs/${nursery}`, `/tabs/${nursery}/settle`, `/tabs/${nursery}/summary`]) {
      await page.driver.get(`${served.url}${path}`)
      await page.theme(theme)
      await page.find('.main h1, .main .area-next')
      await new Promise(resolve => setTimeout(resolve, 600))
      await page.driver.executeScript(axe)
      const serious = await page.driver.executeAsyncScript<{ id: string, nodes: { html: string }[] }[]>('const done = arguments[arguments.length - 1]; axe.run(document, { resultTypes: ["violations"] }).then(r => done(r.violations.filter(v => v.impact === "serious" || v.impact === "critical").map(v => ({ id: v.id, nodes: v.nodes.slice(0, 3).map(n => ({ html: n.html, why: n.failureSummary })) }))))')
      expect(serious, `${path} by ${theme}: ${JSON.stringify(serious, null, 1)}`).toEqual([])
    }
  })
})
