export { findUnit, FOOT, formatFigure, formatValue, GALLON, HORSEPOWER, PSI, QUANTITIES, SYSTEMS_OF_UNITS, UNITS, type Figure, type Quantity, type SystemOfUnits, type Unit } from './quantities'
