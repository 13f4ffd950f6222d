/** What the page may make of text, as a browser asks for it. */
interface Rules {
  readonly createScriptURL: (address: string) => string;
  readonly createHTML: (text: string) => string;
}

interface TrustedTypes {
  createPolicy(name: string, rules: Rules): unknown;
}

/** What keeps the application on a device. */
export const SERVICE_WORKER = '/serviceWorker.js';

/**
 * The page may make neither scripts nor elements of text (server/http/pages.ts), but for two things that the libraries do:
 * workers are started from addresses, those of this very origin's build and no others; and the theme is written into its
 * style sheet as text, in which there is nothing that could open an element.
 */
export function allowOwnWorkersAndStyles(
  types = (globalThis as { readonly trustedTypes?: TrustedTypes }).trustedTypes,
): void {
  types?.createPolicy('default', {
    createScriptURL: (address) => {
      const { origin, pathname } = new URL(address, location.href);
      if (origin === location.origin && (pathname.startsWith('/assets/') || pathname === SERVICE_WORKER))
        return address;
      throw new TypeError('No script is started from there.');
    },
    createHTML: (text) => {
      if (/[<&]/.test(text)) throw new TypeError('No elements are made of text.');
      return text;
    },
  });
}
