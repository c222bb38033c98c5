/**
 * One visit from the label to the sheet: scan the tag, arrive, fix with a part that the shelf offers, print, send, see
 * the books change, find it by its number; and what goes with a visit: no signal, another book's tag, a table.
 */
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import ICAL from 'ical.js'
import jsQR from 'jsqr'
import sharp from 'sharp'
import { By } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { BooksReply, SiteReply, SitesReply, ShelfReply, TagsReply, TodayReply } from '../../shared/contracts'
import { createDesk, quote } from '../../standins/desk'
import { readPdf } from '../papers/read'
import { filmLabel } from './camera'
import { HEADERS, openPage, serveDemo, waitFor, type Page, type Served } from './drive'

let served: Served
let page: Page
let folder: string
const desk = createDesk()
const camera = () => join(folder, 'camera.y4m')
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'keep-tab-visit-'))
  const port = await new Promise<number>(resolve => desk.listen(0, '127.0.0.1', () =>
    resolve((desk.address() as AddressInfo).port)))
  served = await serveDemo({ grown: true, env: { KEEP_TAB_DESK: `http://127.0.0.1:${port}` } })
  const first = await openPage()
  await tagKennels(first)
  await first.close()
  page = await openPage({ downloads: folder, camera: camera() })
  await page.size(1280, 800)
})
afterAll(async () => {
  await page?.close()
  await served?.remove()
  desk.close()
  rmSync(folder, { recursive: true, force: true })
})

const ask = async <T>(path: string) => (await (await fetch(served.url + path)).json()) as T
const go = (path: string, on = page) => on.driver.get(served.url + path)
const siteNamed = async (name: string) =>
  (await ask<SitesReply>('/api/sites?most=1000')).sites.find(s => s.name === name)!
const saved = async (ending: string) => {
  let name = ''
  await waitFor(async () => {
    name = readdirSync(folder).find(f => f.endsWith(ending)) ?? ''
    return name !== ''
  }, 20000, `a file ${ending} to be saved`)
  return join(folder, name)
}

/** The label is made as a person makes it, and filmed. */
async function tagKennels(on: Page) {
  const kennels = await siteNamed('Gorsehill Kennels')
  await on.size(1280, 800)
  await go(`/sites/${kennels.id}`, on)
  await on.press('Give it a tag', '.system')
  await on.see('tag ', '.system header')
  await on.press('Print its tag', '.system')
  await on.see('nothing but a random')
  const { tags } = await ask<TagsReply>('/api/tags')
  const own = tags.find(t => t.siteName === 'Gorsehill Kennels')!
  expect(await on.text('.label .code')).toBe(`${own.token.slice(0, 4)}-${own.token.slice(4, 8)}`)
  // off the screen itself, by a decoder that has nothing to do with ours
  const picture = await on.driver.findElement(By.css('.label')).takeScreenshot()
  const { data, info } = await sharp(Buffer.from(picture, 'base64')).ensureAlpha().raw()
    .toBuffer({ resolveWithObject: true })
  expect(jsQR(new Uint8ClampedArray(data), info.width, info.height)?.data).toBe(own.token)
  filmLabel(camera(), own.token)
}

