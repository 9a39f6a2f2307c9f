import {
  mdiCheckboxBlankOutline,
  mdiCheckboxMarked,
  mdiCloseCircle,
  mdiMenuDown,
  mdiMinusBox,
} from '@mdi/js';
import { createVuetify } from 'vuetify';
import { mdi } from 'vuetify/iconsets/mdi-svg';
import { words } from './words';

/** The icons the components in use ask for by name; the whole set is as large as the job's own screen. */
const aliases = {
  dropdown: `svg:${mdiMenuDown}`,
  clear: `svg:${mdiCloseCircle}`,
  checkboxOn: `svg:${mdiCheckboxMarked}`,
  checkboxOff: `svg:${mdiCheckboxBlankOutline}`,
  checkboxIndeterminate: `svg:${mdiMinusBox}`,
};

/** The component library dressed in Anello's own colours; see tokens.css for the rest of them. */
export const vuetify = createVuetify({
  locale: { adapter: words },
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: 'light',
    themes: {
      light: {
        dark: false,
        colors: {
          background: '#EFEBE1',
          surface: '#FAF8F2',
          primary: '#1D4F91',
          error: '#A4372A',
          warning: '#A8741A',
          success: '#2F6F4E',
        },
      },
      dark: {
        dark: true,
        colors: {
          background: '#1D2528',
          surface: '#273135',
          primary: '#8DB6EA',
          error: '#F0958A',
          warning: '#E6BD6C',
          success: '#86CBA6',
        },
      },
    },
  },
  defaults: {
    VBtn: { variant: 'outlined', ripple: false },
    VTextField: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
    VTextarea: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto', rows: 2, autoGrow: true },
    VAutocomplete: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
    VSelect: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
    VDialog: { maxWidth: 620, transition: false },
  },
});
