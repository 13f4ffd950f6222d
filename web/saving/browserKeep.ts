import { SCHEMA_VERSIONS, type DocumentKind } from '@prompt-spark/contract/documents';

/** A drawer in this browser's storage for things that the server has not got yet. */
export interface BrowserKeep<T> {
  /** Puts something in. Gives whether it is kept: a browser's storage may be full, or shut. */
  put(id: string, value: T): boolean;
  get(id: string): T | undefined;
  drop(id: string): void;
  /** Everything in the drawer, with its id. */
  all(): readonly (readonly [string, T])[];
}

/** What begins the name of everything that the application keeps in the browser for the server. */
export const KEPT = 'prompt-spark/';

/** The beginning of the names in a drawer: whose kind it is, with the version of its schema, and the drawer. */
export function drawerPrefix(drawer: string, kind: DocumentKind): string {
  return `${KEPT}${kind}@${String(SCHEMA_VERSIONS[kind])}/${drawer}/`;
}

/**
 * Opens a drawer for documents of a kind. Their names carry the version of their schema: what was kept under an older
 * one is brought up to date before the application starts (upgradeKept.ts). What is no JSON is left alone.
 */
export function browserKeep<T>(drawer: string, kind: DocumentKind, storage: Storage = localStorage): BrowserKeep<T> {
  const prefix = drawerPrefix(drawer, kind);

  function read(key: string): T | undefined {
    const text = storage.getItem(key);
    if (text === null) return undefined;
    try {
      // Written by this drawer's own put, under today's schema version.
      return JSON.parse(text) as T;
    } catch {
      return undefined;
    }
  }

  return {
    put: (id, value) => {
      try {
        storage.setItem(prefix + id, JSON.stringify(value));
        return true;
      } catch (error) {
        if (error instanceof DOMException) return false;
        throw error;
      }
    },
    get: (id) => read(prefix + id),
    drop: (id) => storage.removeItem(prefix + id),
    all: () =>
      keysOf(storage)
        .filter((key) => key.startsWith(prefix))
        .flatMap((key) => {
          const value = read(key);
          return value === undefined ? [] : [[key.slice(prefix.length), value] as const];
        }),
  };
}

/** Every name in a storage. */
export function keysOf(storage: Storage): readonly string[] {
  return Array.from({ length: storage.length }, (_, index) => storage.key(index) ?? '');
}
