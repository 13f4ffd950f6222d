import type { Plugin } from 'vite';

/** Where the server puts what goes with a page (server/http/pages.ts). */
const PAGE_MARK = '<!-- page -->';

/**
 * Puts the stylesheet behind the opening picture: the picture, which has its own few styles, is painted before the
 * stylesheet has come, and everything else still waits for it.
 */
export function lateStyles(): Plugin {
  return {
    name: 'late-styles',
    transformIndexHtml: {
      order: 'post',
      handler: (html) => {
        const links = html.match(/<link rel="stylesheet"[^>]*>/g) ?? [];
        const without = links.reduce(
          (so, link) => so.replace(link, link.replace('rel="stylesheet"', 'rel="preload" as="style"')),
          html,
        );
        // What a page is fetched with ahead comes behind the application itself.
        return without
          .replace(PAGE_MARK, '')
          .replace('</head>', `${PAGE_MARK}</head>`)
          .replace('<noscript>', `${links.join('')}\n    <noscript>`);
      },
    },
  };
}
