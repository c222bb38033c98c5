/**
 * One word for each meaning. What is said in several words becomes one (`cuts out` → trip), words of one meaning
 * become one by their stem (Porter's, from its package), a negation belongs to the word behind it (`does not turn` →
 * `!turn`), and what only fills is told apart. Phrases of the catalogue and lines that are said go the same way, so
 * that they meet.
 */
import { stemmer } from 'stemmer'
import { JOINED } from './turns/joined'

/** Words of one meaning; the first is what they become. */
const GROUPS: readonly string[] = [
  'burnt burn roasted torched cremated burned burnt burning charred scorched toast toasted fried cooked '
  + 'melted melting brown browned crispy crunchy',
  'sooty soot sooty smutty blackened',
  'insect insects ant ants bug bugs spider spiders web cobweb wasp earwig beetle beetles snail slug gecko lizard'
  + ' moth moths fly flies yellowjacket yellowjackets hornet hornets lizard lizards frog mudwasp',
  'blocked block blocked plugged plug clogged clog packed choked gummed restricted stuffed caked impacted'
  + ' obstructed occluded crammed',
  'jam jammed',
  'hum hums humming groan groans growl growls moan buzz buzzing grunt grunts grunting drone drones droning',
  'silent silent quiet noiseless mute soundless hushed',
  'noth nothing zip nada zilch bupkis nil squat naught nought diddly',
  'chatter chatters chattering stutter stutters stuttering flutter flutters fluttering',
  'trip trips tripped tripping pop pops popped',
  'hold holds held holding stay stays stayed',
  'fall falls fell falling sag sags sagged sagging drop drops dropped lose loses lost losing sinks sank',
  'climb climbs climbing rise rises rising creeping increases increasing creeps',
  'stuck stuck hung stick sticks sticking seized seize locked lock frozen-up bound wedged seizes seizing',
  'stiff stiff rough grinds grinding tight-turning',
  'free free freely',
  'good good fine ok okay alright great perfect healthy decent dandy excellent beautiful golden',
  'bad bad shot done failed kaput dud defective faulty ruined useless busted bust',
  'clean clean bright shiny spotless pristine',
  'clear clear unobstructed',
  'pitted pit pitted pitting cratered pockmarked eroded craters crater',
  'weld welded weld welds',
  'loose loose slack wobbly wobbles wobbling sloppy',
  'chafed chafed chafe rubbed rubbing pinched nicked skinned chewed gnawed mouse mice rat rats rodent scraped'
  + ' scuffed abraded bitten nibbled frayed fraying squirrel squirrels',
  'bulged bulged domed puffed puffy mushroomed smoked bulging swollen swelled split burst leaking-oil bloated'
  + ' ballooned bulgy',
  'smell smell smells stinks stink reeks odor odour stench smelly whiff',
  'contact contact contacts points point tip tips',
  'cap cap capacitor capacitors condenser',
  'breaker breaker breakers brk',
  'overload overload overloads ovl thermal',
  'port port nipple orifice',
  'run run runs ran running',
  'turn turn turns turning turned twist twisted flick spin spins spun spinning rotate rotates',
  'start start starts started starting',
  'barely barely hardly scarcely',
  'suck suck sucks sucking',
  'plate plate nameplate rated supposed should tag sticker',
  'stop stop stops stopped quit halts halted ceases ceased',
  'shut shut closed close closes shutting',
  'open open opened opens',
  'leak leak leaks leaking drip drips dripping seep seeps weep weeps squirts squirting ooze oozes',
  'rust rust rusty rusted rustier',
  'sand sand sandy pebble pebbles grit gritty sediment silt gravel crud shavings',
  'scale scale scaled lime',
  'dirt dirt dirty slimy dust mud sawdust lint fluff junk trash crap gunk debris grime grimy gunky sludge goop goo'
  + ' muck mucky filth filthy algae moss rubbish',
  'gauge gauge gauges needle',
  'box box lid',
  'labour labours labors lugs lugging bogs bogging strains struggles struggling tired wheezes wheezing chugs'
  + ' chugging bogged lugged',
  'wet wet flooded flood soaked damp submerged underwater condensation sweating moist moisture soggy drenched drowned',
  'storm storm storms lightning thunder thunderstorm',
  'outage outage outages',
  'old old aged ancient original',
  'pool pool pond ponds',
  'fill fill filling filled',
  'bridge bridged bridge jumpered jumper jumped bypass bypassed',
  'new new replaced brand-new',
  'fit fitted fit installed install put-in changed',
  'swap swap swapped swapping reversed exchanged',
  'corroded corroded corrosion green furred furry fuzz fuzzy crusty rotten rotted oxidized oxidised verdigris',
  'knock clatter clatters clattering clank clanking knock knocks knocking rattle rattles clanks',
  'rumble rumble rumbles screams scream squeals screeches whines noisy roars howl howls howling roaring shriek shrieks',
  'hiss hiss hisses hissing sigh sighs',
  'vent vent vents vented venting',
  'bubble bubble bubbles foam foams fizz fizzing froth frothy suds',
  'volt volt volts voltage',
  'amp amp amps amperes amperage current draw draws drawing',
  'ohm ohm ohms resistance',
  'meg meg megs megohm megohms insulation',
  'main main',
  'mains mains',
  'power power juice electricity',
  'pressure pressure psi',
  'weak weak trickle dribble dribbles poor feeble pathetic piddly measly wimpy lousy',
  'slow slow slowly sluggish lazy lazily gradually',
  'heavy heavy weighs',
  'dull dull thud waterlogged dead-sounding thunk thunks',
  'ring ring rings rang hollow tinny',
  'surge surge surges pulse pulses pulsing pulsates pulsating throbs throbbing fluctuates fluctuating erratic',
  'die die dies died dying',
  'spit spit spits cough coughs splutters sputters gurgles belches belching',
  'empty empty bone-dry',
  'full full brimming',
  'low low',
  'hot hot boiling scalding roasting scorching blistering sizzling steaming',
  'cool cool cooled cooling cold',
  'roll rolled roll rolling rotated',
  'odd odd',
  'move moves move moved follows went goes',
  'wiggle wiggle wiggled wriggle wriggled jiggle jiggled',
  'tap tap taps hose hydrant sink sinks shower',
  'tapped tapped tapping hit whacked rapped bumped bopped smacked slapped jolted thumped',
  'water water',
  'air air',
  'head head',
  'sound sound sounds noise',
  'weeks weeks week months month ages',
  'customer customer owner tenant they',
  'delivery delivery flow flows',
  'outlet outlet',
  'lights lights lamps bulb bulbs',
  'dim dim dims dimmed flicker flickers',
  'half half',
  'shaft shaft',
  'terminal terminal terminals lug lugs screw screws stud studs',
  'wire wire wires wiring conductor',
  'splice splice splices joint',
  'winding winding windings armature',
  'level level',
  'lever lever handle arm',
  'auto auto automatic',
  'tank tank receiver',
  'battery battery batteries',
  'gasket gasket',
  'belt belt belts',
  'broken broken broke snapped torn ripped sheared shattered fractured severed',
  'cable cable cables',
  'motor motor motors',
  'pump pump pumps',
  'booster booster',
  'crack crack cracked',
  'snap snaps snapping',
  'tseconds second seconds sec secs',
  'tminutes minute minutes min mins',
  'rest rest rested resting sit sat',
  'strainer strainer screen filter',
]

