import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import vuetify from 'vite-plugin-vuetify';
import { lateStyles } from './lateStyles.ts';
import { shippedLibrary } from './shippedLibrary.ts';

/** Where `npm run dev` finds the API. */
/** What every page is made of, in one file: a phone asks for few files faster than for many. */
const BASE =
  /node_modules\/(?:vue|@vue|vue-router|pinia|@vueuse)\/|node_modules\/vuetify\/lib\/(?:framework|composables|util|iconsets|locale|directives|components\/(?:VIcon|VApp|VBtn|VDefaultsProvider|VProgressCircular|transitions))|web\/(?:main|App|router)|web\/(?:api|theme)\/|web\/composables\/use(?:Width|Loading|Action|InSight|Gradually)|web\/stores\/(?:account|notices|places|loadOnce|sessions)|web\/pieces\/(?:AppRail|LoadingGate|UnreadableNote|MoreBelow|CloseButton|PathIcon|TimeFuse|SketchFuse|VerdictLine|fuse|clock)|rolldown-runtime|vite\/preload|plugin-vue/;

const SCHEMAS = /node_modules\/joi\/|\/contract\/(?!addresses|endpoint\.ts|documents|problem|check)/;
const CORE = /\/core\/(?!figure\/|fit\/(?!plan))/;
const FIELDS =
  /vuetify\/lib\/components\/(?:VTextField|VField|VInput|VLabel|VMessages|VCounter|VSelect|VList|VMenu|VOverlay|VChip|VAvatar|VCheckbox|VDivider|VVirtualScroll|VDialog|VSheet)/;

const api = process.env['API'] ?? 'http://127.0.0.1:4380';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [vue(), vuetify({ autoImport: true }), shippedLibrary(), lateStyles()],
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
            { name: 'core', test: CORE, priority: 2 },
            { name: 'fields', test: FIELDS, priority: 2 },
          ],
        },
      },
    },
    outDir: 'dist',
    emptyOutDir: true,
    target: 'es2022',
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 800,
  },
  server: { proxy: { '/api': api } },
});
