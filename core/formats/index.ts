export { attachmentName, hashOf, isArchive, packArchive, type ArchiveProblem, type Packed } from './archive'
export {
  bookJsonSchema,
  bookSchema,
  FORMAT,
  practiceSchema,
  VERSION,
  type BookFile,
  type PlateRecord,
  type PracticeRecord,
  type SiteFile,
  type SystemFile,
  type TabFile,
} from './book'
export { addDays, makeId } from './ids'
export { formatFigureOf, parseFigure, parseNameplate, spellOut, writeNameplate } from './nameplate'
export { inForce, practiceOf, USUAL_WRITTEN, type Practice } from './practice'
export {
  type BookProblem,
  type ReadBook,
  type ReadPlate,
  type ReadSite,
  type ReadSystem,
  type ReadTab,
} from './read'
export { readBook, readFile, sayingsOf } from './readBook'
export { upgradePhotoLine } from './version1'
export { writeBook } from './writeBook'
