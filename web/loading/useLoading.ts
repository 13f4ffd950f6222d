import { onMounted, ref, type Ref } from 'vue';
import { turn } from './turn.ts';
import { say } from './say.ts';

/** Something that is being fetched for a page. */
export interface Loading {
  readonly ready: Ref<boolean>;
  /** Why it could not be fetched; empty while it can. */
  readonly trouble: Ref<string>;
  again(): Promise<void>;
}

/** Fetches what a page needs when it is shown, and lets it be tried again. */
export function useLoading(fetch: () => Promise<unknown>): Loading {
  const ready = ref(false);
  const trouble = ref('');

  async function again(): Promise<void> {
    trouble.value = '';
    try {
      // The page is drawn in one turn, what it needs is asked for in the next, and drawn in the one after it came.
      await turn();
      await fetch();
      await turn();
      ready.value = true;
    } catch (error) {
      trouble.value = error instanceof Error ? error.message : say.useLoading.somethingWentWrong;
    }
  }

  onMounted(again);
  return { ready, trouble, again };
}
