import type { Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** The page as the server gives it to nobody in particular (server/http/pages.ts): without a network it is what opens. */
const SHELL = '/shell';

/** The application as it is kept on a device: what it is called and looks like there, and everything it is made of. */
export function appOnDevice(): Plugin[] {
  return VitePWA({
    strategies: 'injectManifest',
    srcDir: 'offline',
    filename: 'serviceWorker.ts',
    injectRegister: false,
    manifest: {
      name: 'Prompt Spark',
      short_name: 'Prompt Spark',
      description: 'Timed follow-along warm-up circuits, written, fitted and run.',
      start_url: '/today',
      display: 'standalone',
      background_color: '#F6F1E7',
      theme_color: '#F6F1E7',
      icons: [
        { src: '/spark.svg', sizes: 'any', type: 'image/svg+xml' },
        { src: '/spark-192.png', sizes: '192x192', type: 'image/png' },
        { src: '/spark-512.png', sizes: '512x512', type: 'image/png', purpose: 'any maskable' },
      ],
    },
    injectManifest: {
      globPatterns: ['assets/**/*', '*.{html,svg}'],
      globIgnores: ['**/*.{br,gz}'],
      // Its names say what is in them.
      dontCacheBustURLsMatching: /^assets\//,
      maximumFileSizeToCacheInBytes: 4_000_000,
      manifestTransforms: [
        (entries) => ({
          manifest: entries.map((entry) => (entry.url === 'index.html' ? { ...entry, url: SHELL } : entry)),
        }),
      ],
    },
  });
}
