/** A real server on a database of its own and a real Chromium, for the browser tests and the pictures. */
import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { createRequire } from 'node:module'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Browser, Builder, By, Key, until, type WebElement } from 'selenium-webdriver'
import chrome from 'selenium-webdriver/chrome'
import { createWriter, type DraftLine } from '#core/tab'
import { loadDemo } from '../../demo/load'
import { DEMO_OWNER } from '../../demo/people'
import { OWN_HEADER, type TabReply, type TodayReply } from '../../shared/contracts'

export const DEMO_DAY = '2026-06-15'
export const DEMO_NOW = '2026-06-15T10:55:00.000Z'

export interface Served {
  readonly url: string
  readonly database: string
  post(tab: string, lines: readonly unknown[]): Promise<Response>
  readTab(tab: string): Promise<TabReply>
  /** the open or carried tab whose complaint begins so */
  tabOf(words: string): Promise<string>
  /** @param more of the environment, beside what it was first served with */
  start(more?: Readonly<Record<string, string>>): Promise<void>
  kill(): Promise<void>
  /** of its process, while it runs */
  pid(): number | undefined
  /** asks it to stop, and waits until it has */
  stop(): Promise<void>
  /** takes connections and answers none, as over a weak signal, until it goes on */
  stall(): void
  goOn(): void
  remove(): Promise<void>
}

/** What this application's own pages send with a write. */
export const HEADERS = { 'content-type': 'application/json', [OWN_HEADER]: '1' }

/** Lines as another device writes them, a minute before the demo's hour. */
export function otherDevice() {
  const put = createWriter('dev-of-the-test')
  return (id: string, draft: DraftLine) => put({ ...draft, id, at: '2026-06-15T10:54:00.000Z' })
}

/**
 * A server of the built product on a fresh database with the demo loaded. It can be killed and started again on the
 * same data.
 */
