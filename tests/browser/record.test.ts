/** The record through the real interface: the day, the shelf, a repair from it, the books, what is found. */
import { By, Key } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { BooksReply, ShelfReply, TodayReply } from '../../shared/contracts'
import { openPage, seriousFindings, serveDemo, waitFor, type Page, type Served } from './drive'

let served: Served
let page: Page
beforeAll(async () => {
  served = await serveDemo({ grown: true })
  page = await openPage()
  await page.size(1280, 800)
})
afterAll(async () => {
  await page?.close()
  await served?.remove()
})

const ask = async <T>(path: string) => (await (await fetch(served.url + path)).json()) as T
const go = (path: string) => page.driver.get(served.url + path)
const titles = async () => {
  const rows = await page.driver.findElements(By.css('.day .call .title b'))
  return Promise.all(rows.map(r => r.getText()))
}
const rowOf = (n: number) => page.driver.findElement(By.css(`.day .call:nth-child(${n})`))
const plannedOn = async (day: string) => (await ask<TodayReply>('/api/today')).planned.filter(p => p.day === day)

describe('the day', () => {
  it('stands in its order with its minutes, the engine’s suspects and what can hurt', async () => {
    await go('/')
    await page.see('Monday 15 Jun', '#day-title')
    await page.see('dog loose in the yard', '.day')
    // the engine has looked at each
    await page.see('next:', '.day')
    await waitFor(async () => /\d+ to isolate/.test(await page.text('.day')), 20000, 'the minutes to expect')
    expect((await titles())[0]).toBe('Overload lets go, greenhouse lines flat')
    expect(await page.text('.plan .head')).toMatch(/five calls · \d h.* of work, done by about \d\d:\d\d/)
  })
  it('is put in another order by Alt and an arrow, on every device', async () => {
    const before = await titles()
    await rowOf(2).sendKeys(Key.chord(Key.ALT, Key.ARROW_UP))
    await waitFor(async () => (await titles())[0] === before[1], 5000, 'the second to stand first')
    await waitFor(async () => (await plannedOn('2026-06-15')).some(p => p.rank < 1), 5000, 'the order to be kept')
    await page.driver.navigate().refresh()
    await waitFor(async () => (await titles())[0] === before[1], 8000, 'the order after a reload')
  })
  it('is put in another order by dragging', async () => {
    const before = await titles()
    const first = await rowOf(1).findElement(By.css('.when')).getRect()
    const second = await rowOf(2).getRect()
    const [x, y, below] = [first.x + 10, first.y + 10, second.y + second.height - 15].map(Math.round) as [
      number, number, number,
    ]
    await page.driver.actions().move({ x, y }).press().move({ x, y: y + 25, duration: 200 })
      .move({ x, y: below, duration: 400 }).release().perform()
    await waitFor(async () => (await titles())[0] === before[1], 5000, 'the dragged one to stand second')
    expect((await titles()).toSorted()).toEqual(before.toSorted())
  })
  it('gives a call to another day and person, and takes in what is due', async () => {
    const [first] = await titles()
    await page.driver.findElement(By.css('.day .call:nth-child(1) .move')).click()
    await page.see('Who goes', 'dialog')
    await page.press('Tomorrow', 'dialog')
    await waitFor(async () => !(await titles()).includes(first!), 5000, 'the call to leave the day')
    await waitFor(async () => (await plannedOn('2026-06-16')).length === 1, 5000, 'tomorrow to have it')
    await page.press('week', '.plan')
    await page.see(first!, '.week li:nth-child(2)')
    await page.press('day', '.plan')
    const due = await page.text('.side .list li:nth-child(1) b')
    await page.driver.findElement(By.css('[aria-labelledby="due-title"] .press')).click()
    await waitFor(async () => (await titles()).length > 4, 5000, 'what is due to stand on the day')
    expect(due.length).toBeGreaterThan(0)
  })
  it('is ticked at the van', async () => {
    await page.driver.findElement(By.css('[aria-labelledby="load-title"] input')).click()
    await waitFor(async () => (await ask<TodayReply>('/api/today')).ticked.length === 1, 5000, 'the tick to be kept')
  })
  it('opens a tab by saying it, and finds what is said', async () => {
    await page.driver.findElement(By.id('say')).sendKeys('willow bend no water')
    await page.see('No water at Willow Bend Caravan Park', '.opens')
    await page.press('Enter', '.above')
    await waitFor(async () => (await page.driver.getCurrentUrl()).includes('/open?'), 5000, 'the form')
    await waitFor(async () => (await page.driver.findElement(By.id('site')).getAttribute('value')) !== '', 5000, 'site')
    expect(await page.driver.findElement(By.id('site')).getAttribute('value')).toBe('Willow Bend Caravan Park')
  })
})

