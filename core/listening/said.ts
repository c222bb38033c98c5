/**
 * What people say for what is seen, heard, tried and told, by test and answer. Besides these each test brings its own
 * words with those of its answers, so that a new test is sayable the day it is added. Words of one meaning are one
 * (words.ts): `contacts burnt` stands for points that are charred, melted or toast. A key that no kind has fails the
 * sweep (listening.test.ts).
 */
export const SAID: Readonly<Record<string, Readonly<Record<string, readonly string[]>>>> = {
  'let-go': {
    'at-once': [
      'trips the moment you flip it', 'breaker trips atonce you flip it', 'breaker slams open',
      'slams open when the starter pulls in', 'trips as soon as the starter pulls in', 'trips right away',
      'breaker bang', 'not stay on', 'not hold', 'blew again', 'blows the fuse at once', 'not stay set', 'slams off',
      'blew right back off', 'trips the breaker at once', 'pops as soon as it starts', 'will not reset',
      'goes as soon as it is closed', 'will not stay in', 'trips when reset', 'new fuse blows at once',
      'new ones blew at once', 'trips at once when it pulls in', 'bangs out',
    ],
    'seconds': [
      'breaker goes after a few seconds', 'trips in about seconds', 'holds a few seconds then trips',
      'trips after some seconds', 'trips after a few seconds', 'trips in a few seconds',
    ],
    'minutes': [
      'trips once in a while', 'trips every couple of days', 'trips after rain', 'trips after running a while',
      'trips when hot', 'trips after a while', 'breaker trips after a while',
    ],
    'holds': [
      'breaker stays on', 'breaker stays set', 'breaker holds', 'does not trip', 'breaker did not trip', 'holds now',
      'breaker stays in', 'new fuse pulls in',
    ],
  },
  'lights': {
    fine: [
      'other circuits fine', 'lights all good', 'rest of the house fine', 'lights are bright', 'house has power',
    ],
    half: [
      'half the outlets dead', 'other circuits dead too', 'some outlets dead', 'half the lights out',
      'half the house out', 'half the lights in the house are out', 'some of the house is out',
      'half the circuits dead',
    ],
    all: ['whole house out', 'house dark', 'whole house is dead', 'all lights out', 'nothing in the house works'],
    dim: ['lights dim', 'lights dim when it starts', 'lights go dim', 'lights dip'],
  },
  'fuses-look': {
    good: ['all line fuses good', 'all fuses test good', 'every line fuse whole'],
    one: [
      'middle fuse blown', 'line fuse blown', 'pulled fuse open', 'fuse is open', 'fuse tests open', 'bad fuse',
      'fuse dead', 'lost a fuse', 'fuse blown', 'fuse n1 blown', 'fuse n3 blown', 'a fuse is gone',
    ],
    more: ['two fuses blown', 'fuses blown', 'three fuses blown', 'took two fuses'],
  },
  'disconnect-look': {
    bright: ['disconnect clean', 'disconnect looks good', 'disconnect tight', 'blades clean', 'jaws tight'],
    burnt: [
      'disconnect burnt', 'disconnect smell burnt', 'blade burnt', 'jaw loose', 'disconnect hot',
      'terminals loose at the disconnect', 'terminals burnt at the disconnect', 'terminals loose burnt disconnect',
    ],
  },
  'breaker-seen': {
    on: [
      'breaker panel on', 'breaker in the panel on', 'breaker good', 'breaker on', 'breaker is in', 'breaker set',
      'breaker closed', 'breaker on did not trip',
    ],
    tripped: [
      'breaker in the tripped position', 'breaker position tripped', 'breaker half way', 'breaker kicked',
      'breaker tripped', 'breaker in the middle',
    ],
    off: ['breaker off'],
  },
  'terminals': {
    tight: [
      'terminals tight', 'wires tight', 'terminals good', 'wiring looks good', 'terminals clean', 'connections tight',
    ],
    burnt: [
      'wire nut burnt', 'connector melted', 'wire discoloured', 'wire burnt off', 'wire nuts corroded',
      'splice corroded', 'burnt wire on the load terminal', 'wire burnt at the terminal', 'burnt terminal',
      'burnt load terminal', 'terminal loose', 'insulation burnt', 'loose wire', 'terminal hot',
      'terminals loose brown', 'terminals loose at the motor', 'terminals loose burnt motor', 'terminal burnt motor',
      'loose connection', 'wire came off', 'terminal green',
    ],
    chafed: [
      'wire nicked', 'cord chafed motor box', 'bare copper', 'copper showing', 'insulation chafed',
      'chafed at the entry', 'cord chafed', 'wire bare',
    ],
  },
  'switch-heat': {
    cool: ['switch cool', 'cover cool', 'switch not hot'],
    hot: [
      'switch cover warm', 'cover too hot', 'switch hot', 'switch warm', 'switch smells hot',
      'switch too hot to touch',
    ],
  },
  'self-starts': {
    no: [
      'holds pressure overnight', 'tank holds when it is off', 'holds fine off', 'holds its pressure off',
      'stays off', 'does not start by itself', 'never starts alone', 'stays quiet at night',
    ],
    yes: [
      'house shut off still kicks on', 'everything off and it still starts', 'all shut off still starts',
      'comes on every couple of minutes with nothing open', 'cycles with nobody using water', 'cycles tapsshut',
      'keeps cycling tapsshut', 'starts every minutes', 'kicks on tapsshut', 'starts byitself', 'starts atnight',
      'pump start byitself', 'starts every few minutes', 'starts byitself every couple of minutes',
      'cycles with everything off', 'runs with everything off', 'not shut up cycles', 'starts byitself minutes',
      'starts by itself every', 'comes on every', 'runs every half hour',
    ],
  },
  'climbs': {
    reaches: [
      'built right up', 'builds right up', 'builds fine', 'builds pressure good', 'gets to cut out', 'makes cut out',
      'builds to cut out', 'pressure comes up', 'reaches pressure',
    ],
    stalls: [
      'builds sits there', 'climbs to then sits', 'housevalve shut not climb past', 'will not climb past',
      'not make more', 'only makes', 'not climb', 'housevalve shut not climb', 'gauge not go higher', 'not go higher',
      'gauge sits at not climb', 'run nonstop', 'runs nonstop not climb', 'not build past', 'hangs at', 'stalls out',
      'only builds', 'builds slow', 'pressure tops out', 'maxes out at', 'not build pressure',
      'never gets to cut out', 'never reaches cut out', 'stops climbing at', 'stalls at', 'no pressure builds',
      'stands still at', 'stuck at', 'pressure never comes up', 'hardly any pressure',
      'runs smooth hardly any pressure',
    ],
  },
  'keeps-running': {
    keeps: ['keeps going', 'stays running', 'runs without stopping'],
    seconds: [
      'hum seconds overload click', 'hum seconds quits', 'run seconds stop', 'stops after seconds',
      'runs a few seconds then quits', 'quits after seconds', 'hums then clicks off', 'clicks off',
      'hums then overload trips', 'starts growls quits', 'start quits', 'overload trips',
    ],
    minutes: [
      'overload goes after a minute', 'runs ten minutes then nothing', 'ran a while then nothing',
      'overload trip tminutes reset', 'runs then overload trips tminutes', 'run minutes stop',
      'runs a while then stops', 'overload stop minutes', 'stops after minutes', 'runs tminutes quits',
      'quits after a while', 'runs quits comeback cool', 'runs minutes stop comeback cool', 'stop hot comeback cool',
      'run quits', 'run quits comeback', 'runs stop comeback',
    ],
  },
  'motor-heat': {
    usual: ['motor cool', 'motor warm', 'motor not hot', 'motor feels normal'],
    hot: [
      'fry an egg', 'toohot motor', 'toohot', 'motor toohot to touch', 'too hot to touch', 'motor burning up',
      'motor scalding', 'motor very warm', 'motor too hot to touch',
    ],
  },
  'speed': {
    usual: ['runs at full speed', 'normal speed', 'sounds normal', 'usual pitch', 'runs strong', 'turns fast'],
    slow: [
      'motor labour', 'sounds like labour', 'turning slow', 'motor dragging', 'sounds slow', 'labours', 'starts hard',
      'dim start slow', 'slow start', 'bogs down', 'drawn out start', 'runs slow', 'pump slow', 'slow to come up',
      'motor slow', 'sluggish', 'hardly turns', 'drags', 'hum hardly turns',
    ],
  },
  'cord-look': {
    short: ['no extension cord', 'not on an extension cord', 'short heavy cord'],
    long: [
      'on an extension cord', 'on a long thin cord', 'long extension cord', 'skinny extension cord', 'on a long cord',
      'extension cord skinny', 'thin cord', 'cord is warm', 'long orange cord', 'light cord',
    ],
  },
  'known-feed': {
    runs: [
      'pluggedin starts', 'pluggedin wall starts good', 'runs on another outlet', 'good outlet runs',
      'runs off the house', 'runs straight off the panel', 'runs on a good outlet', 'plugged in runs fine',
      'runs plugged into the wall', 'runs on another circuit', 'on a short cord it runs', 'runs on the generator',
    ],
    groans: ['hums on a good outlet too', 'pluggedin still hums', 'hums on another circuit'],
    silent: ['dead on a good outlet too', 'pluggedin nothing', 'nothing on another circuit'],
    trips: ['trips on a good outlet too', 'pluggedin still trips', 'trips on another circuit'],
  },
  'known-motor': {
    runs: [
      'knowngood pump runs', 'knowngood motor runs', 'another pump runs on the same plug', 'other pump runs there',
      'knowngood pump runs on the same plug',
    ],
    groans: ['knowngood pump hums too', 'knowngood motor hums', 'another pump hums there too'],
    silent: ['knowngood pump nothing', 'knowngood motor does nothing', 'another pump is dead there too'],
    trips: ['knowngood pump trips too', 'knowngood motor trips', 'another pump trips it too'],
  },
  'level-look': {
    covered: [
      'water level is way up', 'lots of water over the pump', 'levelabove', 'water level pump set', 'plenty of water',
      'water stands feet over', 'water level plenty', 'plenty of water in the well', 'well full', 'water stands high',
      'well has water', 'water level down plenty', 'level good',
    ],
    low: [
      'water below the footvalve', 'water level below the foot valve', 'level below the foot valve',
      'water dropped below the intake', 'well level fell to the intake', 'water level at the intake',
      'water level is down to the bowls', 'water down to the pump', 'well pumped down', 'no water in the well',
      'water down at the pump', 'water level low', 'well low', 'hardly any water in the well', 'well dry',
      'well is down',
    ],
  },
  'foot-look': {
    holds: ['footvalve holds', 'footvalve good', 'suction line holds', 'holds its prime'],
    falls: [
      'suctionline empty back', 'suctionline empty well', 'suction drains back', 'water runs back down the suction',
      'prime runs back down', 'water drops in the suction', 'footvalve stuck open', 'footvalve open',
      'footvalve leaks', 'footvalve leaks water runs back', 'water runs back', 'footvalve bad', 'will not hold prime',
      'suction line drains back', 'footvalve does not hold',
    ],
    blocked: [
      'footvalve blocked', 'footvalve stuck', 'footvalve plugged with leaves', 'footvalve stuck shut',
      'leaves in the footvalve', 'footvalve full of sand',
    ],
  },
  'starts-empty': {
    same: [
      'tank drained still hums', 'drained still hums', 'empty still hums', 'tank empty still groans',
      'receiver empty hums', 'no air in it still hums', 'hums even empty', 'no difference empty',
      'same with the tank empty', 'will not start empty either', 'hums with no air in it',
    ],
    empty: [
      'starts fine with the tank empty', 'first start of the day is fine', 'starts the first time only',
      'starts empty only', 'labour against pressure', 'labour pressure tank', 'hum pressure tank',
      'starts fine empty', 'starts good with no air', 'not start full tank', 'not start against air', 'drain start',
      'will not restart till drained', 'not restart drain tank', 'not start until the tank is drained',
      'only starts with the tank drained', 'restart drain', 'starts empty hums against pressure',
      'will not start against pressure', 'hums against pressure', 'starts with the drain open',
    ],
  },
  'panel-wiggle': {
    same: ['wiggle the panelswitch nothing', 'panelswitch same', 'wiggled the panelswitch no difference'],
    comes: [
      'wiggle the panelswitch and it runs', 'panelswitch comes and goes', 'runs when I push the panelswitch',
      'panelswitch loose', 'panelswitch start',
    ],
  },
  'wires-look': {
    whole: ['wires good', 'no chafed wire', 'wires whole'],
    chafed: [
      'wire rubbed', 'insulation rubbed off', 'screw through the wire', 'wire broken', 'chafed wire at the bulkhead',
      'bare wire',
    ],
  },
  'neighbours': {
    yes: ['neighbour has pressure', 'neighbour fine', 'pressure in the street is fine'],
    no: [
      'street low', 'neighbour out too', 'neighbour no pressure', 'neighbour weak', 'neighbour low',
      'neighbour has none', 'neighbour no water',
    ],
  },
  'trip-switch-open': {
    holds: [
      'load wires off the float switch holds', 'wires off the float switch holds',
      'leads off the load terminals holds', 'load wires off holds', 'pulled the leads off the load terminals holds',
      'load side off it holds', 'both pump wires off holds', 'pump wires off the switch breaker holds',
      'took the motor wires off the switch holds', 'wires off the load screws holds', 'pump off the switch it holds',
      'leads off at the switch holds', 'pump leads off the switch holds', 'pump wires off the switch it holds',
      'wires off the load of the switch holds', 'wires off at the switch holds',
      'loadwires off at the switch it holds', 'wires off at the switch does not trip',
    ],
    trips: [
      'leads off the load terminals still trips', 'load wires off still trips', 'both pump wires off still trips',
      'leads off at the switch still trips', 'pump wires off the switch still trips',
      'wires off at the switch still trips', 'trips with the loadwires off', 'switch open still trips',
    ],
  },
  'trip-load-off': {
    holds: [
      'leads off the load terminals holds', 'load wires off holds', 'pulled the leads off the load terminals holds',
      'load side off it holds', 'both pump wires off holds', 'pump wires off the switch breaker holds',
      'took the motor wires off the switch holds', 'wires off the load screws holds',
      'motor leads off at the starter no trip', 'motorleads off holds', 'motorleads off at the starter holds',
      'loadwires off at the starter holds', 'leads off holds',
    ],
    trips: [
      'leads off the load terminals still trips', 'load wires off still trips', 'both pump wires off still trips',
      'motorleads off still trips', 'trips with the motorleads off', 'leads off still trips',
    ],
  },
  'trip-head-open': {
    holds: [
      'opened the well cap splice holds', 'opened the splice breaker holds',
      'opened the well head splice breaker holds', 'cut the splice breaker holds', 'splice apart breaker holds',
      'wires apart at the well cap breaker holds', 'splice open at the well it holds',
      'pump wires off at the well breaker holds', 'wires off at the well breaker holds', 'pump wire off well hold',
      'pulled the pump wires off and the breaker holds', 'pulled the pump wires off and it holds',
      'leads off at the well head holds', 'holds with the leads off', 'leads off at the well it holds',
      'head open holds', 'wires off at the well head holds', 'pump wires off holds',
    ],
    trips: [
      'opened the splice still trips', 'splice apart still trips', 'cut the splice still trips',
      'wires apart at the well cap still trips', 'leads off at the well head still trips', 'trips with the leads off',
      'head open still trips', 'leads off still trips', 'wires off at the well head still trips',
    ],
  },
  'trip-motor-off': {
    holds: [
      'motor leads off no trip', 'pulled the motor wires off and it does not trip', 'motorleads off holds',
      'motor off holds', 'pump unplugged holds', 'pump unplugged new fuse holds', 'leads off at the motor holds',
    ],
    trips: [
      'motorleads off stilldoes', 'motorleads off still trips', 'trips with the motorleads off',
      'motor disconnected still trips', 'pump unplugged still blows', 'pump unplugged new fuse still blows',
      'pump unplugged trips',
    ],
  },
  'trip-box-off': {
    holds: [
      'three leads off holds', 'leads off holds', 'off at the box it stays set', 'three wires off at the box holds',
      'leads off at the box holds', 'wires off at the box it holds',
      'unhooked the wires to the well at the box it holds', 'box off holds', 'box pulled holds',
    ],
    trips: [
      'leads off at the box still trips', 'box off still trips', 'trips with the box off', 'box pulled still trips',
    ],
  },
  'bypass': {
    runs: [
      'bridge hold', 'bridge steady', 'bridge hold steady', 'jumper across the switch runs', 'hot wired runs',
      'jumped it out runs', 'bridge pullin', 'bridge start', 'bridged pressure switch starter pullin',
      'pump runs with the switch bridged', 'bridged the float pump runs', 'jumper on the switch it starts',
    ],
    groans: ['bridged it hums', 'switch bridged still hums', 'bridged still hums'],
    silent: [
      'bridge not pullin', 'jumpered still nothing', 'bridged nothing', 'switch bridged nothing',
      'jumpered no difference', 'bridged still dead',
    ],
    trips: ['bridged it trips', 'switch bridged trips', 'jumpered and the breaker trips'],
  },
  'contacts': {
    clean: ['contacts look new', 'contacts like new', 'contacts clean', 'switch contacts clean'],
    sooty: ['contacts dark', 'contacts discoloured', 'contacts sooty', 'soot on the contacts'],
    pitted: ['contacts pitted', 'contacts rough', 'contacts worn'],
    burnt: [
      'contact burnt bad', 'points burned up', 'side burnt', 'contacts black', 'contacts gone', 'contact missing',
      'pole burnt', 'contacts pitted one burnt away', 'contacts burnt on one side', 'contacts burnt black',
      'both poles black', 'contacts burnt both poles black', 'switch burnt', 'switch contacts black',
    ],
    welded: [
      'points stuck together', 'pried them apart', 'points fused', 'contacts stuck pried apart', 'contacts welded',
      'contacts stuck shut', 'switch welded', 'points stuck',
    ],
    insects: [
      'ants packed in the points', 'ants in the points', 'nest in the points', 'ants in the switch',
      'ants in the cover', 'full of ants', 'bugs in there', 'insect burnt across contact', 'bug between the points',
      'ants on the contacts', 'crushed ant contacts', 'slug across the points', 'snake across the contacts',
      'nest in the switch', 'insect squashed between the contacts', 'dirt in the contacts', 'contacts dirty',
      'dirt between the contacts',
    ],
    wet: ['contacts wet', 'contacts green', 'switch corroded', 'water in the switch'],
  },
  'switch-seen': {
    closed: [
      'switch closed', 'switch made', 'contacts closed', 'switch contacts closed', 'switch is in',
      'contacts together',
    ],
    open: ['switch open', 'contacts open', 'switch not made', 'contacts apart'],
  },
  'port-look': {
    clear: ['port not blocked', 'daylight through the nipple', 'nipple is open', 'port clear', 'nipple clean'],
    blocked: [
      'line to the switch frozen', 'sensing line frozen solid', 'copper line to the switch frozen',
      'tube to the switch frozen', 'port blocked scale', 'fitting blocked scale', 'hole blocked scale',
      'fitting under the switch blocked', 'nipple solid', 'port packed', 'port crud', 'hole plugged', 'nipple mud',
      'iron in the nipple', 'pick will not go through the nipple', 'tube to the switch packed with rust',
      'tube packed with rust', 'port tube rust', 'switch tube blocked', 'nipple full of rust',
      'nipple plugged solid with rust', 'rust in the port', 'port scaled up', 'sand in the port',
      'nipple rusted shut', 'port scale',
    ],
  },
  'lever': {
    auto: ['lever auto', 'lever on', 'lever up', 'lever set'],
    off: [
      'knob on off', 'switch knob off', 'lever switch off', 'flipped lever off', 'lever turned off', 'knob off',
      'lever knocked off', 'auto off lever off', 'lever was off', 'arm in the off position', 'cutoff is tripped',
      'lever in off', 'lever down', 'lever tripped', 'cutoff lever off', 'lever is down tripped', 'lever dropped',
      'lever fully up', 'low pressure cutoff out',
    ],
  },
  'valve-under': {
    open: ['valve under the switch open', 'switch valve open', 'valve under open'],
    shut: ['valve under the switch shut', 'switch valve shut', 'valve under closed'],
  },
  'tap-switch': {
    nothing: [
      'tapped the switch nothing', 'tapped nothing', 'tapped it no difference', 'tapped the switch still nothing',
    ],
    starts: [
      'push contact start', 'push contact run', 'push contact shut start', 'push contact together start',
      'push contact together run', 'contacts pushed together pump start', 'push shut start',
      'pressed the contacts runs', 'flicked the contacts start', 'moved the contacts runs', 'tap switch start',
      'tapped the switch and it started', 'tapped and it starts', 'tapped it runs', 'tapped the switch it ran',
    ],
  },
  'motor-look': {
    sound: ['motor looks good', 'motor clean', 'no smell at the motor', 'motor smells fine'],
    burnt: [
      'motor smells', 'burnt varnish', 'windings black', 'motor cooked', 'windings fried', 'smell burnt motor',
      'smells like burnt windings', 'burnt smell', 'smellburnt', 'varnish smell', 'smoke from the motor',
      'burnt smell at the motor',
    ],
    wet: [
      'motor soaked', 'water ran out of the motor', 'motor wet pit flooded', 'pit flooded', 'motor under water',
      'water in the motor',
    ],
    rumbles: [
      'howls', 'screeches', 'bearing roars', 'bearings howl', 'bearing noise', 'motor noisy', 'bearing',
      'shaft wobbles', 'play in the bearings', 'sand in the bearings', 'bearings bad',
      'sounds like sand in the bearings', 'bearing gone', 'motor howls', 'bearings rough', 'bearing play',
    ],
  },
  'links': {
    right: ['voltage links good', 'wired for the right voltage', 'links as on the plate'],
    wrong: [
      'jumpered for 230', 'plate shows it jumpered for 230', 'set for 230', 'bridge for 230',
      'links set for low voltage', 'links for low voltage', 'jumpers wrong', 'wired low voltage',
      'wired high voltage', 'set for high voltage', 'set low voltage', 'voltage selector wrong', 'wired othervolts',
      'motor wired for the wrong voltage', 'pump wired for othervolts', 'voltage links wrong',
      'links set for the other voltage', 'links othervolts', 'tap wrong', 'wired for the wrong voltage',
      'links for high voltage', 'voltage links set for the othervolts',
    ],
  },
  'cool-ohms': {
    'same': ['closed hot and cold', 'overload closed both times', 'a value both times', 'reads the same cold'],
    'comes-back': [
      'started again by itself half an hour later', 'kicked back on by itself later', 'opens hot closes cold',
      'resets when cool', 'reads again cold', 'ol now comeback when cool', 'comes back after cooling',
      'overload closed again cold', 'ol then a value once cool',
    ],
    'stays-ol': [
      'still ol after it cooled', 'stays ol', 'let it rest an hour still ol', 'ol for good', 'sit still ol',
      'ol even when cold',
    ],
  },
  'startswitch-look': {
    clean: [
      'startswitch clean', 'startswitch contact clean', 'startswitch good', 'startswitch seats',
      'startswitch seats clean',
    ],
    burnt: ['start points not close', 'startswitch burnt', 'startswitch contact burnt', 'startswitch pitted'],
    insects: [
      'mouse nest in the motor', 'nest in the start switch', 'mouse nest in the back of the motor',
      'startswitch blocked', 'startswitch not shut', 'startswitch gummed grease',
      'sawdust out of the startswitch start', 'startswitch sawdust', 'blew out the startswitch',
      'blew the startswitch start', 'dirt startswitch start', 'insects in the startswitch', 'startswitch insects',
      'dirt in the startswitch',
    ],
  },
  'spin': {
    no: ['spun the shaft still stuck', 'spun it nothing', 'spinning does not help', 'spun no difference'],
    runs: [
      'not turn until I spin the shaft', 'runs when I spin the shaft', 'only starts if I spin it',
      'gave shaft turn start', 'turn shaft start', 'helped it start', 'kick it over runs', 'pull start run',
      'spun it and it ran',
    ],
  },
  'click': {
    'clicks': [
      'startswitch clicks', 'click as it slows', 'hear the startswitch click', 'clicks out at speed',
      'startswitch drops out',
    ],
    'no-click': [
      'not hear click', 'not hear click speed slow', 'no click speed', 'no click', 'no click from the startswitch',
      'no click as it slows', 'startswitch does not drop out',
    ],
  },
  'shaft': {
    free: [
      'shaft turns easy', 'turns easy', 'shaft loose free', 'motor turns over easy', 'free wheels', 'shaft free',
      'shaft turns free', 'turns free by hand', 'shaft turns by hand', 'turns over by hand',
    ],
    stiff: [
      'shaft catches', 'turns rough', 'rubs', 'tight spot', 'shaft gritty', 'shaft stiff', 'shaft drags',
      'shaft tight', 'shaft hard to turn', 'turns hard',
    ],
    seized: [
      'not budge', 'shaft not budge', 'not move', 'shaft frozen', 'shaft rusted', 'stuck solid', 'cannot turn it',
      'motor locked', 'pump locked', 'shaft bound', 'shaft will not turn', 'locked solid',
    ],
  },
  'cap-label': {
    within: [
      'cap in band', 'cap right on', 'cap checks good', 'cap tests good', 'cap measures good', 'cap spot on',
      'cap matches its label',
    ],
    under: [
      'cap way low', 'cap under its band', 'cap out of band', 'cap weak', 'cap tests low', 'cap down from its label',
      'cap half of what it should be', 'cap tests bad',
    ],
  },
  'cap-seen': {
    sound: ['cap looks good', 'cap not bulged'],
    bulged: [
      'goo under the cap cover', 'goo under the capacitor', 'cap smells', 'cap leaking', 'goo out of the cap',
      'cap top popped', 'cap swelled', 'cap leaking oil', 'oil all over the bottom of the box',
      'cap bulged oil all over the box', 'cap blown', 'cap blew', 'cap burnt', 'cap exploded', 'oil in the box',
    ],
  },
  'box-swap': {
    runs: [
      'test box runs', 'knowngood box runs', 'spare box runs', 'swapped in a test box runs', 'another box it runs',
      'good box it starts', 'my box starts right up', 'box swapped it runs', 'test box starts', 'loaner box runs',
      'other box runs',
    ],
    groans: [
      'test box still hums', 'knowngood box still hums', 'spare box hums', 'another box still groans',
      'box swapped still hums',
    ],
    silent: ['test box nothing', 'knowngood box nothing', 'another box still dead', 'spare box still nothing'],
    trips: ['test box still trips', 'knowngood box still trips', 'another box trips', 'spare box trips'],
  },
  'cap-swap': {
    runs: [
      'knowngood cap runs', 'knowngood cap it starts', 'another cap and it runs', 'new cap it runs',
      'swapped the cap it runs', 'with a good cap it starts',
    ],
    groans: [
      'knowngood cap still hums', 'new cap still hums', 'swapped the cap still hums', 'another cap still groans',
    ],
    silent: ['knowngood cap nothing', 'new cap nothing', 'swapped the cap no difference'],
    trips: ['knowngood cap trips', 'new cap still trips', 'swapped the cap still trips'],
  },
  'relay-seen': {
    clean: ['relay contact clean', 'relay good', 'relay contacts good', 'relay looks clean'],
    pitted: ['relay contacts pitted', 'relay burnt', 'relay contact burnt', 'relay contact black'],
    welded: ['relay contact stuck', 'relay stuck shut', 'relay welded', 'relay contact stuck closed', 'relay stuck'],
  },
  'overload-seen': {
    'holds': ['overload holds', 'overload in', 'overload set', 'overload stays in', 'overload did not trip'],
    'lets-go': [
      'overload keeps popping', 'overload on the bottom of the box keeps popping', 'overload clicks',
      'overload in the box clicks', 'overload clicks off', 'hum overload click', 'overload trips',
      'overload trips again', 'hum then overload trips', 'overload out', 'runs then overload trips',
      'starts runs then overload trips', 'overload pops every time', 'starts fine runs then overload trips',
    ],
  },
  'box-seen': {
    clean: ['box clean', 'box looks good', 'box dry and clean', 'nothing burnt in the box'],
    burnt: ['box scorched', 'box black inside', 'burnt inside the box', 'box smell burnt'],
    terminal: [
      'terminal burnt', 'yellow terminal burnt', 'red terminal burnt', 'black terminal burnt', 'spade burnt',
      'connector burnt box', 'box terminal burnt', 'jab terminals burnt', 'terminal in the box melted',
      'jab loose and burnt', 'wire burnt in the box',
    ],
    wrong: [
      'box half horse', 'box horse', 'box rated for half', 'box horsepower', 'box too small', 'box too big',
      'box for the wrong horsepower', 'box does not match', 'wrong box', 'box for another motor',
      'box does not match the motor', 'box is for a bigger motor',
    ],
  },
  'ground-again': {
    'both-good': ['splice opened both good', 'ground again both good'],
    'cable': [
      'house side zero to ground', 'house side shorted', 'house side to ground', 'wire from the house shorted',
      'wire from the house to ground', 'underground wire shorted', 'buried wire to ground', 'motor side clear',
      'motor side good', 'leadsdown motorgood', 'leadsdown', 'cabledown', 'cable to ground', 'wire shorted',
      'bare spot in the cable', 'motor good', 'splice open motor good', 'splice open cable is down',
      'cable shows the ground',
    ],
    'motor': [
      'pump side zero to ground', 'motor side dead short', 'pump side to ground', 'pump side shorted',
      'drop cable side zero to ground', 'drop cable side to ground', 'down side zero to ground',
      'wire from the house good', 'wire from the house clear', 'wire from the house to the well clear',
      'wire to the well good', 'underground wire good', 'buried wire good', 'house side clear', 'house side good',
      'house side open to ground', 'motordown leadsgood', 'motordown', 'cablegood', 'motor shorted',
      'motor to ground', 'splice open cable good', 'splice open motor is down',
      'at the motor leads off motor is down', 'motor shows the ground',
    ],
  },
  'open-again': {
    whole: [
      'wellhead red to yellow', 'wellhead yellow to black', 'wellhead red to black', 'wellhead lead ohms good',
      'wellhead down reads good', 'motor side of the splice reads good', 'motor side winding good',
      'wellhead winding good', 'wellhead motor good', 'wellhead reads whole', 'motor side has continuity',
      'betweenlegs motorleads wellhead ohms',
    ],
    open: [
      'wellhead still open', 'motor side still open', 'wellhead open too', 'motor side open',
      'splice apart still open', 'open betweenlegs motorleads wellhead', 'open motorleads wellhead',
      'open betweenlegs well motorleads wellhead splice', 'motor side ol', 'wellhead ol',
    ],
  },
  'rest-well': {
    same: ['waited same', 'rest no better', 'rested same', 'rested overnight same'],
    back: [
      'leave it an hour and it is good for minutes', 'rest and it is good for ten minutes',
      'sits an hour then good again', 'rest water again', 'rest water', 'waited hour water again',
      'rest full delivery air again', 'rest hour good minutes again', 'rest delivery again', 'let it rest good again',
      'wait comeback die', 'came back after a rest', 'comes back then dies', 'rested it came back then died',
      'recovers after a rest', 'rest it comeback then died again', 'gives water again after an hour',
    ],
  },
  'well-heard': {
    quiet: [
      'quiet in the well', 'well quiet', 'nothing to hear in the well', 'no water falling in the well',
      'silent in the well when it stops',
    ],
    falls: [
      'waterfall down the casing', 'sounds like a waterfall', 'water running back down', 'water falling in the well',
      'hear water falling in the well', 'hear water running in the well', 'water trickles in the well',
      'splashing in the well', 'hear it running back down the well', 'hear water fall well',
    ],
  },
  'knock': {
    rings: [
      'tank hollow', 'tank sounds empty', 'hollow on top', 'tank hollow top', 'tank sounds hollow', 'tank light',
      'tank moves',
    ],
    dull: [
      'tank full water', 'solid thud', 'tank sounds solid', 'sounds full of water', 'weighs a ton',
      'cannot tip the tank', 'tank dull', 'tank heavy', 'tank heavy sounds dull when knocked', 'tank full of water',
      'tank will not move', 'tank heavy dull knock', 'tank sloshes',
    ],
  },
  'air-valve': {
    air: [
      'air at the valve', 'air valve air only', 'just air at the stem', 'no water at the airvalve', 'airvalve dry',
    ],
    water: [
      'bladder busted', 'bladder torn', 'bladder ruptured', 'bladder blown', 'bladder is shot',
      'water in the airvalve', 'face full of water airvalve', 'airvalve water out', 'water sprayed airvalve',
      'squirt of water airvalve', 'water at the valve stem', 'water squirts', 'pin pushed water',
      'water out of the stem', 'water shoots out of the airvalve', 'bladder bad water at the airvalve',
      'bladder shot water shoots out the stem', 'bladder gone', 'water stem', 'airvalve wet', 'airvalve spits water',
    ],
    nothing: ['no air in the tank', 'tank has no air', 'airvalve nothing', 'no air no water at the airvalve'],
  },
  'gauge-agrees': {
    agree: ['secondgauge good', 'gauge correct', 'gauges agree', 'secondgauge same', 'secondgauge agrees'],
    differ: [
      'gauge zero secondgauge', 'gauge not move', 'gauge pegged', 'gauge no matter what', 'gauge reads wrong',
      'secondgauge other', 'gauge off by', 'gauge sticks', 'gauge dead', 'secondgauge differs', 'gauge broken',
    ],
  },
  'house-shut': {
    holds: [
      'house off gauge stays', 'shut the house off and the gauge stays put', 'house off at the tank holds',
      'housevalve shut holdsquiet', 'house off it holds', 'housevalve off holds', 'housevalve shut holds',
      'house shut holds',
    ],
    falls: [
      'valve after the tank shut still falls', 'house isolated still drops', 'housevalve shut still bleeds down',
      'shut the valve at the head no change', 'house valve shut same', 'housevalve shut stilldoes',
      'house off stilldoes', 'shut house still drops', 'housevalve shut fall', 'housevalve shut still drops',
      'housevalve off drops',
    ],
  },
  'outlet-shut': {
    holds: ['outletvalve shut holdsquiet', 'outlet shut holds', 'outletvalve shut holds', 'outlet shut it stops'],
    falls: [
      'outletvalve shut stilldoes', 'outlet shut stilldoes', 'outlet shut still falls',
      'outletvalve shut still falls', 'outlet shut leak goes on',
    ],
    quiet: [
      'outletvalve shut holdsquiet', 'outlet shut holdsquiet', 'outlet shut at the pump stays quiet',
      'outletvalve shut quiet', 'valve shut stays quiet', 'outletvalve shut stays off', 'outletvalve hold silent',
      'shut at the pump quiet',
    ],
    starts: [
      'outletvalve shut stilldoes', 'valve shut stilldoes', 'outlet shut stilldoes', 'outlet shut still starts',
      'outletvalve shut still starts', 'valve shut still starts',
    ],
  },
  'leaks-look': {
    dry: [
      'joints are dry', 'all joints dry', 'no leaks at the joints', 'joints dry no leaks', 'no drips at the joints',
      'nothing wet', 'dry everywhere', 'everything is dry', 'no drips anywhere under the sinks',
      'no drips under the taps or at the toilet', 'no leaks in the coach', 'not find leak', 'no wet spots',
      'bone dry everywhere', 'nothing leaking', 'no leaks anywhere all dry', 'no leaks anywhere', 'plumbing dry',
      'plumbing good',
    ],
    leak: [
      'toilet in the bath running', 'irrigation valve weak', 'valve weak', 'water run toilet', 'toilet bowl',
      'toilet fill', 'toilet will not stop', 'faucet left on', 'irrigation valve leaks', 'frost-free leaks',
      'sprinkler head broken', 'water heater leaks', 'faucet drips', 'sprinkler leaks', 'pipe leaks', 'line break',
      'toilet keeps running', 'toilet upstairs runs', 'toilet', 'leak in the house', 'toilet running',
      'leak under the sink', 'burst pipe', 'leaking fitting', 'leak', 'wet spot in the yard', 'leak in the yard',
      'drip under the galley sink',
    ],
    relief: [
      'relief spitting all the time', 'relief spits a little', 'safety spits', 'relief lifts', 'relief pops',
      'relief dribbles', 'relief opens', 'relief leaks', 'relief blowing', 'water at the relief',
    ],
    switch: [
      'water under the switch', 'switch leaks', 'water leaking under the switch', 'drip under the switch',
      'water out of the switch',
    ],
  },
  'works': {
    yes: [
      'went back to normal', 'normal again', 'works like it should', 'good as new', 'back to normal', 'good to go',
      'works now', 'runs and stops right', 'two cycles good',
    ],
    no: [
      'not fixed', 'same problem', 'still not right', 'still wrong', 'does not work right', 'something still wrong',
    ],
  },
  'runs-past': {
    'stops': ['stops at cut out', 'stops when it should', 'shuts off right', 'cuts off at cut out'],
    'runs-on': [
      'runon tapsshut', 'run tapsshut', 'not turn off', 'keeps pumping', 'passes cut out', 'goes over cut out',
      'not kick off', 'keeps building', 'not cut off', 'runon hold', 'past cut out', 'keeps running past',
      'pops the relief keeps running', 'runon past cut out', 'runon relief blow', 'not cutout',
    ],
  },
  'heard': {
    runs: ['pump runs', 'runs', 'pump starts', 'hear the pump run'],
    groans: ['pump hums', 'hums', 'pump hums does not start', 'hear it hum'],
    silent: [
      'pump not on', 'pump not coming on', 'well pump not on', 'pump dead', 'no sound', 'pump does nothing',
      'nothing from the well',
    ],
  },
  'cycles-how': {
    usual: ['cycles normal', 'cycles minutes apart', 'long cycles'],
    rapid: [
      'rapid cycle', 'on for seconds and off for seconds', 'onoff when a tap is open', 'on off on off',
      'onoff every second', 'clicks like a machine gun', 'chatters on and off', 'start stop start stop',
      'cycles fast', 'cycles constantly', 'pump shortcycle', 'shortcycle fast', 'onoff fast', 'onoff nonstop',
      'clicks onoff fast', 'starts and stops fast', 'switch clicks onoff', 'starts stops every few seconds',
      'onoff every few seconds',
    ],
  },
  'falls-how': {
    holds: [
      'pressure hold steady pumpoff', 'pressure hold pumpoff', 'gauge hold pumpoff', 'holds steady',
      'pressure not fall', 'not lose a pound', 'holds tapsshut', 'rock steady', 'pressure holds', 'gauge holds',
      'does not fall', 'holds overnight',
    ],
    slow: [
      'tank bleeds down overnight', 'loses pressure overnight', 'leakdown overnight', 'bleeds down by morning',
      'pressure falls slow pumpoff', 'loses a few pounds', 'falls slow tapsshut', 'pressure falls slow',
      'gauge falls slow', 'bleeds off slow', 'falls over the night',
    ],
    once: [
      'needle falls to zero atonce', 'pressure falls to zero atonce', 'pressure falls right to nothing when it stops',
      'falls right to nothing', 'gauge falls atonce', 'kill pump gauge fall atonce', 'kill pump gauge fall',
      'pump off gauge fall fast', 'pressure drops right off', 'drops like a rock', 'water run back well',
      'drains back', 'runs back into the cistern', 'hear it run back', 'trickles back into the cistern',
      'pressure gone', 'checkvalve not holding', 'checkvalve leaks back', 'checkvalve bad', 'bleeds right off',
      'pressure falls at once', 'pressure gone at once', 'falls fast', 'pressure falls at once when it stops',
      'pressure falls at once when the breaker is off', 'gauge drops fast',
    ],
  },
  'sound': {
    runs: [
      'pump turn', 'motor turn good', 'motor turning', 'motor runs good', 'pump run good', 'humming along',
      'running now', 'sounds good running', 'run good', 'motor start', 'pump start', 'kick', 'starts right up',
      'turns over runs', 'pump runs', 'motor runs', 'it still runs', 'runs rough', 'starts fine', 'starts',
      'starts and runs', 'runs light',
    ],
    groans: [
      'growls', 'grunts', 'hum louder', 'strains hums', 'humming sound', 'hum dim', 'hums does not turn', 'hums loud',
      'pump hums', 'motor hums', 'hums does not start', 'pump hums does not turn over', 'groans when it calls',
      'tries to start',
    ],
    silent: [
      'dead as a doornail', 'dead as a rock', 'click nothing', 'not a peep', 'nothing at all', 'stone dead',
      'not run', 'not start up', 'pump not run', 'motor not run', 'no response', 'not kick', 'not start nothing',
      'pump not start', 'motor not start', 'not turn on', 'no sound', 'dead', 'pump silent', 'no hum', 'pump dead',
      'no sound from the pump', 'no sound from the well', 'pump dead silent', 'nothing no hum', 'motor dead',
      'pump does nothing', 'nothing happens no sound', 'pump silent nothing', 'booster silent', 'not start',
    ],
    chatters: [
      'clicks', 'contact chatters', 'buzzes on and off', 'chatters', 'switch chatters', 'rattles on and off',
      'clicks on and off fast', 'chatters like mad',
    ],
  },
  'pulses': {
    steady: [
      'good flow', 'plenty of water at the tap', 'strong stream', 'good pressure', 'water steady', 'steady stream',
      'water fine', 'good pressure at the tap',
    ],
    pulses: [
      'tap noth start', 'tap zero start', 'shower noth pump start', 'goes to nothing pump starts', 'water pulses tap',
      'burps pulses', 'delivery die comeback', 'water die comeback', 'water stops comes back', 'stops then blasts',
      'flow cuts in and out', 'gauge fall zero start', 'pressure fall noth start', 'pressure fall zero start',
      'falls to nothing before it starts', 'water comes and goes', 'surges at the shower', 'gauge bounces',
      'gauge swings', 'pressure bounces', 'gauge jumps', 'water pulses', 'taps pulse die and surge',
      'pressure swings', 'surges', 'water dies then surges', 'swings high and low',
    ],
    weak: [
      'weak shower', 'not much water', 'poor pressure', 'slow fill', 'no pressure upstairs', 'low pressure',
      'barely pumps', 'barely any water', 'runs barely pumps', 'low flow', 'water weak', 'weak stream', 'weak',
      'weak upstairs', 'low pressure at the tap', 'runs weak at the tap', 'runs weak',
    ],
    none: [
      'not moving water', 'moves no water', 'nothing out of the tap', 'no water upstairs', 'no water at any tap',
      'dry taps', 'noth tap', 'no water anywhere', 'not one drop', 'no water house', 'dry bone', 'nothing comes out',
      'not a drop at the tap', 'hose dies at once',
    ],
  },
  'water-look': {
    clear: ['no air in the water', 'water clear', 'water clean', 'no sand'],
    sand: [
      'muddy water', 'brown water', 'gritty water', 'cloudy water', 'orange water', 'well pumping sand',
      'pumping sand', 'well makes sand', 'rust colored water', 'sand in the bucket', 'sand in the water',
      'rusty water', 'water dirty', 'sand', 'sand in the bucket when it last ran', 'water was sandy all summer',
    ],
    air: [
      'air out of the tap', 'bubbles in the glass', 'tap spits air', 'little bubbles in the water',
      'air in the glass', 'gurgles', 'spurts air', 'sputters air', 'water milky with air', 'faucets spit',
      'burps air', 'air in the lines', 'air discharge', 'surge air', 'sucking air', 'pump sucking air', 'draws air',
      'sucks air at the suction', 'air in the water', 'taps spit and cough', 'water spits', 'pump runs spits',
    ],
  },
  'asked': {
    'nothing': ['nothing new', 'nothing changed', 'customer says nothing changed'],
    'storm': [
      'lightning hit close', 'lightning near', 'hit by lightning', 'lightning close', 'thunder', 'big storm',
      'electrical storm', 'since the storm', 'lightning hit nearby',
    ],
    'outage': [
      'power was out', 'grid down', 'brownout', 'utility outage', 'lost power', 'power out',
      'water was off this morning', 'since the outage', 'power came back', 'town shut the water',
    ],
    'old': [
      'twenty years old', 'ancient', 'fifteen years old', 'never been changed', 'years fig', 'pump is old',
      'years old', 'never touched',
    ],
    'ran-dry': ['ran out of water', 'left running dry', 'sucking dry', 'pumped dry', 'well ran dry'],
    'open-fill': [
      'irrigated', 'irrigated days', 'sprinklers ran', 'filled a hot tub', 'watering the garden', 'watered the lawn',
      'hose left running', 'topping up the pond', 'filling a pool', 'customer was filling a pool', 'watering all day',
    ],
    'vibration': ['shakes', 'vibrates', 'shakes loose', 'vibration in the pipe', 'things come loose'],
    'hot': ['stands in the heat', 'no air round it', 'hot room', 'closet is hot', 'stands hot'],
    'frozen': [
      'stored in the cold all winter', 'sat in the cold', 'not winterized', 'frozen pipes', 'hard freeze',
      'pipes froze', 'below freezing', 'froze', 'stood in the frost', 'frozen last winter', 'was frozen', 'frost',
    ],
    'retries': [
      'kept flipping the breaker', 'kept pushing the reset', 'tried it all day', 'kept trying',
      'tried to start all night', 'reset it over and over', 'kept resetting',
    ],
    'worked-on': [
      'put in last week by the owner', 'was put in last week', 'utility worked on the line',
      'power company changed the transformer', 'new transformer on the pole', 'cranked nut', 'cranked the big nut',
      'adjusted the switch', 'tightened nut', 'turned the nut', 'messed with the switch', 'electrician panel',
      'rewired', 'rewired the panel', 'new panel', 'wired by', 'electrician rewired', 'new switch owner',
      'put on a new', 'customer replaced', 'plumber was here', 'put in new', 'plumber replaced', 'handyman',
      'did it himself', 'customer put on', 'son in law', 'changed it himself', 'pulled the pump last', 'new switch',
      'new pump', 'new motor', 'new capacitor', 'new box', 'new tank', 'new contactor', 'new breaker',
      'new checkvalve', 'new part', 'somebody replaced', 'new gauge', 'new float', 'someone worked on it',
      'new motor fitted', 'new box fitted', 'someone else fitted the box', 'new switch fitted',
      'new contactor fitted', 'electrician was here', 'someone was in the panel', 'since the new pump', 'fit new',
      'new part fitted', 'swapped the motor', 'changed the switch',
    ],
    'cycled': [
      'clicking for weeks', 'onoff for months', 'clicked on and off for weeks', 'cycled for weeks',
      'chattered for weeks', 'clicked for weeks before it quit', 'short cycled for months',
    ],
  },
  'vacuum': {
    steady: ['vacuum steady', 'vacuum normal', 'vacuum good', 'suction gauge steady'],
    high: [
      'inches of vacuum', 'strong vacuum', 'vacuum pegged', 'vacuum high', 'vacuum high and steady', 'full vacuum',
    ],
    low: [
      'vacuum drops', 'suction gauge low', 'vacuum low', 'vacuum low and jumping', 'vacuum jumps', 'no vacuum',
      'vacuum unsteady', 'vacuum swings',
    ],
  },
  'prime-look': {
    full: [
      'prime good', 'solid water', 'full prime', 'holds prime', 'prime filled', 'primeplug full',
      'full of water at the primeplug', 'has its prime',
    ],
    empty: [
      'prime gone', 'no water in the prime plug', 'primeplug no water', 'pulled the priming plug no water in it',
      'hadtoprime', 'dry again', 'hadtoprime runs', 'prime gone again', 'no water at the prime', 'dry at the plug',
      'took a gallon to fill', 'pump was dry', 'pump lost prime', 'lost prime again', 'prime fall', 'primeplug empty',
      'no prime', 'primeplug open empty', 'primeplug dry', 'pump empty',
    ],
  },
  'jet-look': {
    clear: ['jet clear', 'nozzle clear', 'nozzle clean', 'jet clean'],
    blocked: [
      'wad in the nozzle', 'plastic in the nozzle', 'plastic in the jet', 'leaf in the nozzle',
      'took the injector out nozzle plugged', 'injector plugged', 'ejector full of', 'trash in the nozzle',
      'trash in the jet', 'something stuck in the nozzle', 'nozzle rust', 'nozzle dirt', 'nozzle sand', 'jet rust',
      'stone in the nozzle', 'rust in the jet', 'venturi blocked', 'ejector plugged', 'jet blocked', 'nozzle blocked',
      'pulled the jet blocked with scale', 'jet full of scale', 'scale in the nozzle',
    ],
  },
  'belt-off': {
    runs: ['belt off runs free', 'belt off motor runs', 'belt off it starts'],
    heavy: [
      'belt off still amps', 'belt off same amps', 'belt off amps still high', 'belt off still pulls amps',
      'belt off still draws heavy', 'belt off still', 'belt off same',
    ],
    groans: ['belt off still hums', 'belt off motor still hums', 'hums with the belt off'],
    silent: ['belt off nothing', 'belt off still dead', 'belt off motor dead'],
    trips: ['belt off still trips', 'trips with the belt off', 'belt off trips the same'],
  },
  'check-look': {
    good: ['checkvalve clean', 'check flap moves', 'checkvalve seats', 'check disc good', 'check valve good'],
    shut: [
      'flap jammed shut', 'checkvalve stuck shut', 'flap stuck shut', 'check jammed shut', 'check flap stuck shut',
      'checkvalve jammed', 'poppet stuck shut',
    ],
    open: [
      'trash under the seat', 'chip under the seat', 'rubber under the seat', 'check disc broken',
      'check valve trash', 'check valve rubber gone', 'check spring gone', 'seat pitted', 'checkvalve stuck open',
      'dirt on the check seat', 'checkvalve disc cracked', 'flap not seat', 'chip on the seat', 'check spring broken',
      'checkvalve seat bad', 'sand under the flap',
    ],
  },
  'impeller-look': {
    worn: ['impeller worn', 'impeller eaten', 'wear ring open', 'vanes worn', 'impeller vanes gone', 'volute worn'],
    turns: ['impeller turns', 'impeller free', 'volute open turns free', 'nothing in the impeller'],
    jammed: [
      'pump off motor turn good', 'pump end off motor turn', 'impeller rust', 'impeller rust hous', 'impeller stuck',
      'impeller frozen', 'pebble in the impeller', 'pump end off motor turn free', 'wet end off motor turns',
      'impeller jammed', 'stone in the impeller', 'opened the volute sand in the impeller', 'impeller blocked',
      'impeller full of scale', 'motor turns free with the volute off',
    ],
    stuck: ['impeller off motor still stuck', 'motor still stuck with the volute off', 'volute open motor stuck'],
  },
  'strainer-look': {
    clean: ['strainer clean', 'strainer clear', 'strainer good'],
    clear: ['strainer clear', 'strainer clean', 'strainer good'],
    blocked: [
      'screen caked with mud', 'strainer sand', 'strainer plastic', 'strainer screen plugged', 'strainer slime',
      'basket full', 'strainer half blocked', 'strainer full', 'strainer blocked with rust',
    ],
    packed: [
      'strainer sand', 'strainer screen plastic', 'strainer bowl blocked', 'strainer bowl sand', 'bowl blocked sand',
      'strainer blocked', 'strainer full', 'strainer dirty',
    ],
    bubbles: [
      'o-ring dry bubbles', 'bowl bubbles', 'o-ring cracked bubbles', 'bubbles in the bowl', 'strainer bowl cracked',
      'strainer air', 'strainer o-ring bubbles', 'strainer bubbles', 'bubbles in the strainer', 'air in the strainer',
      'strainer bowl bubbles',
    ],
  },
  'vent': {
    water: [
      'bled water', 'pump bled water', 'solid water no air', 'ventscrew water', 'solid water at the vent',
      'vent water at once',
    ],
    air: [
      'ventscrew air', 'crack ventscrew air', 'bled a lot of air', 'air out of the bleeder', 'ventscrew spits air',
      'air out of the vent', 'vent spits',
    ],
  },
  'tank-level': {
    normal: [
      'tank full float', 'cistern full float', 'plenty in the cistern', 'tank level good', 'tank brim',
      'cistern full', 'cistern level normal', 'level normal', 'cistern has water', 'cistern half full',
    ],
    low: [
      'tank nearlyempty', 'cistern nearlyempty', 'cistern empty', 'tank is dry', 'cistern nearly dry',
      'tank half fall', 'tank going down', 'tank running low', 'tank empty', 'cistern low', 'tank low', 'level low',
      'cistern dry', 'tank low every evening',
    ],
    over: [
      'water coming out the overflow pipe', 'cistern overflows', 'tank at the overflow', 'at the overflow',
      'overflow running', 'tank runs over', 'water out of the overflow',
    ],
  },
  'float-look': {
    works: [
      'float call water', 'float calling', 'float moves free', 'float down calling', 'float down call', 'float good',
      'float works', 'float calls', 'float calls and stops', 'float clicks', 'float works calls stops',
    ],
    dead: [
      'lifted the float off the ladder pump start', 'float cord wrapped round the ladder',
      'freed the float pump runs', 'float hung on the ladder', 'freed the float and it started',
      'float tangled freed it runs', 'lifted the float pump runs', 'float caught freed pump runs', 'ball float stuck',
      'float stuck under the pipe', 'float sunk', 'float full of water sunk to the bottom', 'float never turns pump',
      'float never starts the pump', 'float down nothing', 'float not make', 'float hung up', 'float dead',
      'float does not call', 'dropped the float nothing', 'float up down noth',
      'float lifted by hand and dropped does not call', 'lifted the float noth', 'float up down no change',
    ],
    held: [
      'well pump does not stop', 'well pump runs on', 'float held down', 'float stuck down', 'float does not stop',
      'float held down by the chain', 'float tangled', 'lifted the float and it stops',
      'float held down lifted it and it stops',
    ],
  },
  'coil-heard': {
    pulls: [
      'pulls in good', 'starter snaps in', 'contactor in', 'starter pulled', 'starter clunks', 'starter closes',
      'coil pullin',
    ],
    chatters: [
      'contactor buzzes', 'starter rattles', 'rattles like a machine gun', 'starter chatters', 'coil chatters',
      'starter chatters loud', 'new starter fit hums',
    ],
    nothing: [
      'coil not pulling', 'not pullin', 'starter noth', 'starter not move', 'coil not pullin', 'contactor not close',
      'starter sits', 'starter open', 'starter silent', 'starter not pullin', 'starter dead',
      'starter does not come in', 'starter silent not pullin', 'coil dead',
    ],
  },
  'coil-figure': {
    right: [
      'coil right volts', 'coil matches', 'coil figure right', 'coil printed for the control volts',
      'coil printed for',
    ],
    wrong: [
      'coil printed for 240', 'coil stamped 240', 'coil marked 480', 'coil rated 240', 'coil says 240', 'coil wrong',
      'coil othervolts', 'coil printed for othervolts', 'coil for the wrong voltage', 'coil printed for',
    ],
  },
  'reset': {
    in: ['overload in', 'reset in dial matches the plate', 'overload good', 'overload not tripped'],
    tripped: [
      'overload popped', 'overload keeps tripping', 'heaters tripped', 'overload was out', 'reset was out',
      'overload opened', 'pushed reset runs', 'overload will not reset', 'overload tripped reset',
      'overload trips again', 'hum overload trips',
    ],
    dial: [
      'overload set too low', 'overload set under', 'heaters too small', 'dial set low', 'dial turned down',
      'dial low', 'dial under the nameplate', 'dial set under the plate', 'overload dial too low', 'dial wrong',
    ],
  },
  'starter-look': {
    good: ['starter contacts good', 'starter contacts clean'],
    burnt: [
      'contact burnt away', 'starter points black', 'contact pole burnt', 'starter pole burnt', 'contactor burnt',
      'starter contacts burnt', 'contact n1 burnt', 'contact n2 burnt', 'contact n3 burnt', 'starter contact pitted',
    ],
    welded: [
      'pried contacts stuck together', 'contacts stuck together', 'contacts stuck shut', 'contacts stuck',
      'contacts welded', 'contacts fused',
      'pried the contacts apart', 'contactor stuck in', 'contactor welded', 'contactor stuck', 'starter held in',
      'starter not drop out', 'starter contacts welded', 'starter contacts stuck', 'starter stuck closed',
    ],
    insects: ['insects in the starter', 'starter contacts insects', 'dirt in the starter', 'starter full of insects'],
  },
  'fuse-look': {
    whole: ['controlfuse good', 'controlfuse whole', 'fuse good'],
    good: ['fuse good', 'fuse whole', 'fuse holder bright', 'fuse not blown'],
    blown: [
      'after the controlfuse nothing', 'new fuse blows at once', 'blows a new fuse', 'blows fuses', 'fuse open',
      'control fuse popped', 'fuse no continuity', 'fuse gone', 'fuse keeps blowing', 'fuse keeps popping',
      'fuse pops', 'fuse blown', 'controlfuse blown',
    ],
    burnt: [
      'fuse holder loose', 'fuse holder loose comes and goes', 'fuse holder hot', 'fuse holder discoloured',
      'holder hot', 'fuse clip burnt', 'fuse holder corroded', 'holder melt', 'fuse holder burnt',
      'fuse good holder burnt',
    ],
  },
  'roll': {
    even: ['rolled the leads even', 'roll amps even', 'rolled balanced'],
    line: [
      'high amps stays on the same line', 'high leg hold line', 'amps hold line', 'rolled three leads high hold line',
      'imbalance stays on the line', 'roll lead high hold line', 'same line hold roll', 'odd one stays with the line',
      'rolled the leads stays with the line', 'roll odd one hold with the line',
      'rolled the leads and the odd one stays with the line', 'stays with the line',
    ],
    lead: [
      'high amps moves with the lead', 'imbalance follows the motor', 'high leg moves lead', 'roll follows lead',
      'amps move lead', 'odd one moves with the lead', 'rolled the leads odd one moves with the lead',
      'moves with the lead',
    ],
  },
  'swap-two': {
    less: ['swapped two leads less', 'changed two leads worse', 'reversed gives less'],
    more: [
      'swapped lead n1 n2 pressure up', 'swapped two leads pressure is up', 'backwards swap two lead pumps',
      'swap two lead pump', 'swap two lead run good', 'swap two motorleads pressure up', 'swap two motorleads',
      'swap two motorleads better', 'swap two lead pressure up', 'swap two lead up', 'swap two lead pressure',
      'swapped two legs came right up', 'swapped legs came up', 'swapped two legs better', 'swap two leg',
      'swapped two leads more', 'changed two leads better', 'reversed and it gives more',
    ],
    same: ['swapped two leads same', 'changed two leads no difference', 'reversed same'],
  },
  'unloader-stop': {
    sigh: [
      'unloader hiss every stop', 'unloader puff', 'hiss every stop', 'unloads fine', 'pssh when it stops',
      'hiss when it stops', 'unloader vents', 'short hiss at cut out',
    ],
    hisses: [
      'air blowing out of the tube when stopped', 'air out of the unloader tube', 'air blow tube',
      'hisson switch stop', 'hisson after stop', 'bleed off after stop', 'hissing at the switch after it stops',
      'hisses out of the unloader', 'unloader leaks when off', 'leaks at the unloader', 'hiss unloader off',
      'unloader hiss until empty', 'air out of the unloader when off', 'hiss when off', 'blows air out the unloader',
      'unloader hisses nonstop', 'hiss nonstop', 'hisson', 'hisson at the unloader', 'hisses until the tank is empty',
      'hisson at the unloader after it stops until the tank is empty', 'hisson at the switch', 'hisson when off',
      'hisson unloader stops', 'hiss valve under the switch off', 'hiss valve under the switch',
    ],
    nothing: [
      'no psst when it stops', 'no psst', 'no whoosh when it stops', 'unloader not vent stop', 'unloader not vent',
      'not hear bleed', 'not hear bleed off', 'not hear unload', 'not hear air stop', 'no pssh', 'no puff',
      'not unload', 'head pressure not bleeding off', 'not bleed off', 'head does not bleed',
      'pressure stays on the head', 'no hiss', 'no hiss when it stops', 'no vent at cut out', 'unloader nothing',
      'unloader silent',
    ],
  },
  'unloader-run': {
    still: ['unloader still while it pumps', 'vent still running', 'no air at the unloader while it runs'],
    blows: [
      'blows air out of the switch while it runs', 'air out of the bottom of the switch while running',
      'leaks at the switch while it runs', 'air blow switch run', 'unloader blows while it runs',
      'vent blows running', 'unloader leaks while it runs', 'air at the unloader while it pumps',
    ],
  },
  'crack-line': {
    same: ['cracked the unloaderline same', 'unloaderline cracked still hums', 'cracked line no difference'],
    starts: [
      'cracked the unloaderline let the air out started', 'let the air out of the line started right up',
      'cracked the unloaderline loose started right up', 'cracked the unloaderline and it started',
      'head vented it starts', 'bled the head and it starts',
    ],
  },
  'intake-breath': {
    pulls: ['intake pulls', 'intake pulls steady', 'good pull at the intake', 'intake good'],
    back: [
      'puffing back at the filter', 'air back filter', 'puffs back out the filter', 'air puff filter',
      'blows back filter', 'intake backfires', 'air blow out intake', 'air puffing out the intake',
      'air out of the intake', 'intake puffs', 'blows back at the intake', 'breath back at the intake',
      'air comes back out of the intake', 'intake spits',
    ],
    better: [
      'intake clogged', 'intake filter packed', 'filter blocked', 'air filter plugged', 'filter dirt',
      'pumps better with the strainer off', 'better without the intake filter', 'intake plugged with sawdust',
    ],
  },
  'head-heard': {
    even: ['head even', 'head sounds good', 'even beat'],
    blows: [
      'head leaks', 'head gasket blown', 'gasket blown between', 'air between the head', 'head blows', 'gasket blows',
      'air at the head joint', 'gasket blown', 'head gasket leaks',
    ],
    knocks: ['knock head', 'knocking in the head'],
  },
  'belt-look': {
    good: ['belt good', 'belt tight'],
    slack: [
      'belts slapping', 'squeals on start up', 'squeals when it starts', 'belts glazed', 'belts loose squealing',
      'belts slipping', 'belt loose', 'belt shiny', 'belt smoke', 'belt squeals',
    ],
    off: [
      'belt snapped', 'belt laying', 'belt jumped', 'threw the belt', 'belt shredded', 'belt off',
      'head does not turn', 'belt gone',
    ],
  },
  'soap': {
    fittings: [
      'soap nothing at the fittings', 'no bubbles at the fittings', 'fittings dry', 'soap fittings dry',
      'fittings do not leak',
    ],
    none: [
      'no leaks at the joints', 'joints are dry', 'soaped the joints nothing', 'soaped every joint no bubbles',
      'no air leak soap', 'not find leak soap', 'no leaks sprayed everything', 'sprayed everything no leaks',
      'no air leaks', 'no bubbles', 'soap nothing',
    ],
    line: [
      'leak at a fitting', 'hose leaks', 'coupler leaks', 'hose hiss', 'fitting hiss', 'bubbles at the regulator',
      'soap bubbles regulator', 'bubbles round the fittings', 'bubbles at a fitting', 'bubbles at a hose fitting',
      'soap bubbles at the line', 'fitting leaks air', 'bubbles at the hose',
    ],
    switch: [
      'bubbles out of the diaphragm', 'bubbles diaphragm', 'soap bubbles diaphragm', 'bubbles at the switch',
      'air leaks at the switch', 'soap bubbles at the switch',
    ],
    relief: [
      'relief spitting all the time', 'relief spits a little', 'safety dribbles', 'relief dribbles all the time',
      'safety valve bubbles', 'soap outlet bubbles', 'bubbles at its outlet', 'relief leaks', 'relief leaks air',
      'soap bubbles at the relief', 'relief hisses',
    ],
    receiver: [
      'pinhole bubbles tank', 'pinhole tank blow bubble', 'pinhole bottom tank', 'pinhole in the bottom',
      'tank pinhole', 'weld leaks', 'pinhole', 'tank seam leaks', 'bottom rusted', 'bubbles at the tank seam',
      'soap bubbles at the seam', 'soap bubbles at the seam of the tank', 'pinhole in the tank',
      'bubbles at the receiver', 'tank rusted through',
    ],
  },
  'drain': {
    air: ['drain dry', 'drain air', 'a cupful out of the drain'],
    water: [
      'gallons of brown water out of the drain', 'cracked the drain and got gallons of water', 'tank full of water',
      'receiver full of water', 'gallon of water out', 'water drained', 'lots of water', 'rust water',
      'drained a gallon of rusty water', 'tank drained rusty water', 'water in the tank', 'water out of the drain',
      'litres of water out of the drain', 'tank full of condensate', 'gallons of water out of the drain',
      'rust water out of the drain',
    ],
  },
  'oil': {
    good: ['oil good', 'oil level good'],
    low: ['oil low', 'oil black', 'no oil', 'oil old', 'oil dirty'],
    milky: ['oil milky', 'water in the oil', 'oil white'],
  },
  'second-return': {
    runs: [
      'ran a wire from battery negative', 'wire from battery negative runs', 'jumper negative battery runs',
      'straight to battery negative runs', 'ground wire battery runs', 'secondreturn runs',
      'secondreturn to the battery and it runs', 'secondreturn and it runs strong',
      'secondreturn to the battery run strong',
    ],
    groans: ['secondreturn still hums', 'secondreturn hum'],
    silent: ['secondreturn nothing', 'secondreturn same', 'secondreturn still dead'],
    trips: ['secondreturn trips', 'secondreturn blows the fuse'],
  },
  'return-look': {
    bright: ['return good', 'chassis ground clean', 'ground tight', 'ground good', 'chassis return bright'],
    rusty: [
      'ground wire all rust', 'ground wire at the frame rusty', 'ground strap corroded', 'ground bolt rusty',
      'ground bad', 'strap rusty', 'ground screw loose', 'negative corroded', 'chassis bolt rusty', 'ground rusty',
      'ground loose', 'return rusty', 'chassis ground corroded', 'ground bolt loose', 'ground under paint',
      'chassis rust',
    ],
  },
  'posts-look': {
    clean: [
      'battery terminals clean', 'terminals clean', 'terminals tight', 'posts clean', 'posts clean and tight',
      'posts good', 'battery posts good', 'clamps tight',
    ],
    furred: [
      'battery terminals corroded', 'terminals white', 'battery clamps loose', 'posts furry', 'posts loose',
      'battery corroded', 'clamp loose',
    ],
  },
  'tank-look': {
    water: [
      'tank is full', 'fresh tank full', 'plenty in the tank', 'freshtank has water', 'water in the freshtank',
      'freshtank good',
    ],
    empty: [
      'tank nearlyempty', 'out of water', 'tank dry', 'no water on board', 'freshtank empty', 'freshtank dry',
      'no water in the freshtank', 'tank is empty',
    ],
  },
  'weep': {
    dry: ['weephole dry', 'pump head dry', 'dry under the head'],
    wet: [
      'leaks at the head', 'drips from the pump head', 'pump leaks', 'weephole leaks', 'weephole wet',
      'leaks under the head', 'wet under the pump',
    ],
  },
}
