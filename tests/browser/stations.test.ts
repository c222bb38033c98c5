/**
 * From found to proved on one screen: the plan's steps, a wire on the wrong pole caught before power, a switch set by
 * the coach, the proof.
 */
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { openPage, seriousFindings, serveDemo, waitFor, type Page, type Served } from './drive'

let served: Served
let page: Page
let caravan: string

beforeAll(async () => {
  served = await serveDemo()
  caravan = await served.tabOf('Wash block')
  page = await openPage()
  await page.size(1280, 800)
  await page.openTab(served.url, caravan)
})
afterAll(async () => {
  await page?.close()
  await served?.remove()
})

const logAll = async (lines: readonly string[]) => {
  for (const line of lines) await page.log(line)
}
const next = (text: string) => page.see(text, '.area-next')
const kinds = async () => (await served.readTab(caravan)).lines.map(k => k.line.kind)

describe('a burnt switch, from the finding to the proof', () => {
  it('is put right by steps on the Tab’s frame, once it is found', async () => {
    await logAll(['line 241', 'load 0', 'dead 239 0.3 239', 'contacts burnt'])
    await next('Enough is known')
    await page.press('Put it right, step by step', '.area-next')
    await next('Picture and terminals as found')
    await page.see('One lock-out, one drain', '.area-suspects')
  })

  it('takes terminals tapped on the picture and on the drawing, as found', async () => {
    await page.see('Tap a screw', '.area-path')
    const photo = await page.find('.area-tape input[type="file"]')
    await photo.sendKeys(`${process.cwd()}/docs/screenshots/tab-day.png`)
    await (await page.find('.area-path .held img')).click()
    await page.see('Which terminal is that?', '.area-path')
    for (const word of ['1', 'black', 'supply']) await page.press(word, '.area-path .pick')
    await page.see('1', '.area-path .mark')
    await (await page.find('.area-path [aria-label="terminal 2"]')).click()
    for (const word of ['black', 'motor']) await page.press(word, '.area-path .pick')
    await waitFor(async () => (await kinds()).filter(k => k === 'landed').length === 2, 8000, 'both landings')
    const landed = (await served.readTab(caravan)).lines.flatMap(({ line }) => (line.kind === 'landed' ? [line] : []))
    expect(landed).toMatchObject([
      { terminal: '1', colour: 'black', to: 'supply', as: 'found', on: { x: expect.closeTo(0.5, 1) } },
      { terminal: '2', colour: 'black', to: 'motor', as: 'found' },
    ])
  })

  it('takes the terminals by the line, and draws them', async () => {
    await logAll(['t3 white supply', 't4 white motor'])
    await logAll(['g green supply', 'g green motor'])
    await next('drained to zero')
    expect((await kinds()).filter(k => k === 'landed')).toHaveLength(6)
    await page.log('zero pressure 0')
    await next('Replace the pressure switch')
    await page.press('Fitted', '.area-next')
    await next('Wires landed as they were found')
    await page.see('The pressure switch, two poles, as found', '.area-path')
  })

  it('catches both feeds on one pole before power, and says the move that mends it', async () => {
    await logAll(['t1 black supply', 't2 white supply', 't3 white motor', 't4 black motor'])
    await logAll(['g green supply', 'g green motor'])
    await page.see('Leg meets leg', '.area-path')
    await next('Move the white of the supply from 2 to 3.')
    await page.press('Set up', '.area-suspects')
    await page.press('Power on', '.area-suspects')
    await next('Not with the wires as they are on record')
    expect((await page.text('.area-next'))).not.toContain('Power is on')
    await page.press('Wire', '.area-suspects')
    await page.press('Proof of the record', '.area-suspects')
    await page.press('Moved: check again', '.area-next')
    await page.see('As it should be', '.area-path')
    await next('Dead check of the wires themselves')
  })

  it('draws the terminals on a phone without lying over what stands below', async () => {
    await page.size(390, 844)
    await page.see('As it should be', '.area-path')
    const clear = await page.driver.executeScript<boolean>(
      'const at = css => document.querySelector(css).getBoundingClientRect();'
      + 'const svg = at(".terminals svg");'
      + 'return svg.height > 120 && svg.bottom <= at(".terminals .right").top + 1'
      + ' && at(".terminals").bottom <= at(".parts").top + 1',
    )
    await page.size(1280, 800)
    expect(clear).toBe(true)
  })

  it('has no serious accessibility findings by day, nor in its colours by night', async () => {
    for (const theme of ['night', 'day'] as const) {
      await page.theme(theme)
      await page.see('As it should be', '.area-path')
      const serious = await seriousFindings(page, theme)
      expect(serious, `${theme}: ${JSON.stringify(serious, null, 1)}`).toEqual([])
    }
  })

  it('leaves a step out with a reason, which stays on the tab', async () => {
    await page.press('Done', '.area-next')
    await next('Cover on')
    await page.press('not here, because', '.area-next')
    await (await page.find('.area-next input')).sendKeys('the customer is painting it')
    await page.press('Leave it out', '.area-next')
    await page.see('the customer is painting it', '.area-tape')
  })

  it('has the switch set by what its nuts do: off and dead for the turn, and learnt from it', async () => {
    await next('Tank to 38 psi')
    await page.log('pre 38')
    await next('Water back slowly')
    await page.press('Done', '.area-next')
    await page.press('Power is on', '.area-next')
    await next('Cut-in 40 psi, cut-out 60 psi')
    // by the large key, at the instant, with the gauge beside it
    await (await page.find('input[aria-label="Gauge"]')).sendKeys('46')
    await page.press('Now: it came on', '.area-next')
    await page.log('cut out 66')
    await page.see('out 66 psi', '[aria-label="The run"]')
    await next('Range nut, 2½ turns anticlockwise')
    await next('Prove it dead first')
    await page.log('dead 239 0.3 239')
    await page.press('Turned', '.area-next')
    await page.log('live')
    await logAll(['cut in 40', 'cut out 60'])
    await next('The proof run')
    expect((await kinds()).filter(k => k === 'adjusted')).toHaveLength(1)
  })

  it('takes in a logger’s trace: kept as it is, and what is in it as lines', async () => {
    await next('A logger’s trace')
    const rows = Array.from({ length: 700 }, (_, s) => {
      const at = (s + 100) % 200
      return `${s},${at < 80 ? 40 + at / 4 : 60 - (at - 80) / 6},${at < 80 ? 6.4 : 0}`
    })
    const file = join(mkdtempSync(join(tmpdir(), 'keep-tab-trace-')), 'trace.csv')
    writeFileSync(file, ['time_s,psi,amps', ...rows].join('\n'))
    await (await page.find('.area-next input[type="file"]')).sendKeys(file)
    await next('came on at 40 psi')
    await page.press('Keep it, with its readings', '.area-next')
    await page.see('Trace: came on at 40 psi', '.area-tape')
    const note = (await served.readTab(caravan)).lines.find(k => k.line.attachments?.some(a => a.type === 'text/csv'))
    const { hash } = note!.line.attachments![0]!
    await waitFor(async () => (await fetch(`${served.url}/api/attachments/${hash}`)).ok, 10000, 'the trace to be kept')
    expect(await (await fetch(`${served.url}/api/attachments/${hash}`)).text()).toContain('time_s,psi,amps')
  })

  it('keeps where it was over a reload, and goes back to the tests when asked', async () => {
    await page.driver.navigate().refresh()
    await next('The proof run')
    await page.press('All closed', '.area-suspects')
    await (await page.find('input[aria-label="Gauge"]')).sendKeys('58')
    await page.press('Now: all closed', '.area-next')
    await next('to go')
    // the watch goes on over a reload
    await page.driver.navigate().refresh()
    await next('Now: the hold ends')
    await (await page.find('input[aria-label="Gauge"]')).sendKeys('57')
    await page.press('Now: the hold ends', '.area-next')
    await page.see('58 psi → 57 psi', '.area-tape')
    await page.log('hold 10 min 58→58')
    await page.press('Prove', '.area-suspects')
    await page.see('All closed, 10 min watched', '.area-suspects')
    expect(await page.text('.area-suspects .steps')).toMatch(/✓\s*All closed/)
    await page.press('back to the tests', '.area-next')
    await page.see('left', '.area-suspects')
  })
})
