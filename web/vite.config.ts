import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import vuetify from 'vite-plugin-vuetify';
import { shippedLibrary } from './shippedLibrary.ts';

/** Where `npm run dev` finds the API. */
const api = process.env['API'] ?? 'http://127.0.0.1:4380';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [vue(), vuetify({ autoImport: true }), shippedLibrary()],
  build: { outDir: 'dist', emptyOutDir: true, target: 'es2022', assetsInlineLimit: 0, chunkSizeWarningLimit: 800 },
  server: { proxy: { '/api': api } },
});
