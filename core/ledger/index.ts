export { createLedger, type Fact, type Ledger, type ListedPart, type Planned, type Stock } from './ledger'
export {
  CHECKS, FACTS, isLedgerLine, LEDGER, LEDGER_KINDS, parseLedgerLine, PLACES_OF_STOCK,
  type AnyLedgerLine, type CheckId, type FactId, type LedgerDraft, type LedgerKind, type LedgerLine,
  type LedgerLineOf, type StockPlace,
} from './lines'
