/** One whole call per family of systems through the real interface: led to the fault, put right, proved, settled. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { By, Key } from 'selenium-webdriver'
import { KIND_IDS } from '#core/systems'
import { isKnownLine } from '#core/tab'
import { forLength } from '../length'
import { openPage, serveDemo, waitFor, type Page, type Served } from './drive'
import { CALLS } from './familyCalls'

let served: Served
let page: Page
beforeAll(async () => {
  served = await serveDemo()
  page = await openPage()
  await page.size(1280, 800)
})
afterAll(async () => {
  await page?.close()
  await served?.remove()
})

interface Listed {
  readonly id: string
  readonly name: string
  readonly systems: readonly { readonly id: string, readonly kind: string }[]
}

/** Which of them go on from the fault to the signed sheet: half of the families in `npm test`, else all. */
const WHOLE = forLength<readonly string[]>({
  long: KIND_IDS,
  usual: ['rv', 'three-phase', 'holding-tank', 'compressor-pilot'],
})

describe.each(CALLS.map(c => [c.site, c.failed, c] as const))('a call at %s: %s', (site, _failed, call) => {
  let tab = ''
  it('is opened, or taken up where it stood', async () => {
    const { sites } = (await (await fetch(`${served.url}/api/sites`)).json()) as { sites: Listed[] }
    const known = sites.find(s => s.name === site)!
    if (call.complaint) {
      await page.driver.get(`${served.url}/open?site=${known.id}&system=${known.systems[0]!.id}`)
      await page.press(call.complaint, '.narrow')
      await page.press('Open the tab', '.narrow')
    }
    else {
      await page.driver.get(`${served.url}/sites/${known.id}`)
      const detail = (await (await fetch(`${served.url}/api/sites/${known.id}`)).json()) as {
        systems: { system: { kind: string }, tabs: { tab: { id: string, status: string } }[] }[]
      }
      const open = detail.systems.find(s => s.system.kind === call.kind)!.tabs.find(t => t.tab.status === 'open')!
      await page.driver.get(`${served.url}/tabs/${open.tab.id}`)
    }
    await page.see('Next test', '.area-next')
    await waitFor(async () => (await page.driver.getCurrentUrl()).includes('/tabs/'), 8000, 'the tab')
    tab = (await page.driver.getCurrentUrl()).split('/tabs/')[1]!
    expect(await page.driver.findElements(By.css('svg.path .glyph'))).not.toHaveLength(0)
  })
  it('leads to the fault', async () => {
    for (const line of call.lines) await page.log(line)
    await page.see(call.repair, '.area-next')
    expect(await page.text('.area-suspects')).toContain(call.failed)
  })
  const whole = it.runIf(WHOLE.includes(call.kind))
  whole('is put right, wired, set up and proved at its stations', async () => {
    await page.press('Put it right, step by step', '.area-next')
    for (const said of call.stations) {
      if (said.startsWith('!')) {
        const before = await page.text('.area-next')
        await page.press(said.slice(1), '.area-next')
        // pressed again before the step is done it would be the same step's
        const moved = async () => (await page.text('.area-next')) !== before
        await waitFor(moved, 12000, `what comes after “${said.slice(1)}”`)
      }
      else if (said.startsWith('?')) await page.see(said.slice(1), '.area-next')
      else await page.log(said)
    }
    if (call.cause) await page.press(call.cause, '.area-next')
    await page.press('Settle', '.area-suspects')
    await page.press('The sheet, looked over', '.area-suspects')
    await page.press('To the sheet', '.area-next')
  })
  whole('is settled by a sheet that its lines have filled', async () => {
    await page.see(call.failed, '[aria-label="What failed"]')
    await page.see(call.cause ?? 'Still open', '[aria-label="What made it fail"]')
    await page.press('Settle')
    await page.see('Signed', 'aside')
    await waitFor(async () => (await served.readTab(tab)).tab.status === 'settled', 10000, 'the server to have it')
    const { lines } = await served.readTab(tab)
    const written = lines.flatMap(k => (isKnownLine(k.line) ? [k.line] : []))
    expect(written.filter(l => l.kind === 'finding').map(l => l.role)).toContain('failed')
    const settled = written.find(l => l.kind === 'settled')
    const heads = (head: string) => settled?.sheet?.entries.filter(e => e.head === head).map(e => e.text).join(' ')
    expect(heads('What was proved')).toContain(call.proved)
    expect(heads('What we found')).toContain(call.cause ?? 'the cause is still open')
    // an open cause is come back for
    expect(written.some(l => l.kind === 'follow-up' && l.text.startsWith('Find what'))).toBe(!call.cause)
  })
})

