/** A call for each family of systems: what is typed, and what is said and pressed at its stations. */

export interface Call {
  readonly site: string
  readonly kind: string
  /** opened anew with this complaint, or taken up where the demo left it */
  readonly complaint?: string
  /** what is typed, in order; `live` goes through the proof dialog's line */
  readonly lines: readonly string[]
  readonly repair: string
  readonly failed: string
  /** what is said at the stations, and what is pressed there: `!Done` */
  readonly stations: readonly string[]
  /** named at the end, of those that are offered */
  readonly cause?: string
  readonly proved: string
}

export const CALLS: readonly Call[] = [
  {
    site: 'Millrace House',
    kind: 'booster',
    complaint: 'Stops while water is drawn',
    lines: [
      'it runs',
      'weak at the tap',
      'gauge reads 22',
      '239 on the line side',
      '6.2 amps running',
      'inlet drops to 22 psi when it runs',
      'dead 239 0.2 239',
      'drained to zero',
      'strainer is packed with grit',
    ],
    repair: 'Clean the strainer',
    failed: 'Inlet strainer blocked',
    stations: [
      '!Done', '!Done', '!Done', '!Power is on', 'black run 6.3', 'cut in 40', 'cut out 60', 'black start 30',
      'hold 10 min 58→58', 'it works again', 'delivery 10 gpm', 'taps are steady', 'joints are dry',
    ],
    cause: 'Sand or rust in the water',
    proved: 'Delivery at the tap',
  },
  {
    site: 'Millrace House',
    kind: 'booster',
    complaint: 'No water',
    lines: ['239 on the line side', '0.4 on the load side', 'gauge reads 12', 'dead 239 0.3 239', 'contacts are burnt'],
    repair: 'Replace the pressure switch',
    failed: 'Switch pole 1 burnt',
    stations: [
      't1 black supply, t2 black motor, t3 red supply, t4 red motor', 'g green supply, g green motor',
      'zero pressure 0', '!Fitted',
      'as landed t1 black supply, t2 red supply, t3 red motor, t4 black motor', 'g green supply, g green motor',
      '?Leg meets leg', '!Moved: check again', 'to ground 80 meg', '!Done', '!Done', '!Done', '!Power is on', '!Done',
      // set by the coach, and watched again
      'cut in 45', 'cut out 66', '?Range nut, 2 turns anticlockwise', 'dead 239 0.3 239', '!Turned', 'live',
      'cut in 40', 'cut out 60', 'hold 10 min 58→58', 'it works again', 'load 239', 'pole 1 drop 0.05',
      'pole 2 drop 0.06', 'black start 30', 'black run 6.3', 'delivery 10 gpm',
    ],
    proved: 'Delivery at the tap',
  },
  {
    site: 'Canal boat Quillfeather',
    kind: 'rv',
    complaint: 'No water',
    lines: [
      '12.5 into the demand switch', 'nothing out of the demand switch', 'tap is open and the gauge reads 0',
      'dead 12.6 0 12.6', 'contacts are burnt',
    ],
    repair: 'Replace the demand switch',
    failed: 'Demand switch does not make',
    stations: [
      't1 red supply, t2 red motor', 'zero pressure 0', '!Fitted', 'as landed t1 red supply, t1 red motor',
      '?It cannot be switched off', '!Moved: check again', 'to ground ol', '!Done', '!Done', '!Power is on',
      'cut in 30', 'cut out 50', '?Range nut, 2 turns anticlockwise', 'dead 12.6 0 12.6', '!Turned', 'live',
      'cut in 25', 'cut out 45', 'hold 10 min 44→44', 'it works again', '7 amps running', 'delivery 3 gpm',
    ],
    proved: 'Cut-in',
  },
  {
    site: 'Canal boat Quillfeather',
    kind: 'rv',
    lines: [
      '0 volts into the demand switch',
      'nothing behind the panel switch',
      'nothing out of the fuse',
      'dead 12.6 0 12.6',
      'the fuse is blown',
      'pump unplugged, new fuse holds',
    ],
    repair: 'Find why, then replace the fuse',
    failed: 'Fuse blown',
    stations: [
      // nothing goes on before the short was looked for
      'dead 12.6 0 12.6', '!Fitted', '?Something let go', 'motor to chassis OL', 'windings 1.2', '!Power is on',
      '7 amps running', 'cut in 25', 'cut out 45', 'hold 10 min 44→44', 'it works again',
    ],
    cause: 'Shaken loose',
    proved: 'Leak-down',
  },
  {
    site: 'Highfold Stoneworks',
    kind: 'compressor-pilot',
    lines: [
      'lever is on auto',
      '23.7 behind the overload contact',
      '23.8 behind the pressure switch',
      '23.7 across the coil',
      'dead 479 0.3 479',
      'the coil reads OL',
    ],
    repair: 'Replace the coil',
    failed: 'Coil open',
    stations: [
      'a1 red pilot, a2 blue 95', '!Fitted', 'as landed a1 red pilot', '?The blue that goes to 95',
      'as landed a2 blue 95', 'coil ohms 12', '!Done', '!Power is on',
      // nothing was done to the switch: off at the proof it is set all the same
      'cut in 130', 'cut out 160', '?Range nut, 2 turns anticlockwise', 'dead 479 0.3 479', '!Turned', 'live',
      'cut in 125', 'cut out 155',
      'hold 10 min 150→150', 'it works again', 'load 1-2 478', 'load 2-3 479', 'load 3-1 477', 'pole 1 0.1',
      'pole 2 0.1', 'pole 3 0.1', '12.1 12.0 12.2 amps', 'l1 start amps 60',
    ],
    // what the owner says at the door
    cause: 'Lightning or switching surge',
    proved: 'Cut-out',
  },
  {
    site: 'Lower Meadow Irrigation',
    kind: 'three-phase',
    lines: [
      'line 1-2 229',
      'line 2-3 241',
      'line 3-1 233',
      'load 1-2 225',
      'load 2-3 112',
      'load 3-1 113',
      'pole 3 207',
    ],
    repair: 'Replace contacts or contactor',
    failed: 'Starter contact not making',
    stations: [
      'dead 240 0.3 240', 'l1 black supply, l2 red supply, l3 blue supply',
      't1 black motor, t2 red motor, t3 blue motor', 'g green supply, g green motor', '!Fitted',
      'as landed l1 black supply, l2 red supply, l3 blue supply', 't1 black motor, t2 blue motor, t3 red motor',
      'g green supply, g green motor', '?it turns backwards', '!Moved: check again', 'to ground 50 meg', '!Done',
      '!Done', '!Power is on', '!Done', 'cut in 44', 'cut out 64', '?Range nut, 1½ turns anticlockwise',
      'dead 240 0.3 240', '!Turned', 'live', 'cut in 40', 'cut out 60', 'hold 10 min 58→58', 'it works again',
      'load 1-2 229', 'load 2-3 230', 'load 3-1 231', 'pole 1 0.1', 'pole 2 0.1', 'pole 3 0.1',
      '14.1 14.0 14.2 amps', 'l1 start amps 80',
    ],
    proved: 'Clamp line 2, running',
  },
  {
    site: 'Fernhollow Cottages',
    kind: 'jet',
    complaint: 'No water',
    lines: ['119 on the line side', '0.4 on the load side', 'gauge reads 12', 'dead 119 0.3 119', 'contacts are burnt'],
    repair: 'Replace the pressure switch',
    failed: 'Switch pole 1 burnt',
    stations: [
      't1 black supply, t2 black motor, t3 white supply, t4 white motor', 'g green supply, g green motor',
      'zero pressure 0', '!Fitted',
      'as landed t1 black supply, t2 white supply, t3 white motor, t4 black motor', 'g green supply, g green motor',
      '?Leg meets leg', '!Moved: check again', 'to ground 80 meg', '!Done', '!Done', '!Done', '!Power is on',
      // set by the coach, and watched again
      'cut in 36', 'cut out 57', '?Range nut, 2½ turns anticlockwise', 'dead 119 0.3 119', '!Turned', 'live',
      'cut in 30', 'cut out 50', 'hold 10 min 48→48', 'it works again', 'load 118', 'pole 1 drop 0.05',
      'pole 2 drop 0.06', 'black start 45', 'black run 9.1', 'delivery 8 gpm',
    ],
    proved: 'Cut-in',
  },
  {
    site: 'Upper Tarn Hostel',
    kind: 'holding-tank',
    complaint: 'No water',
    lines: [
      'gauge reads 0',
      'the holding tank is empty',
      '238 into the float switch',
      'nothing out of the float switch',
    ],
    repair: 'Well: free or replace the float',
    failed: 'Well: float stuck up: never calls',
    stations: [
      'c black supply, down black motor', 'dead 238 0.3 238', '!Fitted', 'as landed c black supply, up black motor',
      '?The float works in the wrong sense', '!Moved: check again', '!Done', '!Done', '!Power is on',
      '?down it calls, up it stops', '!Done', 'cut in 34', 'cut out 54', '?Range nut, 1½ turns anticlockwise',
      'dead 238 0.3 238', '!Turned', 'live', 'cut in 30', 'cut out 50', 'hold 10 min 48→48', 'it works again',
      'well load 237', 'well black run 4.4',
    ],
    proved: 'Well: volts on the float switch load side',
  },
  {
    site: 'Brackwater Cycle Works',
    kind: 'compressor-direct',
    complaint: 'Groans',
    lines: [
      'it hums', '119 at the load', 'starts only when the receiver is empty', 'no hiss at shut off',
      'dead 119 0.4 119', 'bled 0.3', 'cap 431',
    ],
    repair: 'Clean or replace the unloader valve',
    failed: 'Unloader does not vent',
    stations: [
      // no conductor leaves its terminal for an unloader: there is nothing to land
      'zero pressure 0', '!Fitted', '?Drain shut', '!Done', '!Power is on', '?one short sigh', '!Done',
      'cut in 95', 'cut out 125', 'hold 10 min 120→120', 'it works again', 'pump up 80 s', 'black run 12',
    ],
    proved: 'Pump-up time',
  },
  {
    site: 'Brackwater Cycle Works',
    kind: 'compressor-direct',
    complaint: 'No air',
    lines: [
      '119 on the line side', '0.4 on the load side', 'lever is on auto', 'gauge reads 40', 'dead 119 0.3 119',
      'contacts are burnt',
    ],
    repair: 'Replace the pressure switch',
    failed: 'Switch pole 1 burnt',
    stations: [
      't1 black supply, t2 black motor, t3 white supply, t4 white motor', 'g green supply, g green motor',
      'zero pressure 0', '!Fitted',
      'as landed t1 black supply, t2 white supply, t3 white motor, t4 black motor', 'g green supply, g green motor',
      '?Leg meets leg', '!Moved: check again', 'to ground 80 meg', '!Done', '!Done', '!Power is on', '!Done',
      'cut in 100', 'cut out 130', '?unless its maker allows it', 'dead 119 0.3 119', '!Turned', 'live',
      'cut in 95', 'cut out 125', 'hold 10 min 120→120', 'it works again', 'pump up 80 s', 'black run 12',
    ],
    proved: 'Pump-up time',
  },
]