const FILLER = new Set(
  (
    'the a an is are was were be been being it its this that these those there here of for with my your his '
    + 'their our so just only now then than as at by from has have had got get gets me we i you he she they '
    + 'them some any all very really pretty quite bit little when while if but or and also too like reads '
    + 'reading read shows show showing said says saw see look looks looked looking take took measured measure '
    + 'measures get getting about again back down up do does did can could would will still yet ever after '
    + 'before during till until into onto off on in out to which who what where each per roughly around exactly '
    + 'right left side end thing things day yesterday today last night morning evening afternoon this week time '
    + 'times one both hour hours way already kind sort maybe anyway somebody someone compressor ve ll re m d '
    + 'im ive theres thats whats '
    + 'come comes came coming hand hands found find finds everywhere anywhere lot lots using used anymore '
    + 'torque arrestor arrester few couple '
    + 'going gonna guess think sure actually basically course fully completely totally badly fairly nice'
  ).split(' '),
)
/** Fillers that some phrase may hang on. */
const WEAK = new Set(
  'every off on in out up down to back still again into behind across past ahead through after before below'.split(' '),
)
/** How long something took bears on little but itself. */
const TIMES = new Set(['tseconds', 'tminutes'])

/** By the word as it is written, then by its stem: `taps` are not what was `tapped`. */
const written = new Map<string, string>()
const byStem = new Map<string, string>()
for (const group of GROUPS) {
  const [head = '', ...words] = group.split(' ')
  for (const word of [head, ...words]) {
    if (!written.has(word)) written.set(word, head)
    if (!byStem.has(stemmer(word))) byStem.set(stemmer(word), head)
  }
}

// what was put together stands as it is
for (const word of JOINED.flatMap(([to]) => to.split(' ')))
  if (/^[a-z]{4,}$/.test(word) && !written.has(word)) written.set(word, word)

export interface Word {
  /** its meaning; with `!` in front where it is denied */
  readonly means: string
  /** how much it says: nothing, a little, or a whole word's worth */
  readonly weight: number
  /** what is passed over without a thought */
  readonly filler: boolean
}

const weightOf = (word: string) => (WEAK.has(word) ? 0.3 : FILLER.has(word) ? 0 : 1)

const kept = new Map<string, string>()

export function meaningOf(word: string): string {
  const known = kept.get(word)
  if (known) return known
  const stem = stemmer(word)
  const means = WEAK.has(word) || FILLER.has(word) ? word : (written.get(word) ?? byStem.get(stem) ?? stem)
  kept.set(word, means)
  return means
}

const DENIES = new Set(['not', 'no', 'non'])

/** @param joined a text without figures, its words put together */
export function wordsOf(joined: string): Word[] {
  const out: Word[] = []
  let denied = false
  for (const raw of joined.replace(/'s\b/g, '').split(/[^\p{L}\p{N}!]+/u)) {
    if (!raw) continue
    if (DENIES.has(raw)) {
      denied = true
      continue
    }
    const means = meaningOf(raw)
    const weight = TIMES.has(means) ? 0.3 : weightOf(raw)
    if (denied && weight >= 1) {
      out.push({ means: `!${means}`, weight, filler: false })
      denied = false
    }
    else out.push({ means, weight, filler: weight === 0 })
  }
  if (denied) out.push(deniedAtLast(out))
  return out
}

/** `lights are not on`, `trip not again`: a small word is denied where it is all that follows. */
function deniedAtLast(words: Word[]): Word {
  const last = words.at(-1)
  if (last?.weight !== SMALL || !ENDS_DENIED.has(last.means)) return { means: 'not', weight: SMALL, filler: false }
  words.pop()
  return { means: `!${last.means}`, weight: SMALL, filler: false }
}
const SMALL = 0.3
const ENDS_DENIED: ReadonlySet<string> = new Set(['on', 'off', 'again'])
