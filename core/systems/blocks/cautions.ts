/** Cautions that several tests share: handbook §8. */

export const LIVE_CAUTIONS = ['Covers off and alive: rated meter and leads, one hand, dry footing.']
export const DEAD_CAUTIONS = ['Locked, and proven live–dead–live at this point.']
export const ONE_CONDUCTOR = 'ONE conductor in the jaw: round two it reads about nothing.'
export const BLEED
  = 'Bleed through 15–20 kΩ, 2 W or more, then measure it flat. '
    + 'The screwdriver short is an old habit: it welds, spits and ruins the capacitor.'
export const LIFT
  = 'Look up before anything comes up: overhead lines. '
    + 'Two to lift, clear of the hole; sanitary cap and disinfection after.'
export const JUMPER
  = 'Rated lead with clips, put on DEAD, then energised. '
    + 'Bridging live contacts with a tool, or flicking them with the cover, is a habit that burns hands.'

export const NOT_THROUGH_ELECTRONICS
  = 'Never through a drive, a protector or a solid-state switch: take those off first.'
