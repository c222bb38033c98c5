/** PrimeVue under the product's own look: paper and brass, from the same variables as everything else. */
import { definePreset } from '@primeuix/themes'
import Aura from '@primeuix/themes/aura'

const brass = {
  50: '#fbf4e2',
  100: '#f2e2bd',
  200: '#ead09a',
  300: '#e2ae4a',
  400: '#c58f24',
  500: '#80560a',
  600: '#80560a',
  700: '#6d4a08',
  800: '#553a06',
  900: '#3a2f17',
  950: '#241c0c',
}

const preset = definePreset(Aura, {
  semantic: {
    primary: brass,
    focusRing: { width: '3px', style: 'solid', color: 'var(--brass)', offset: '2px' },
    formField: { paddingY: '0.6rem', borderRadius: '4px' },
    colorScheme: {
      light: {
        surface: {
          0: '#faf6ec',
          50: '#faf6ec',
          100: '#f1eadb',
          200: '#e9e2d3',
          300: '#cdc3ae',
          400: '#9c9585',
          500: '#5a5a50',
          600: '#4a4a42',
          700: '#36393a',
          800: '#262c30',
          900: '#1b2328',
          950: '#11171a',
        },
      },
      dark: {
        surface: {
          0: '#efe8d8',
          50: '#e2dbcb',
          100: '#cfc9ba',
          200: '#b9b5a6',
          300: '#a8a797',
          400: '#848578',
          500: '#5d666a',
          600: '#46545b',
          700: '#36434a',
          800: '#202a30',
          900: '#182025',
          950: '#11171a',
        },
      },
    },
  },
})

export default { preset, options: { darkModeSelector: '.night', cssLayer: false } }
