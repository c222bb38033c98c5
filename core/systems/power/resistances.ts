/** Resistances that every power path is made of. */
export const OPEN = 1e10 // Ω, an open contact or a broken wire
export const CLOSED = 0.01 // Ω, a good contact or joint
/** A good contact of a size for its amps drops a tenth of a volt at most (common practice, no source). */
export const contactOhms = (amps: number) => Math.min(CLOSED, 0.1 / amps)
export const DRY = 5e9 // Ω, sound insulation of a short run
