/** The drop cable of a three-wire well; rates are common practice, no source. */
import { OPEN } from '../power/resistances'
import { type Block, point } from './block'
import { CAUSES } from './causes'
import { only } from '../figures'
import { always, badJoint, degrees, fault, repair } from './faultEntry'
import {
  cablePart, downToEarth, groundAgain, groundParted, motorAlone, openAgain, openSplice, remakeSplice,
} from './splice'
import { leadOhms } from './testEntry'

export function threeWireCable(): Block {
  const off = 'Box lid off its base, leads free: black, red, yellow.'
  return {
    components: [cablePart],
    points: [
      point({
        id: 'leads',
        name: 'leads at the box',
        component: 'box',
        spot: { on: 'motor', side: 'in' },
        aliases: ['b-y', 'y-b', 'r-y', 'y-r', 'r-b', 'b-r', 'b-g', 'r-g', 'y-g', 'main', 'ins', 'megs'],
      }),
      point({
        id: 'head',
        name: 'well head',
        component: 'cable',
        spot: { on: 'cable', side: 'on' },
        aliases: ['well', 'splice'],
      }),
    ],
    faults: [
      fault({
        id: 'cable.black-open',
        name: 'Black lead open below',
        baseRate: 0.01,
        severities: always({ 'cable.black': OPEN }),
        repair: remakeSplice,
        causes: [CAUSES.chafe, CAUSES.dug, CAUSES.surge],
        settledBy: 'ohms black–yellow with the box off',
        wears: ['age'],
      }),
      fault({
        id: 'cable.yellow-open',
        name: 'Yellow lead open below',
        baseRate: 0.01,
        severities: always({ 'cable.yellow': OPEN }),
        repair: remakeSplice,
        causes: [CAUSES.chafe, CAUSES.dug, CAUSES.surge],
        settledBy: 'ohms black–yellow and red–yellow with the box off',
        wears: ['age'],
      }),
      fault({
        id: 'cable.red-open',
        name: 'Red lead open below',
        baseRate: 0.006,
        severities: always({ 'cable.red': OPEN }),
        repair: remakeSplice,
        causes: [CAUSES.chafe, CAUSES.dug, CAUSES.surge],
        settledBy: 'ohms red–yellow with the box off',
        wears: ['age'],
      }),
      fault({
        id: 'cable.high-resistance',
        name: 'Bad splice in the well',
        baseRate: 0.01,
        severities: badJoint(
          (['black', 'yellow', 'red'] as const).map(lead => ({
            name: lead,
            change: r => h => only(`cable.${lead}`, h[`cable.${lead}`] + (lead === 'red' ? 5 * r : r)),
          })),
          [[0.5, 0.6], [0.15, 0.4]],
        ),
        repair: remakeSplice,
        causes: [CAUSES.damp, CAUSES.loose],
        settledBy: 'ohms lead to lead against the chart',
      }),
      fault({
        id: 'cable.to-earth',
        name: 'Cable to ground',
        baseRate: 0.02,
        severities: downToEarth,
        repair: remakeSplice,
        causes: [CAUSES.chafe, CAUSES.dug, CAUSES.surge],
        settledBy: 'megohms again with the splice open',
        wears: ['age'],
      }),
      fault({
        id: 'cable.leg-to-leg',
        name: 'Cable shorted lead to lead',
        baseRate: 0.008,
        severities: always({ 'cable.across': 0.4 }),
        repair: remakeSplice,
        causes: [CAUSES.chafe, CAUSES.dug],
        settledBy: 'ohms black–yellow near nothing',
      }),
      fault({
        id: 'cable.mixed',
        name: 'Leads mixed up at the box',
        baseRate: 0.006,
        severities: degrees(
          { name: 'red and black changed', share: 0.4, change: { 'cable.swap': 1 } },
          { name: 'yellow and red changed', share: 0.2, change: { 'cable.swap': 2 } },
          { name: 'black and yellow changed', share: 0.2, change: { 'cable.swap': 3 } },
          { name: 'all three one on', share: 0.1, change: { 'cable.swap': 4 } },
          { name: 'all three one back', share: 0.1, change: { 'cable.swap': 5 } },
        ),
        repair: repair({
          id: 'find-leads-and-land-them-right',
          name: 'Find the leads and land them right',
          minutes: 20,
        }),
        causes: [],
        settledBy: 'the three resistances against the sum rule',
        effect: 'groans',
      }),
    ],
    tests: [
      leadOhms({
        id: 'leads.by',
        point: 'leads',
        title: 'Ohms black–yellow (main winding)',
        words: ['b-y', 'y-b', 'black-yellow', 'main'],
        between: ['black', 'yellow'],
        minutes: 6,
        steps: [`${off} Black to yellow.`],
        variant: 'by',
        need: 'discharged',
      }),
      leadOhms({
        id: 'leads.ry',
        point: 'leads',
        title: 'Ohms red–yellow (start winding)',
        words: ['r-y', 'y-r', 'red-yellow', 'start'],
        between: ['red', 'yellow'],
        minutes: 6,
        steps: [`${off} Red to yellow.`],
        variant: 'ry',
        need: 'discharged',
      }),
      leadOhms({
        id: 'leads.rb',
        point: 'leads',
        title: 'Ohms red–black (both windings)',
        words: ['r-b', 'b-r', 'red-black', 'both'],
        between: ['red', 'black'],
        minutes: 7,
        steps: [`${off} Red to black.`],
        variant: 'rb',
        need: 'discharged',
      }),
      leadOhms({
        id: 'leads.ground',
        point: 'leads',
        title: 'Megohms, any lead to ground',
        words: ['b-g', 'r-g', 'y-g', 'g', 'ground', 'earth', 'ins', 'megs'],
        between: ['black', '0'],
        minutes: 7,
        steps: [`${off} Each lead to ground in turn; note the lowest.`],
        variant: 'ground',
        proves: true,
        need: 'discharged',
      }),
      openSplice('head'),
      groundAgain('leads'),
      groundParted('leads', { 'cable.to-earth': 'either' }),
      openAgain('leads', { cable: 'above' }),
      motorAlone('leads'),
    ],
  }
}
