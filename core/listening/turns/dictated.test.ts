/** As it is spoken into a phone. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { hear, spokenAfter, type Spoken } from '#core/listening'
import { kindFor } from '#core/systems'
import { hearsAs, hearsNext, psi, told } from '../../../tests/told'

describe('what is dictated', () => {
  hearsAs([
    ['well-2wire', '240 on the line, no wait, that\'s 24', 'line.volts 24'],
    ['well-2wire', 'load side 0, scratch that, 239', 'load.volts 239'],
    ['well-2wire', 'meant to say load side is dead, not line', 'load.volts 0'],
    ['well-2wire', 'I don\'t hear anything running', 'sound silent'],
    ['well-2wire', 'points read 0.2 closed', 'pole1.ohms 0.2'],
    ['well-2wire', 'reads a couple hundred ohms to ground', 'leads.ground 200'],
    ['well-2wire', 'it\'s drawing but not pumping', 'sound runs | pulses none'],
    ['well-2wire', 'tank\'s empty on air', 'air-valve nothing'],
    ['booster', 'drained it and the tank\'s at 62', `precharge ${psi(62)}`],
    ['booster', 'folks next door are out as well', 'neighbours no'],
    ['booster', 'runs fine on one tap, second one and it drops out', 'sound runs'],
    ['well-2wire', 'house valved off, still 36', 'house-shut falls'],
    ['well-2wire', 'bucket takes 40 seconds for 2 gallons', 'flow 0.000189'],
    ['well-2wire', 'stuck a gauge on the valve and got water', 'air-valve water'],
    ['well-2wire', 'one line screw to ground 121, other one to ground 121 too', 'line.l1g 121 | line.l2g 121'],
    ['well-2wire', 'joint in the crawl space was burnt open', 'seen-itself feed.high-resistance'],
    ['well-3wire', 'nothing running back down the well that I can hear', 'well-heard quiet'],
    ['well-3wire', 'leads ohm fine, 1.8, 8, 9.8', 'leads.by 1.8 | leads.ry 8 | leads.rb 9.8'],
    ['three-phase', 'swapped T1 and T3, 60 pounds', 'swap-two more'],
    ['well-2wire', 'opened the well cap, one wire nut melted', 'seen-itself cable.high-resistance'],
    ['well-2wire', 'we pulled the pump and the pipe had a split about 40 feet down', 'seen-itself pipe.holed'],
    ['well-2wire', 'heat tape quit, pipe froze between tank and switch', 'port-look blocked'],
    ['well-2wire', 'the switch is set to cut out at 60', 'remark'],
    ['well-2wire', 'cycle time a minute fifty', 'cycle 110'],
    ['well-2wire', 'neighbor\'s well is dry', 'remark'],
    ['well-2wire', 'no power anywhere on the street', 'lights street'],
    ['three-phase', 'voltages 236 228 221', 'line.v12 236 | line.v23 228 | line.v31 221'],
    ['well-3wire', 'amps 8.5 on a 5 amp half horse', 'black.run 8.5'],
    ['well-3wire', 'pulled it, pump is sand bound', 'seen-itself motor.seized'],
    ['well-2wire', 'kids left the hose on all night', 'asked open-fill'],
    ['well-2wire', 'pump amps start at 5 and creep to 9', 'black.run 9'],
    ['well-2wire', 'pressure climbs to 75 and blows the relief', `runs-past runs-on | gauge ${psi(75)}`],
    ['rv', 'stuck another in, gone the second it calls', 'let-go at-once'],
    ['rv', 'pump unplugged, third one\'s gone too', 'trip-motor-off trips'],
    ['rv', 'pump black to battery black 2.3', 'return.drop 2.3'],
    ['compressor-direct', 'leaks out the unloader the whole time it sits', 'unloader-stop hisses'],
    ['compressor-direct', 'soaped the fittings, nothing', 'soap none'],
    ['holding-tank', 'nothing comes in at the fill pipe', 'tank-fill 0'],
  ])
  hearsNext([
    ['holding-tank', 'well breaker\'s tripped', 'reset it, well pump ran 20 minutes and it went again',
      'well-let-go minutes'],
    ['holding-tank', 'well pump pulls 3.2 amps', 'pulled it, splines are gone', 'seen-itself well-pump.coupling'],
    ['holding-tank', 'well pump pulls 3.2 amps', 'booster coupling stripped', 'seen-itself pump.coupling'],
    ['well-2wire', 'tank is full of water', 'drained it and let it suck air', 'mended tank.precharge-low'],
    ['compressor-pilot', 'coil 70 volts', 'moved the pressure switch wires and it jumps around', 'remark'],
    ['booster', 'drained it and the tank\'s at 62', 'let it down to 28', 'mended tank.precharge-high'],
  ])
})

describe('a wire that was dug into', () => {
  const holding = kindFor('holding-tank')
  const afterAll = (lines: readonly string[]) => lines.reduce((before: Spoken, said) => {
    const heard = requireOk(hear(holding, said, { before }))
    return (heard.kind === 'lines' ? heard.lines : []).reduce((b: Spoken, l) => spokenAfter(holding, b, l), before)
  }, {})
  it('is the one ahead of where nothing came', () => {
    const before = afterAll([
      '241 out of the well breaker', 'nothing at the well switch, zero', 'fella dug post holes there',
    ])
    expect(told('holding-tank', 'backhoe cut the wire', before)).toBe('seen-itself well-feed.open')
    expect(told('holding-tank', 'backhoe cut the wire')).toBe('seen-itself run.open')
  })
})
