/** What a hand does as it goes, and what came of it: rows of what is heard. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs, hearsNext, psi } from '../../../tests/told'

describe('what is only done', () => {
  hearsAs([
    ['well-2wire', 'ran a hose wide open', 'remark'],
    ['well-2wire', 'let it sit overnight', 'remark'],
    ['well-2wire', 'bumped the pressure up', 'remark'],
    ['well-2wire', 'pulled the disconnect', 'remark'],
    ['well-2wire', 'unplugged the treatment system, no change', 'remark'],
    ['well-2wire', 'shut off the irrigation, still cycling', 'remark'],
    ['well-2wire', 'cut the splice out and it\'s dry inside', 'remark'],
    ['well-2wire', 'ran a temporary wire to the pump and it runs', 'remark'],
  ])
})

describe('what came of it', () => {
  hearsAs([
    ['well-2wire', 'disconnected the pump and the breaker holds', 'trip-switch-open holds'],
    ['compressor-direct', 'disconnected the motor and the breaker still trips', 'trip-motor-off trips'],
    ['well-2wire', 'flipped it on and it trips right off', 'let-go at-once'],
    ['well-2wire', 'jumped it straight to the breaker and it runs', 'bypass runs'],
    ['well-2wire', 'dug up the line by the barn, found a wet spot', 'leaks-look leak'],
  ])
})

describe('what comes and goes', () => {
  hearsAs([
    ['well-2wire', 'works fine in the morning, quits in the afternoon', 'remark'],
    ['well-2wire', 'customer says it quit last night around 9', 'remark'],
    ['well-2wire', 'pump quit yesterday', 'remark'],
    ['compressor-direct', 'starts fine warm, trips cold', 'remark'],
    ['compressor-direct', 'smells hot in the panel', 'remark'],
    ['compressor-direct', 'hisses when it stops then quits', 'unloader-stop sigh'],
    ['well-2wire', 'just one faucet\'s weak', 'remark'],
    ['well-2wire', 'pressure\'s fine at the tank, weak upstairs', 'tank-tap only'],
  ])
})

describe('how fast it leaks, told with where it stops', () => {
  hearsAs([
    ['compressor-direct', 'shuts off at 125, drops to 100 in 10 minutes', `cut-out ${psi(125)} | leak-down ${psi(25)}`],
  ])
})

describe('clear to ground, where nothing was parted', () => {
  hearsAs([
    ['well-3wire', 'good to ground', 'leads.ground OL'],
    ['well-3wire', 'both leads clear to ground', 'leads.ground OL'],
    ['well-3wire', 'motor\'s not grounded', 'leads.ground OL'],
    ['well-3wire', 'no path to ground', 'leads.ground OL'],
    ['well-3wire', 'splice apart, motor side clear to ground', 'ground-parted above'],
    ['well-3wire', 'black to yellow is fine', 'leads.by usual'],
  ])
})

describe('what goes on from the line before', () => {
  hearsNext([
    ['well-3wire', '1.2 ohms', 'that\'s black to yellow', 'remark'],
    ['well-3wire', 'impellers are jammed with sand', 'new pump end, 8 amps', 'mended motor.seized | black.run 8'],
    ['compressor-direct', 'check valve leaks back', 'replaced it and it\'s quiet', 'mended check.leaking | works yes'],
    ['jet', 'tube to the switch is plugged with rust', 'cleaned it, cycles', 'mended switch.port-blocked | works yes'],
    ['three-phase', 'fuse is blown on C', 'new fuse, 7 7 7',
      'mended breaker.pole-open | amps1.run 7 | amps2.run 7 | amps3.run 7'],
    ['compressor-direct', 'intake filter\'s plugged', 'new one, goes to 125', `mended head.intake | gauge ${psi(125)}`],
    ['holding-tank', 'well breaker\'s tripped', 'holds with the pump wires off', 'well-trip-head-open holds'],
  ])
})
