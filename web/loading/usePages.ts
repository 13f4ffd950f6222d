import { ref, shallowRef, type Ref, type ShallowRef } from 'vue';

/** A page of a list, and where the next one begins; null after the last. */
interface Page {
  readonly next: string | null;
}

/** A list that comes a page at a time, for what was last asked for. */
export interface Pages<Wish> {
  /** What the list is of. */
  readonly wish: ShallowRef<Wish>;
  readonly next: Ref<string | null>;
  /** Fetches the first page of what is asked for; anew where nothing else is. */
  load(wanted?: Wish): Promise<void>;
  /** Fetches the next page, if there is one. */
  more(): Promise<void>;
}

/**
 * Fetches a list page by page. An answer that was overtaken by a later question is dropped.
 *
 * @param first what is asked for at first
 * @param fetch gives a page, from the beginning or from where the last one ended
 * @param show takes what came: in place of what is there, or below it
 */
export function usePages<Wish, One extends Page>(
  first: Wish,
  fetch: (wish: Wish, after: string | null) => Promise<One>,
  show: (page: One, below: boolean) => void,
): Pages<Wish> {
  const wish = shallowRef(first) as ShallowRef<Wish>;
  const next = ref<string | null>(null);
  let asked = 0;

  async function ask(after: string | null): Promise<void> {
    const now = asked;
    const page = await fetch(wish.value, after);
    if (now !== asked) return;
    show(page, after !== null);
    next.value = page.next;
  }

  async function load(wanted: Wish = wish.value): Promise<void> {
    wish.value = wanted;
    asked += 1;
    await ask(null);
  }

  async function more(): Promise<void> {
    if (next.value !== null) await ask(next.value);
  }

  return { wish, next, load, more };
}
