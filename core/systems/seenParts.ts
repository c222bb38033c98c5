/** What is seen of broken parts, and how it is said; common practice, no source. */
import type { SeenParts } from './faultTypes'
import { ON_THE_FLOW_SIDE } from './seenFlowParts'

const ON_THE_POWER_SIDE: SeenParts = {
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
    or: ['wire too thin for the run'],
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
    what: ['wires to the motor', 'load wires', 'motor wires', 'wires from the switch', 'whip'],
    how: [
      'melted together', 'burnt together', 'shorted together', 'fused together', 'touching', 'pinched flat', 'crushed',
    ],
  },
  'motor.phase-short': {
    label: 'windings burnt together, phase to phase',
    what: ['two phases', 'two windings', 'phase windings'],
    how: ['shorted together', 'burnt together', 'melted together', 'blown together', 'arced together'],
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
      'broken', 'cut in two', 'pulled apart by itself', 'chewed through', 'burnt off', 'fell out',
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
    or: ['cable conductors touch'],
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
  'motor.backwards': {
    label: 'turns backwards',
    what: ['motor', 'pump', 'shaft', 'fan', 'coupling', 'rotation', 'pump shaft'],
    how: ['backwards', 'turning backwards', 'spinning backwards', 'running backwards', 'against the arrow', 'reversed'],
    or: ['turns backwards', 'runs backwards', 'spins backwards', 'rotation is backwards', 'against the arrow'],
  },
  'motor.seized': {
    label: 'locked, taken apart',
    what: ['motor shaft', 'pulled pump', 'pump out of the hole', 'pulled motor', 'pulled the pump and it'],
    how: ['locked up', 'seized', 'does not turn by hand', 'sand locked', 'jammed', 'packed with sand', 'frozen'],
    or: [
      'sand packed in the stages', 'stages full of sand', 'bowls packed with sand', 'stages locked with sand',
      'rotor locked pump off',
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
    how: ['worn', 'gone', 'stuck', 'broken', 'burnt', 'short', 'worn down', 'shot', 'nubs', 'stubs'],
  },
  'motor.centrifugal-closed': {
    label: 'start switch stuck closed',
    what: ['startswitch', 'centrifugal', 'start contacts'],
    how: ['welded', 'stuck closed', 'fused', 'not open', 'hung closed'],
  },
  'battery.low': {
    label: 'battery spent to look at',
    what: ['battery cells', 'battery plates', 'battery case'],
    how: ['dry', 'bulged', 'low on water', 'cracked', 'dead'],
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
    what: ['overload contact', 'contact of the overload', 'overload aux', 'overload relay contact', 'auxcontact'],
    how: [
      'burnt', 'dirty', 'broken', 'stuck', 'does not close', 'open', 'dead', 'no continuity', 'bridged pulls in',
    ],
  },
  'starter.control-wire': {
    label: 'control wire off or cut',
    what: [
      'control wire', 'wire from the switch to the coil', 'wire from the switch to a1', 'pilot wire',
      'wire to the coil', 'wire to the pressure switch', 'control cable',
      'wire off the overload terminal', 'wire at the overload', 'wire on the coil', 'wire off the coil',
    ],
    how: [
      'broken', 'cut in two', 'chewed', 'fell off', 'burnt off', 'came loose', 'worn through', 'rubbed through',
      'chafed', 'come off', 'off its terminal', 'pulled out of its crimp', 'pulled out',
    ],
  },
}

export const SEEN_PARTS: SeenParts = { ...ON_THE_POWER_SIDE, ...ON_THE_FLOW_SIDE }
