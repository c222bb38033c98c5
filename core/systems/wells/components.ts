/** The things in a well system, in the order of flow, with the figures their nameplates give. */
import { FOOT, GALLON, HORSEPOWER, PSI } from '#core/units'
import type { ComponentDef } from '../types'

export const supply: ComponentDef = { id: 'supply', name: 'Supply', glyph: 'supply', lane: 'power', place: 'panel' }
export const breaker: ComponentDef = {
  id: 'breaker', name: 'Breaker', glyph: 'breaker', lane: 'power', place: 'panel',
  fields: [
    { id: 'amps', label: 'Rating', quantity: 'amps', range: [10, 100] },
    { id: 'feedLength', label: 'Wire to the switch', quantity: 'length', range: [3 * FOOT, 1000 * FOOT] },
  ],
}
export const feed: ComponentDef = { id: 'feed', name: 'Feed', glyph: 'conductor', lane: 'power', place: 'panel' }
export const pressureSwitch: ComponentDef = {
  id: 'switch', name: 'Pressure switch', glyph: 'pressure-switch', lane: 'power', place: 'switch',
  fields: [
    { id: 'cutIn', label: 'Cut-in', quantity: 'pressure', range: [5 * PSI, 90 * PSI] },
    { id: 'cutOut', label: 'Cut-out', quantity: 'pressure', range: [15 * PSI, 120 * PSI] },
  ],
}
export const run: ComponentDef = { id: 'run', name: 'Run to the pump', glyph: 'conductor', lane: 'power', place: 'switch' }
export const controlBox: ComponentDef = {
  id: 'box', name: 'Control box', glyph: 'control-box', lane: 'power', place: 'box',
  fields: [
    { id: 'capLow', label: 'Start capacitor, low end', quantity: 'farads', range: [20e-6, 1000e-6] },
    { id: 'capHigh', label: 'Start capacitor, high end', quantity: 'farads', range: [20e-6, 1200e-6] },
  ],
}
export const cable: ComponentDef = {
  id: 'cable', name: 'Cable', glyph: 'cable', lane: 'power', place: 'well-head',
  fields: [
    { id: 'length', label: 'Length', quantity: 'length', range: [5 * FOOT, 3000 * FOOT] },
    { id: 'gauge', label: 'Wire size (AWG)', quantity: 'gauge', range: [2, 16] },
  ],
}
export const motor: ComponentDef = {
  id: 'motor', name: 'Motor', glyph: 'motor', lane: 'power', place: 'down-hole',
  fields: [
    { id: 'power', label: 'Power', quantity: 'horsepower', range: [0.2 * HORSEPOWER, 10 * HORSEPOWER] },
    { id: 'volts', label: 'Volts', quantity: 'volts', range: [100, 260] },
    { id: 'amps', label: 'Full-load amps', quantity: 'amps', range: [1, 80] },
    { id: 'maxAmps', label: 'Max (service-factor) amps', quantity: 'amps', range: [1, 100] },
    { id: 'lockedAmps', label: 'Locked-rotor amps', quantity: 'amps', range: [5, 500] },
    { id: 'codeLetter', label: 'Code letter', quantity: 'code-letter', range: [0, 17] },
    { id: 'mainOhms', label: 'Main winding', quantity: 'ohms', range: [0.1, 60] },
    { id: 'startOhms', label: 'Start winding', quantity: 'ohms', range: [0.3, 150] },
  ],
}
export const pump: ComponentDef = {
  id: 'pump', name: 'Pump', glyph: 'pump', lane: 'water', place: 'down-hole',
  fields: [{ id: 'flow', label: 'Delivery', quantity: 'flow', range: [GALLON / 60, 200 * GALLON / 60] }],
}
export const checkValve: ComponentDef = { id: 'check', name: 'Check valve', glyph: 'check-valve', lane: 'water', place: 'down-hole' }
export const dropPipe: ComponentDef = { id: 'pipe', name: 'Drop pipe', glyph: 'drop-pipe', lane: 'water', place: 'well-head' }
export const tank: ComponentDef = {
  id: 'tank', name: 'Tank', glyph: 'tank', lane: 'water', place: 'tank',
  fields: [{ id: 'volume', label: 'Volume', quantity: 'volume', range: [GALLON, 500 * GALLON] }],
}
export const gauge: ComponentDef = { id: 'gauge', name: 'Gauge', glyph: 'gauge', lane: 'water', place: 'tank' }
export const house: ComponentDef = { id: 'house', name: 'House', glyph: 'house', lane: 'water', place: 'house' }
