export {
  guessColumns, guessTable, TABLE_IDS, TABLES, type ColumnMap, type Field, type TableId,
} from './columns'
export { orderOf, ORDERS, readDate, type DateOrder } from './dates'
export { decodeTable, readTable, type Table, type TableRow } from './read'
export { readNumber, takeTable, type KnownSystem, type Reading, type RowTrouble, type Taking } from './rows'
