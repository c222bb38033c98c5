/** Water by where it stands and goes, as it is told. Common practice, no source. */
import { describe, expect, it } from 'vitest'
import { requireOk } from '#core/foundation'
import { kindFor, type KindId } from '#core/systems'
import { GALLON } from '#core/units'
import { psi, told } from '../../../tests/told'
import { hear } from '..'

const gpm = (n: number) => Number(((n * GALLON) / 60).toPrecision(3))

describe('water, as it is told', () => {
  it.each<[KindId, string, string]>([
    ['holding-tank', 'well\'s only putting 2 gallons a minute into the tank', `tank-fill ${gpm(2)}`],
    ['holding-tank', 'bucket says 1 gallon a minute into the tank', `tank-fill ${gpm(1)}`],
    ['holding-tank', '5 gpm at the tap', `flow ${gpm(5)}`],
    ['booster', 'pressure ahead of the pump is 35 with nothing on', `inlet.pressure ${psi(35)}`],
    ['booster', 'inlet drops to 6 with two taps open', `inlet.pressure ${psi(6)}`],
    ['booster', '62 on the pump side of the check, 0 on the house side', 'check-look shut'],
    ['booster', 'arrow on the check points at the pump', 'check-look shut'],
    ['three-phase', 'shut the discharge valve, dead head is 47', `climbs stalls | peak ${psi(47)}`],
    ['holding-tank', 'the tank is brim full', 'tank-level over'],
    ['holding-tank', 'cistern full', 'tank-level normal'],
    ['holding-tank', 'float is tangled round the pipe, lying under water', 'well-float-look held'],
    ['holding-tank', 'lift the float, does not stop', 'well-float-look held'],
    ['holding-tank', 'float up still calls', 'well-float-look held'],
    ['holding-tank', 'float is hanging straight down', 'well-float-look works'],
    ['well-3wire', 'gauge falls to nothing while the pump hums along', 'pulses pulses'],
    ['well-3wire', 'amps drop from 7 to 4 when it starts spitting', 'black.run 4'],
    ['rv', 'water is dribbling out the city connection', 'seen-itself house.city-check'],
    ['jet', 'bubbles in the clear filter bowl', 'water-look air'],
    ['well-2wire', 'the valve past the tank is turned crossways', 'house-valve was-shut'],
    ['well-2wire', 'clamp on one leg reads 0.0 amps', 'black.run 0'],
    ['jet', 'plate says 115/230', 'remark'],
    ['three-phase', 'contactor just sits there', 'coil-heard nothing'],
  ])('%s: %s', (kind, said, lines) => {
    expect(told(kind, said)).toBe(lines)
  })
  it('goes on with what was read at the inlet', () => {
    const lines = hear(kindFor('booster', {}), 'drops to 6 with two taps open', { before: { test: 'inlet.pressure' } })
    expect(requireOk(lines)).toMatchObject({ lines: [{ test: 'inlet.pressure' }] })
  })
})

describe('what was put right and read in one line', () => {
  const kind = kindFor('compressor-pilot', {})
  it('is read where the work was done, with every figure', () => {
    const heard = requireOk(hear(kind, 'with a new fuse in: 239 all three', { before: { near: 'breaker' } }))
    expect(heard).toMatchObject({
      lines: [
        { kind: 'repair', component: 'breaker' },
        { test: 'breaker.v12', value: 239 }, { test: 'breaker.v23', value: 239 }, { test: 'breaker.v31', value: 239 },
      ],
    })
  })
  it('is kept whole where it would have to be asked about', () => {
    const lines = hear(kind, 'tightened the belt, 12', {})
    expect(requireOk(lines)).toMatchObject({ lines: [{ kind: 'repair' }], left: '12' })
  })
  it('is all of a set once one of its meanings is chosen', () => {
    const asked = requireOk(hear(kind, '239 all three', { before: { near: 'breaker' } }))
    const [first] = asked.kind === 'ask' ? asked.choices : []
    expect([first?.line, ...first?.beside ?? []].map(l => l && 'test' in l && l.test))
      .toEqual(['breaker.v12', 'breaker.v23', 'breaker.v31'])
  })
})
