/** What was tried, and what is seen where nobody looks twice: as it is said. Common practice, no source. */
import { describe } from 'vitest'
import { hearsAs, psi } from '../../../tests/told'

describe('what a hand tried', () => {
  hearsAs([
    ['well-3wire', 'jumped across the overload with the clamp on it and it runs all day at 9 amps',
      'overload-bridged runs'],
    ['jet', 'jumped across the thermal and it ran fine, 8.6 amps', 'thermal-bridged runs | black.run 8.6'],
    ['well-2wire', 'tapped the switch with my screwdriver handle and it kicked right on', 'tap-switch starts'],
    ['well-2wire', 'Other side of the switch, with the points pushed together by hand, still nothing',
      'load.volts 0'],
    ['well-2wire', 'It\'s pulling 0.0 amps even with the switch closed', 'black.run 0'],
    ['booster', 'I closed the valve after the pump and it went up to 90 and held', `peak ${psi(90)}`],
    // the gauge sits there, and not the pump
    ['well-3wire', 'tops out at 38 and sits there', `climbs stalls | peak ${psi(38)}`],
    ['jet', 'fill the pipe and it drops out of sight in a minute', 'foot-look falls'],
    ['rv', 'put another 10 in it and that one popped too', 'let-go at-once'],
    ['compressor-pilot', 'contactor pulls in when I push it in by hand and it runs as long as I hold it',
      'push-in runs'],
    ['three-phase', 'flipped two leads, 86 pounds', 'swap-two more'],
    ['jet', 'took the pump off and still can\'t turn the motor', 'impeller-look stuck'],
  ])
})

describe('what is seen', () => {
  hearsAs([
    ['well-2wire', 'pulled the pump, impellers are chewed up with sand', 'seen-itself pump.worn'],
    ['well-3wire', 'yellow wire has a spot rubbed down to copper where it goes over the edge of the casing',
      'seen-itself cable.to-earth'],
    ['booster', 'city side gauge reads 55, after the pump it\'s only 57',
      `inlet.pressure ${psi(55)} | gauge ${psi(57)}`],
    ['jet', 'vacuum gauge doesn\'t hardly move, maybe 3 inches', 'vacuum low'],
    ['three-phase', 'heaters are sized for 22 amps and motor\'s 14', 'dial.amps 22'],
    ['compressor-pilot', 'transformer has 240 in and zero out', 'control.volts 0'],
    ['well-2wire', 'Now I\'ve got 243 on the bottom screws and still no hum from the well',
      'load.volts 243 | sound silent'],
    ['well-3wire', 'relay clicks like it should', 'relay-heard clicks'],
    ['well-3wire', 'the overload won\'t reset', 'overload-seen stuck'],
    ['three-phase', 'power company lost a cutout', 'lights street'],
    ['three-phase', 'neighbor shop\'s three phase is down too', 'lights street'],
    // another day's work is none of today's outage
    ['three-phase', 'power company changed the transformer last week', 'asked worked-on'],
    // a lamp is none of the house's lights
    ['compressor-pilot', 'oil light\'s on and it won\'t latch', 'remark'],
    ['booster', 'dye in the toilet tank came through to the bowl', 'leaks-look leak'],
    ['three-phase', 'you\'ve got three fuses in here and this one\'s blown', 'fuses-look one'],
  ])
})
