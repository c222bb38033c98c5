/**
 * What must hold around the story: two devices, a killed server, hostile text, bad files, both themes, both sizes,
 * the keyboard.
 */
import { writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By, Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { slower } from '../speed'
import {
  openPage, otherDevice, type Page, scriptsOf, seriousFindings, type Served, serveDemo, waitFor,
} from './drive'

let served: Served
let page: Page
let nursery: string
let caravan: string
let meadow: string

beforeAll(async () => {
  served = await serveDemo()
  nursery = await served.tabOf('Overload')
  caravan = await served.tabOf('Wash block')
  meadow = await served.tabOf('Hums for')
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
const post = (tab: string, lines: unknown[]) => served.post(tab, lines)
const readTab = (tab: string) => served.readTab(tab)

describe('two devices on one tab', () => {
  it('see each other\'s lines within a second', async () => {
    const other = await openPage()
    try {
      await openTab(caravan)
      await openTab(caravan, other)
      // each device notes when its own tape shows it: one clock, and none of the time it takes to ask
      const lagOf = async (text: string) => {
        for (const device of [page, other])
          await device.driver.executeScript(
            'const [text] = arguments; window.watching?.disconnect(); window.seenAt = undefined; '
            + 'window.watching = new MutationObserver(() => { if '
            + '(document.querySelector(".area-tape").textContent.includes(text)) window.seenAt ??= Date.now() }); '
            + 'window.watching.observe(document.body, { subtree: true, childList: true, characterData: true })',
            text,
          )
        await page.log(`note ${text}`)
        await other.see(text, '.area-tape')
        const [here, there] = await Promise.all(
          [page, other].map(device => device.driver.executeScript<number>('return window.seenAt')),
        )
        expect(here).toBeGreaterThan(0)
        return (there! - here!) / slower()
      }
      // one of three may fall into a busy moment of the machine
      const lags = [await lagOf('first on the other device'), await lagOf('then once more'), await lagOf('and again')]
      expect(lags.toSorted((a, b) => a - b)[1], `${lags.join()} ms`).toBeLessThan(1000)
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
    for (const id of ids)
      expect((await post(caravan, [line(id, { kind: 'note', text: 'kept' })])).status).toBe(200)
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

describe('what is being typed', () => {
  it('is still there after a reload, on the reading line and while settling, until it is logged', async () => {
    await openTab(nursery)
    await (await page.find('#reading')).sendKeys('red 0')
    await page.driver.navigate().refresh()
    await page.see('left', '.area-suspects')
    expect(await (await page.find('#reading')).getAttribute('value')).toBe('red 0')
    await (await page.find('#reading')).sendKeys(Key.ESCAPE)
    await page.driver.get(`${served.url}/tabs/${nursery}/settle`)
    await page.see('Advice and follow-ups')
    const summary = () => page.find('[aria-label=Sign] textarea')
    await (await summary()).clear()
    await (await summary()).sendKeys('The relay had pitted')
    const own = () => page.find('input[aria-label="Advice of your own"]')
    await (await own()).sendKeys('shut the hose')
    await page.driver.navigate().refresh()
    await page.see('Advice and follow-ups')
    expect(await (await summary()).getAttribute('value')).toBe('The relay had pitted')
    expect(await (await own()).getAttribute('value')).toBe('shut the hose')
    await (await summary()).clear()
    await (await own()).clear()
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
    // the kinds come with the worker's answer
    const chosen = 'return document.querySelector("input[type=radio][value=jet]")?.checked === true'
    await waitFor(async () => page.driver.executeScript<boolean>(chosen), 8000, 'the kind that was chosen')
    await page.driver.executeScript('localStorage.clear()')
  })
})

describe('the first load of a tab', () => {
  it('brings at most 300 KB of script for the page, and 150 KB for the worker', async () => {
    const fresh = await openPage()
    await openTab(nursery, fresh)
    const { page: own, worker } = await scriptsOf(fresh)
    await fresh.close()
    expect(own).toBeGreaterThan(100e3)
    expect(own).toBeLessThanOrEqual(300e3)
    expect(worker).toBeGreaterThan(50e3)
    expect(worker).toBeLessThanOrEqual(150e3)
  })
})

describe('a dead signal', () => {
  it('or a weak one leaves Today and a tab never opened here, with its suspects, and takes a line', async () => {
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
      const copies
        = 'const done = arguments[arguments.length - 1]; const ask = indexedDB.open("keep-tab"); ask.onsuccess = '
          + '() => { const count = ask.result.transaction("tabs").objectStore("tabs").count(); count.onsuccess = '
          + '() => { ask.result.close(); done(count.result) } }'
      await waitFor(
        async () =>
          (await fresh.driver.executeAsyncScript<number>(copies)) >= 4
          && (await fresh.driver.executeScript<boolean>('return navigator.serviceWorker.controller !== null')),
        15000,
        'the copies on the device',
      )
      // first one so weak that nothing is answered, then none at all
      served.stall()
      await fromCopies('written over a weak signal')
      await fresh.see('not yet kept', '.area-tape')
      served.goOn()
      await waitFor(
        async () => !(await fresh.text('.area-tape')).includes('not yet kept'),
        20000,
        'the line to be kept',
      )
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
    await waitFor(
      async () => (await page.driver.findElements(By.css('dialog[open]'))).length === 0,
      4000,
      'the sheet to close',
    )
    const visited = new Set<string>()
    for (let i = 0; i < 6; i++) {
      await active().sendKeys(Key.F6)
      visited.add(
        await page.driver.executeScript(
          'return [".path", ".area-next", ".area-suspects", ".area-tape", "#reading"].find(a => '
          + 'document.querySelector(a)?.contains(document.activeElement)) ?? "nowhere"',
        ),
      )
    }
    expect(visited).toEqual(new Set(['.path', '.area-next', '.area-suspects', '.area-tape', '#reading']))
    await (await page.find('#reading')).sendKeys('contacts b', Key.TAB)
    await waitFor(
      async () => (await (await page.find('#reading')).getAttribute('value')) === 'contacts burnt',
      4000,
      'the word to complete',
    )
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
    const fits = await page.driver.executeScript(
      'const m = document.querySelector(".main"); return [document.documentElement.scrollHeight <= 800, '
      + 'm.scrollHeight <= m.clientHeight + 1, document.documentElement.scrollWidth <= 1280]',
    )
    expect(fits).toEqual([true, true, true])
  })
  it.each([
    ['/', 'today'],
    ['/sites', 'sites'],
    ['/open', 'open'],
    ['tab', 'tab'],
  ])('does not spill sideways at 390×844: %s', async (path) => {
    await page.size(390, 844)
    await page.driver.get(`${served.url}${path === 'tab' ? `/tabs/${nursery}` : path}`)
    await page.find('.main > *')
    await new Promise(resolve => setTimeout(resolve, 500))
    expect(await page.driver.executeScript('return document.documentElement.scrollWidth')).toBeLessThanOrEqual(
      390,
    )
    if (path === 'tab') {
      const low = await page.driver.executeScript(
        'const b = document.querySelector("#reading").getBoundingClientRect(); return b.bottom <= 844 && '
        + 'b.height >= 44',
      )
      expect(low).toBe(true)
    }
    await page.size(1280, 800)
  })
  it('has no serious accessibility findings by day, nor in its colours by night', async () => {
    const listed = await (await fetch(`${served.url}/api/sites`)).json()
    const { sites } = listed as { sites: { id: string, name: string }[] }
    const site = sites.find(s => s.name.startsWith('Larkmead'))!
    const paths = [
      '/',
      '/sites',
      `/sites/${site.id}`,
      '/open',
      `/tabs/${nursery}`,
      `/tabs/${nursery}/settle`,
      `/tabs/${nursery}/summary`,
    ]
    for (const theme of ['day', 'night'] as const) {
      await page.theme(theme)
      for (const path of paths) {
        await page.driver.get(`${served.url}${path}`)
        await page.find('.main h1, .main .area-next')
        await new Promise(resolve => setTimeout(resolve, 600))
        const serious = await seriousFindings(page, theme)
        expect(serious, `${path} by ${theme}: ${JSON.stringify(serious, null, 1)}`).toEqual([])
      }
    }
  })
})
