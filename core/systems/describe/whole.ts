/** Puts a description together from its power stage, its plant and whatever a second stage adds. */
import { airPressureAt } from '#core/flow'
import { PSI } from '#core/units'
import { completeFigures, type Change } from '../figures'
import type { Described } from '../kinds'
import type { StageDescription } from './description'
import type { FlowSide } from './flowSide'
import type { Plate } from './plate'

export interface DescribedStage { readonly stage: StageDescription, readonly healthy: Change }

/** What a further stage adds, and how the plant feels it. */
export interface Further extends Pick<Described, 'stageEffect'>, Partial<Pick<Described, 'flow'>>, DescribedStage {}

/** Tanks hold from 2 gallons to 80; common practice, no source. Any between as likely: a spread of the
 * logarithm of a cycle's time. */
const UNKNOWN_TANK = Math.log(80 / 2) / Math.sqrt(12)

/** 20/40, 30/50 and 40/60 are sold side by side, compressors' by the maker; common practice, no source. */
const UNKNOWN_SETTING = 8 * PSI

export function describeWhole(plate: Plate, main: DescribedStage, side: FlowSide, further?: Further): Described {
  // starts closer together than a minute are too many, or than what this plant does when it is sound
  const cycle = Math.min(60, 0.6 * side.usualCycle)
  const inlet = plate.value('inlet.pressure') === undefined ? {} : { inlet: 4 * PSI }
  const sized = plate.value('tank.volume') === undefined ? { cycle: UNKNOWN_TANK } : {}
  const set = plate.value('switch.cutOut') === undefined ? { setting: UNKNOWN_SETTING } : {}
  const first = {
    ...main.stage,
    spread: { ...main.stage.spread, ...inlet, ...sized, ...set },
    bands: { ...main.stage.bands, cycle },
  }
  return {
    plate,
    airPressure: airPressureAt(plate.value('site.altitude') ?? 0),
    healthy: completeFigures({ ...main.healthy, ...further?.healthy, ...side.healthy }),
    stages: further ? [first, further.stage] : [first],
    flow: further?.flow ?? side.run,
    ...(further?.stageEffect ? { stageEffect: further.stageEffect } : {}),
  }
}