describe('the shelf', () => {
  it('is counted and moved by lines, and says what is short', async () => {
    await go('/shelf?part=part-sc-130')
    await page.see('start capacitor 130–156 µF', '.card')
    const input = await page.driver.findElement(By.css('.do input'))
    await input.clear()
    await input.sendKeys('1')
    await page.press('Set the count', '.card')
    await page.see('load 1', '.shelf')
    const part = async () => (await ask<ShelfReply>('/api/shelf')).parts.find(p => p.number === 'SC-130')!
    // the card is drawn anew once the count is in: a key that is pressed meanwhile may move away under the pointer
    const counted = async () => (await part()).stock.counted.van.startsWith('2026-06-15')
    await waitFor(counted, 5000, 'the count to be kept')
    const isStill = async () => {
      const before = await page.text('.card')
      await new Promise(resolve => setTimeout(resolve, 400))
      return (await page.text('.card')) === before
    }
    await waitFor(isStill, 5000, 'the card to stand still')
    await page.press('Shop to van', '.card')
    // says what it came to instead
    await expect.poll(async () => (await part()).stock, { timeout: 15_000 }).toMatchObject({ van: 2 })
  })
  it('takes in a part, and says which figure it cannot read', async () => {
    await page.press('Add a part')
    await page.press('Put it on the shelf', '.card')
    await page.see('Say what it is called.', '.card')
    const fields = await page.driver.findElements(By.css('.card label.field input'))
    await fields[0]!.sendKeys('pressure switch 60/80')
    await fields[1]!.sendKeys('PS-6080')
    const power = await page.driver.findElement(By.xpath('//label[contains(., "Horsepower")]//input'))
    await power.sendKeys('two horses')
    await page.see('two horses', '.card')
    await power.clear()
    await power.sendKeys('2 hp')
    await page.press('Put it on the shelf', '.card')
    await page.see('PS-6080', '.shelf')
    await waitFor(async () =>
      (await ask<ShelfReply>('/api/shelf')).parts.some(p => p.number === 'PS-6080'), 5000, 'the part to be kept')
  })
})

describe('a call mended from the shelf', () => {
  const SAID = [
    '239 on the line side', '0.4 on the load side', 'gauge reads 12', 'dead 239 0.3 239', 'contacts are burnt',
  ]
  it('shows what can hurt on arrival, and offers a part that fits, with what must change', async () => {
    const sites = (await ask<{ sites: { id: string, name: string, systems: { id: string }[] }[] }>('/api/sites')).sites
    const kennels = sites.find(s => s.name === 'Gorsehill Kennels')!
    await go(`/open?site=${kennels.id}&system=${kennels.systems[0]!.id}`)
    await page.press('No water', '.narrow')
    await page.press('Open the tab', '.narrow')
    await page.see('Next test', '.area-next')
    await page.see('dogs out until nine')
    for (const line of SAID) await page.log(line)
    await page.press('Put it right, step by step', '.area-next')
    for (const line of ['t1 black supply, t2 black motor, t3 red supply, t4 red motor', 'zero pressure 0'])
      await page.log(line)
    await page.see('✓ fits', '.area-next')
    expect(await page.text('.area-next .offered')).toContain('PS-4060')
    expect(await page.text('.area-next .offered')).toMatch(/Air the tank to 38 psi/)
  })
  it('takes the part from the van, and the books and the search have the call once it is settled', async () => {
    const van = async () =>
      (await ask<ShelfReply>('/api/shelf')).parts.find(p => p.number === 'PS-4060')!.stock.van
    const burnt = async () =>
      (await ask<BooksReply>('/api/sums')).faults.find(f => f.about === 'switch.pole1-burnt')!.tabs.length
    const [vanBefore, burntBefore] = [await van(), await burnt()]
    await page.press('PS-4060 ', '.area-next .offered')
    await page.press('Fitted', '.area-next')
    await waitFor(async () => (await van()) === vanBefore - 1, 5000, 'one less on the van')
    const tab = (await page.driver.getCurrentUrl()).split('/tabs/')[1]!
    await go(`/tabs/${tab}/settle`)
    await page.press('Settle')
    await page.see('Signed', 'aside')
    await waitFor(async () => (await burnt()) === burntBefore + 1, 5000, 'the books to have it')
    await go('/books')
    await page.see('What fails, and why')
    expect(await page.text('.faults li:nth-child(1)')).toContain(String(burntBefore + 1))
    await go('/search?q=PS-4060')
    await page.see('Gorsehill Kennels', '.found')
  })
})

