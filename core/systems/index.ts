export { componentAt, componentOf, faultOf, pointOf, testOf } from './byId'
export { findTest, hasOutcome, wholeCatalogue, type Catalogue } from './catalogue'
export { repairCautions } from './cautions'
export { loadShare } from './climb'
export { type Description, type StageDescription } from './describe/description'
export {
  CONTACTS,
  CUT_OFF_ADVICE,
  LEAK_DOWN_MINUTES,
  PROOF_CYCLES,
  SEALANTS,
  USUAL_PRACTICE,
  type ShopPractice,
} from './practice'
export {
  AIR,
  ELECTRICAL,
  figureOf,
  FIGURES,
  scoped,
  WATER,
  type Change,
  type FigureKey,
  type Figures,
} from './figures'
export { CAUSE_IDS, componentIdOf, isNameplateKey, PARTS, type NameplateKey, unstaged } from './ids'
export { sayJoint, type ModelOptions } from './entries'
export { motorVoltsOn, USUAL_SUPPLIES } from './supplies'
export { scalesOf } from './scale'
export { SITE_FIELDS } from './fields'
export { stageOf } from './model'
export { outlineOf, type SystemOutline, type TestOutline } from './outline'
export type { NetworkState } from './power/pieces'
export { DROP_OUT, PICK_UP, windingShare } from './power/pilot'
export { isPutRight, isWorkedOn } from './putRight'
export { OPEN } from './power/resistances'
export { readingSetOf, type ReadingSet } from './readingSets'
export { loadTorque, type PowerStage, type Turning } from './power/stage'
export {
  buildModel,
  describeSystem,
  isKindId,
  KIND_IDS,
  kindFor,
  withOptions,
  kindName,
  reviewNameplate,
  type KindId,
} from './registry'
export {
  GLYPHS,
  LANES,
  PLACES,
  type ComponentDef,
  type Drawing,
  type DrawnStretch,
  type Glyph,
  type Lane,
  type NameplateField,
  type Place,
  type Spot,
  type TestPoint,
  type WireCount,
} from './componentTypes'
export {
  EFFECTS,
  WEARS,
  type CauseLink,
  type CauseNote,
  type Effect,
  type FaultMode,
  type Severity,
  type Wear,
} from './faultTypes'
export { SEEN_ITSELF } from './seenItself'
export { SEEN_PARTS } from './seenParts'
export type { SeenPart } from './faultTypes'
export {
  CONDITIONS,
  NEEDS,
  SCENARIOS,
  type Condition,
  type Need,
  type NumericTest,
  type Prediction,
  type Scenario,
  type SeenTest,
  type Test,
  type Wait,
} from './testTypes'
export {
  COMPLAINTS,
  type Assumption,
  type Band,
  type ClimbPoint,
  type Complaint,
  type Hypothesis,
  type ModelProblem,
  type Nameplate,
  type SystemKind,
  type SystemModel,
} from './types'
