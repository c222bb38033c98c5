export { bookJsonSchema, bookSchema, FORMAT, VERSION, type BookFile, type PhotoFile, type SiteFile, type SystemFile, type TabFile } from './book'
export { formatFigureOf, parseFigure, parseNameplate, writeNameplate } from './nameplate'
export { addDays, makeId, readBook, type BookProblem, type ReadBook, type ReadSite, type ReadSystem, type ReadTab } from './readBook'
export { writeBook } from './writeBook'
