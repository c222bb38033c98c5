import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { prepareKept } from '../../tests/prepared'
import type { Nameplate } from '#core/systems'
import { foldTab } from '#core/tab'
import { GALLON, PSI } from '#core/units'
import { checkSetting, springEndOf } from './limits'
import { setUpOf } from './setUp'
import { adviseAir, type TankAir } from './tankAir'

const tank: TankAir = {
  volume: 20 * GALLON,
  airPressure: 14.696 * PSI,
  cutIn: 30 * PSI,
  cutOut: 50 * PSI,
  under: 2 * PSI,
  pumpFlow: (10 * GALLON) / 60,
}

describe('the air of a tank', () => {
  it('from 11 to 28 psi in 20 gal takes 23 gal of free air, some 3 minutes of a small compressor', () => {
    const advice = adviseAir(tank, 11 * PSI)
    expect(advice).toMatchObject({ do: 'add' })
    expect(advice.target / PSI).toBeCloseTo(28, 9)
    const freeAir = (20 * 17) / 14.696
    expect(freeAir).toBeCloseTo(23.1, 1)
    expect(advice.minutes).toBeCloseTo(freeAir / 7.4805, 2)
  })

  it('is read first, left where near enough, let out where over, and not put into a tank that spits', () => {
    expect(adviseAir(tank, undefined).do).toBe('read')
    expect(adviseAir(tank, 27.5 * PSI).do).toBe('leave')
    expect(adviseAir(tank, 38 * PSI).do).toBe('bleed')
    expect(adviseAir(tank, 11 * PSI, true).do).toBe('renew-tank')
  })

  it('over cut-in has two honest ways out: less air, or a higher switch, each with what it leaves', () => {
    const { waysOut } = adviseAir(tank, 38 * PSI)
    expect(waysOut!.switchTo / PSI).toBeCloseTo(40, 9)
    // 20 gal · (42.696/44.696 − 42.696/64.696) with 28 psi, 20 gal · (52.696/54.696 − 52.696/74.696) with 38
    expect(waysOut!.air / GALLON).toBeCloseTo(20 * (42.696 / 44.696 - 42.696 / 64.696), 6)
    expect(waysOut!.raised / GALLON).toBeCloseTo(20 * (52.696 / 54.696 - 52.696 / 74.696), 6)
  })
})

describe('what a switch may be set to', () => {
  const codes = (cutIn: number, cutOut: number, more = {}) =>
    checkSetting({ cutIn: cutIn * PSI, cutOut: cutOut * PSI, ...more }).map(p => p.code)

  it('is not a cut-out under its cut-in, nor over spring, shut-off, relief or plate', () => {
    expect(codes(30, 50)).toEqual([])
    expect(codes(50, 30)).toEqual(['out-under-in'])
    expect(codes(30, 80, { springEnd: springEndOf(50 * PSI) })).toEqual(['over-spring'])
    expect(codes(40, 60, { shutOff: 62 * PSI })).toEqual(['over-shut-off'])
    expect(codes(50, 70, { relief: 75 * PSI })).toEqual(['over-relief'])
    expect(codes(50, 70, { plate: 60 * PSI })).toEqual(['over-plate'])
  })

  it('has plate and relief from the nameplate, where it says them', () => {
    const problemsOf = (nameplate: Nameplate) => {
      const { model } = requireOk(prepareKept('well-3wire', nameplate))
      return setUpOf(model, foldTab(model.kind, []))!.problems.map(p => p.code)
    }
    expect(problemsOf({})).toEqual([])
    expect(problemsOf({ 'relief.opens': 65 * PSI })).toEqual(['over-relief'])
    expect(problemsOf({ 'tank.most': 55 * PSI })).toEqual(['over-plate'])
    expect(problemsOf({ 'switch.most': 58 * PSI })).toEqual(['over-spring'])
    expect(problemsOf({ 'switch.cutIn': 80 * PSI, 'switch.cutOut': 105 * PSI })).toEqual(['over-plate'])
    expect(problemsOf({
      'switch.cutIn': 80 * PSI, 'switch.cutOut': 105 * PSI, 'tank.most': 150 * PSI,
    })).toEqual([])
  })
})
