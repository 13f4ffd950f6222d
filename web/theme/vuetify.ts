import 'vuetify/styles/core';
import { mdiAlertCircleOutline, mdiCheck, mdiChevronDown, mdiChevronUp, mdiClose, mdiMenuDown } from '@mdi/js';
import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';
import { paper, stage } from './themes.ts';
import { say } from '../wording/say.ts';

const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content ?? '';

/** Vuetify with our two themes and our habits for its components. */
export function makeVuetify() {
  return createVuetify({
    locale: { messages: { en: say.components } },
    theme: { defaultTheme: 'paper', cspNonce: nonce, themes: { paper, stage } },
    icons: {
      defaultSet: 'mdi',
      sets: { mdi },
      aliases: {
        ...aliases,
        clear: mdiClose,
        close: mdiClose,
        complete: mdiCheck,
        dropdown: mdiMenuDown,
        expand: mdiChevronDown,
        collapse: mdiChevronUp,
        error: mdiAlertCircleOutline,
      },
    },
    defaults: {
      global: { ripple: false },
      VBtn: { rounded: 'pill', variant: 'flat', color: 'primary', height: 44 },
      VTextField: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto', color: 'primary' },
      VDateInput: { variant: 'outlined', hideDetails: 'auto', color: 'primary' },
      VTextarea: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto', color: 'primary' },
      VSelect: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto', color: 'primary' },
      VAutocomplete: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto', color: 'primary' },
      VBtnToggle: { rounded: 'lg', border: true, variant: 'text', VBtn: { rounded: 0, minWidth: 44 } },
      VDialog: { maxWidth: 520 },
    },
  });
}
