/** What `it` is, by the line before. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { told } from '../../tests/told'
import { withReferred } from './referring'

describe('what a line points at', () => {
  it('is the thing that was named last', () => {
    expect(withReferred('zero on the other side of it', { said: 'control volts into the pressure switch are 118' }))
      .toBe('zero on out of the pressure switch')
    expect(withReferred('120 out of it', { said: '480 into the control transformer' })).toBe('120 out of the'
      + ' transformer')
    expect(withReferred('bypassed it with a hose', { near: 'outlet' })).toBe('bypassed the regulator with a hose')
  })
  it('is left where the line names a thing itself, or nothing was named', () => {
    const said = '240 into the disconnect'
    expect(withReferred('nothing out of it at the breaker', { said })).toBe('nothing out of it at the breaker')
    expect(withReferred('nothing out of it', {})).toBe('nothing out of it')
    // a time, and no place
    expect(withReferred('after it was off it ran', { said })).toBe('after it was off it ran')
  })
  it('is read there', () => {
    expect(told('compressor-pilot', 'zero on the other side of it', { said: 'it has 118 into the pressure switch' }))
      .toBe('pilot.volts 0')
    expect(told('rv', '3 volts out of it with a tap open', { said: '12.6 into the pressure switch', near: 'line' }))
      .toBe('motor.volts 3')
  })
})

describe('what the line itself named', () => {
  it('comes before what was named before', () => {
    expect(withReferred('241 feeding the well breaker, 3 coming out of it', { said: '240 at the disconnect' }))
      .toBe('241 feeding the well breaker, 3 coming out of the well breaker')
    expect(told('booster', 'breaker looks on but I\'ve got nothing coming out of it'))
      .toBe('breaker-seen on | breaker.volts 0')
  })
  it('comes in ahead of the breaker, once what leaves it was read', () => {
    expect(withReferred('242 on all three coming in', { near: 'breaker' })).toBe('242 on all three into the breaker')
    expect(withReferred('242 on all three coming in', { near: 'load' })).toBe('242 on all three coming in')
  })
})

describe('the same again', () => {
  it('is open there too, after what read open', () => {
    const open = { quantity: 'ohms', value: null, test: 'leads.r23', near: 'leads' } as const
    expect(told('compressor-pilot', 'same at the motor peckerhead', open)).toBe('open-apart open')
    expect(told('compressor-pilot', 'same at the motor peckerhead', { ...open, value: 2 })).not.toContain('open-apart')
  })
  it('goes on in the unit that was told to ground', () => {
    const ground = { quantity: 'ohms', value: 300, test: 'leads.ground', near: 'leads' } as const
    expect(told('well-2wire', 'black to ground 310', ground)).toBe('leads.ground 310')
    expect(told('well-2wire', 'black to ground 310', { ...ground, value: 2e6 })).toBe('leads.ground 310000000')
  })
})
