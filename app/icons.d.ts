/** One icon by itself: the package's index would have the build read all of them. */
declare module '@lucide/vue/dist/esm/icons/*.mjs' {
  import type { LucideIcon } from '@lucide/vue'

  const icon: LucideIcon
  export default icon
}
