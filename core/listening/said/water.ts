/** How it is said: what pressure and water do, behind the pump. */
import type { Sayings } from './types'

export const WATER: Sayings = {
  'knock': {
    what: ['tank', 'knocked on the tank', 'rapped on the tank', 'top of the tank', 'rocked the tank'],
    is: {
      rings: ['rings', 'light', 'empty sounding', 'rocks easy', 'tips easy', 'sounds hollow on top', 'moves easy'],
      dull: [
        'dull', 'solid', 'heavy', 'full of water', 'sounds full', 'not budge', 'heavy as lead', 'weighs a ton',
        'sloshes', 'solid all the way up', 'thunk', 'cannot move it', 'full to the top',
      ],
    },
    said: {
      rings: [
        'tank hollow', 'tank sounds empty', 'hollow on top', 'tank hollow top', 'tank sounds hollow', 'tank light',
        'tank moves',
      ],
      dull: [
        'tank full water', 'solid thud', 'tank sounds solid', 'sounds full of water', 'weighs a ton',
        'cannot tip the tank', 'tank dull', 'tank heavy', 'tank heavy sounds dull when knocked', 'tank full of water',
        'tank will not move', 'tank heavy dull knock', 'tank sloshes', 'dull thud', 'thud top to bottom',
        'thud all the way',
      ],
    },
  },
  'air-valve': {
    what: ['airvalve', 'stem on the tank', 'valve on top of the tank', 'pin', 'tire gauge'],
    is: {
      air: ['air', 'dry', 'no water', 'hisses air'],
      water: ['water', 'water out', 'squirts water', 'spits water', 'wet', 'water sprayed', 'drips water'],
      nothing: ['noth', 'no air', 'zero', 'flat', 'no air no water', 'nothing out'],
    },
    said: {
      air: [
        'air at the valve', 'air valve air only', 'just air at the stem', 'no water at the airvalve', 'airvalve dry',
        'no water at the stem', 'no water out of the stem', 'no water out of the valve', 'no water at the valve',
      ],
      water: [
        'bladder busted', 'bladder torn', 'bladder ruptured', 'bladder blown', 'bladder is shot',
        'water in the airvalve', 'face full of water airvalve', 'airvalve water out', 'water sprayed airvalve',
        'squirt of water airvalve', 'water at the valve stem', 'water squirts', 'pin pushed water',
        'water out of the stem', 'water shoots out of the airvalve', 'bladder bad water at the airvalve',
        'bladder shot water shoots out the stem', 'bladder gone', 'water stem', 'airvalve wet', 'airvalve spits'
        + ' water', 'air gauge spit water', 'stuck air gauge spit water', 'gauge on spit water', 'valve spit water',
        'tire gauge spit water', 'pressed valve got water', 'pressed the valve water',
      ],
      nothing: [
        'no air in the tank', 'tank has no air', 'airvalve nothing', 'no air no water at the airvalve',
        'pressed the core noth', 'no air no water at the airvalve',
      ],
    },
  },
  'gauge-agrees': {
    what: ['gauge', 'pressure gauge', 'old gauge'],
    is: {
      agree: ['good', 'accurate', 'matches', 'agrees', 'reads the same', 'correct', 'moves'],
      differ: [
        'stuck', 'bad', 'broken', 'wrong', 'not move', 'not budge', 'tapped not move', 'off', 'does not match',
        'pegged', 'junk', 'lies',
      ],
    },
    said: {
      agree: ['secondgauge good', 'gauge correct', 'gauges agree', 'secondgauge same', 'secondgauge agrees'],
      differ: [
        'gauge zero secondgauge', 'secondgauge differs',
        'gauge not move', 'gauge pegged', 'gauge no matter what', 'gauge reads wrong',
        'secondgauge other', 'gauge off by', 'gauge sticks', 'gauge dead', 'secondgauge differs', 'gauge broken',
        'my gauge says different', 'my gauge theirs', 'my own gauge theirs', 'my gauge more than theirs'],
    },
  },
  'house-shut': {
    what: [
      'house valve shut', 'shut the house off', 'isolated the house', 'valve to the house shut', 'main valve shut',
      'closed the valve to the house', 'house off', 'house shut', 'house isolated', 'house shut off',
    ],
    is: {
      holds: [
        'holds', 'quits falling', 'stopped dropping', 'not drop', 'steady', 'stops', 'stays put', 'rock steady',
        'pressure holds',
        'gauge stays', 'gauge sits', 'stays', 'not move', 'gauge holds',
      ],
      falls: [
        'still leaks down', 'keeps dropping', 'falls', 'no change', 'still cycles', 'still drops', 'loses pressure',
        'still bleeds', 'still loses', 'keeps falling', 'still falls', 'bleeds down', 'still bleeding down',
      ],
      builds: ['buildsnow'],
    },
    said: {
      holds: [
        'house off gauge stays', 'shut the house off and the gauge stays put', 'house off at the tank holds',
        'housevalve shut holdsquiet', 'house off it holds', 'housevalve off holds', 'housevalve shut holds',
        'house shut holds', 'isolated the house stays', 'isolated house holds'],
      falls: [
        'valve after the tank shut still falls', 'house isolated still drops', 'housevalve shut still bleeds down',
        'shut the valve at the head no change', 'house valve shut same', 'housevalve shut stilldoes',
        'house off stilldoes', 'shut house still drops', 'housevalve shut fall', 'housevalve shut still drops',
        'housevalve off drops', 'isolated house falls', 'isolated the house gauge falls'],
    },
  },
  'outlet-shut': {
    said: {
      holds: [
        'outletvalve shut holdsquiet', 'outlet shut holds', 'outletvalve shut holds', 'outlet shut it stops',
      ],
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
  },
  'leaks-look': {
    what: ['toilet', 'faucet', 'pipe', 'line', 'yard', 'fitting', 'house', 'water heater', 'valve'],
    is: {
      leak: [
        'leaks', 'runs', 'not shut off', 'dribbles', 'burst', 'broken', 'wet', 'keeps running', 'stuck open',
        'blown off',
      ],
    },
    said: {
      dry: [
        'joints are dry', 'all joints dry', 'no leaks at the joints', 'joints dry no leaks', 'no drips at the joints',
        'nothing wet', 'dry everywhere', 'everything is dry', 'no drips anywhere under the sinks',
        'no drips under the taps or at the toilet', 'no leaks in the coach', 'not find leak', 'no wet spots',
        'bone dry everywhere', 'nothing leaking', 'no leaks anywhere all dry', 'no leaks anywhere', 'plumbing dry',
        'plumbing good', 'walked the whole place not a drip', 'not a drip'],
      leak: [
        'toilet in the bath running', 'irrigation valve weak', 'valve weak', 'water run toilet', 'toilet bowl',
        'toilet fill', 'toilet will not stop', 'faucet left on', 'irrigation valve leaks', 'frost-free leaks',
        'sprinkler head broken', 'water heater leaks', 'faucet drips', 'sprinkler leaks', 'pipe leaks', 'line break',
        'toilet keeps running', 'toilet upstairs runs', 'toilet', 'leak in the house', 'toilet running',
        'leak under the sink', 'burst pipe', 'leaking fitting', 'leak', 'wet spot in the yard', 'leak in the yard',
        'drip under the galley sink', 'someone left the garden hose on',
        'wet patch lawn', 'shower head drips', 'wet spot yard', 'toilet hissing', 'water in the belly pan',
        'drip under the sink', 'belly pan wet', 'dye in the toilet bowl', 'dye toilet bowl blue', 'mushy spot',
        'soggy spot', 'soft wet ground', 'wet spot on the floor', 'warm spot on the floor', 'green strip in the lawn',
        'toilet flapper', 'toilet trickles',
      ],
      relief: [
        'relief spitting all the time', 'relief spits a little', 'safety spits', 'relief lifts', 'relief pops',
        'relief dribbles', 'relief opens', 'relief leaks', 'relief blowing', 'water at the relief', 'safety popping',
        'relief popping', 'safety is popping',
      ],
      switch: [
        'water under the switch', 'switch leaks', 'water leaking under the switch', 'drip under the switch',
        'water out of the switch',
      ],
    },
  },
  'falls-how': {
    what: ['pressure', 'gauge', 'tank', 'it'],
    is: {
      holds: [
        'stays put', 'not drop', 'rock solid', 'holds all night', 'steady with the pump off',
      ],
      slow: ['falls slow', 'bleeds down', 'creeps down', 'bleeds off slow', 'drifts down'],
      once: ['drops right off', 'falls to zero', 'falls fast', 'dumps', 'gone in seconds'],
    },
    said: {
      holds: [
        'pressure hold steady pumpoff', 'pressure hold pumpoff', 'gauge hold pumpoff', 'holds steady',
        'pressure not fall', 'not lose a pound', 'holds tapsshut', 'rock steady', 'pressure holds', 'gauge holds',
        'does not fall', 'holds overnight', 'shut everything needle not move', 'everything shut needle not move',
        'needle not move everything off', 'noth running gauge not moved', 'noth running needle not moved',
        'shut everything needle not move', 'nothing running gauge not move',
      ],
      slow: [
        'tank bleeds down overnight', 'loses pressure overnight', 'leakdown overnight', 'bleeds down by morning',
        'pressure falls slow pumpoff', 'loses a few pounds', 'falls slow tapsshut', 'pressure falls slow',
        'gauge falls slow', 'bleeds off slow', 'falls over the night', 'slowly creeps down',
        'creeps down everything off', 'slowly sinks',
        'loses air overnight',
      ],
      once: [
        'needle falls to zero atonce', 'pressure falls to zero atonce', 'pressure falls right to nothing when it'
        + ' stops',
        'falls right to nothing', 'gauge falls atonce', 'kill pump gauge fall atonce', 'kill pump gauge fall',
        'pump off gauge fall fast', 'pressure drops right off', 'drops like a rock', 'water run back well',
        'drains back', 'runs back into the cistern', 'hear it run back', 'trickles back into the cistern',
        'pressure gone', 'checkvalve not holding', 'checkvalve leaks back', 'checkvalve bad', 'bleeds right off',
        'pressure falls at once', 'pressure gone at once', 'falls fast', 'pressure falls at once when it stops',
        'pressure falls at once when the breaker is off', 'gauge drops fast', 'falls flat when it stops',
      ],
    },
  },
  'asked': {
    said: {
      'nothing': [
        'nothing new', 'nothing changed', 'customer says nothing changed', 'nobody touched it',
        'nobody has touched it', 'nobody touched anything',
      ],
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
        'system older than house', 'pump older than',
      ],
      'ran-dry': ['ran out of water', 'left running dry', 'sucking dry', 'pumped dry', 'well ran dry'],
      'ran-on': [
        'ran for days', 'ran all weekend', 'ran for weeks', 'been running for days', 'running for days',
        'ran day and night', 'left running all week', 'never stopped for days',
      ],
      'lost-line': [
        'singlephased', 'ran on two legs', 'ran single phase', 'ran on two lines', 'ran on two phases',
      ],
      'open-fill': [
        'irrigated', 'irrigated days', 'sprinklers ran', 'filled a hot tub', 'watering the garden', 'watered the'
        + ' lawn', 'topping up the pond', 'filling a pool', 'customer was filling a pool', 'watering all'
        + ' day', 'running into the stock pond', 'filling the stock pond', 'stock pond all weekend'],
      'dug': [
        'someone dug', 'digging', 'trench', 'trenching', 'backhoe', 'set posts', 'put in fence', 'dug up the yard',
        'new fence posts', 'septic dug', 'ditch dug', 'digger hit cable',
      ],
      'vibration': [
        'shakes', 'vibrates', 'shakes loose', 'vibration in the pipe', 'things come loose', 'pipe shaking',
        'pipes shaking like mad', 'shakes like mad',
        'walk all over the floor', 'washboard road',
      ],
      'hot': [
        'stands in the heat', 'no air round it', 'hot room', 'closet is hot', 'stands hot', 'no air round it',
      ],
      'frozen': [
        'stored in the cold all winter', 'sat in the cold', 'not winterized', 'frozen pipes', 'hard freeze',
        'pipes froze', 'below freezing', 'froze', 'stood in the frost', 'frozen last winter', 'was frozen', 'frost',
        'ten below', 'pump house froze', 'pipes froze',
        'forgot to winterize', 'never winterized',
      ],
      'retries': [
        'kept flipping the breaker', 'kept pushing the reset', 'tried it all day', 'kept trying',
        'tried to start all night', 'reset it over and over', 'kept resetting', 'tried it over and over',
        'kept resetting the breaker',
        'kept flipping breaker',
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
        'new part fitted', 'swapped the motor', 'changed the switch', 'someone else worked on it',
        'company replaced the tank', 'another company replaced', 'somebody at it before me',
        'someone had been at it', 'somebody been at it',
        'brother in law',
      ],
      'cycled': [
        'clicking for weeks', 'onoff for months', 'clicked on and off for weeks', 'cycled for weeks',
        'chattered for weeks', 'clicked for weeks before it quit', 'short cycled for months',
        'been cycling for weeks', 'shortcycle all summer', 'shortcycle for months',
      ],
    },
  },
}
