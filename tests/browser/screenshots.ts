/** `npm run screenshots`: the pictures of the main views in docs/screenshots, from the demo data at its fixed hour. */
import { mkdirSync, writeFileSync } from 'node:fs'
import { DEMO_OWNER, DEMO_VISITOR } from '../../demo/people'
import { openPage, serveDemo } from './drive'

const served = await serveDemo({ env: { KEEP_TAB_DEMO: DEMO_VISITOR }, grown: true })
const page = await openPage()
const shoot = async (name: string) => {
  await new Promise(resolve => setTimeout(resolve, 900))
  writeFileSync(`docs/screenshots/${name}.png`, await page.picture())
}
const go = (path: string) => page.driver.get(`${served.url}${path}`)
try {
  mkdirSync('docs/screenshots', { recursive: true })
  const today = (await (await fetch(`${served.url}/api/today`)).json()) as {
    tabs: { id: string, words: string, siteId: string }[]
  }
  const nursery = today.tabs.find(t => t.words.startsWith('Overload'))!
  const caravan = today.tabs.find(t => t.words.startsWith('Wash block'))!
  await page.size(1280, 800)
  await go('/')
  await page.theme('day')
  await page.see('Overload lets go', '.day')
  await page.see('next:', '.day')
  await shoot('today')
  await go('/shelf?part=part-ps-4060')
  await page.see('pressure switch 40/60', '.card')
  await shoot('shelf')
  await go('/books')
  await page.see('How long parts last')
  await shoot('books')
  await go('/search?q=lightning')
  await page.see('lightning', '.found')
  await shoot('search')
  await go(`/tabs/${nursery.id}`)
  await page.see('left', '.area-suspects')
  await shoot('tab-day')
  await (await page.find('.area-suspects button')).click()
  await (await page.find('#reading')).sendKeys('red 0')
  await page.see('which?', '.offers')
  await shoot('tab-evidence')
  await page.theme('night')
  await page.see('left', '.area-suspects')
  await shoot('tab-night')
  await page.theme('day')
  await go(`/tabs/${nursery.id}`)
  await page.see('left', '.area-suspects')
  for (const typed of ['zero pressure 0', 'pre 11', 'relay ol']) await page.log(typed)
  await page.see('Enough is known', '.area-next')
  await page.press('Put it right, step by step', '.area-next')
  for (const as of ['', 'as landed ']) {
    for (const wires of ['l1 black supply, l2 red supply', 'yellow on Y, black on B, red on R', 'g green supply'])
      await page.log(`${as}${wires}`)
    await page.log(`${as}g green motor`)
    if (!as) await page.press('Fitted', '.area-next')
  }
  await page.log('y-b 2.0')
  for (const button of ['Done', 'Done', 'Done', 'Power is on']) await page.press(button, '.area-next')
  for (const said of ['cut in 40', 'cut out 60', 'black 7.4', 'black start 24', 'hold 10 min 58→58', 'it works again'])
    await page.log(said)
  await page.press('Settle', '.area-suspects')
  await page.press('The sheet, looked over', '.area-suspects')
  await page.press('To the sheet', '.area-next')
  await page.see('What made it fail')
  await shoot('settle')
  await go(`/tabs/${nursery.id}/summary`)
  await page.see('How it was left')
  await shoot('summary')
  await go('/sites')
  await page.see('Larkmead')
  await shoot('sites')
  await page.driver.get(`${served.url}/settings`)
  await page.see('Precharge under cut-in')
  await shoot('settings')
  await go(`/sites/${nursery.siteId}`)
  await page.see('Over the years')
  await shoot('site')
  await go('/open')
  await page.see('What the customer says')
  await shoot('open')
  const kinds = async (kind: string, name: string) => {
    const { sites: listed } = (await (await fetch(`${served.url}/api/sites`)).json()) as {
      sites: { id: string, systems: { kind: string }[] }[]
    }
    const site = (await (
      await fetch(`${served.url}/api/sites/${listed.find(s => s.systems.some(x => x.kind === kind))!.id}`)
    ).json()) as { systems: { system: { kind: string }, tabs: { tab: { id: string, status: string } }[] }[] }
    const own = site.systems.find(s => s.system.kind === kind)!.tabs
    await go(`/tabs/${(own.find(t => t.tab.status === 'open') ?? own[0]!).tab.id}`)
    await page.see('left', '.area-suspects')
    await shoot(name)
  }
  await kinds('compressor-pilot', 'tab-compressor')
  await page.theme('night')
  await kinds('three-phase', 'tab-three-phase')
  await page.theme('day')
  await page.size(390, 844)
  await go(`/tabs/${caravan.id}`)
  await page.see('do that here', '.area-next')
  await shoot('tab-phone')
  await page.size(1280, 800)
  await go(`/tabs/${caravan.id}`)
  await page.see('left', '.area-suspects')
  const say = async (lines: readonly string[]) => {
    for (const line of lines) await page.log(line)
  }
  await say(['load 0', 'dead 239 0.3 239', 'contacts burnt'])
  await page.press('Put it right, step by step', '.area-next')
  await say(['1 black supply, 2 black motor', '3 white supply, 4 white motor', 'g green supply', 'g green motor'])
  await say(['zero pressure 0'])
  await page.press('Fitted', '.area-next')
  await say(['1 black supply, 2 white supply', '3 white motor, 4 black motor', 'g green supply', 'g green motor'])
  await page.see('Leg meets leg', '.area-path')
  await shoot('station-wire')
  for (const button of ['Moved: check again', 'Done', 'Done']) await page.press(button, '.area-next')
  await say(['pre 38'])
  await page.press('Done', '.area-next')
  await page.press('Power is on', '.area-next')
  await say(['cut in 46', 'cut out 66'])
  await page.see('turns anticlockwise', '.area-next')
  await shoot('station-set-up')
  await page.press('RF', '.head')
  await page.press(DEMO_OWNER, '.head')
  await page.see('ET', '.badge')
  await go('/people')
  await page.see('Acts on record', '.page')
  await shoot('people')
}
finally {
  await page.close()
  await served.remove()
}
