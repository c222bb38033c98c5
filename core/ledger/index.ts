export {
  createLedger, type Fact, type Ledger, type ListedPart, type Placed, type Planned, type Stock, type Tag,
} from './ledger'
export {
  CHECKS, EVERY_SYSTEM, FACTS, isLedgerLine, LEDGER, LEDGER_KINDS, parseLedgerLine, PLACES_OF_STOCK,
  type AnyLedgerLine, type CheckId, type FactId, type LedgerDraft, type LedgerKind, type LedgerLine,
  type LedgerLineOf, type StockPlace,
} from './lines'