describe('the books', () => {
  it('open the tabs behind each figure, and go out as CSV', async () => {
    await go('/books')
    await page.see('Done in one visit')
    await page.press('Cause left open', '.shares')
    await page.see('·', 'dialog .ruled')
    await page.press('Close', 'dialog')
    const csv = await (await fetch(`${served.url}/api/sums?table=faults`)).text()
    expect(csv.split('\n')[0]).toContain('fault,calls')
    expect(csv).toContain('Switch pole 1 burnt')
  })
  it('are of one kind, one site or one year where asked, and say where there is nothing', async () => {
    const select = await page.driver.findElement(By.css('select[aria-label="Kind of system"]'))
    await select.sendKeys('3')
    const all = await page.text('.headed .soft')
    await page.driver.executeScript(
      'const s = arguments[0]; s.value = "compressor-direct"; s.dispatchEvent(new Event("change"))', select)
    await waitFor(async () => (await page.text('.headed .soft')) !== all, 5000, 'fewer tabs')
    await page.see('Unloader does not vent', '.faults')
    expect(await page.text('.faults')).not.toContain('Pump worn')
  })
})

describe('a site', () => {
  it('is known by facts with who said them and when, hazards first', async () => {
    const sites = (await ask<{ sites: { id: string, name: string }[] }>('/api/sites')).sites
    await go(`/sites/${sites.find(s => s.name === 'Ashling Bakery')!.id}`)
    await page.see('add', '.facts')
    await page.press('hazard', '.facts')
    await page.driver.findElement(By.css('.facts .say input')).sendKeys('oven flue at head height')
    await page.press('Say so', '.facts')
    await page.see('oven flue at head height', '.facts .hazard')
    await page.see('E. Thornvale', '.facts .hazard')
    await page.driver.navigate().refresh()
    await page.see('oven flue at head height', '.facts .hazard')
  })
  it('says when falling insulation will meet its limit', async () => {
    await page.see('Over the years')
    await page.driver.executeScript('document.querySelector(".p-select").click()')
    await page.driver.findElement(By.xpath('//li[contains(., "Insulation")]')).click()
    await page.see('under 1 MΩ', '.foretold')
  })
})

describe('without a signal', () => {
  it('a count is kept on the device, shown at once, and sent when the server is back', async () => {
    await go('/shelf?part=part-ga-100')
    await page.see('gauge 0–100 psi', '.card')
    await served.stop()
    const input = await page.driver.findElement(By.css('.do input'))
    await input.clear()
    await input.sendKeys('7')
    await page.press('Set the count', '.card')
    await page.see('not yet kept')
    await served.start()
    await waitFor(async () =>
      (await ask<ShelfReply>('/api/shelf').catch(() => undefined))?.parts
        .find(p => p.number === 'GA-100')?.stock.van === 7, 30000, 'the count to arrive')
  })
})

const SCREENS = ['/', '/shelf', '/books', '/search?q=pump']
describe('the screens of the record', () => {
  it.each(SCREENS)('%s can be used by everybody, by day and by night', async (path) => {
    for (const theme of ['day', 'night'] as const) {
      await page.theme(theme)
      await go(path)
      await page.see('Today', '.head')
      expect(await seriousFindings(page, theme), `${path} by ${theme}`).toEqual([])
    }
    await page.theme('day')
  })
  it.each(SCREENS)('%s goes without scrolling sideways on a phone', async (path) => {
    await page.size(390, 844)
    await go(path)
    await page.see('Today', '.head')
    const wide = await page.driver.executeScript<number>('return document.querySelector(".main").scrollWidth')
    expect(wide).toBeLessThanOrEqual(390)
    await page.size(1280, 800)
  })
})
