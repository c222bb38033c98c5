/**
 * One word for each meaning. What is said in several words becomes one (`cuts out` → trip), words of one meaning
 * become one by their stem (Porter's, from its package), a negation belongs to the word behind it (`does not turn` →
 * `!turn`), and what only fills is told apart. Phrases of the catalogue and lines that are said go the same way, so
 * that they meet.
 */
/* eslint-disable @stylistic/max-len -- a meaning a row, however many ways it is said */
import { stemmer } from 'stemmer'

/** Several words that are one, in the order in which they are tried: what they become, and how they are said. */
const JOINED: readonly (readonly [string, RegExp])[] = [
  [' not ', /\b(?:(?:can ?not|(?:wo|does|do|did|is|was|would|could|has|ca|are) ?n['’]?t)(?= |$))(?![\p{L}\d])/gu],
  [' not ', /\b(?:(?:will|does|do|did|is|was|would|could|has|have|are) (?:still )?not)(?![\p{L}\d])/gu],
  [' not ', /\b(?:never|without|cannot)(?![\p{L}\d])/gu],
  [' silent ', /\b(?:(?:not|no longer) (?:com(?:e|es|ing)|kick(?:s|ing)?|turn(?:s|ing)?) on)(?![\p{L}\d])/gu],
  [' burnt ', /\b(?:burn(?:t|ed) (?:clean |right |all )?(?:off|away|up|through))(?![\p{L}\d])/gu],
  [' not ', /\b(?:no longer)(?![\p{L}\d])/gu],
  [' off ', /\b(?:disconnected|unhooked|(?:took|pulled|lifted) (?:the )?(?=(?:pump |motor |load )?(?:wires|leads)))(?![\p{L}\d])/gu],
  [' betweenlegs ', /\b(?:(?:hot|line|leg|l1) to neutral|l1-n)(?![\p{L}\d])/gu],
  [' good ', /\b(?:like new|as new)(?![\p{L}\d])/gu],
  [' atonce ', /\b(?:the (?:second|instant|minute) (?=(?:it|you|i)\b)|right back(?: (?:off|out))?)(?![\p{L}\d])/gu],
  [' resting ', /\b(?:with (?:everything|it|all|the pump) off)(?![\p{L}\d])/gu],
  [' byitself ', /\b(?:with (?:nothing|no one|nobody) (?:on|using|drawing)(?: water)?|with no (?:water|taps?) (?:on|running))(?![\p{L}\d])/gu],
  [' lead n1 lead n2 lead n3 ', /\b(?:t1,? t2,? (?:and )?t3)(?![\p{L}\d])/gu],
  [' n1 n2 n3 ', /\b(?:l1,? l2,? (?:and )?l3)(?![\p{L}\d])/gu],
  [' n1 ', /\b(?:phase (?:one|a))(?![\p{L}\d])/gu],
  [' n2 ', /\b(?:phase (?:two|b))(?![\p{L}\d])/gu],
  [' n3 ', /\b(?:phase (?:three|c))(?![\p{L}\d])/gu],
  [' heater n1 ', /\b(?:heater (?:number )?one)(?![\p{L}\d])/gu],
  [' heater n2 ', /\b(?:heater (?:number )?two)(?![\p{L}\d])/gu],
  [' heater n3 ', /\b(?:heater (?:number )?three)(?![\p{L}\d])/gu],
  [' locked ', /\b(?:locked (?:up|rotor|solid)|froze(?:n)? up|bound up)(?![\p{L}\d])/gu],
  [' shortcycle ', /\b(?:(?:short|rapid(?:ly)?)[- ]?cycl(?:e|es|ing)|machine ?guns?)(?![\p{L}\d])/gu],
  [' cutout ', /\b(?:off|out) at(?= \d)/gu],
  [' no ', /\b(?:no (?:sign|sort|kind) of)(?![\p{L}\d])/gu],
  [' ol ', /\b(?:no (?:continuity|connection)|infinit[ey]|wide open)(?![\p{L}\d])/gu],
  [' bothlegs load ', /\b(?:both load legs)(?![\p{L}\d])/gu],
  [' bothlegs ', /\b(?:(?:both|either|each|all) (?:of the )?legs)(?![\p{L}\d])/gu],
  [' betweenlegs ', /\b(?:leg to leg|between (?:the )?legs)(?![\p{L}\d])/gu],
  [' n2 ', /\b(?:(?:the )?other leg|leg two)(?![\p{L}\d])/gu],
  [' n1 ', /\b(?:one leg|leg one)(?![\p{L}\d])/gu],
  [' n3 ', /\b(?:leg three)(?![\p{L}\d])/gu],
  [' pole n1 ', /\b(?:pole one)(?![\p{L}\d])/gu],
  [' pole n2 ', /\b(?:pole two)(?![\p{L}\d])/gu],
  [' pairby ', /\b(?:black (?:and|to|-) ?(?:yellow|yel)|(?:yellow|yel) (?:and|to|-) ?black|b-y|y-b)(?![\p{L}\d])/gu],
  [' pairry ', /\b(?:red (?:and|to|-) ?(?:yellow|yel)|(?:yellow|yel) (?:and|to|-) ?red|r-y|y-r)(?![\p{L}\d])/gu],
  [' pairrb ', /\b(?:red (?:and|to|-) ?(?:black|blk)|(?:black|blk) (?:and|to|-) ?red|r-b|b-r)(?![\p{L}\d])/gu],
  [' black toground ', /\b(?:b-g)(?![\p{L}\d])/gu],
  [' yellow toground ', /\b(?:y-g)(?![\p{L}\d])/gu],
  [' red toground ', /\b(?:r-g)(?![\p{L}\d])/gu],
  [' leadtolead ', /\b(?:lead to lead|(?:across|between) the (?:two )?leads|l-l)(?![\p{L}\d])/gu],
  [' lead n$1 n$2 ', /\b(?:(?:t|lead)s? ?([123]) ?(?:to|-|and) ?(?:t|lead)? ?([123])(?!\.\d|[\d]))(?![\p{L}\d])/gu],
  [' n$1 n$2 ', /\b(?:(?:line|l|leg|phase) ?([123]) ?(?:to|-|and) ?(?:line|l|leg|phase)? ?([123])(?!\.\d|[\d]))(?![\p{L}\d])/gu],
  [' n$1 n$2 ', /(?<![\d.-])([123])-([123])(?![\d.-])/gu],
  [' n$1 toground ', /\b(?:l([123])g)(?![\p{L}\d])/gu],
  [' n$1 ', /\b(?:(?:l|line|leg|phase|p|ph) ?([123])(?!\.\d|[/\d]))(?![\p{L}\d])/gu],
  [' lead n$1 ', /\b(?:(?:lead|t) ?([123])(?!\.\d|[/\d]))(?![\p{L}\d])/gu],
  [' $1 n$2 ', /\b(?:(pole|contact|fuse|heater|terminal) ?([123])(?!\.\d|[/\d]))(?![\p{L}\d])/gu],
  [' toground ', /\b(?:(?:to|and|against) (?:the )?(?:ground|earth|frame|case|casing|chassis|gnd)|-(?:g|gnd))(?![\p{L}\d])/gu],
  [' wellhead ', /\b(?:well ?heads?)(?![\p{L}\d])/gu],
  [' neighbour ', /\b(?:neighbou?rs?'?s?|next door|(?:whole |the )street)(?![\p{L}\d])/gu],
  [' cap ', /\b(?:start(?:ing)? (?:caps?|capacitors?|condenser))(?![\p{L}\d])/gu],
  [' runcap ', /\b(?:run(?:ning)? (?:caps?|capacitors?|condenser))(?![\p{L}\d])/gu],
  [' startswitch ', /\b(?:start(?:ing)? switch|centrifugal(?: switch)?|cent switch|governor)(?![\p{L}\d])/gu],
  [' panelswitch ', /\b(?:panel switch)(?![\p{L}\d])/gu],
  [' float ', /\b(?:float (?:switch|valve))(?![\p{L}\d])/gu],
  [' switch ', /\b(?:(?:pressure|demand) switch)(?![\p{L}\d])/gu],
  [' cutoff ', /\b(?:(?:low[- ]pressure )?cut-?off|cut off (?=lever))(?![\p{L}\d])/gu],
  [' cutin ', /\b(?:(?:cuts?|kicks?|comes?|came)[- ]in (?:at )?(?=\d)|(?:comes?|came|kicks?) on at(?= \d)|cut[- ]?in)(?![\p{L}\d])/gu],
  [' quits ', /\b(?:cuts? (?:itself )?out (?:on its own|in|after|by itself)|cuts out(?! at)|clicks off|quits)(?![\p{L}\d])/gu],
  [' cutout ', /\b(?:cut[- ]?outs?|(?:cuts|kicks|goes|shuts?|stops?) (?:out|off) at(?= \d))(?![\p{L}\d])/gu],
  [' trip ', /\b(?:(?:let|lets|letting) go(?:es)?|kick(?:s|ed|ing)? out|pop(?:s|ped)? out)(?![\p{L}\d])/gu],
  [' breaker trip ', /\b(?:(?:knock(?:s|ed)?|throws?|threw|takes?|took) (?:out )?the breaker(?: out)?)(?![\p{L}\d])/gu],
  [' runon ', /\b(?:(?:keeps? (?:on )?running|r[ua]ns? on(?: and on)?|running on)(?! (?:about |some |only )?[\d.]| (?:the )?(?:generator|battery|one)))(?![\p{L}\d])/gu],
  [' stop ', /\b(?:(?:shuts?|shutting|turns?|switch(?:es)?) (?:itself )?off)(?![\p{L}\d])/gu],
  [' comeback ', /\b(?:c[oa]mes? back|coming back)(?![\p{L}\d])/gu],
  [' start ', /\b(?:pick(?:s|ed)? up|t[ao]o?kes? off|took off|fires? up|kicks? in)(?![\p{L}\d])/gu],
  [' pullin ', /\b(?:pull(?:s|ed)? in)(?![\p{L}\d])/gu],
  [' atonce ', /\b(?:at once|(?:right|straight) ?away|instant(?:ly)?|immediately|the moment)(?![\p{L}\d])/gu],
  [' byitself ', /\b(?:(?:by|on) (?:itself|its own|their own)|by themselves)(?![\p{L}\d])/gu],
  [' knowngood ', /\b(?:known[- ]good|known to be good|good spare)(?![\p{L}\d])/gu],
  [' secondmeter ', /\b(?:(?:second|other|another|different) (?:meter|tester))(?![\p{L}\d])/gu],
  [' secondgauge ', /\b(?:(?:second|other|another|different|test) gauge)(?![\p{L}\d])/gu],
  [' secondreturn ', /\b(?:second (?:return|ground)(?: lead)?|jump(?:er|ed)? (?:the )?ground)(?![\p{L}\d])/gu],
  [' underload ', /\b(?:under load|loaded)(?![\p{L}\d])/gu],
  [' line ', /\b(?:(?:line|supply|incoming|top) side)(?![\p{L}\d])/gu],
  [' feedside ', /\b(?:feed side)(?![\p{L}\d])/gu],
  [' load ', /\b(?:(?:load|bottom|outgoing) side)(?![\p{L}\d])/gu],
  [' pumpside ', /\b(?:(?:pump|motor|well) side)(?![\p{L}\d])/gu],
  [' airvalve ', /\b(?:(?:air|tire|tyre|snift) valve|valve stem)(?![\p{L}\d])/gu],
  [' relief ', /\b(?:(?:relief|safety|pop-?off) valve|pop-?off)(?![\p{L}\d])/gu],
  [' footvalve ', /\b(?:foot ?valve)(?![\p{L}\d])/gu],
  [' checkvalve ', /\b(?:check ?valve)(?![\p{L}\d])/gu],
  [' housevalve ', /\b(?:(?:main )?house valve|valve to the house)(?![\p{L}\d])/gu],
  [' outletvalve ', /\b(?:outlet valve|(?:outlet|discharge) (?=(?:is )?(?:shut|closed)))(?![\p{L}\d])/gu],
  [' weephole ', /\b(?:weep ?hole)(?![\p{L}\d])/gu],
  [' ventscrew ', /\b(?:(?:vent|bleed) screw)(?![\p{L}\d])/gu],
  [' primeplug ', /\b(?:prim(?:e|ing) plug)(?![\p{L}\d])/gu],
  [' unloaderline ', /\b(?:unloader (?:line|tube))(?![\p{L}\d])/gu],
  [' tap ', /\b(?:hose (?:bib|tap)|spigot|faucet)(?![\p{L}\d])/gu],
  [' cistern ', /\b(?:(?:holding|storage) tank)(?![\p{L}\d])/gu],
  [' freshtank ', /\b(?:(?:fresh|water) tank)(?![\p{L}\d])/gu],
  [' tank ', /\b(?:(?:pressure|bladder) tank)(?![\p{L}\d])/gu],
  [' droppipe ', /\b(?:(?:drop|down|riser) pipe)(?![\p{L}\d])/gu],
  [' box ', /\b(?:control box)(?![\p{L}\d])/gu],
  [' starter ', /\b(?:(?:magnetic |mag )?(?:starter|contactor))(?![\p{L}\d])/gu],
  [' controlfuse ', /\b(?:control fuse)(?![\p{L}\d])/gu],
  [' controlsupply ', /\b(?:control (?:supply|voltage|power|transformer))(?![\p{L}\d])/gu],
  [' auxcontact ', /\b(?:overload'?s? contact|aux(?:iliary)? contact)(?![\p{L}\d])/gu],
  [' overload ', /\b(?:(?:red|reset) button|overload relay)(?![\p{L}\d])/gu],
  [' loadwires ', /\b(?:load wires?)(?![\p{L}\d])/gu],
  [' motorleads ', /\b(?:motor (?:leads?|wires?))(?![\p{L}\d])/gu],
  [' startwinding ', /\b(?:start(?:ing)? winding)(?![\p{L}\d])/gu],
  [' mainwinding ', /\b(?:(?:main|run(?:ning)?) winding)(?![\p{L}\d])/gu],
  [' pumpup ', /\b(?:(?:pump|fill)(?:s|ed)?[- ]?up)(?![\p{L}\d])/gu],
  [' leakdown ', /\b(?:leak(?:s|ed)?[- ]?down|bleeds? down)(?![\p{L}\d])/gu],
  [' cycle ', /\b(?:start to start)(?![\p{L}\d])/gu],
  [' onoff ', /\b(?:on(?: and|,)? off|off(?: and|,)? on)(?![\p{L}\d])/gu],
  [' hisson ', /\b(?:keeps? (?:on )?(?:hissing|blowing)|hiss(?:es|ing)? on)(?![\p{L}\d])/gu],
  [' getsto ', /\b(?:(?:gets?|got|goes|climbs?) past|(?:gets?|reach(?:es)?|climbs?|makes it) (?:up )?to)(?![\p{L}\d])/gu],
  [' outage ', /\b(?:power (?:was|were|went|is|has been) (?:out|off|down)|power (?:cut|failure|outage)|blackout)(?![\p{L}\d])/gu],
  [' othervolts ', /\b(?:other volt(?:s|age))(?![\p{L}\d])/gu],
  [' suctionline ', /\b(?:suction (?:line|pipe))(?![\p{L}\d])/gu],
  [' smellburnt ', /\b(?:smells? (?:of )?(?:burnt|burning|burned|hot|varnish))(?![\p{L}\d])/gu],
  [' inband ', /\b(?:(?:in|within) (?:the |its )?band)(?![\p{L}\d])/gu],
  [' same ', /\b(?:no (?:difference|change)|made no odds|same (?:thing|as before))(?![\p{L}\d])/gu],
  [' nonstop ', /\b(?:all (?:the )?(?:time|day|night)|non-?stop|constantly)(?![\p{L}\d])/gu],
  [' pluggedin ', /\b(?:plug(?:s|ged)?) (?:it )?(?:straight |directly )?in(?:to)?(?: the wall)?(?![\p{L}\d])/gu],
  [' tminutes ', /\bafter a while(?![\p{L}\d])/gu],
  [' bad ', /\b(?:gone bad)(?![\p{L}\d])/gu],
  [' $1 ', /\b(?:gives? (more|less))(?![\p{L}\d])/gu],
]

/** Words of one meaning; the first is what they become. */
const GROUPS: readonly string[] = [
  'burnt burn burned burnt burning charred scorched toast toasted fried cooked melted melting brown browned crispy',
  'sooty soot sooty smutty blackened',
  'insect insects ant ants bug bugs spider spiders web cobweb wasp earwig snail slug gecko lizard',
  'blocked block blocked plugged plug clogged clog packed choked gummed restricted',
  'jam jammed',
  'hum hums groan groans growl growls moan buzz buzzing',
  'silent silent quiet noiseless',
  'chatter chatters chattering',
  'trip trips tripped tripping pop pops popped',
  'hold holds held holding stay stays stayed',
  'fall falls fell falling drop drops dropped lose loses lost losing sinks sank',
  'climb climbs climbing rise rises rising creeping',
  'stuck stuck hung stick sticks sticking seized seize locked lock frozen-up bound',
  'stiff stiff rough grinds grinding tight-turning',
  'free free freely',
  'good good fine ok okay alright great perfect',
  'bad bad shot done failed kaput',
  'clean clean bright shiny',
  'clear clear unobstructed',
  'pitted pit pitted pitting cratered',
  'weld welded weld welds',
  'loose loose slack wobbly',
  'chafed chafed chafe rubbed rubbing pinched nicked skinned chewed gnawed mouse mice rat rats rodent',
  'bulged bulged smoked bulging swollen swelled split burst leaking-oil',
  'smell smell smells stinks stink reeks',
  'contact contact contacts points',
  'cap cap capacitor capacitors condenser',
  'breaker breaker breakers brk',
  'overload overload overloads ovl thermal',
  'port port nipple orifice',
  'run run runs ran running',
  'turn turn turns turning turned spin spins spun spinning rotate rotates',
  'start start starts started starting',
  'barely barely hardly scarcely',
  'suck suck sucks sucking',
  'plate plate nameplate rated supposed should',
  'stop stop stops stopped quit',
  'shut shut closed close closes shutting',
  'open open opened opens',
  'leak leak leaks leaking drip drips dripping seep seeps weep weeps',
  'rust rust rusty rusted rustier',
  'sand sand sandy grit gritty sediment silt gravel crud shavings',
  'scale scale scaled lime',
  'dirt dirt dirty dust mud',
  'wet wet flooded flood soaked damp submerged underwater',
  'storm storm storms lightning thunder thunderstorm',
  'outage outage outages',
  'old old aged ancient original',
  'pool pool pond ponds',
  'fill fill filling filled',
  'bridge bridged bridge jumpered jumper jumped bypass bypassed',
  'new new replaced brand-new',
  'fit fitted fit installed install put-in changed',
  'swap swap swapped swapping reversed exchanged',
  'corroded corroded corrosion green furred furry',
  'knock knock knocks knocking rattle rattles clanks',
  'rumble rumble rumbles screams scream squeals screeches whines noisy roars',
  'hiss hiss hisses hissing sigh sighs',
  'vent vent vents vented venting',
  'bubble bubble bubbles foam foams',
  'volt volt volts voltage',
  'amp amp amps amperes amperage current draw draws drawing',
  'ohm ohm ohms resistance',
  'meg meg megs megohm megohms insulation megger megged',
  'main main',
  'mains mains',
  'power power juice electricity',
  'pressure pressure psi',
  'weak weak trickle dribble dribbles poor feeble',
  'slow slow slowly sluggish',
  'heavy heavy weighs',
  'dull dull thud waterlogged dead-sounding',
  'ring ring rings rang hollow tinny',
  'surge surge surges pulse pulses pulsing pulsates',
  'die die dies died dying',
  'spit spit spits cough coughs splutters sputters',
  'empty empty bone-dry',
  'full full brimming',
  'low low',
  'hot hot boiling scalding',
  'cool cool cooled cooling cold',
  'roll rolled roll rolling rotated',
  'odd odd',
  'move moves move moved follows went goes',
  'wiggle wiggle wiggled wriggle wriggled jiggle jiggled',
  'tap tap taps hose hydrant sink shower',
  'tapped tapped tapping hit whacked rapped',
  'water water',
  'air air',
  'head head',
  'sound sound sounds noise',
  'weeks weeks week months month ages',
  'customer customer owner tenant they',
  'delivery delivery flow flows',
  'outlet outlet',
  'lights lights lamps',
  'dim dim dims dimmed flicker flickers',
  'half half',
  'shaft shaft',
  'terminal terminal terminals lug lugs screw screws',
  'wire wire wires wiring conductor',
  'splice splice splices joint',
  'winding winding windings armature',
  'level level',
  'lever lever handle arm',
  'auto auto automatic',
  'tank tank',
  'receiver receiver',
  'gasket gasket',
  'belt belt belts',
  'broken broken broke snapped torn',
  'cable cable cables',
  'motor motor motors',
  'pump pump pumps',
  'booster booster',
  'crack crack cracked',
  'tseconds second seconds sec secs',
  'tminutes minute minutes min mins',
  'rest rest rested resting sit sat',
  'strainer strainer screen filter',
]

const FILLER = new Set(
  ('the a an is are was were be been being it its this that these those there here of for with my your his their our '
    + 'so just only now then than as at by from has have had got get gets me we i you he she they them some any all very '
    + 'really pretty quite bit little when while if but or and also too like reads reading read shows show showing said '
    + 'says saw see look looks looked looking take took measured measure measures get getting about again back down up '
    + 'do does did can could would will still yet ever after before during till until into onto off on in out to '
    + 'which who what where each per roughly around exactly right left side end thing things day yesterday today '
    + 'last night morning evening afternoon this week time times one both hour hours')
    .split(' '),
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
for (const [to] of JOINED) for (const word of to.split(' ')) if (/^[a-z]+$/.test(word) && word.length > 3) written.set(word, written.get(word) ?? word)

export interface Word {
  /** its meaning; with `!` in front where it is denied */
  readonly means: string
  /** how much it says: nothing, a little, or a whole word's worth */
  readonly weight: number
  /** what is passed over without a thought */
  readonly filler: boolean
}

const weightOf = (word: string) => (WEAK.has(word) ? 0.3 : FILLER.has(word) ? 0 : 1)

/** Several words that are one, put together; lower case, without marks. */
export function join(text: string): string {
  let joined = ` ${text.toLowerCase().replaceAll('’', '\'')} `
  for (const [to, pattern] of JOINED) joined = joined.replace(pattern, to).replace(/ {2,}/g, ' ')
  return joined.replace(/\s+/g, ' ').trim()
}

const kept = new Map<string, string>()

export function meaningOf(word: string): string {
  const known = kept.get(word)
  if (known) return known
  const means = WEAK.has(word) || FILLER.has(word) ? word : (written.get(word) ?? byStem.get(stemmer(word)) ?? stemmer(word))
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
  if (denied) out.push({ means: 'not', weight: 0.3, filler: false })
  return out
}