describe('a tab for a known site', () => {
  it('is opened once the site is here, however slowly it comes', async () => {
    const { sites } = (await (await fetch(`${served.url}/api/sites`)).json()) as { sites: Listed[] }
    const known = sites.find(s => s.name === 'Millrace House')!
    // the calls before were at this site: a copy of it on this device would soon stand in
    await page.forget(served.url)
    const slow = await page.driver.sendAndGetDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
      source: `const ask = window.fetch
        window.fetch = async (at, how) => {
          if (String(at).includes('/api/sites/')) await new Promise(come => { window.letCome = come })
          return ask(at, how)
        }`,
    }) as unknown as { identifier: string }
    try {
      await page.driver.get(`${served.url}/open?site=${known.id}&system=${known.systems[0]!.id}`)
      await page.see('Bringing the site', '.narrow')
      await page.press('Open the tab', '.narrow')
      await page.see('press again once it is here', '.narrow')
      expect(await page.text('.narrow')).not.toContain('Kind of system')
      await page.driver.executeScript('window.letCome()')
      await page.press('Stops while water is drawn', '.narrow')
      await page.press('Open the tab', '.narrow')
      await page.see('Next test', '.area-next')
    }
    finally {
      await page.driver.sendDevToolsCommand('Page.removeScriptToEvaluateOnNewDocument', slow)
    }
  })
})

describe('a new system', () => {
  it('is described in a short form that says what contradicts and what would sharpen the readings', async () => {
    await page.driver.get(`${served.url}/open`)
    await (await page.find('#site')).sendKeys('Toll Bridge Orchard')
    await page.press('Three-phase pump', '.narrow')
    await page.press('What is fitted', '.narrow')
    await page.see('Would sharpen the readings most', '.plate-form')
    await (await page.find('input[name="motor.power"]')).sendKeys('5 hp')
    await (await page.find('input[name="motor.amps"]')).sendKeys('4 A')
    await page.see('cannot make 5 hp', '.plate-form')
    const amps = await page.find('input[name="motor.amps"]')
    await amps.clear()
    await amps.sendKeys('15.2 A')
    await page.press('yes', '.options')
    await page.press('No water', '.narrow')
    await page.press('Open the tab', '.narrow')
    await page.see('Toll Bridge Orchard', '.complaint')
    await page.see('Next test', '.area-next')
  })
  it('takes a remark that a hand places, and hears the words so from then on', async () => {
    await page.log('she is yodelling like a goat')
    await page.see('Remark, not weighed', '.area-tape')
    await page.press('she is yodelling', '.area-tape')
    await page.press('Place it', '.area-tape')
    await (await page.find('dialog[open] input')).sendKeys('listen groans')
    await page.press('groans, does not turn', 'dialog[open] .answers')
    await page.see('struck: placed: ', '.area-tape')
    const input = await page.find('#reading')
    await input.sendKeys('She’s yodelling like a goat')
    await page.see('own words of', '#says')
    await input.sendKeys(Key.ESCAPE)
    await page.driver.get(`${served.url}/settings`)
    await page.see('she is yodelling like a goat', '.own-words')
    await page.press('Forget', '.own-words')
    await waitFor(async () => !(await page.text('.own-words')).includes('yodelling'), 5000, 'the words to be forgotten')
    expect(await page.text('.own-words')).toContain('it goes like a stork')
    await page.driver.navigate().back()
    await page.see('Next test', '.area-next')
    await (await page.find('#reading')).sendKeys('she is yodelling like a goat')
    await page.see('Not placed', '#says')
    await (await page.find('#reading')).sendKeys(Key.ESCAPE)
  })
  it('keeps a picture with the tab, and finds leads by their ohms', async () => {
    const input = await page.driver.findElement(By.css('.photo input'))
    await input.sendKeys(`${process.cwd()}/docs/screenshots/tab-day.png`)
    await page.see('Photo', '.area-tape .rows')
    await waitFor(
      async () =>
        Number(
          await page.driver.executeScript('return document.querySelector(".area-tape img")?.naturalWidth ?? 0'),
        ) > 100,
      10000,
      'the picture',
    )
    await page.press('Find leads', '.area-tape')
    const fields = await page.driver.findElements(By.css('dialog[open] input'))
    for (const [i, ohms] of ['16.8', '12.1', '4.7'].entries()) await fields[i]!.sendKeys(ohms)
    await page.see('lead three is common', 'dialog[open]')
    await page.press('Keep as a note', 'dialog[open]')
    await page.see('lead three common', '.area-tape')
  })
})

describe('what the owner says at the door', () => {
  it('stands on the tape as lines of their own, and what the system does only as the complaint', async () => {
    const { sites } = (await (await fetch(`${served.url}/api/sites`)).json()) as { sites: Listed[] }
    const known = sites.find(s => s.name === 'Millrace House')!
    await page.driver.get(`${served.url}/open?site=${known.id}&system=${known.systems[0]!.id}`)
    await page.press('No water', '.narrow')
    const field = (label: string) => page.driver.findElement(By.xpath(`//label[contains(., '${label}')]/input`))
    await (await field('In their words')).sendKeys('dead since the power went out')
    await (await field('Since when')).sendKeys('Saturday, somebody put a new switch on')
    await page.press('Open the tab', '.narrow')
    await page.see('outage', '.area-tape')
    await page.see('someone worked on it', '.area-tape')
    const tab = (await page.driver.getCurrentUrl()).split('/tabs/')[1]!
    const lines = (await served.readTab(tab)).lines.map(l => l.line as { kind: string, outcome?: string })
    expect(lines.map(l => l.outcome ?? l.kind).toSorted()).toEqual(['opened', 'outage', 'worked-on'])
  })
})
