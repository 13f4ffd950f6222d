import type { Plugin } from 'vite';

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
        return without.replace('<noscript>', `${links.join('')}\n    <noscript>`);
      },
    },
  };
}