/** @param grown with three years at other sites besides, for what adds up */
export async function serveDemo(
  { now = DEMO_NOW, env = {} as Record<string, string>, grown = false } = {},
): Promise<Served> {
  const folder = mkdtempSync(join(tmpdir(), 'keep-tab-test-'))
  const database = `file:${join(folder, 'tab.db')}`
  await loadDemo(database, now.slice(0, 10), grown)
  const port = await freePort()
  const url = `http://127.0.0.1:${port}`
  let child: ChildProcess | undefined
  const start = async (more: Readonly<Record<string, string>> = {}) => {
    // in as the owner, who may all that the tests do
    child = startServer(database, port, { KEEP_TAB_NOW: now, KEEP_TAB_DEMO: DEMO_OWNER, ...env, ...more })
    await isUp(url)
  }
  const end = async (signal: NodeJS.Signals) => {
    // a test that failed may have left it dead
    if (!child || child.exitCode !== null || child.signalCode !== null) return
    const gone = new Promise(resolve => child?.once('exit', resolve))
    child?.kill(signal)
    await gone
  }
  const kill = () => end('SIGKILL')
  await start()
  const post = (tab: string, lines: readonly unknown[]) =>
    fetch(`${url}/api/tabs/${tab}/lines`, { method: 'POST', headers: HEADERS, body: JSON.stringify({ lines }) })
  const readTab = async (tab: string) => (await (await fetch(`${url}/api/tabs/${tab}`)).json()) as TabReply
  const tabOf = async (words: string) => {
    const { tabs } = (await (await fetch(`${url}/api/today`)).json()) as TodayReply
    const found = tabs.find(t => t.words.startsWith(words))
    if (!found) throw new Error(`no tab on Today begins with ${words}`)
    return found.id
  }
  return {
    url,
    database,
    start,
    kill,
    pid: () => child?.pid,
    stop: () => end('SIGTERM'),
    post,
    readTab,
    tabOf,
    stall: () => void child?.kill('SIGSTOP'),
    goOn: () => void child?.kill('SIGCONT'),
    remove: async () => {
      await kill()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}

/** As `npm start` has it. */
export const SERVER_FLAGS = readFileSync('scripts/server.flags', 'utf8').trim().split(' ')
export const startServer = (database: string, port: number, env: Readonly<Record<string, string>>) =>
  spawn(process.execPath, [...SERVER_FLAGS, '.output/server/index.mjs'], {
    env: {
      ...process.env, MALLOC_ARENA_MAX: '2', DATABASE_URL: database, PORT: String(port), HOST: '127.0.0.1', ...env,
    },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
export const isUp = (url: string) =>
  waitFor(async () => (await fetch(`${url}/api/health`)).ok, 20000, 'the server to answer')

export const freePort = () =>
  new Promise<number>((resolve, reject) => {
    const probe = createServer()
      .once('error', reject)
      .listen(0, '127.0.0.1', () => {
        const address = probe.address()
        probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0))
      })
  })

/** What a usual machine does in its time, one with much else to do may take so many times as long for. */
const PATIENCE = 3

/** Waits for what comes in its time; how fast a thing is is measured where it is said, and not by this. */
export async function waitFor(check: () => Promise<boolean>, milliseconds: number, what: string) {
  const until = Date.now() + PATIENCE * milliseconds
  while (Date.now() < until) {
    if (await check().catch(() => false)) return
    await new Promise(resolve => setTimeout(resolve, 60))
  }
  throw new Error(`waited ${milliseconds} ms for ${what}`)
}

export interface Page {
  readonly driver: chrome.Driver
  size(width: number, height: number): Promise<void>
  find(css: string): Promise<WebElement>
  text(css: string): Promise<string>
  /** clicks the first visible button, link or label holding the text */
  press(text: string, within?: string): Promise<void>
  /** types shorthand into the reading line and logs it */
  log(shorthand: string): Promise<void>
  see(text: string, within?: string): Promise<void>
  /** as a browser that was never here: nothing kept of an address, no script of any */
  forget(url: string): Promise<void>
  /** goes to a tab and waits until it is ranked */
  openTab(url: string, tab: string): Promise<void>
  theme(name: 'day' | 'night'): Promise<void>
  picture(): Promise<Buffer>
  close(): Promise<void>
}

export interface Browsing {
  /** where what is saved goes */
  readonly downloads?: string
  /** Y4M file that stands for what the camera sees */
  readonly camera?: string
}

export async function openPage({ downloads, camera }: Browsing = {}): Promise<Page> {
  const profile = mkdtempSync(join(tmpdir(), 'keep-tab-chromium-'))
  const options = new chrome.Options().setChromeBinaryPath('/usr/bin/chromium') as chrome.Options
  options.addArguments(
    '--headless=new',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--disable-dev-shm-usage',
    '--force-color-profile=srgb',
    // every emulated page lies whole in the window: what lies outside it is never shown, and its paint is never told
    '--window-size=1400,1000',
    `--user-data-dir=${profile}`,
    ...(camera
      ? [
          '--use-fake-ui-for-media-stream', '--use-fake-device-for-media-stream',
          `--use-file-for-fake-video-capture=${camera}`,
        ]
      : []),
  )
  if (downloads) options.setUserPreferences({ 'download.default_directory': downloads })
  const driver = (await new Builder()
    .forBrowser(Browser.CHROME)
    .setChromeOptions(options)
    .setChromeService(new chrome.ServiceBuilder('/usr/bin/chromedriver'))
    .build()) as chrome.Driver
  const find = (css: string) =>
    driver.wait(until.elementLocated(By.css(css)), PATIENCE * 15000, `no ${css} on the page`, 40)
  const page: Page = {
    driver,
    find,
    size: (width, height) =>
      driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
        width,
        height,
        deviceScaleFactor: 1,
        mobile: width < 500,
      }) as Promise<void>,
    text: async css => driver.executeScript<string>(TEXT, await find(css)),
    press: async (text, within = '.main') => {
      await waitFor(
        async () => {
          const element = await driver.executeScript<WebElement | null>(PRESSABLE, await find(within), text)
          await element?.click()
          return !!element
        },
        12000,
        `a button “${text}” in ${within}`,
      )
    },
    log: async (shorthand) => {
      const input = await find('#reading')
      await input.sendKeys(Key.ESCAPE)
      // said at once, as dictation puts it in; keys one by one are typed where typing is what is tried
      await driver.sendDevToolsCommand('Input.insertText', { text: shorthand })
      await input.sendKeys('\n')
      await waitFor(
        () => driver.executeAsyncScript<boolean>(ONCE_TAKEN, input),
        15000,
        `“${shorthand}” to be logged (it says: ${await page.text('#says')})`,
      )
    },
    see: (text, within = 'body') =>
      waitFor(
        async () => driver.executeAsyncScript<boolean>(ONCE_SAID, await find(within), text.toLowerCase()),
        12000,
        `“${text}” in ${within}`,
      ),
    forget: async (url) => {
      await driver.get('about:blank')
      await driver.sendDevToolsCommand('Storage.clearDataForOrigin', { origin: url, storageTypes: 'all' })
      await driver.sendDevToolsCommand('Network.clearBrowserCache', {})
    },
    openTab: async (url, tab) => {
      await driver.get(`${url}/tabs/${tab}`)
      await page.see('suspects', '.area-suspects')
      await page.see('left', '.area-suspects')
    },
    theme: async (name) => {
      await driver.executeScript('localStorage.setItem("keep-tab-theme", arguments[0])', name)
      await driver.navigate().refresh()
    },
    picture: async () => Buffer.from(await driver.takeScreenshot(), 'base64'),
    close: async () => {
      await driver.quit()
      rmSync(profile, { recursive: true, force: true })
    },
  }
  return page
}

