/**
 * Words of the trade that are often written wrong, and the English words so near to one of them that they would be
 * taken for it. The second list was drawn from a word list of the language, by the measure of misspelt.ts; it is
 * written out here so that nothing has to be looked up.
 */
const list = (words: string): ReadonlySet<string> => new Set(words.trim().split(/\s+/))

export const TRADE_WORDS = list(`
  accumulator across adapter adjusted adjusting after again ahead alternator amperage amps anything arrestor
  basement batteries battery bearing bearings before behind belt better between bladder bleeder bleeding bleeds
  blocked blowing blown board booster bottom bounce bouncing breaker breakers broken bulged burned burning burnt
  cable cables capacitance capacitor capacitors cartridge centrifugal chafed change changed charger charging
  chatters check checked cistern clean cleaned clicked clicks clogged close closed closes coil coils cold
  collapsed comes coming compressor compressors connection connections connector connectors contact contactor
  contacts continuity control controller controls converter cooling corroded coupling cover covers cracked
  crankcase crawlspace crushed cutin cutout cycle cycles cycling cylinder debris demand diaphragm diode discharge
  disconnect drain drains drawdown dripping drips drop elbow empty every everything fast faucet filled filling
  fills filter filters fine fitting fittings fixed float floats flooded foot frame frozen fuse fuses gasket gauge
  gauges generator glass good gravel grinding groans ground grounded grounds guard head heater heaters hissing
  hold holding holds horsepower hose hour hours house humming hums hydrant impeller inlet install installed
  insulation intake inverter kinked label ladder leak leaking leaks leaves left legs level lever lightning line
  load loose loses losing lost loud melted meter meters microswitch middle minute minutes missing morning
  motor motors nameplate negative neutral night nipple noise noisy nothing nuts obstructed ohms open opened opens
  outlet overload overloads overnight panel phase phases pilot pipe pipes piston pitless pitted plate plug plugged
  popping positive power precharge pressure prime primed priming puddle pulled pulley pulls pump pumping pumps
  quick quiet rapid rated reading reads recovery reducer reed regulator relay relays relief repair repaired
  replace replaced reservoir reset resistance restricted right rings rubbed running rusted rusty safety same sand
  schrader screen seal seals second seconds sediment setting settings shaft short shorted shorts should shut shuts
  side sight silt slow slowly smell smelled smells smoke solenoid something spigot splice spliced splices spring
  squealing start started starter starting starts static sticking still storm strainer stuck submersible suction
  supply swap swapped switch switches swollen tank tanks taped terminal terminals tested tests thermal through
  tightened timer torque transformer tripped tripping trips tubing turned turning union unloader unplugged until
  valve valves vibration voltage voltages volts warm water waterlogged wattage welded well wellhead when while
  winding windings wire wires worked working works yesterday yield
`)

