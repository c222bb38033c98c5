/** What is seen of broken parts on the water and the air side, and how it is said; common practice, no source. */
import type { SeenParts } from './faultTypes'

export const ON_THE_FLOW_SIDE: SeenParts = {
  'tank.port-blocked': {
    label: 'way into the tank blocked',
    what: ['tank tee', 'tank inlet', 'elbow under the tank', 'pipe into the tank', 'bottom of the tank', 'tank nipple'],
    how: [
      'plugged', 'blocked', 'packed with mud', 'rusted shut', 'closed up', 'full of iron', 'choked', 'plugged solid',
    ],
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
    or: [
      'water between the pump and the motor', 'drips between the pump and the motor', 'water spraying at the shaft',
      'water spraying out behind the pump', 'water around the shaft',
    ],
  },
  'pump.cracked': {
    label: 'housing of the pump cracked',
    what: ['pump housing', 'housing', 'volute', 'pump casing', 'pump case', 'pump head', 'casing of the pump'],
    or: ['water out of the side of the casing', 'water out of the casing', 'water pours out of the side of the casing'],
    how: ['cracked', 'split', 'split by frost', 'has a crack', 'busted by the freeze', 'cracked open'],
  },
  'suction.blocked': {
    label: 'suction strainer or hose blocked',
    what: ['suction strainer', 'suction screen', 'suction line', 'suction pipe', 'suction hose', 'foot valve screen'],
    how: [
      'frozen', 'iced up', 'plugged', 'blocked', 'packed',
      'collapsed', 'sucked flat', 'clogged', 'full of leaves', 'kinked',
    ],
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
  'head.seized': {
    label: 'crank, rod or piston of the pump seized',
    what: ['crank', 'connecting rod', 'crankshaft', 'piston', 'rod bearing'],
    how: [
      'seized', 'broken', 'locked', 'stuck', 'welded to the crank', 'scored', 'galled', 'welded to the cylinder',
    ],
  },
  'head.rings': {
    label: 'cylinder scored, rings worn',
    what: ['rings', 'piston rings', 'cylinder', 'cylinder wall', 'bore'],
    how: ['worn', 'scored', 'broken', 'stuck', 'gone', 'scratched'],
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
    what: ['check', 'check valve', 'foot valve', 'check flapper', 'check seat', 'check spring', 'check poppet'],
    how: [
      'broken', 'worn', 'stuck open', 'stuckopen', 'pitted', 'trash in it', 'does not seat', 'gone', 'twig in it',
      'stone in it', 'sand in it', 'held open', 'chewed', 'chunk out of it', 'propped open', 'disc cut',
      'disc worn', 'no poppet', 'missing',
    ],
    or: ['meter runs backwards', 'meter spins backwards'],
  },
  'pump.jammed': {
    label: 'pump jammed or frozen to look at',
    what: ['pump casing', 'impeller', 'volute', 'pump head', 'pump'],
    how: ['full of ice', 'froze', 'jammed by a stone', 'stone in it', 'packed with sand'],
  },
  'pump.valves': {
    label: 'valves of the pump dirty or torn',
    what: [
      'pumpvalves', 'pump valves', 'valve plate', 'rubber valves', 'valve housing', 'pump valve',
      'valves in the head',
    ],
    how: [
      'sand', 'stuck', 'dirty', 'torn', 'curled', 'hard', 'cracked', 'stuck open', 'trash in it', 'swollen',
      'does not seat', 'plastic',
      'chunk', 'junk in it', 'debris',
    ],
    or: [
      'sand in the check flaps', 'sand under the check valves', 'sand under the flaps', 'holding a valve open',
      'plastic holding the valve open', 'valve held open',
      // city water comes back through the pump
      'hooked up to the hose the tank fills by itself', 'fresh tank fills on city water',
      'fresh tank overflows on city water', 'city water fills the fresh tank', 'city water backs into the tank',
    ],
  },
  'check.stuck-shut': {
    label: 'check valve stuck shut',
    what: ['check', 'check valve', 'foot valve', 'check poppet'],
    how: ['stuck shut', 'stuck closed', 'jammed shut', 'frozen shut', 'rusted shut', 'hung shut', 'does not open'],
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
  'regulator.stuck': {
    label: 'regulator stuck or torn',
    what: ['regulator', 'regulator diaphragm', 'regulator spring', 'regulator knob'],
    how: ['stuck', 'torn', 'broken', 'jammed', 'stripped', 'does nothing'],
  },
  'unloader.not-venting': {
    label: 'unloader does not open',
    what: ['unloader', 'unloader plunger', 'unloader valve', 'unloader pin', 'unloader piston', 'unloader stem'],
    how: ['stuck', 'bent', 'rust', 'gummed', 'does not move', 'broken', 'does not open', 'blocked'],
    or: ['unloader tube plugged', 'unloader line plugged', 'bleed line blocked', 'unloader tube blocked with carbon'],
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
      'inlet valve', 'curb stop', 'valve feeding the pump', 'supply valve', 'valve ahead of the pump', 'main valve',
      'suction valve', 'valve at the meter',
    ],
    how: [
      'half shut', 'only a quarter open', 'only half open', 'barely open', 'almost shut', 'nearly shut', 'cracked'
      + ' open',
      'throttled', 'shut most of the way', 'partly shut', 'stem broken',
    ],
  },
  'pipe.holed': {
    label: 'pipe split or holed',
    what: [
      'poly', 'drop pipe', 'droppipe', 'riser pipe', 'galvanized pipe', 'joint of pipe', 'insert fitting',
      'pipe in the well',
    ],
    how: [
      'split', 'holed', 'hole', 'hole in it', 'pinhole',
      'cracked', 'broken', 'rusted through', 'came apart', 'parted', 'rotted',
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
    what: [
      'bowl seal', 'bowl o-ring', 'o-ring on the bowl', 'bowl gasket', 'strainer bowl', 'strainer gasket', 'o-ring',
      'hose clamp at the strainer', 'hose clamp', 'clamp on the hose', 'clamp on the suction hose',
      'suction hose', 'suction elbow', 'elbow at the pump',
    ],
    how: ['nicked', 'cracked', 'torn', 'missing', 'pinched', 'loose', 'flattened', 'dried out', 'split'],
  },
}
