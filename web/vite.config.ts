import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';
import vuetify from 'vite-plugin-vuetify';
import { lateStyles } from './lateStyles.ts';
import { appOnDevice } from './offline/appOnDevice.ts';
import { shippedLibrary } from './shippedLibrary.ts';

const anyOf = (...patterns: readonly RegExp[]): RegExp => new RegExp(patterns.map(({ source }) => source).join('|'));

/** What every page is made of, and Today with it, in one file: a phone asks for few files faster than for many. */
const BASE = anyOf(
  /node_modules\/(?:vue|@vue|vue-router|pinia|comlink)\//,
  /node_modules\/vuetify\/lib\/(?:framework|entry-bundler|iconsets)/,
  /node_modules\/vuetify\/lib\/components\/(?:VIcon|VApp|VBtn|VDefaultsProvider|VProgressCircular)/,
  /web\/(?:main|App|router)/,
  /web\/(?:api|theme|loading|fuse|painting|workers)\//,
  /web\/shell\/(?!AppNotice|UndoNotice)/,
  /web\/wording\/(?:capital|clock|clockStyle|language|phases|say|wallClock)/,
  // What these pages say, each in its own room's file.
  /web\/wording\/english\/(?:api|fuse|loading|schedule|shell|today|wording|workers)\.ts/,
  /web\/(?:schedule|today)\/say\.ts/,
  /web\/saving\/(?:browserKeep|drawers|keptBefore|leftBehind)/,
  /web\/fields\/(?:unreadFields|useForm)/,
  /web\/schedule\/(?:sessions|sessionTime|useBooking|useTakenOut)\.ts/,
  /node_modules\/date-fns\/(?:addDays|constants|constructFrom|startOfDay|toDate)\.js/,
  /web\/library\/places/,
  /core\/(?:clockWords|units|timeline\/fuseSketch|circuit\/wallClock)\.ts/,
  /rolldown-runtime|vite\/preload|plugin-vue/,
);
const SCHEMAS = /node_modules\/joi\/|\/contract\/(?!addresses|endpoint\.ts|documents|problem|check)/;
/** What is read, swapped, reviewed and spoken: of no use where drills are only looked at. */
const JUDGEMENT =
  /\/core\/(?:reading\/(?!words)|(?:whiteboard|template|review|swaps|coverage|prompts|session|schedule)\/)/;
const CORE = /\/core\/(?!figure\/|formats\/|fit\/(?!plan))/;
const FIGURE = /\/(?:core|web)\/figure\//;
/** A line to type in, which many pages begin with; everything else to fill in comes when somebody does. */
const TEXT_FIELD = /vuetify\/lib\/components\/(?:VTextField|VField|VInput|VLabel|VMessages|VCounter)\//;
/** Words to tap, by which lists are narrowed, and a list as a file. */
const TAPS = anyOf(
  /vuetify\/lib\/components\/(?:VChip|VChipGroup|VSlideGroup|VAvatar|VImg|VResponsive)\//,
  /web\/fields\/(?:CsvFile|TapRow|download|useImport)/,
);
/** Several views in one place, by tabs. */
const TABS = /vuetify\/lib\/components\/(?:VTabs|VWindow)\//;
const DAYS = anyOf(
  /vuetify\/lib\/components\/(?:VDate|VTime|VPicker|VConfirmEdit)/,
  /web\/fields\/(?:DayField|TimeField)/,
);
const FIELDS = anyOf(
  /vuetify\/lib\/components\/(?:VSelect|VList|VMenu|VOverlay|VCheckbox|VDivider|VVirtualScroll|VDialog|VSheet|VSnackbar)/,
  /web\/(?:wording\/english\/)?fields[/.]/,
);
/** The circuit on the desk, which several pages share, with what judges it. */
const DESK = /web\/(?:sheet\/|voice\/|wording\/(?:trackWords|english\/sheet))/;
/** What a page says comes with the page, or with the few that say it. */
const SAID = /web\/(?:\w+\/say|wording\/english\/\w+)\.ts$/;
/** What is kept and fetched, and what it is called: no field and no judgement is needed for it, and many pages begin with it. */
const STORES = /web\/(?:library|people|circuits|occasion|saving|keys|wording|drills)\/(?!trackWords)[a-z]\w*\.ts$/;
/** What several pages share beside that: small files, which come quicker in one; without what is shown now and then. */
const SHARED = /web\/(?!shell\/(?:AppNotice|UndoNotice)).*\.(?:ts|vue)/;

/** Where `npm run dev` finds the API. */
const api = process.env['API'] ?? 'http://127.0.0.1:4380';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    shippedLibrary(),
    lateStyles(),
    // Packed once, as well as it can be, and not anew for everybody who asks.
    compression({ algorithms: ['brotliCompress', 'gzip'], include: /\.(?:css|js|json|svg|txt)$/, threshold: 1000 }),
    appOnDevice(),
  ],
  worker: { format: 'es', plugins: () => [shippedLibrary()] },
  build: {
    manifest: true,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: 'base', test: BASE, priority: 3 },
            // Schemas are for forms and for what was kept long ago: no page waits for them.
            { name: 'schemas', test: SCHEMAS, priority: 1 },
            { name: 'core', test: (id) => CORE.test(id) && !JUDGEMENT.test(id), priority: 2.8 },
            { name: 'judgement', test: JUDGEMENT, priority: 2.6 },
            { name: 'figure', test: FIGURE, priority: 2.4 },
            { name: 'text-field', test: TEXT_FIELD, priority: 2.3 },
            { name: 'taps', test: TAPS, priority: 2.25 },
            { name: 'tabs', test: TABS, priority: 2.22 },
            { name: 'days', test: DAYS, priority: 2.2 },
            { name: 'fields', test: FIELDS, priority: 2 },
            { name: 'stores', test: (id) => STORES.test(id) && !SAID.test(id), minShareCount: 3, priority: 1.4 },
            {
              name: 'shared',
              test: (id) => SHARED.test(id) && !DESK.test(id) && !SAID.test(id),
              minShareCount: 3,
              priority: 1.2,
            },
            { name: 'desk', test: DESK, minShareCount: 3, priority: 1 },
          ],
        },
      },
    },
    outDir: 'dist',
    emptyOutDir: true,
    target: 'es2022',
    assetsInlineLimit: 0,
    // One stylesheet: each that comes later makes a phone lay out anew all that is in sight.
    cssCodeSplit: false,
    chunkSizeWarningLimit: 800,
  },
  server: { proxy: { '/api': api } },
});
