/** What was found, then put right: rows of what the second line is heard as. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { hear, spokenAfter, type Spoken } from '#core/listening'
import { kindFor, type KindId } from '#core/systems'
import { after, hearsAs, psi, told } from '../../../tests/told'

const SWITCH = 'line side 240, load side 0'
describe('what was put right after it was found', () => {
  it.each<readonly [KindId, string, string, string]>([
    ['well-2wire', SWITCH, 'swapped the pressure switch and pump came on', 'mended switch.pole1-burnt | sound runs'],
    ['well-2wire', SWITCH, 'switch replaced, back in business', 'mended switch.pole1-burnt | works yes'],
    ['well-2wire', SWITCH, 'replaced pressure switch, still nothing', 'mended switch.pole1-burnt | works no'],
    ['well-2wire', SWITCH, 'tried a new switch, still dead', 'mended switch.pole1-burnt | works no'],
    ['well-2wire', SWITCH, 'pump came on with the new switch', 'mended switch.pole1-burnt | sound runs'],
    ['well-2wire', SWITCH, 'with the new switch in it cuts out at 60',
      `mended switch.pole1-burnt | cut-out ${psi(60)}`],
    ['booster', 'cap reads 20 uf', 'new cap no help', 'mended motor.cap-open | works no'],
    ['booster', 'cap reads 20 uf', 'swapped the capacitor, takes right off', 'cap-swap runs'],
    ['booster', 'lots of air in the pump', 'bled the air out, good now', 'vent air | mended pump.air-lock'],
    ['booster', 'precharge 47', 'bled the air out, good now', 'mended tank.precharge-high | works yes'],
    ['booster', 'precharge 10', 'blew up the tank, good now', 'mended tank.precharge-low | works yes'],
    ['booster', 'lever in the middle', 'reset the low pressure lever and it runs',
      'mended switch.cut-off-tripped | sound runs'],
    ['booster', 'coupling sheared', 'replaced the coupling, 55 psi', `mended pump.coupling | gauge ${psi(55)}`],
    ['booster', 'impeller plugged', 'cleared a rag out of the impeller, 55 psi',
      `mended pump.jammed | gauge ${psi(55)}`],
    ['booster', 'motor bearing howls', 'replaced the motor, quiet', 'mended motor.binding | works yes'],
    ['compressor-pilot', 'contacts burnt on L3 of the starter', 'swapped the contactor, compressor runs',
      'mended starter.contact-burnt | sound runs'],
    ['compressor-pilot', 'amps 0/48/47', 'new contacts, 14 on all three',
      'mended starter.contact-burnt | amps1.run 14 | amps2.run 14 | amps3.run 14'],
    ['compressor-pilot', 'pressure switch contacts black', 'new contacts', 'mended switch.contact-dirty'],
    ['compressor-pilot', 'overload set at 9', 'turned the overload up to 15, runs all day',
      'mended starter.overload-set | works yes'],
    ['compressor-direct', 'keeps hissing after it stops', 'new check valve, no hiss',
      'mended check.leaking | works yes'],
    ['compressor-direct', 'cap 22 uf', 'new start cap 300 mfd, starts', 'mended motor.cap-open | sound runs'],
    ['compressor-direct', 'head gasket blown', 'put a head gasket on', 'mended head.gasket'],
    ['rv', 'valve turned to city', 'turned the valve back to tank', 'mended source.valve'],
    ['rv', 'water comes back', 'cleaned the valves out', 'mended pump.valves'],
  ])('%s: %s / %s', (kind, first, second, lines) => {
    expect(told(kind, second, after(kind, first))).toBe(lines)
  })
  it('is of the well where the well was read last, whatever was read at the panel since', () => {
    const kind = kindFor('holding-tank')
    const before = ['well breaker 121 on l1 to ground', 'main panel 242'].reduce((spoken: Spoken, said) => {
      const heard = requireOk(hear(kind, said, { before: spoken }))
      return heard.kind === 'lines' ? heard.lines.reduce((b: Spoken, l) => spokenAfter(kind, b, l), spoken) : spoken
    }, {})
    expect(told('holding-tank', 'new breaker in', before)).toBe('mended well-breaker.pole-open')
  })
})

describe('faults told in two words, and figures from the far side', () => {
  hearsAs([
    ['compressor-direct', 'hisses from the unloader after it stops', 'unloader-stop hisses'],
    ['compressor-direct', 'hiss at the switch for a second when it stops', 'unloader-stop sigh'],
    ['booster', 'water dripping from the seal', 'seen-itself pump.seal'],
    ['booster', 'meter on the street side spins backward when it stops', 'seen-itself check.leaking'],
    ['jet', 'shaving cream on the union gets sucked in', 'seen-itself suction.air-leak'],
    ['jet', 'water in the priming port dropped out of sight', 'prime-look empty'],
    ['jet', 'sat an hour with the house valve closed and the gauge went to zero', 'house-shut falls'],
    ['holding-tank', 'basket between tank and pump choked with leaves', 'strainer-look blocked'],
    ['three-phase', 'amps 0 on T3, 24 on the others', 'amps1.run 24 | amps2.run 24 | amps3.run 0'],
    ['three-phase', '24 amps on two legs and nothing on the third', 'amps1.run 24 | amps2.run 24 | amps3.run 0'],
    ['well-3wire', 'volts into the box 242', 'box.volts 242'],
    ['rv', 'hose clamp loose', 'seen-itself strainer.air-leak'],
  ])
})
