/** The drop cable of a two-wire well; rates are common practice, no source. */
import { OPEN } from '../power/resistances'
import { type Block, point } from './block'
import { CAUSES } from './causes'
import { only } from '../figures'
import { always, badJoint, degrees, fault } from './faultEntry'
import {
  cablePart, downToEarth, groundAgain, groundParted, motorAlone, openAgain, openSplice, remakeSplice, shortAgain,
} from './splice'
import type { Through } from '../testTypes'
import { amps, leadOhms, voltsAt } from './testEntry'
import { tripTrial } from './trials'

/** Leads are read at the well head, or at the switch with the run between in them; common practice, no source. */
const THE_RUN: Through = { series: ['run.1', 'run.2'], earth: 'run.earth', across: 'run.across', share: 0.45 }

export function twoWireCable(): Block {
  const off = 'Leads off at the well head, apart.'
  return {
    components: [cablePart],
    points: [
      point({
        id: 'black',
        name: 'either lead',
        component: 'run',
        spot: { on: 'cable', side: 'in' },
        aliases: ['blk', 'lead', 'start', 'run', 'amps', 'yellow'],
      }),
      point({
        id: 'head',
        name: 'well head',
        component: 'cable',
        spot: { on: 'cable', side: 'on' },
        aliases: ['well', 'splice'],
      }),
      point({
        id: 'leads',
        name: 'leads at the well head',
        component: 'motor',
        spot: { on: 'motor', side: 'in' },
        aliases: ['b-y', 'y-b', 'b-g', 'y-g', 'l-l', 'main', 'ins', 'megs'],
      }),
    ],
    faults: [
      fault({
        id: 'cable.open',
        name: 'Drop cable open',
        baseRate: 0.02,
        severities: degrees(
          { name: 'black', share: 0.5, change: { 'cable.black': OPEN } },
          { name: 'yellow', share: 0.5, change: { 'cable.yellow': OPEN } },
        ),
        repair: remakeSplice,
        causes: [CAUSES.chafe, CAUSES.dug, CAUSES.surge],
        settledBy: 'ohms lead to lead at the well head',
        wears: ['age'],
      }),
      fault({
        id: 'cable.high-resistance',
        name: 'Bad splice in the well',
        baseRate: 0.012,
        severities: badJoint(
          (['black', 'yellow'] as const).map(lead => ({
            name: lead,
            change: r => h => only(`cable.${lead}`, h[`cable.${lead}`] + r),
          })),
          [[0.25, 0.5], [1, 0.5]],
        ),
        repair: remakeSplice,
        causes: [CAUSES.damp, CAUSES.loose],
        settledBy: 'ohms lead to lead against the chart',
      }),
      fault({
        id: 'cable.to-earth',
        name: 'Cable to ground',
        baseRate: 0.025,
        severities: downToEarth,
        repair: remakeSplice,
        causes: [CAUSES.chafe, CAUSES.dug, CAUSES.surge],
        settledBy: 'megohms again with the splice open',
        wears: ['age'],
      }),
      fault({
        id: 'cable.leg-to-leg',
        name: 'Cable shorted lead to lead',
        baseRate: 0.01,
        severities: always({ 'cable.across': 0.4 }),
        repair: remakeSplice,
        causes: [CAUSES.chafe, CAUSES.dug],
        settledBy: 'ohms lead to lead near nothing',
      }),
    ],
    tests: [
      ...voltsAt({
        point: 'head',
        where: 'at the well head',
        legs: ['x1', 'x2'],
      }),
      amps({
        id: 'black.start',
        point: 'black',
        title: 'Clamp one lead at the start',
        words: ['start', 'starting', 'inrush'],
        conductor: 'black lead',
        condition: 'starting',
        steps: ['Clamp one lead at the switch, inrush hold, and let it call.'],
        risk: 1,
        proves: true,
      }),
      amps({
        id: 'black.run',
        point: 'black',
        title: 'Clamp one lead three seconds in',
        words: ['run', 'running', 'held', 'holds', 'stays'],
        conductor: 'black lead',
        condition: 'running',
        steps: ['Clamp one lead; read it three seconds after it calls.'],
        band: 'running-amps',
        proves: true,
      }),
      leadOhms({
        id: 'leads.by',
        point: 'leads',
        title: 'Ohms lead to lead',
        words: ['b-y', 'y-b', 'main', 'lead to lead', 'l-l'],
        between: ['x1', 'x2'],
        minutes: 8,
        steps: [`${off} Lead to lead.`],
        variant: 'by',
        through: THE_RUN,
      }),
      leadOhms({
        id: 'leads.ground',
        point: 'leads',
        title: 'Megohms, either lead to ground',
        words: ['b-g', 'y-g', 'g', 'ground', 'earth', 'ins', 'megs'],
        between: ['x1', '0'],
        minutes: 8,
        steps: [`${off} Each lead to ground; note the lower.`],
        variant: 'ground',
        through: THE_RUN,
        proves: true,
      }),
      tripTrial({
        id: 'trip-head-open',
        point: 'head',
        title: 'Leads off at the well head: does it still trip?',
        words: ['trips head open', 'head open'],
        steps: ['Dead: leads off at the well head, apart and safe.', 'Stand clear and reset the breaker once.'],
        away: ['start', 'cable', 'motor'],
        opens: ['cable.black', 'cable.yellow'],
      }),
      openSplice('head'),
      groundAgain('leads'),
      groundParted('leads', { 'run.to-earth': 'above', 'cable.to-earth': 'below' }),
      openAgain('leads', { cable: 'below' }),
      motorAlone('leads'),
      shortAgain('leads', { 'run.leg-to-leg': 'above', 'cable.leg-to-leg': 'below' }),
    ],
  }
}
