import { onMounted, onScopeDispose } from 'vue';

/** The page is shown, and the browser at rest, for so long before anything is fetched that may be needed later. */
const REST_MS = 6_000;

/**
 * Fetches parts of a page that were left out at the start, once the page is at rest: they are there when they are asked
 * for, and when the server is away by then.
 */
export function useLater(parts: readonly (() => Promise<unknown>)[]): void {
  let timer: ReturnType<typeof setTimeout> | undefined;

  async function fetchAll(): Promise<void> {
    for (const part of parts) {
      // What cannot be fetched now is fetched when it is needed, and said then.
      await part().catch(() => undefined);
      await new Promise((done) => setTimeout(done, 50));
    }
  }

  onMounted(() => {
    timer = setTimeout(() => void fetchAll(), REST_MS);
  });
  onScopeDispose(() => clearTimeout(timer));
}