describe('a visit', () => {
  it('begins with the tag: the camera opens its system', async () => {
    await go('/scan')
    await waitFor(async () => (await page.driver.getCurrentUrl()).includes('/sites/'), 20000, 'the tag to be read')
    await page.see('Gorsehill Kennels', 'h1')
    await page.see('dogs out until nine', '.facts .hazard')
    expect(await page.driver.findElements(By.css('.system.asked'))).toHaveLength(1)
  })
  it('is mended with a part that the shelf offers, and signed', async () => {
    await page.press('Open a tab here')
    await page.press('No water', '.narrow')
    await page.press('Open the tab', '.narrow')
    await page.see('Next test', '.area-next')
    for (const line of [
      '239 on the line side', '0.4 on the load side', 'gauge reads 12', 'dead 239 0.3 239', 'contacts are burnt',
    ]) await page.log(line)
    await page.press('Put it right, step by step', '.area-next')
    for (const line of ['t1 black supply, t2 black motor, t3 red supply, t4 red motor', 'zero pressure 0'])
      await page.log(line)
    await page.see('✓ fits', '.area-next')
    const burnt = async () =>
      (await ask<BooksReply>('/api/sums')).faults.find(f => f.about === 'switch.pole1-burnt')?.count ?? 0
    const before = await burnt()
    await page.press('PS-4060 ', '.area-next .offered')
    await page.press('Fitted', '.area-next')
    const tab = (await page.driver.getCurrentUrl()).split('/tabs/')[1]!
    await go(`/tabs/${tab}/settle`)
    await page.press('Settle')
    await page.see('Signed', 'aside')
    await waitFor(async () => (await burnt()) === before + 1, 8000, 'the books to have it')
    await go(`/tabs/${tab}/summary`)
    await page.see('What we found')
  })
  it('is printed: the sheet and the tape as PDF say what the screen says', async () => {
    const said = await page.driver.executeScript<string[]>(`return [...document.querySelectorAll(
      '.sheet-page h1, .sheet-page h2, .sheet-page section li, .sheet-page section p, .sheet-page td')]
      .map(e => e.textContent.trim()).filter(Boolean)`)
    await page.press('Save as PDF', '.acts')
    const { text } = await readPdf(readFileSync(await saved('-sheet.pdf')))
    const onPaper = text.replace(/\s+/g, ' ')
    expect(said.length).toBeGreaterThan(6)
    for (const words of said) expect(onPaper).toContain(words.replace(/\s+/g, ' '))
    await page.press('Files', '.papers')
    await page.press('Work sheet', '.menu')
    const work = await readPdf(readFileSync(await saved('-work.pdf')))
    expect(work.text).toMatch(/PROVEN DEAD|proven dead/)
    // the drawing's own words are in it
    expect(work.text).toMatch(/pressure switch/i)
  })
  it('has its drawing and its circuit as files', async () => {
    await page.press('Drawing (SVG)', '.menu')
    const svg = readFileSync(await saved('-drawing.svg'), 'utf8')
    expect(svg).toMatch(/^<svg[^>]* xmlns="http:\/\/www\.w3\.org\/2000\/svg"/)
    expect(svg).not.toMatch(/class=|var\(/)
    await page.press('Drawing (PNG)', '.menu')
    const png = await sharp(readFileSync(await saved('-drawing.png'))).metadata()
    expect(png.width).toBeGreaterThan(1500)
    await page.press('Circuit', '.menu')
    expect(readFileSync(await saved('-circuit.cir'), 'utf8')).toMatch(/^\*|\.end\b/im)
    await page.press('Readings (CSV)', '.menu')
    const csv = readFileSync(await saved('readings.csv'), 'utf8')
    expect(csv).toMatch(/Gorsehill Kennels,kennel well,.*,line\.volts,.*,239,V/)
  })
  it('is sent: the message with the sheet stands in the outbox', async () => {
    await page.press('Send it', '.papers')
    const to = await page.find('dialog input[type=email]')
    await to.sendKeys('not an address')
    await page.press('Send', 'dialog')
    expect(await page.driver.findElements(By.css('dialog [role=status]'))).toHaveLength(0)
    await to.clear()
    await to.sendKeys('kennels@example.test')
    await page.press('Send', 'dialog')
    await page.see('Sent to kennels@example.test', 'dialog')
    const outbox = join(dirname(served.database.slice('file:'.length)), 'outbox')
    const [name] = readdirSync(outbox)
    const message = readFileSync(join(outbox, name!), 'utf8')
    expect(message).toMatch(/^To: kennels@example\.test\r?$/m)
    const [, pdf = ''] = /application\/pdf[\s\S]*?\r\n\r\n([A-Za-z0-9+/=\r\n]+)/.exec(message) ?? []
    expect((await readPdf(Buffer.from(pdf.replace(/\s/g, ''), 'base64'))).text).toContain('Gorsehill Kennels')
    await page.press('Good', 'dialog')
  })
  it('is found by the number of its part', async () => {
    await go('/search?q=PS-4060')
    await page.see('Gorsehill Kennels', '.found')
  })
})

describe('a tag', () => {
  it('of another book, and what is no tag, are said; a typed code opens as the scanned one', async () => {
    const plain = await openPage()
    await plain.size(390, 844)
    await go('/scan', plain)
    await plain.see('no camera', '.frame')
    const type = async (code: string) => {
      const input = await plain.find('.typed input')
      await input.clear()
      await input.sendKeys(code)
      await plain.press('Open', '.typed')
    }
    await type('hello there')
    await plain.see('is no tag of Keep Tab')
    await type('ZZZZ-0000')
    await plain.see('it may be of another one')
    const [tag] = (await ask<TagsReply>('/api/tags')).tags
    await type(tag!.token.slice(0, 8).toLowerCase())
    await waitFor(async () => (await plain.driver.getCurrentUrl()).includes(tag!.site), 8000, 'its site')
    // and again with no server: the site's file is on this device
    await waitFor(async () => plain.driver.executeScript<boolean>('return !!navigator.serviceWorker.controller'),
      15000, 'the application to be on the device')
    await served.stop()
    try {
      await go('/scan', plain)
      await plain.see('no camera', '.frame')
      await plain.see('as this device had them')
      await type(tag!.token.slice(0, 8))
      await plain.see('as this device had it')
      await plain.see(tag!.siteName, 'h1')
    }
    finally {
      await served.start()
      await plain.close()
    }
  })
})

describe('without a signal', () => {
  it('a new site, system and tab are opened here, written on, and at the server once it is back', async () => {
    await go('/')
    await page.see('Monday', '#day-title')
    await waitFor(async () => page.driver.executeScript<boolean>('return !!navigator.serviceWorker.controller'),
      15000, 'the application to be on the device')
    await go('/open')
    await page.see('Open a tab', 'h1')
    await served.stop()
    await (await page.find('#site')).sendKeys('Thistle Barn')
    await page.press('Well, three-wire', '.narrow')
    await page.press('No water', '.narrow')
    await page.press('Open the tab', '.narrow')
    await page.see('Next test', '.area-next')
    await page.log('238 on the line side')
    await page.see('not yet kept')
    const tab = (await page.driver.getCurrentUrl()).split('/tabs/')[1]!
    await go('/')
    await page.see('Thistle Barn', '.day')
    // a paper needs no signal either
    await go(`/tabs/${tab}/summary`)
    await page.see('not settled yet')
    await page.press('Save as PDF', '.acts')
    expect((await readPdf(readFileSync(await saved('thistle-barn-sheet.pdf')))).text).toContain('Thistle Barn')
    await served.start()
    await go(`/tabs/${tab}`)
    await waitFor(async () =>
      (await served.readTab(tab).catch(() => undefined))?.lines?.length === 2, 40000, 'both lines')
    const site = await siteNamed('Thistle Barn')
    expect(site.systems).toHaveLength(1)
  })
  it('the same place opened twice is put together by moving its system', async () => {
    const first = await siteNamed('Thistle Barn')
    const second = { id: 'site-thistle-2', name: 'Thistle Barn' }
    const now = '2026-06-15T10:00:00.000Z'
    const made = await fetch(`${served.url}/api/tabs`, {
      method: 'POST',
      headers: HEADERS,
      body: JSON.stringify({
        site: second, system: { id: 'system-thistle-2', name: 'spring', kind: 'jet' },
        tab: {
          id: 'tab-thistle-2',
          opened: {
            id: 'line-thistle-2', kind: 'opened', complaint: 'no-water', words: 'no water', at: now,
            device: 'dev-thistle', counter: 1, clock: '01781517600000.0000', seen: [],
          },
        },
      }),
    })
    expect(made.status).toBe(200)
    await go(`/sites/${second.id}`)
    await page.see('the same name', '.same')
    await page.press('They are one', '.same')
    await waitFor(async () =>
      (await ask<SiteReply>(`/api/sites/${first.id}`)).systems.some(s => s.system.id === 'system-thistle-2'),
    8000, 'the system to be at the first')
  })
})

describe('a site with many calls', () => {
  it('shows every one of them, with a signal and without', async () => {
    const site = { id: 'site-many', name: 'Ninety Calls' }
    for (let n = 0; n < 90; n++) {
      const at = new Date(Date.UTC(2025, 0, 1 + n, 10)).toISOString()
      const made = await fetch(`${served.url}/api/tabs`, {
        method: 'POST',
        headers: HEADERS,
        body: JSON.stringify({
          site, system: { id: 'system-many', name: 'yard well', kind: 'jet' },
          tab: {
            id: `tab-many-${n}`,
            opened: {
              id: `line-many-${n}`, kind: 'opened', complaint: 'no-water', words: `call ${n + 1} of many`, at,
              device: 'dev-many', counter: n + 1, clock: `0173572560${String(n).padStart(4, '0')}.0000`, seen: [],
            },
          },
        }),
      })
      expect(made.status).toBe(200)
    }
    const shown = () => page.driver.executeScript<string[]>(
      'return [...document.querySelectorAll(".calls .call b")].map(b => b.textContent)')
    const all = Array.from({ length: 90 }, (_, n) => `call ${90 - n} of many`)
    await go(`/sites/${site.id}`)
    await waitFor(async () => (await shown()).length === 90, 20000, 'ninety calls')
    expect(await shown()).toEqual(all)
    await served.kill()
    await page.driver.navigate().refresh()
    await page.see('as this device had it')
    await waitFor(async () => (await shown()).length === 90, 20000, 'ninety calls without a signal')
    expect(await shown()).toEqual(all)
    await served.start()
  })
})

describe('a table', () => {
  it('is taken in whole or not at all, with each wrong row said', async () => {
    const path = join(folder, 'parts.csv')
    const heads = 'Part number;Description;Price;In the van\r\n'
    writeFileSync(path, `${heads}QX-1;check valve 1 in;22,50;2\r\n;nameless;1;1\r\n`)
    await go('/tables')
    await page.see('What a table needs')
    await page.driver.findElement(By.css('input[type=file]')).sendKeys(path)
    await page.see('This is empty', '.why')
    expect(await (await page.find('.acts .main')).isEnabled()).toBe(false)
    const has = async () => (await ask<ShelfReply>('/api/shelf')).parts.find(p => p.number === 'QX-1')
    expect(await has()).toBeUndefined()
    await page.press('Leave out the 1 that is wrong')
    await page.press('Take in 1 row')
    await page.see('1 row taken in')
    expect(await has()).toMatchObject({ name: 'check valve 1 in', price: 22.5, stock: { van: 2 } })
  })
})

describe('a part that is short', () => {
  it('is asked for at the supplier’s desk and ordered: what is on order is a line', async () => {
    await go('/shelf?part=part-ga-100')
    await page.press('Ask the supplier', '.card')
    const { price, days } = quote('GA-100')
    await page.see(price.toFixed(2), '.desk')
    await page.see(`in ${days} day`, '.desk')
    await page.press('Order 1', '.desk')
    await page.see('Ordered 1', '.desk')
    await waitFor(async () =>
      (await ask<ShelfReply>('/api/shelf')).parts.find(p => p.number === 'GA-100')?.stock.onOrder === 1,
    8000, 'one on order')
  })
})

describe('the plan', () => {
  it('is on paper, and in another calendar by a link that needs no sign-in', async () => {
    await go('/')
    await page.see('Monday', '#day-title')
    await page.press('Day sheet', '.plan')
    const { text } = await readPdf(readFileSync(await saved('-day.pdf')))
    expect(text.replace(/\s+/g, ' ')).toContain('dog loose in the yard')
    await page.press('Link for a calendar', '.plan')
    await page.see('/api/calendar/', '.plan .link')
    const [address] = /http\S+/.exec(await page.text('.plan .link'))!
    const feed = await fetch(address!)
    expect(feed.headers.get('content-type')).toMatch(/^text\/calendar/)
    const events = new ICAL.Component(ICAL.parse(await feed.text()) as unknown[]).getAllSubcomponents('vevent')
    expect(events.length).toBeGreaterThan(3)
    expect((await fetch(`${address!.slice(0, -6)}AAAAAA`)).status).toBe(410)
  })
})

describe('a system', () => {
  it('is renamed, its check is set otherwise, and it is retired: the day says so', async () => {
    const { checks } = await ask<TodayReply>('/api/today')
    const due = checks.find(c => c.checks.includes('precharge'))!
    await go(`/sites/${due.siteId}?system=${due.system}`)
    const at = `#${due.system}`
    await page.see('Checks', at)
    await page.press('Change', at)
    const name = await page.find(`${at} .change input`)
    await name.clear()
    await name.sendKeys('long meadow well')
    await page.press('Say so', at)
    await page.see('long meadow well', `${at} h2`)
    const select = await page.find(`${at} select[aria-label="How often: precharge"]`)
    await page.driver.executeScript(
      'const s = arguments[0]; s.value = "36"; s.dispatchEvent(new Event("change"))', select)
    await waitFor(async () => !(await ask<TodayReply>('/api/today')).checks
      .some(c => c.system === due.system && c.checks.includes('precharge')), 8000, 'it to fall due later')
    await page.press('Change', at)
    await page.press('Retire it', at)
    await waitFor(async () => !(await ask<TodayReply>('/api/today')).checks.some(c => c.system === due.system),
      8000, 'no check to be due')
    await page.see('retired', `${at} header`)
  })
})
