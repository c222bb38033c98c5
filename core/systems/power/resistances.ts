/** Resistances that every power path is made of. */
export const OPEN = 1e10 // Ω, an open contact or a broken wire
export const CLOSED = 0.01 // Ω, a good contact or joint
export const DRY = 5e9 // Ω, sound insulation of a short run
