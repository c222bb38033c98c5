export {
  ATTRIBUTES, isPartType, PART_TYPE_IDS, PART_TYPES, RULES, rulesOf,
  type AttributeId, type Attributes, type PartType, type PartTypeId, type Rule,
} from './types'
export { FITS, judgeFit, type Fit, type Fits, type Judged } from './fit'
export { needsOf, type AskingSystem } from './needs'
export { alsoChanges, CHANGE_CODES, type AlsoChange, type ChangeCode } from './changes'
export { typesFor } from './typesFor'
export { TRIP, waysFor, type Asking, type Offer } from './ways'
export { chooseWay, WAYS, type Chosen, type Way, type WayOut, type Weighed } from './choose'
