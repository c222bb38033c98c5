/**
 * Three years at the made-up company's other sites, as a book in the open format: calls told from stories, checks
 * every year with figures that drift. Invented, and the same every time: one seed.
 */
import { createRandom, type Random } from '#core/foundation'
import { CHECKS, FITTED, NAMEPLATES, SITES, STORIES, type GrownSite, type Story } from './stories'

const ANCHOR = '2026-06-15'
const FIRST = '2023-06-20'
const DAY = 86400e3
const PEOPLE = ['R. Fennick', 'T. Oakhollow', 'T. Oakhollow']

interface Told {
  readonly day: string
  readonly by: string
  readonly complaint: string
  readonly words: string
  readonly lines: readonly string[]
}

export function growBook(seed = 1874): unknown {
  const random = createRandom(seed)
  return {
    format: 'keep-tab', version: 2, anchor: ANCHOR, company: 'Hollow Reach Pump & Motor',
    sites: SITES.map(site => ({
      name: site.name,
      place: site.place,
      contact: site.contact,
      systems: [{
        ...site.system,
        nameplate: NAMEPLATES[site.system.kind],
        fitted: FITTED[site.system.kind]!.map(f => ({ ...f, fitted: site.system.installed })),
        tabs: callsOf(site, random, seed),
      }],
    })),
  }
}

/** One motor has been in all along, so that its insulation is seen to fall. */
const ONE_MOTOR = 'Ashling Bakery'
function callsOf(site: GrownSite, random: Random, seed: number): readonly Told[] {
  const usual = callsAt(site, random)
  return site.name === ONE_MOTOR
    ? callsAt(site, createRandom(seed + 1), s => !/^(?:motor|pump)\./.test(s.failed))
    : usual
}

function callsAt(site: GrownSite, random: Random, may: (s: Story) => boolean = () => true): readonly Told[] {
  const out: Told[] = []
  const told: Story[] = []
  const own = STORIES.filter(s => s.kinds.includes(site.system.kind) && may(s))
  // a call about every three months, a check in spring
  for (let day = Date.parse(FIRST) + random.uniform() * 60 * DAY; day < Date.parse(ANCHOR) - 4 * DAY;) {
    // what was renewed lately seldom fails again so soon
    const fresh = (s: Story) => s.weight * (s === told.at(-1) ? 0.1 : told.slice(-3).includes(s) ? 0.35 : 1)
    const story = pick(own, fresh, random)
    told.push(story)
    out.push(tell(story, dayOf(day), site, random))
    day += (60 + random.uniform() * 130) * DAY
  }
  for (const year of [2023, 2024, 2025, 2026]) {
    const month = year === 2023 ? 7 : 3 + Math.floor(random.uniform() * 3)
    out.push(check(site, `${year}-0${month}-${10 + Math.floor(random.uniform() * 4)}`, random))
  }
  return out.toSorted((a, b) => a.day.localeCompare(b.day))
}

const dayOf = (at: number) => new Date(at).toISOString().slice(0, 10)

function pick<T>(all: readonly T[], weight: (t: T) => number, random: Random): T {
  let at = random.uniform() * all.reduce((sum, t) => sum + weight(t), 0)
  return all.find(t => (at -= weight(t)) < 0) ?? all.at(-1)!
}

/** Minutes go by as the lines are told, some quicker and some slower than the story has it. */
function clock(random: Random, begin: number) {
  let minutes = begin
  return {
    say: (took: number, text: string) => {
      minutes += Math.max(1, Math.round(took * (0.6 + 0.9 * random.uniform())))
      const [d, m] = [Math.floor(minutes / 1440), minutes % 1440]
      const two = (n: number) => String(n).padStart(2, '0')
      return `${d > 0 ? `+${d} ` : ''}${two(Math.floor(m / 60))}:${two(m % 60)} ${text}`
    },
    nextDay: (days: number) => {
      minutes = (Math.floor(minutes / 1440) + days) * 1440 + 8 * 60 + Math.floor(40 * random.uniform())
    },
  }
}

function tell(story: Story, day: string, site: GrownSite, random: Random): Told {
  const { say, nextDay } = clock(random, 8 * 60 + Math.floor(300 * random.uniform()))
  const figure = (text: string) => text.replace(/\$([\d.]+)/, (_, n: string) =>
    String(Number((Number(n) * (0.985 + 0.03 * random.uniform())).toPrecision(3))))
  const cause = pick(story.causes, c => c[0], random)[1]
  const [part] = /on ([^(]+) \(/.exec(story.mended.map(m => m[1]).join()) ?? []
  const trip = story.carried !== undefined && random.uniform() < 1 / story.carried
  const lines = [
    ...story.found.map(([took, text]) => say(took, figure(text))),
    say(2, `failed ${story.failed}`),
    ...(cause ? [say(3, `cause ${cause}`)] : []),
  ]
  if (trip) {
    lines.push(say(4, `carry: to be ordered; bring ${part?.slice(3, -2) ?? 'the part'}`))
    nextDay(2 + Math.floor(6 * random.uniform()))
    lines.push(say(2, 'resume'))
  }
  const fault = story.failed.replace(/:.*$/, '')
  // the part that what failed was in went for it; one fitted beside it went for nothing
  const why = (text: string) => text.replace(/^part (\S+):/, (_, c: string) =>
    (fault.startsWith(`${c}.`) ? `part ${c} ${fault}:` : `part ${c}:`))
  lines.push(
    ...story.mended.map(([took, text]) => say(took, why(text))),
    ...story.proved.map(([took, text]) => say(took, figure(text))),
  )
  lines.push(say(5, `settle: ${story.settle}`))
  return {
    day, by: PEOPLE[Math.floor(random.uniform() * PEOPLE.length)]!, complaint: story.complaint,
    words: story.words[Math.floor(random.uniform() * story.words.length)]!, lines,
  }
}

function check(site: GrownSite, day: string, random: Random): Told {
  const { say } = clock(random, 9 * 60 + Math.floor(200 * random.uniform()))
  const years = (Date.parse(day) - Date.parse(FIRST)) / (365.25 * DAY)
  const read = CHECKS[site.system.kind]!.map(({ say: words, at, aYear, shares }) => {
    const now = (shares ? at * (1 + aYear) ** years : at + aYear * years) * (0.985 + 0.03 * random.uniform())
    return say(6, words.replace('$', String(Number(now.toPrecision(3)))))
  })
  return {
    day, by: PEOPLE[Math.floor(random.uniform() * PEOPLE.length)]!, complaint: 'check-up', words: 'Yearly check',
    lines: [...read, say(4, 'settle: In band.')],
  }
}