/** The scripts that the page on screen has fetched, bytes as served: the page's own and the worker's, and how many. */
/** Scripts of the page as they came, besides workers: address and bytes, compressed. */
export const scriptSizes = async (page: Page) =>
  (await allScripts(page)).filter(([name]) => !name.includes('.worker'))

async function allScripts({ driver }: Page) {
  return [...new Map(await driver.executeScript<[string, number][]>(
    'return performance.getEntriesByType("resource").filter(e => /\\.js(\\?|$)/.test(e.name))'
    + '.map(e => [e.name, e.encodedBodySize])',
  ))]
}

export async function scriptsOf(page: Page) {
  const files = await allScripts(page)
  const sum = (of: typeof files) => of.reduce((bytes, [, size]) => bytes + size, 0)
  const [worker, own] = [files.filter(f => f[0].includes('.worker')), files.filter(f => !f[0].includes('.worker'))]
  return { page: sum(own), worker: sum(worker), files: files.length }
}

// Asked of the browser itself: the driver's own reading of text and visibility walks every style of the page.
/** What an element shows, as read: nothing where it is not shown. */
const TEXT = `const [element] = arguments
return element.checkVisibility({ visibilityProperty: true })
  ? element.innerText.replaceAll('\\t', ' ').trim() : ''`
/** The first control that shows, may be pressed and is called exactly so, else the first that holds the words. */
const PRESSABLE = `const [place, words] = arguments
const called = e => e.textContent.replace(/\\s+/g, ' ').trim()
const all = [...place.querySelectorAll('button, a, label, summary')].filter(e =>
  called(e).includes(words) && e.checkVisibility({ visibilityProperty: true }) && !e.disabled)
const found = all.find(e => called(e) === words) ?? all[0]
found?.scrollIntoView({ block: 'center' })
return found ?? null`

/** Watched for in the page itself, a second at a time: to ask again and again costs the driver more. */
const watched = (names: string, holds: string) => `const [${names}, done] = arguments
const began = performance.now()
const look = () => {
  const holds = ${holds}
  if (holds || performance.now() - began > 1000) done(holds)
  else setTimeout(look, 50)
}
look()`
/** An input is empty again. */
const ONCE_TAKEN = watched('input', 'input.value === ""')
/** A place holds words, in small letters. */
const ONCE_SAID = watched('place, words', `place.checkVisibility({ visibilityProperty: true })
    && place.innerText.replace(/\\s+/g, ' ').toLowerCase().includes(words)`)

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')
/** What day and night can differ in. */
const COLOUR_RULES = ['color-contrast', 'link-in-text-block']

/** Serious accessibility findings of what is on screen: all by day, of its colours by night. */
export async function seriousFindings({ driver }: Page, theme: 'day' | 'night') {
  await driver.executeScript(axe)
  return driver.executeAsyncScript<{ id: string, nodes: { html: string }[] }[]>(
    'const done = arguments[arguments.length - 1]; const rules = arguments[0]; '
    + 'axe.run(document, { resultTypes: ["violations"], ...(rules ? { runOnly: rules } : {}) }).then(r '
    + '=> done(r.violations.filter(v => v.impact === "serious" || v.impact === "critical").map(v => ({ id: '
    + 'v.id, nodes: v.nodes.slice(0, 3).map(n => ({ html: n.html, why: n.failureSummary })) }))))',
    theme === 'night' ? COLOUR_RULES : null,
  )
}
