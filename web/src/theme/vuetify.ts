import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'

const PAPER = '#FAF8F1'
const SHEET = '#FFFEFA'
const INK = '#14201A'
const LEMON = '#F6D21F'

const shared = {
  'high-emphasis-opacity': 1,
  'medium-emphasis-opacity': 0.85,
  'disabled-opacity': 0.55,
  'border-opacity': 1,
  'hover-opacity': 0,
  'focus-opacity': 0,
  'pressed-opacity': 0,
  'activated-opacity': 0,
}

/** The components in the bench's own dress: ink outlines, square corners, one lemon accent. */
export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: 'paper',
    themes: {
      paper: {
        dark: false,
        colors: {
          background: PAPER,
          'on-background': INK,
          surface: SHEET,
          'on-surface': INK,
          primary: LEMON,
          'on-primary': INK,
          secondary: INK,
          'on-secondary': SHEET,
          error: '#8F3A00',
          'on-error': SHEET,
          success: '#14602F',
          'on-success': SHEET,
        },
        variables: { ...shared, 'border-color': INK },
      },
      night: {
        dark: true,
        colors: {
          background: '#0F1512',
          'on-background': '#F4F1E4',
          surface: '#171F1A',
          'on-surface': '#F4F1E4',
          primary: LEMON,
          'on-primary': INK,
          secondary: '#F4F1E4',
          'on-secondary': INK,
          error: '#FFA26B',
          'on-error': INK,
          success: '#7FD79A',
          'on-success': INK,
        },
        variables: { ...shared, 'border-color': '#F4F1E4' },
      },
    },
  },
  defaults: {
    global: { ripple: false, elevation: 0, rounded: 0 },
    VBtn: { variant: 'outlined', height: 48 },
    VTextField: { variant: 'outlined', hideDetails: true, singleLine: true },
    VTextarea: { variant: 'outlined', hideDetails: true, autoGrow: true, rows: 2 },
    VSelect: { variant: 'outlined', hideDetails: true, menuIcon: '$dropdown' },
    VDialog: { maxWidth: 640, scrollable: true },
    VList: { density: 'comfortable' },
  },
})
