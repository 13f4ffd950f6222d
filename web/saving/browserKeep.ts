import { check } from '@prompt-spark/contract/check';
import type Joi from 'joi';

/** A drawer in this browser's storage for things that the server has not got yet. */
export interface BrowserKeep<T> {
  /** Puts something in. Gives whether it is kept: a browser's storage may be full, or shut. */
  put(id: string, value: T): boolean;
  get(id: string): T | undefined;
  drop(id: string): void;
  /** Everything in the drawer, with its id. */
  all(): readonly (readonly [string, T])[];
}

/** Opens a drawer. What is in it but no longer fits its schema is left alone and not given out. */
export function browserKeep<T>(drawer: string, schema: Joi.Schema<T>, storage: Storage = localStorage): BrowserKeep<T> {
  const prefix = `prompt-spark ${drawer} `;

  function read(key: string): T | undefined {
    const text = storage.getItem(key);
    if (text === null) return undefined;
    const checked = check(schema, parsed(text));
    return checked.ok ? checked.value : undefined;
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
      Array.from({ length: storage.length }, (_, index) => storage.key(index) ?? '')
        .filter((key) => key.startsWith(prefix))
        .flatMap((key) => {
          const value = read(key);
          return value === undefined ? [] : [[key.slice(prefix.length), value] as const];
        }),
  };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
