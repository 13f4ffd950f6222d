interface TrustedTypes {
  createPolicy(name: string, rules: { readonly createScriptURL: (address: string) => string }): unknown;
}

/**
 * The page may not make scripts of text (server/http/pages.ts). What it does start from an address are its workers: those
 * of this very origin's build, and nothing else.
 */
export function allowOwnWorkers(types = (globalThis as { readonly trustedTypes?: TrustedTypes }).trustedTypes): void {
  types?.createPolicy('default', {
    createScriptURL: (address) => {
      const { origin, pathname } = new URL(address, location.href);
      if (origin === location.origin && pathname.startsWith('/assets/')) return address;
      throw new TypeError('No script is started from there.');
    },
  });
}