export const PLAIN_WORDS = list(`
  impellers megged megging nameplates installer installers reducers unclogged arrestors arrester
  metre metres nicht unclog hous
  accumulate accumulated accumulates accumulation accumulators adapted adapters adaptor adjudging adjuring
  adjuster alter alternate alternated alternates alternation alternators anythings apter aster bacterias badder
  bakeries baring basemen basements batter battered battering batters beading beaker beakers beaming beaning beard
  bearding beater beating beatings behinds belts betted betters bettor bewaring bitter blacked bladders blander
  blaring bleaker bleed bleeders bleeping bleeps blender blending blends blow blows boar boards boars boaster
  bolster boosted boosters bottoms bounced bouncer bounces bouncy bounding bowing breeder breeding breeds broke
  broker brown budged bugged bugled bulge bulges bulked bulled bunged bunt buried burn burner burns burped burping
  burred burring burst burying butter butterier butteries butteriest buttery cabled capacious capacities capacity
  carriage cartridges centrifuge centrifuged centrifuges chafe chafes chaffed chance chanced changes changing
  chanted chanters chapters charge charged chargers charges charier charmer charming charring charter charters
  charting chased chattels chatter checker checks cheek cheeked chick chicks chock chocked chose chuck chucked
  cisterns clacked clacks clan clanged clatters cleaner cleans cleansed clear cleared cleat cleaved click clinked
  clinks clocked clocks clod clone cloned clones closer closest closet closets clove clover clovers cloves cloyed
  clucked clucks coaling coals codes coding coifs coiling coins cokes coking colds collapse collapses collared
  collated collection collections collector collectors comas combing combs come comer comers comet comets comings
  compactor compress compressed compresses compression comptroller conception conceptions concerted concoction
  concoctions conduction conductor conductors cones confection confections conferrer congestion connect connected
  connecter connecters connecting connective connectives connects contacted contention contentions contiguity
  continuing contract contractor contractors contracts controlled controllers convection convention conventions
  converge converged converges converse conversed converses convert converted converters convertor convertors
  converts conveyer conviction convictions cooing cooking cools cooping copes coping cores coring correction
  corrections corrector corrode corrodes cotes could couplings cove coven covens covert coverts coves covet covets
  covey coveys cower cowers cowing cowling cowls coyer cracker crackled crankcases cranked crashed crawlspaces
  cricked cricks crocked crushes crusted cumin cutouts cycled cylinders demands diaphragms diodes dipping dips
  discharged discharges disconcert disconnected disconnects discontent drawn dries drip drippings droop dropping
  drops eery elbows emery ever facet falling falls falter falters fame fasts fats faucets faxed feast felled
  felling fells filed files filing fill filler fillers fillet fillings filly filmed filming films fined finer
  fines fired fitter fitters fixer fixes flame flat flats flitting flooder floored flout flouts foots foxed framed
  framer frames frills froze fulled fulling fulls fumes fused fuss fusses fuzes gage gages gaskets gauged gauze
  gavel generate generated generates generation generators glads glassy gloss goods goody gouge gouges grass grave
  graved gravels gravely graven graver graves grinning groan groins grounder grovel guards hamming hater haters
  header headers heads heady healer healers heard hearer hearers heated heather hemming hods hoes holdings holed
  holes holing hooding hoods hording horse hosed hoses housed houses humping humps humus hydrants impelled
  incubation inculcation inflation inhalation initialled inlets inoculation inset instal installs instals
  instanced instill instilled insulating insulator intakes inverted islet isolation kicked labels ladders lander
  lapel larder lases lasing leading leads leafing leafs leaky leaning leans leaping leaps leas leases leasing
  leave leaved leaven leavens leaving leeks leer lefts lefty leper levee levels levers lexer libel lightening
  lighting lightninged lightnings lined linen liner lines liver loads loaves lobes lodes loges loosed loosen
  looser looses loosing lopes loping lose loser losers loss losses lots louse louses lover loves loving lowing
  loxes malted massing meager meddle melded merger messing mete meted meteor meteors metes middles minuet minuets
  minuses minuted minuter minutest misting misusing miter miters moaning molted mooning moor moors mornings
  mourning muddle mugger mussing muter negatived negatives neural neutrals nigh nights nighty nipples noised
  noises noose nose noshing nosy notching nothings noting nowise obstruct obstructs omens opener opined outlets
  outset ovens overcoats overheads overlaps overlays overloaded overlooks overlord overlords overnights oversight
  oversights overweight paddle palate palled palls pane panels panes pate patted pease peddle pepping petted phage
  phages phased phrase phrases piddle pies pikes piles pilled pills pilots pimping pimps pines piped piper pipers
  pipping pips pistol pistons pitied pitiless piton pivot place plane plated platen plates plopping plot plugs
  plump plumping plumps plunged poker polled polls pooping popes poser positives potted powder powers prate
  pressured pressures price priced pricing pride prided priding pried prim primer primes primp primped primping
  prize prized prizing propping puddled puddles pull puller pullet pulleys pulped pulping pulps pulsed pumas
  pupping pups purled purls putted quack quiets quilt quirk quit quite rabid raced rafted raged raid raked ranted
  raped rapids rared rate rates ratted raved razed read readings ready readying reals reaming reams reaping reaps
  rearing rears recover recovers redistricted reds reduce reduced reduces reeds reedy regular regulate regulated
  regulates regulation regulators regulatory relax relied reliefs relies rely remittance rending rends repaid
  repairs repay repays replaces replay replayed replays resent reservoirs resets resistances resistant rest rested
  restrict restricts retracted ribbed rights rigs rinds ring rinks roads robbed rubber ruining rungs rushed rust
  rustled rusts rutted safely sames sands sandy sapped screens sealing seams sears seas seating seats section
  sediments seething sell sells sepal sepals settling sexting shafts shalt shame shat shell shelled shells shift
  shill shirt shirted shirts shits shoot shoots shore shored shores shorn shorten shorter shot shots shout shouted
  shouts shuck shuns shunt shunts sicking sided sides sidle sigh sighs sights sill silts siring sitting sittings
  skill slapped slice sliced slices slicking slide slight slit slows sluts small smalls smart smarted smarter
  smarting smarts smelly smelt smelted smelts smoked smoker smokes smoky smoothing smote smuts snapped snide
  snitch snitches snort snorted snorts snuck solenoids somethings soothing sort sorted sorts sparing spell spelled
  spells spice spiced spices spigots spill spilt splicer splicers spline splines spoke sporing sport sported
  sports sprang sprig springs springy sprint sprung spying squalling squaring squeaking squeezing stack stacking
  stall stand star stare stared stares staring stark starker starling starred starring stars starters startled
  startling starved starving stat stated stater stating stats steal stealing steals stick stile stills stilt
  stinking stitch stitches stock stocking stoke store stork storms stormy story strained strainers string struck
  stunk submersibles suck suctions supple swamp swamped swaps swatch swatches swell swelled swells swill switched
  switcher swopped tacks talks tamed tamer tamped tangs tans tape taper tapes tapped tared tasks tasted taxed
  teats tented tents terminable terminally terminate terminates terminus test tester testes testis testy texted
  texts thank thanks thermals thorough though tier tiger tighten tightens timber time timed timers times tipped
  tipping tips toque torqued torques transform transformed transformers transforms transporter trapped trapping
  traps tries trims trios trip tripe tripled tripling tripos trough tuned tuning turfed turfing turner typed
  unions unison unloaded unplumbed untie vales value values valved vibrating vibrations vibrato vibrator vibratos
  violation vitiation voles volt wader wafer wager waiter wares warms wastage waster waters watery waver wedded
  weeded welder welled wells welted wended wending whale whens whiled whiles whine white whole wielded wile wiles
  wincing wines winging wining winking winning winnings wipes wired wireds wises wives wizes woks worded wording
  words work worker workings wormed worming worms yesterdays yields
`)
