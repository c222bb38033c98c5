/** Cut-in, cut-out, gauge and how it stops: the same for water and air. */
import { sayNumber, type ShopPractice } from '../practice'
import type { Block } from './block'
import { NOTES } from './causes'
import { flow, seen } from './testEntry'
import { coursesOf, howItFalls } from './toldWater'

export interface SettingOptions {
  readonly medium: 'water' | 'air'
  readonly practice: Pick<ShopPractice, 'leakDownMinutes' | 'proofCycles'>
}

export function settingTests({ medium, practice }: SettingOptions): Block {
  const water = medium === 'water'
  const minutes = practice.leakDownMinutes
  const long = `${sayNumber(minutes)} minutes`
  const cycles = practice.proofCycles === 1 ? 'one cycle' : `${sayNumber(practice.proofCycles)} cycles`
  const whole = cycles.replace(' ', ' whole ')
  return {
    tests: [
      ...coursesOf(medium),
      howItFalls(),
      flow({
        id: 'gauge',
        point: 'gauge',
        title: 'Read the gauge',
        words: [],
        ask: 'gauge',
        quantity: 'pressure',
        minutes: 0.3,
        steps: ['Read it, and tap the glass: does it move?'],
        condition: 'static',
      }),
      flow({
        id: 'cut-in',
        point: 'gauge',
        title: 'Cut-in',
        words: ['cut in', 'cutin', 'cut-in', 'on at'],
        ask: 'cut-in',
        quantity: 'pressure',
        minutes: 4,
        steps: [
          water
            ? 'Open a tap a little; note the gauge as the switch closes.'
            : 'Bleed a little; note the gauge as the switch closes.',
        ],
        variant: 'cut-in',
        need: 'live',
        band: 'setting-in',
        whileRunning: true,
        proves: true,
      }),
      flow({
        id: 'cut-out',
        point: 'gauge',
        title: 'Cut-out',
        words: ['cut out', 'cutout', 'cut-out', 'off at'],
        ask: 'cut-out',
        quantity: 'pressure',
        minutes: 4,
        steps: [
          water
            ? 'Shut the tap; note the gauge as the switch opens.'
            : 'Shut the outlet; note the gauge as the switch opens.',
        ],
        variant: 'cut-out',
        need: 'live',
        band: 'setting-out',
        whileRunning: true,
        proves: true,
        cautions: [
          water
            ? 'If it runs on past the setting, switch off: pipe can burst.'
            : 'If it runs on past the setting, switch off: never lean on the relief valve.',
        ],
      }),
      flow({
        id: 'peak',
        point: 'gauge',
        title: 'Highest pressure, everything shut',
        words: ['peak', 'highest'],
        ask: 'peak',
        quantity: 'pressure',
        minutes: 3,
        onlyTold: true,
        steps: ['Everything shut, hand on the disconnect: where does the gauge stand still?'],
        variant: 'peak',
        band: 'setting-out',
        need: 'live',
        whileRunning: true,
      }),
      flow({
        id: 'cycle',
        point: 'gauge',
        title: water ? 'Start to start, with a tap running' : 'Start to start, with air drawn',
        words: ['cycle', 'start to start', 'cycle time'],
        ask: 'cycle',
        quantity: 'time',
        minutes: 4,
        steps: [
          water
            ? 'Run a tap at about half of what the pump gives; time from start to start.'
            : 'Draw about half of what it makes; time from start to start.',
        ],
        variant: 'cycle',
        need: 'live',
        meter: 'stopwatch',
        band: 'cycle',
        whileRunning: true,
      }),
      flow({
        id: 'leak-down',
        point: 'gauge',
        title: `Leak-down in ${long}`,
        words: ['leak down', 'leak-down', 'drops', 'leakdown'],
        ask: 'leak-down',
        over: 60 * minutes,
        quantity: 'pressure',
        minutes: 2,
        steps: [
          water
            ? `At cut-out, breaker off, every tap shut: pressure lost in ${long}.`
            : `At cut-out, switched off, outlet shut: pressure lost in ${long}.`,
        ],
        variant: 'leak-down',
        meter: 'gauge and clock',
        band: 'leak-down',
        wait: { minutes, why: `${long} with everything shut` },
        condition: 'static',
        whileRunning: true,
        proves: true,
      }),
      seen({
        id: 'works',
        point: 'gauge',
        title: `${whole.charAt(0).toUpperCase()}${whole.slice(1)}: does it start, run, stop and hold?`,
        words: ['works', 'proof run'],
        minutes: 5,
        need: 'live',
        proves: true,
        afterRepair: true,
        steps: [
          water
            ? `A tap a little open, so that things move slowly; watch ${cycles} from start to stop.`
            : `Draw a little; watch ${cycles} from start to stop.`,
        ],
        outcomes: {
          yes: { label: 'does its work', words: ['yes', 'good'] },
          no: { label: 'something is still wrong', words: ['no', 'not yet'] },
        },
        usual: { yes: 0.04, no: 0.96 },
        chancesByEffect: {
          runs: { yes: 0.97, no: 0.03 },
        },
      }),
      seen({
        id: 'runs-past',
        point: 'gauge',
        title: 'Does it stop at cut-out?',
        words: ['stops', 'runs on', 'runs past'],
        minutes: 3,
        need: 'live',
        whileRunning: true,
        steps: [
          water
            ? 'Taps shut, hand on the disconnect; watch the gauge.'
            : 'Outlet shut, hand on the switch; watch the gauge.',
        ],
        cautions: [
          water
            ? 'Switch off if it climbs 10 psi past cut-out: pipe can burst.'
            : 'Switch off if it climbs 10 psi past cut-out.',
        ],
        outcomes: {
          'stops': { label: 'stops', words: ['yes'] },
          'runs-on': { label: 'runs on', words: ['no'] },
        },
        usual: { 'stops': 0.9, 'runs-on': 0.1 },
        chancesByEffect: {
          'runs': { 'stops': 0.97, 'runs-on': 0.03 },
          'runs-on': { 'stops': 0.02, 'runs-on': 0.98 },
          'runs-dry': { 'stops': 0.08, 'runs-on': 0.92 },
          'runs-weak': { 'stops': 0.6, 'runs-on': 0.4 },
          'rapid-cycles': { 'stops': 0.95, 'runs-on': 0.05 },
          'starts-alone': { 'stops': 0.93, 'runs-on': 0.07 },
        },
        // so far past its mark nobody waits for it
        chancesByFault: {
          'switch.out-of-setting:3': { 'stops': 0.6, 'runs-on': 0.4 },
          'switch.out-of-setting:4': { 'stops': 0.2, 'runs-on': 0.8 },
          'switch.out-of-setting:7': { 'stops': 0.03, 'runs-on': 0.97 },
          // what runs out of a burst line does not let it get there
          'house.leak:2': { 'stops': 0.45, 'runs-on': 0.55 },
          'house.leak:3': { 'stops': 0.05, 'runs-on': 0.95 },
          'pump.cracked:2': { 'stops': 0.5, 'runs-on': 0.5 },
          // nor what runs back into the well; judgement, no source
          'pipe.holed:2': { 'stops': 0.25, 'runs-on': 0.75 },
          'pipe.pitless:2': { 'stops': 0.7, 'runs-on': 0.3 },
          'pipe.pitless:3': { 'stops': 0.3, 'runs-on': 0.7 },
          'pump.by-pass': { 'stops': 0.06, 'runs-on': 0.94 },
        },
      }),
    ],
    notes: [NOTES.rapidCycling],
  }
}
