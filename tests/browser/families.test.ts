/** One whole call per family of systems through the real interface: led to the fault, put right, proved, settled. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { By } from 'selenium-webdriver'
import { openPage, serveDemo, waitFor, type Page, type Served } from './drive'

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

interface Call {
  readonly site: string
  readonly kind: string
  /** opened anew with this complaint, or taken up where the demo left it */
  readonly complaint?: string
  /** what is typed, in order; `live` goes through the proof dialog's line */
  readonly lines: readonly string[]
  readonly repair: string
  readonly failed: string
  readonly component: string
  readonly part: string
  readonly left: readonly (readonly [test: string, figure: string])[]
}

const CALLS: readonly Call[] = [
  {
    site: 'Millrace House',
    kind: 'booster',
    complaint: 'Stops while water is drawn',
    lines: [
      'it runs',
      'weak at the tap',
      'gauge reads 22',
      '239 on the line side',
      '6.2 amps running',
      'inlet drops to 22 psi when it runs',
      'dead 239 0.2 239',
      'drained to zero',
      'strainer is packed with grit',
    ],
    repair: 'Clean the strainer',
    failed: 'Inlet strainer blocked',
    component: 'Strainer',
    part: 'cleaned and flushed',
    left: [
      ['Cut-in', '40'],
      ['Cut-out', '60'],
    ],
  },
  {
    site: 'Canal boat Quillfeather',
    kind: 'rv',
    lines: [
      '0 volts into the demand switch',
      'nothing behind the panel switch',
      'nothing out of the fuse',
      'dead 12.6 0 12.6',
      'the fuse is blown',
      'pump unplugged, new fuse holds',
    ],
    repair: 'Find why, then replace the fuse',
    failed: 'Fuse blown',
    component: 'Fuse',
    part: 'new fuse, feed checked',
    left: [
      ['Cut-in', '25'],
      ['Cut-out', '45'],
    ],
  },
  {
    site: 'Highfold Stoneworks',
    kind: 'compressor-pilot',
    lines: [
      'lever is on auto',
      '23.7 behind the overload contact',
      '23.8 behind the pressure switch',
      '23.7 across the coil',
      'dead 479 0.3 479',
      'the coil reads OL',
    ],
    repair: 'Replace the coil',
    failed: 'Coil open',
    component: 'Starter',
    part: 'coil 24 V',
    left: [
      ['Cut-in', '125'],
      ['Cut-out', '155'],
    ],
  },
  {
    site: 'Lower Meadow Irrigation',
    kind: 'three-phase',
    lines: [
      'line 1-2 229',
      'line 2-3 241',
      'line 3-1 233',
      'load 1-2 225',
      'load 2-3 112',
      'load 3-1 113',
      'pole 3 207',
    ],
    repair: 'Replace contacts or contactor',
    failed: 'Starter contact not making',
    component: 'Starter',
    part: 'contact kit',
    left: [
      ['Cut-in', '40'],
      ['Cut-out', '60'],
    ],
  },
]

interface Listed {
  readonly id: string
  readonly name: string
  readonly systems: readonly { readonly id: string, readonly kind: string }[]
}

describe.each(CALLS.map(c => [c.site, c] as const))('a call at %s', (site, call) => {
  let tab = ''
  it('is opened, or taken up where it stood', async () => {
    const sites = (await (await fetch(`${served.url}/api/sites`)).json()) as Listed[]
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
  it('is put right, proved and settled', async () => {
    await page.press('Repair and settle', '.area-next')
    await page.press(call.failed, '[aria-label="Findings"]')
    await page.see('What made it fail', '.page')
    await (await page.find('.forms select')).sendKeys(call.component)
    await (await page.find('input[placeholder^="aired"]')).sendKeys(call.part)
    await page.press('Put right', '.box .forms')
    await page.see(call.part)
    for (const [test, figure] of call.left) {
      const input = await page.find(`input[aria-label="${test}, as left"]`)
      await input.sendKeys(figure, '\n')
      await waitFor(
        async () =>
          (await input.getAttribute('value')) === ''
          || (await page.driver.findElements(By.css('dialog[open]'))).length > 0,
        12000,
        `${test} as left`,
      )
      if ((await page.driver.findElements(By.css('dialog[open]'))).length > 0) {
        await page.press('Power is on', 'dialog[open]')
        await waitFor(
          async () => !(await page.driver.findElements(By.css('dialog[open]'))).length,
          8000,
          'the dialog to close',
        )
        await input.sendKeys('\n')
        await waitFor(async () => (await input.getAttribute('value')) === '', 12000, `${test} as left`)
      }
    }
    await (await page.find('textarea')).sendKeys(`${call.failed}. Put right and proved.`)
    await page.press('Settle')
    await page.see('Put right and proved.')
    const kept = (await (await fetch(`${served.url}/api/tabs/${tab}`)).json()) as {
      tab: { status: string }
      lines: { line: { kind: string, role?: string } }[]
    }
    expect(kept.tab.status).toBe('settled')
    expect(kept.lines.filter(l => l.line.kind === 'finding').map(l => l.line.role)).toContain('failed')
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
  it('keeps a picture with the tab, and finds leads by their ohms', async () => {
    const input = await page.driver.findElement(By.css('.photo input'))
    await input.sendKeys(`${process.cwd()}/docs/screenshots/keys.png`)
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
