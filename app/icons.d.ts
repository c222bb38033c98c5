/** One icon by itself: the package's index would have the build read all six thousand. */
declare module '@tabler/icons-vue/dist/esm/icons/*.mjs' {
  import type { Icon } from '@tabler/icons-vue'

  const icon: Icon
  export default icon
}
