/** A turn that says a thing whole is of use only where somebody hears it. */
import { describe, expect, it } from 'vitest'
import { hear } from '#core/listening'
import { kindFor, KIND_IDS, withOptions } from '#core/systems'
import { JOINED } from './joined'

const kinds = KIND_IDS.map(id => withOptions(kindFor(id, {})))

const isHeard = (said: string) => kinds.some((kind) => {
  const heard = hear(kind, said)
  return heard.ok && heard.value.kind !== 'remark'
})

/** What ends so is one half of a saying: a place, a part, a pair of legs. */
const HALF = new RegExp(
  '(?:^|\\b)(?:side|box|wellhead|starter|breaker|switch|panelswitch|outlet|pump|motor|load|clamp|ground|legs?|off|on it'
  + '|into the|all three|all the way|shaft|tank air|supply|primary|secondary|reads|gauge|posts|contacts?|megs|toground'
  + '|n[123]|leads?|leadtolead|house|fuse|valve|float|base|cap reads|takes|after|reads|tank|line|well head|cover'
  + '|wires|points)$'
  + '|^(?:is \\w+|the instant|when .*|gives it a spin|tapped it and|not (?:long in|spits)|made dead|proven dead'
  + '|power off|came apart|head hot'
  + '|refilled the tank|no continuity|still falls|second gauge|between pump and check|conduit wet'
  + '|cracked the unloader line'
  + '|control wire|startwinding red|float ohms open|outletvalve shut|moved with the motor lead|jumped the switch, same'
  + '|known good box same|positive side drop|, )$',
)

describe('what turns become', () => {
  const whole = [...new Set(JOINED.map(([to]) => to))].filter(to => to.includes(' ') && !to.includes('$'))
  it('is heard on some kind, where it is a whole saying', () => {
    const unheard = whole.filter(to => !HALF.test(to) && !isHeard(to))
    expect(unheard).toEqual([])
  })
  it('would be missed, were it in other words than the catalogue', () => {
    expect(isHeard('pipe holed')).toBe(false)
    expect(isHeard('hole in the droppipe')).toBe(true)
  })
})
