/** What is asked of the air side; tables are common practice, no source. */
import { sayNumber, type ShopPractice } from '../practice'
import type { Test } from '../testTypes'
import { headTests } from './airHeadTests'
import { alike, flow, seen, TURNING } from './testEntry'

export interface AirOptions {
  readonly belt: boolean
  readonly practice: Pick<ShopPractice, 'leakDownMinutes' | 'cutOffAdvice'>
}

export function airTests({ belt, practice }: AirOptions): readonly Test[] {
  const long = `${sayNumber(practice.leakDownMinutes)} minutes`
  return [
    flow({
      id: 'fill',
      point: 'gauge',
      title: 'Pump-up time, cut-in to cut-out',
      words: ['pump up', 'pump-up', 'fill', 'recovery'],
      ask: 'fill-time',
      quantity: 'time',
      minutes: 6,
      steps: ['Outlet shut. Stopwatch from cut-in to cut-out.'],
      variant: 'fill',
      proves: true,
      need: 'live',
      meter: 'stopwatch',
      whileRunning: true,
      cautions: ['If it runs past the setting, switch off: never lean on the relief valve.'],
    }),
    flow({
      id: 'outlet.pressure',
      point: 'outlet',
      title: 'Pressure behind the regulator, air drawn',
      words: ['regulator', 'tool pressure'],
      ask: 'open-pressure',
      quantity: 'pressure',
      minutes: 2,
      steps: ['Tool or blow-gun open; gauge behind the regulator.'],
      condition: 'running',
      band: 'model',
    }),
    seen({
      id: 'unloader-stop',
      point: 'unloader',
      title: 'Listen at cut-out: the sigh',
      words: ['sigh', 'unloader', 'vents'],
      minutes: 2,
      steps: ['At cut-out: a short sigh from the vent, then silence.'],
      outcomes: {
        sigh: { label: 'a sigh, then silence', words: ['vents', 'good'] },
        hisses: { label: 'hisses on', words: ['keeps hissing'] },
        nothing: { label: 'nothing', words: ['silent'] },
      },
      usual: { sigh: 0.735, hisses: 0.015, nothing: 0.25 },
      chancesByFault: {
        'unloader.not-venting': { sigh: 0.03, hisses: 0.02, nothing: 0.95 },
        'check.leaking': { sigh: 0.06, hisses: 0.92, nothing: 0.02 },
      },
      chancesByEffect: {
        'runs': { sigh: 0.95, hisses: 0.03, nothing: 0.02 },
        'starts-alone': { sigh: 0.93, hisses: 0.04, nothing: 0.03 },
        'rapid-cycles': { sigh: 0.94, hisses: 0.03, nothing: 0.03 },
        'groans': { sigh: 0.3, hisses: 0.05, nothing: 0.65 },
        'silent': { sigh: 0.1, hisses: 0.03, nothing: 0.87 },
        'runs-weak': { sigh: 0.55, hisses: 0.05, nothing: 0.4 },
      },
    }),
    seen({
      id: 'check-look',
      point: 'unloader',
      title: 'Tank check out: look at disc and seat',
      words: ['check', 'tank check'],
      minutes: 18,
      need: 'zero-pressure',
      steps: ['Locked, receiver drained, relief ring pulled. Disc whole, spring there, seat clean?'],
      outcomes: {
        good: { label: 'seats', words: ['clean'] },
        open: { label: 'does not seat', words: ['chip on the seat', 'disc cracked'] },
      },
      usual: { good: 0.97, open: 0.03 },
      chancesByFault: { 'check.leaking': { good: 0.1, open: 0.9 } },
    }),
    seen({
      id: 'unloader-run',
      point: 'unloader',
      title: 'Feel the unloader vent while it pumps',
      words: ['vent', 'unloader blows'],
      minutes: 1,
      need: 'live',
      whileRunning: true,
      steps: ['A finger near the vent as it pumps: still, or blowing?'],
      outcomes: {
        still: { label: 'still' },
        blows: { label: 'blows', words: ['leaks'] },
      },
      usual: { still: 0.99, blows: 0.01 },
      chancesByFault: {
        'unloader.leaking': { still: 0.03, blows: 0.97 },
      },
    }),
    seen({
      id: 'crack-line',
      point: 'unloader',
      title: 'Unloader line cracked: does it start?',
      words: ['cracked line', 'head vented'],
      minutes: 5,
      need: 'proven-dead',
      risk: 1,
      steps: ['Off. Crack the unloader line at the switch until it stops hissing; tighten; energise.'],
      cautions: ['Eyes covered; a nut slacked, never taken off under pressure.'],
      outcomes: {
        same: { label: 'no difference', words: ['still groans', 'same'] },
        starts: { label: 'starts', words: ['runs'] },
      },
      usual: { same: 0.985, starts: 0.015 },
      chancesByFault: {
        'unloader.not-venting': { same: 0.05, starts: 0.95 },
        'check.leaking:2': { same: 0.12, starts: 0.88 },
      },
      chancesByEffect: {
        'runs': { same: 0.3, starts: 0.7 },
        'runs-weak': { same: 0.3, starts: 0.7 },
        'starts-alone': { same: 0.3, starts: 0.7 },
      },
    }),
    ...headTests({ belt }),
    seen({
      id: 'soap',
      point: 'outlet',
      title: 'Soap the joints under pressure',
      words: ['soap', 'bubbles'],
      minutes: 8,
      steps: ['Off at cut-out. Soap fittings, hoses, switch, relief outlet, seams.'],
      outcomes: {
        none: { label: 'no bubbles anywhere', words: ['dry'] },
        fittings: { label: 'none at the fittings', words: ['fittings dry'] },
        line: { label: 'at the line or a fitting', words: ['fitting', 'hose'] },
        switch: { label: 'at the pressure switch' },
        relief: { label: 'at the relief valve' },
        receiver: { label: 'at the receiver', words: ['seam'] },
        drain: { label: 'at the drain valve', words: ['drain cock', 'petcock'] },
      },
      usual: { none: 0.8, fittings: 0.15, line: 0.03, switch: 0.006, relief: 0.006, receiver: 0.003, drain: 0.005 },
      chancesByFault: {
        'house.leak': {
          none: 0.03, fittings: 0.02, line: 0.91, switch: 0.01,
          relief: 0.01, receiver: 0.01, drain: 0.01,
        },
        'switch.diaphragm': {
          none: 0.04, fittings: 0.02, line: 0.02, switch: 0.89,
          relief: 0.01, receiver: 0.01, drain: 0.01,
        },
        'relief.weeping': {
          none: 0.04, fittings: 0.14, line: 0.02, switch: 0.01,
          relief: 0.77, receiver: 0.01, drain: 0.01,
        },
        'tank.leak': {
          none: 0.04, fittings: 0.14, line: 0.02, switch: 0.01,
          relief: 0.01, receiver: 0.73, drain: 0.05,
        },
        'tank.drain': {
          none: 0.03, fittings: 0.11, line: 0.01, switch: 0.01,
          relief: 0.01, receiver: 0.02, drain: 0.81,
        },
      },
    }),
    seen({
      id: 'outlet-shut',
      point: 'outlet',
      title: 'Outlet valve shut: does the leak-down stop?',
      words: ['outlet shut', 'valve shut'],
      minutes: 2,
      wait: { minutes: practice.leakDownMinutes, why: `${long} with the outlet shut` },
      steps: ['At cut-out, off, outlet valve shut: watch the gauge.'],
      outcomes: {
        holds: { label: 'holds, or held before', words: ['stops'] },
        falls: { label: 'still falls', words: ['drops'] },
      },
      usual: { holds: 0.96, falls: 0.04 },
      chancesByFault: {
        'check.leaking': { holds: 0.06, falls: 0.94 },
        'switch.diaphragm': { holds: 0.08, falls: 0.92 },
        'relief.weeping': { holds: 0.1, falls: 0.9 },
        'tank.leak': { holds: 0.04, falls: 0.96 },
        'tank.drain': { holds: 0.04, falls: 0.96 },
        'house.leak': { holds: 0.96, falls: 0.04 },
      },
    }),
    seen({
      id: 'drain',
      point: 'drain',
      title: 'Open the drain',
      words: ['drained', 'condensate'],
      minutes: 4,
      steps: ['Low pressure on it, drain cracked: air at once, or water, and how much?'],
      outcomes: {
        air: { label: 'air, a cupful at most', words: ['dry', 'cupful'] },
        water: { label: 'water and more water', words: ['litres', 'gallons'] },
      },
      usual: { air: 0.94, water: 0.06 },
      chancesByFault: {
        'tank.condensate': { air: 0.02, water: 0.98 },
        'tank.leak': { air: 0.4, water: 0.6 },
      },
    }),
    seen({
      id: 'oil',
      point: 'head',
      title: 'Look at the oil',
      words: ['oil'],
      minutes: 1,
      need: 'proven-dead',
      steps: ['Sight glass or dipstick, level ground: level and colour.'],
      outcomes: {
        good: { label: 'good' },
        low: { label: 'low or black', words: ['black', 'old'] },
        milky: { label: 'milky', words: ['water'] },
      },
      usual: { good: 0.88, low: 0.1, milky: 0.02 },
      chancesByFault: {
        'motor.seized': { good: 0.75, low: 0.23, milky: 0.02 },
        'head.seized': { good: 0.35, low: 0.63, milky: 0.02 },
        'motor.binding': { good: 0.75, low: 0.23, milky: 0.02 },
        'head.reed': { good: 0.75, low: 0.23, milky: 0.02 },
      },
    }),
    seen({
      id: 'gauge-agrees',
      point: 'gauge',
      title: 'Second gauge on the outlet: do they agree?',
      words: ['second gauge', 'gauges'],
      minutes: 3,
      steps: ['Regulator wide open; gauge on the outlet; compare.'],
      outcomes: {
        agree: { label: 'they agree', words: ['agrees', 'same'] },
        differ: { label: 'they differ', words: ['differs', 'stuck'] },
      },
      usual: { agree: 0.985, differ: 0.015 },
      chancesByFault: {
        'gauge.stuck': { agree: 0.03, differ: 0.97 },
      },
    }),
    seen({
      id: 'sound',
      point: 'head',
      title: 'Listen as it calls',
      words: ['sound', 'hears', 'motor'],
      steps: ['Does it start, groan, chatter, or do nothing?'],
      outcomes: {
        runs: { label: 'runs', words: ['running'] },
        groans: { label: 'groans, does not turn', words: ['hums', 'groan', 'hum'] },
        silent: { label: 'silent', words: ['dead', 'nothing', 'quiet'] },
        chatters: { label: 'chatters', words: ['chatter', 'buzzes on and off'] },
      },
      usual: { runs: 0.5, groans: 0.2, silent: 0.28, chatters: 0.02 },
      chancesByEffect: {
        ...alike(TURNING, { runs: 0.95, groans: 0.02, silent: 0.025, chatters: 0.005 }),
        'groans': { runs: 0.035, groans: 0.86, silent: 0.1, chatters: 0.005 },
        'silent': { runs: 0.01, groans: 0.025, silent: 0.96, chatters: 0.005 },
        'trips-breaker': { runs: 0.02, groans: 0.1, silent: 0.875, chatters: 0.005 },
        'chatters': { runs: 0.02, groans: 0.03, silent: 0.03, chatters: 0.92 },
      },
    }),
  ]
}
