import { ref, type Ref } from 'vue';
import { useNoticesStore } from './notices.ts';

/** Something that a button does and that can fail. */
export interface Action {
  /** While it is being done. */
  readonly busy: Ref<boolean>;
  /** Does it; where that fails it is said at the foot of the page. Gives whether it was done. */
  act(work: () => Promise<unknown>): Promise<boolean>;
}

/** For every button that asks something of the server: it never fails without a word. */
export function useAction(): Action {
  const notices = useNoticesStore();
  const busy = ref(false);

  async function act(work: () => Promise<unknown>): Promise<boolean> {
    busy.value = true;
    notices.hush();
    try {
      await work();
      return true;
    } catch (error) {
      notices.sayTrouble(error);
      return false;
    } finally {
      busy.value = false;
    }
  }

  return { busy, act };
}
