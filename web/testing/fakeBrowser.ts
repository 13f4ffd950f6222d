import { vi } from 'vitest';

/** A browser's storage, in memory. */
export function memoryStorage(): Storage {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    key: (index) => [...kept.keys()][index] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
    clear: () => kept.clear(),
  };
}

/** A browser's storage that has no room left. */
export function fullStorage(): Storage {
  const storage = memoryStorage();
  storage.setItem = () => {
    throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
  };
  return storage;
}

const FRAME_MS = 1000 / 60;

/** What a test's server answers: a status with a body, or nothing at all where it is away. */
export type Answer = { readonly status: number; readonly body?: unknown } | 'away';

/** Puts a server of the test's own behind `fetch`, and a storage of its own in the browser. Gives what was asked of it. */
export function fakeBrowser(answer: (method: string, path: string, body: unknown) => Answer): string[] {
  const asked: string[] = [];
  vi.stubGlobal('localStorage', memoryStorage());
  vi.stubGlobal('requestAnimationFrame', (paint: () => void) => setTimeout(paint, FRAME_MS));
  vi.stubGlobal('fetch', (path: string, init: RequestInit = {}) => {
    const method = init.method ?? 'GET';
    asked.push(`${method} ${path}`);
    const given = answer(method, path, typeof init.body === 'string' ? JSON.parse(init.body) : undefined);
    if (given === 'away') return Promise.reject(new TypeError('Failed to fetch'));
    const empty = given.body === undefined;
    return Promise.resolve(new Response(empty ? null : JSON.stringify(given.body), { status: given.status }));
  });
  return asked;
}

/** Where tests fetch the drills that ship. */
export const SHIPPED_DRILLS = '/@shipped/drills.json';
