/** What is seen of broken parts, and how it is said; common practice, no source. */
import type { FaultId } from './ids'

export interface SeenPart {
  readonly label: string
  /** the part, in the words of the trade, and what is wrong with it: each with each is a way to say it */
  readonly what: readonly string[]
  readonly how: readonly string[]
  /** other ways, whole */
  readonly or?: readonly string[]
}

export const SEEN_PARTS: Readonly<Partial<Record<FaultId, SeenPart>>> = {
  'supply.leg-lost': {
    label: 'the utility’s fuse or wire down',
    what: [
      'utility fuse', 'fuse on the pole', 'pole fuse', 'cutout on the pole', 'cutout', 'transformer fuse',
      'service drop',
    ],
    how: [
      'hanging open', 'blown', 'open', 'hanging', 'down', 'popped', 'broken', 'burnt off', 'melted', 'dropped',
      'fell open',
    ],
  },
  'breaker.wrong-leg': {
    label: 'both wires on one leg of the panel',
    what: ['both hots', 'both breakers', 'two hots', 'both wires at the panel', 'both poles of the breaker'],
    how: ['on the same leg', 'on one leg', 'on the same bus', 'on the same phase', 'landed on one leg'],
  },
  'breaker.on-neutral': {
    label: 'one of its wires on the neutral bar',
    what: ['white wire', 'second hot', 'other hot', 'one hot', 'one wire', 'white'],
    how: ['on the neutral bar', 'landed on neutral', 'on the neutral', 'tied to neutral', 'under the neutral bar'],
  },
  'tank.port-blocked': {
    label: 'way into the tank blocked',
    what: ['tank tee', 'tank inlet', 'elbow under the tank', 'pipe into the tank', 'bottom of the tank', 'tank nipple'],
    how: ['plugged', 'blocked', 'packed with mud', 'rusted shut', 'full of iron', 'choked', 'plugged solid'],
  },
  'pump.intake-blocked': {
    label: 'screen of the pump or the well plugged',
    what: ['pump screen', 'pump intake', 'well screen', 'intake screen', 'screen on the pump', 'intake of the pump'],
    how: ['plugged', 'packed', 'blocked', 'caked', 'slimed over', 'full of iron', 'clogged', 'covered in slime'],
  },
  'pump.seal': {
    label: 'water out between pump and motor',
    what: ['shaft seal', 'pump seal', 'mechanical seal', 'seal behind the impeller', 'seal on the pump'],
    how: ['leaks', 'shot', 'drips', 'sprays', 'worn', 'pours water', 'weeping'],
    or: ['water between the pump and the motor', 'drips between the pump and the motor'],
  },
  'pump.cracked': {
    label: 'housing of the pump cracked',
    what: ['pump housing', 'housing', 'volute', 'pump casing', 'pump case', 'pump head', 'casing of the pump'],
    how: ['cracked', 'split', 'split by frost', 'has a crack', 'busted by the freeze', 'cracked open'],
  },
  'suction.blocked': {
    label: 'suction strainer or hose blocked',
    what: ['suction strainer', 'suction screen', 'suction line', 'suction hose', 'foot valve screen'],
    how: ['plugged', 'blocked', 'packed', 'collapsed', 'sucked flat', 'clogged', 'full of leaves', 'kinked'],
  },
  'pipe.pitless': {
    label: 'pitless adapter leaks into the well',
    what: ['pitless', 'pitless adapter', 'pitless seal', 'o ring on the pitless'],
    how: ['leaks', 'sprays', 'leaking into the well', 'shot', 'torn', 'weeping', 'running down the casing'],
  },
  'house.reducer': {
    label: 'pressure-reducing valve stuck',
    what: ['reducing valve', 'pressure reducer', 'house regulator', 'pressure reducing valve', 'reducer'],
    how: ['stuck', 'bad', 'plugged', 'failed', 'set too low', 'choked', 'cranked down'],
  },
  'house.city-check': {
    label: 'water out of the city inlet',
    what: ['city inlet', 'city water inlet', 'check in the city inlet', 'city water check', 'city fill'],
    how: ['leaks', 'drips', 'pours out', 'runs out', 'weeping', 'stuck open'],
    or: ['city inlet drips when the pump runs', 'city inlet runs when the pump runs', 'water out of the city inlet'],
  },
  'source.vent-blocked': {
    label: 'vent of the tank blocked',
    what: ['tank vent', 'vent of the fresh tank', 'fresh tank vent', 'vent hose'],
    how: ['plugged', 'blocked', 'kinked', 'stopped up', 'full of mud', 'pinched'],
    or: ['tank sucked in', 'fresh tank sucked flat'],
  },
  'head.rings': {
    label: 'rings worn, blow-by at the crankcase',
    what: ['rings', 'piston rings', 'ring'],
    how: ['worn', 'shot', 'broken', 'gone', 'worn out'],
    or: [
      'breather puffs hard', 'blow-by at the breather', 'breather blowing oil', 'oil in the air', 'passing oil',
      'oil out of the drain', 'pushing oil', 'oil in the air line',
    ],
  },
  'battery.overcharged': {
    label: 'charger or converter puts out too much',
    what: ['converter', 'charger', 'alternator regulator', 'solar controller'],
    how: ['overcharging', 'putting out too much', 'running away', 'boiling the battery', 'set too high'],
  },
  'breaker.pole-open': {
    label: 'breaker or its stab burnt',
    what: ['breaker stab', 'bus bar', 'breaker lug', 'breaker itself'],
    how: ['burnt', 'corroded', 'arced', 'loose', 'bad'],
    or: ['breaker hot and smells', 'breaker smells burnt', 'breaker melted', 'breaker scorched'],
  },
  'feed.open': {
    label: 'wire to the switch cut or off',
    what: ['wire to the switch', 'feed wire', 'supply wire', 'wire from the panel', 'feed cable'],
    how: [
      'cut in two', 'broken', 'chewed through', 'burnt off', 'dug up', 'pulled out of the connector',
      'come off the breaker', 'off the breaker', 'pulled out of the nut',
    ],
  },
  'feed.high-resistance': {
    label: 'joint ahead of the switch burnt or corroded',
    what: [
      'splice in the feed', 'buttconnector', 'junction box splice',
      'wire nut from the panel', 'line side lug', 'line screw',
    ],
    how: ['burnt', 'corroded', 'loose', 'melted', 'cooked'],
  },
  'feed.to-earth': {
    label: 'feed wire bare against metal',
    what: ['feed wire', 'feed cable', 'wire from the panel', 'wire in the conduit'],
    how: ['bare', 'skinned on the conduit', 'chafed on metal', 'rubbed to the metal', 'pinched'],
  },
  'feed.to-chassis': {
    label: 'wire bare against the frame',
    what: ['red wire', 'hot wire', 'positive wire', 'power wire', 'feed wire'],
    how: [
      'bare', 'rubbed bare', 'chafed', 'pinched', 'bare on the frame', 'touching the frame', 'bare on a bracket',
      'worn through on the frame', 'bare against the chassis', 'chassis'],
  },
  'feed.leg-to-leg': {
    label: 'feed wires melted together',
    what: ['feed wires', 'feed cable', 'supply wires', 'wires from the panel'],
    how: ['melted together', 'burnt together', 'touching', 'nailed through', 'stapled through'],
  },
  'switch.stuck-open': {
    label: 'switch will not close by its own hand',
    what: ['switch arm', 'switch plunger', 'switch spring', 'switch mechanism', 'switch lever'],
    how: ['stuck', 'broken', 'rusted', 'jammed', 'hung up', 'bent'],
  },
  'switch.out-of-setting': {
    label: 'nuts of the switch turned',
    what: ['switch nut', 'range nut', 'big nut', 'spring nut', 'adjusting nut'],
    how: ['turned', 'cranked', 'screwed down', 'backed off', 'turned all the way down'],
  },
  'switch.diaphragm': {
    label: 'diaphragm of the switch torn',
    what: ['diaphragm', 'switch diaphragm', 'rubber in the switch', 'rubber bottom switch'],
    how: ['ruptured', 'torn', 'broken', 'split', 'has a hole', 'busted'],
    or: ['rubber has a split', 'rubber split', 'rubber torn'],
  },
  'run.open': {
    label: 'wire from the switch to the motor off or cut',
    what: ['wire to the motor', 'motor wire', 'wire from the switch to the motor', 'load wire'],
    how: ['broken', 'cut in two', 'came off the screw', 'fell off', 'burnt off'],
    or: ['backhoe cut wire', 'cut cable trench', 'cut wire trench', 'backhoe wire', 'shovel cut wire'],
  },
  'run.leg-to-leg': {
    label: 'wires from the switch melted together',
    what: ['wires to the motor', 'load wires', 'motor wires', 'wires from the switch'],
    how: ['melted together', 'burnt together', 'shorted together', 'fused together', 'touching'],
  },
  'motor.phase-short': {
    label: 'windings burnt together, phase to phase',
    what: ['two phases', 'two windings', 'phase windings'],
    how: ['shorted together', 'burnt together', 'melted together', 'blown together', 'arced together'],
  },
  'head.seized': {
    label: 'crank, rod or piston of the pump seized',
    what: ['crank', 'connecting rod', 'crankshaft', 'piston', 'rod bearing'],
    how: ['seized', 'broken', 'locked', 'stuck', 'welded to the crank', 'scored', 'galled'],
  },
  'run.high-resistance': {
    label: 'joint between switch and motor burnt or corroded',
    what: [
      'load screw', 'load side terminal', 'wire nut to the motor', 'load terminal',
      'wire nut between the switch and the box',
    ],
    how: ['burnt', 'corroded', 'loose', 'melted', 'cooked'],
  },
  'cable.open': {
    label: 'lead or splice to the motor parted',
    what: [
      'conductor', 'drop cable', 'splice at the well cap', 'wire in the well', 'wire at the well cap',
      'wire nut at the well cap', 'wire nut in the well cap', 'wire in the pitless', 'wire nut on the well',
      'splice down there',
    ],
    how: [
      'broken', 'cut in two', 'pulled apart by itself', 'chewed through', 'burnt off', 'corroded through', 'fell out',
      'came apart', 'pulled out', 'rotted off',
    ],
  },
  'cable.high-resistance': {
    label: 'splice burnt or corroded',
    what: ['splice', 'wire nut at the well'
    + ' head', 'crimp', 'splice at the well head', 'splice in the well head', 'wire nut'],
    how: ['corroded', 'burnt', 'loose', 'melted', 'rotten', 'green', 'hot', 'green and hot', 'warm'],
  },
  'cable.to-earth': {
    label: 'cable nicked or bare',
    what: [
      'cable', 'wire on the casing', 'wire in the well', 'cable in the trench', 'wire in the trench',
      'underground cable', 'buried wire', 'drop cable',
    ],
    how: ['nicked', 'cut into', 'skinned', 'bare', 'damaged', 'chewed', 'dug into', 'hit by a shovel', 'rubbed bare'],
    or: ['drop cable nicked through'],
  },
  'cable.leg-to-leg': {
    label: 'leads melted together',
    what: ['drop cable', 'leads in the well', 'pump wires', 'wires in the well'],
    how: ['melted together', 'burnt together', 'shorted together', 'fused together', 'chafed together'],
  },
  'cable.mixed': {
    label: 'leads on the wrong terminals of the box',
    what: ['leads', 'box leads', 'motor leads', 'pump leads', 'pump wires at the box'],
    how: ['crossed', 'mixed up', 'landed wrong', 'on the wrong terminals', 'in the wrong place'],
    or: [
      'crossed red yellow', 'crossed red black', 'red and yellow swapped', 'red and black swapped',
      'crossed black yellow', 'colors crossed', 'colors crossed at the splice', 'colors mixed up',
      'wire colors do not match', 'spliced red to black',
    ],
  },
  'cable.black-open': {
    label: 'black lead parted',
    what: ['black wire', 'black lead'],
    how: ['burnt off', 'broken', 'cut in two', 'corroded through', 'chewed through'],
    or: ['black broken off', 'black broken clean off', 'black snapped'],
  },
  'cable.yellow-open': {
    label: 'yellow lead parted',
    what: ['yellow wire', 'yellow lead'],
    how: ['burnt off', 'broken', 'cut in two', 'corroded through', 'chewed through'],
    or: ['yellow broken off', 'yellow broken clean off', 'yellow snapped'],
  },
  'cable.red-open': {
    label: 'red lead parted',
    what: ['red wire', 'red lead'],
    how: ['burnt off', 'broken', 'cut in two', 'corroded through', 'chewed through'],
    or: ['red broken off', 'red broken clean off', 'red snapped'],
  },
  'box.relay-open': {
    label: 'relay burnt or broken',
    what: ['start relay', 'relay arm', 'relay points'],
    how: ['broken', 'burnt off', 'burnt up', 'gone', 'melted'],
  },
  'motor.main-open': {
    label: 'main winding burnt in two',
    what: ['main winding', 'run winding', 'winding'],
    how: ['burnt in two', 'burnt open', 'broken', 'melted in two', 'blown open'],
  },
  'motor.start-open': {
    label: 'start winding burnt',
    what: ['start winding'],
    how: ['burnt', 'burnt open', 'charred', 'broken', 'melted'],
  },
  'motor.turn-short': {
    label: 'windings burnt',
    what: ['windings', 'stator', 'varnish', 'winding insulation'],
    how: ['black', 'charred', 'cooked', 'burnt', 'flaking'],
  },
  'motor.centrifugal-open': {
    label: 'centrifugal switch burnt or stuck',
    what: ['centrifugal switch', 'centrifugal points', 'end bell points', 'governor weights', 'centrifugal weights'],
    how: ['burnt', 'stuck', 'broken', 'rusted', 'bugs in them', 'not closing'],
  },
  'motor.phase-open': {
    label: 'motor lead burnt off in its box',
    what: ['motor lead', 'lead in the motor box', 'lead in the peckerhead', 'wire nut in the motor box'],
    how: ['burnt off', 'melted', 'broken', 'burnt in two', 'fell off'],
  },
  'motor.seized': {
    label: 'locked, out of the well',
    what: ['pulled pump', 'pump out of the hole', 'pulled motor', 'pulled the pump and it'],
    how: ['locked up', 'seized', 'does not turn by hand', 'sand locked', 'jammed', 'packed with sand', 'frozen'],
    or: [
      'sand packed in the stages', 'stages full of sand', 'bowls packed with sand', 'stages locked with sand',

    ],
  },
  'motor.binding': {
    label: 'stiff, out of the well',
    what: ['wet end', 'pulled pump', 'pulled motor bearing', 'thrust bearing'],
    how: ['stiff', 'turns hard by hand', 'drags', 'rough', 'worn out'],
  },
  'motor.brushes': {
    label: 'brushes worn or stuck',
    what: ['brushes', 'brush', 'motor brush', 'commutator'],
    how: ['worn', 'gone', 'stuck', 'broken', 'burnt', 'short', 'worn down', 'shot'],
  },
  'pump.coupling': {
    label: 'coupling stripped or sheared',
    what: ['coupling', 'coupler', 'spline', 'pump shaft', 'shaft key'],
    how: ['stripped', 'broken', 'sheared', 'worn', 'snapped', 'rounded off'],
    or: [
      'motorturnsalone', 'motor shaft turns the pump does not', 'impeller loose on the shaft',
      'impeller spins on the shaft',
    ],
  },
  'pump.worn': {
    label: 'stages worn',
    what: ['impellers', 'stages', 'vanes', 'wear rings', 'bowls'],
    how: ['worn', 'worn out', 'gone', 'eaten away', 'sand cut', 'wore down', 'eaten up', 'eaten by sand', 'chewed up'],
  },
  'pump.by-pass': {
    label: 'by-pass worn or stuck',
    what: ['bypass', 'bypass spring', 'bypass poppet', 'bypass valve'],
    how: ['stuck open', 'broken', 'leaks', 'worn', 'backed out', 'stuck'],
    or: ['water goes back to the tank', 'water pushed back in the fresh tank', 'pumps back into the tank'],
  },
  'check.leaking': {
    label: 'check or foot valve does not seat',
    what: ['check', 'foot valve', 'check flapper', 'check seat', 'check spring', 'check poppet'],
    how: [
      'broken', 'worn', 'stuck open', 'pitted', 'trash in it', 'does not seat', 'gone', 'twig in it', 'stone in it',
      'sand in it', 'held open', 'chewed', 'chunk out of it', 'propped open', 'disc cut', 'disc worn', 'no poppet',
      'missing',
    ],
  },
  'pump.jammed': {
    label: 'pump jammed or frozen to look at',
    what: ['pump casing', 'impeller', 'volute', 'pump head', 'pump'],
    how: ['full of ice', 'froze', 'jammed by a stone', 'stone in it', 'packed with sand'],
  },
  'motor.centrifugal-closed': {
    label: 'start switch stuck closed',
    what: ['startswitch', 'centrifugal', 'start contacts'],
    how: ['welded', 'stuck closed', 'fused', 'not open', 'hung closed'],
  },
  'pump.valves': {
    label: 'valves of the pump dirty or torn',
    what: [
      'pumpvalves', 'pump valves', 'valve plate', 'rubber valves', 'valve housing', 'pump valve',
      'valves in the head',
    ],
    how: [
      'sand', 'torn', 'curled', 'hard', 'cracked', 'stuck open', 'trash in it', 'swollen', 'does not seat', 'plastic',
      'chunk', 'junk in it', 'debris',
    ],
    or: ['holding a valve open', 'plastic holding the valve open', 'valve held open'],
  },
  'check.stuck-shut': {
    label: 'check valve stuck shut',
    what: ['check', 'foot valve', 'check poppet'],
    how: ['stuck shut', 'jammed shut', 'frozen shut', 'rusted shut', 'hung shut'],
  },
  'suction.air-leak': {
    label: 'air drawn in at the suction',
    what: [
      'suction line', 'suction pipe', 'suction union', 'suction joint', 'clear suction pipe', 'union',
      'suction elbow', 'suction fitting', 'suction hose',
    ],
    how: [
      'bubbles', 'sucks air', 'draws air', 'pulls air', 'air in it', 'sucked in the soap', 'sucked foam in', 'crack',
      'hairline crack', 'split',
    ],
  },
  'battery.low': {
    label: 'battery spent to look at',
    what: ['battery cells', 'battery plates', 'battery case'],
    how: ['dry', 'bulged', 'low on water', 'cracked', 'dead'],
  },
  'regulator.stuck': {
    label: 'regulator stuck or torn',
    what: ['regulator', 'regulator diaphragm', 'regulator spring', 'regulator knob'],
    how: ['stuck', 'torn', 'broken', 'jammed', 'stripped', 'does nothing'],
  },
  'head.reed': {
    label: 'reed or valve plate broken',
    what: ['reed', 'reeds', 'reed valve', 'valve plate', 'intake reed', 'exhaust reed', 'discharge reed'],
    how: [
      'broken', 'cracked', 'bent', 'snapped', 'chipped', 'burnt', 'carboned up', 'stuck', 'in half', 'piece missing',
      'missing', 'gone',
    ],
  },
  'unloader.not-venting': {
    label: 'unloader does not open',
    what: ['unloader', 'unloader plunger', 'unloader valve', 'unloader pin', 'unloader piston', 'unloader stem'],
    how: ['stuck', 'bent', 'rust', 'gummed', 'does not move', 'broken', 'does not open', 'blocked'],
  },
  'unloader.leaking': {
    label: 'unloader or its line leaks',
    what: [
      'unloader line', 'line to the unloader', 'unloader tube', 'tube to the unloader', 'plastic line to the unloader',
      'unloader hose',
    ],
    how: ['split', 'broken', 'rubbed through', 'split open', 'hole in'],
  },
  'inlet.low': {
    label: 'valve ahead of the pump not open',
    what: [
      'inlet valve', 'supply valve', 'valve ahead of the pump', 'main valve', 'suction valve', 'valve at the meter',
    ],
    how: [
      'half shut', 'only a quarter open', 'only half open', 'barely open', 'almost shut', 'nearly shut', 'cracked'
      + ' open',
      'throttled', 'shut most of the way', 'partly shut', 'stem broken',
    ],
  },
  'switch.contact-burnt': {
    label: 'float switch or its cord broken',
    what: ['float cord', 'float wire', 'cord of the float', 'float switch cord', 'wire to the float'],
    how: ['chewed', 'chewed in two', 'cut', 'cut in two', 'broken', 'pulled out'],
  },
  'starter.contact-open': {
    label: 'starter contact gone',
    what: ['contact tip', 'starter contact', 'contactor contact', 'contact carrier'],
    how: ['missing', 'broken', 'gone', 'fell off', 'not touching'],
  },
  'starter.coil-open': {
    label: 'coil burnt',
    what: ['coil', 'contactor coil', 'starter coil'],
    how: ['burnt', 'melted', 'cooked', 'charred', 'burnt in two', 'smells burnt'],
  },
  'starter.heater-open': {
    label: 'heater burnt open',
    what: ['heater', 'overload heater', 'heater element', 'thermal element'],
    how: ['burnt', 'burnt open', 'broken', 'gone', 'melted', 'burnt out', 'open'],
  },
  'starter.overload-contact': {
    label: 'contact of the overload does not close',
    what: ['overload contact', 'overload aux', 'overload relay contact', 'auxcontact'],
    how: [
      'burnt', 'dirty', 'broken', 'stuck', 'does not close', 'open', 'dead', 'no continuity', 'bridged pulls in',
    ],
  },
  'starter.control-wire': {
    label: 'control wire off or cut',
    what: [
      'control wire', 'pilot wire', 'wire to the coil', 'wire to the pressure switch', 'control cable',
      'wire off the overload terminal', 'wire at the overload', 'wire on the coil', 'wire off the coil',
    ],
    how: [
      'broken', 'cut in two', 'chewed', 'fell off', 'burnt off', 'came loose', 'worn through', 'rubbed through',
      'chafed', 'come off', 'off its terminal'],
  },
  'pipe.holed': {
    label: 'pipe split or holed',
    what: [
      'poly', 'drop pipe', 'droppipe', 'riser pipe', 'galvanized pipe', 'joint of pipe', 'insert fitting',
      'pipe in the well',
    ],
    how: [
      'split', 'hole in it', 'pinhole', 'cracked', 'broken', 'rusted through', 'came apart', 'parted', 'rotted',
      'leaks',
    ],
    or: ['hole in the pipe', 'split in the pipe', 'pipe broke off', 'pipe rusted through'],
  },
  'pump.diaphragm': {
    label: 'diaphragm torn',
    what: ['diaphragm', 'pump diaphragm'],
    how: ['torn', 'ripped', 'hole in it', 'split', 'rip in it', 'cracked', 'shot'],
  },
  'strainer.air-leak': {
    label: 'strainer or its seal leaks air',
    what: ['bowl seal', 'bowl o-ring', 'strainer bowl', 'strainer gasket', 'o-ring', 'hose clamp at the strainer'],
    how: ['nicked', 'cracked', 'torn', 'missing', 'pinched', 'loose', 'flattened', 'dried out', 'split'],
  },
}
