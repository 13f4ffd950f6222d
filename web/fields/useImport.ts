import { computed, onScopeDispose, ref } from 'vue';
import { call, ServerProblem } from '../api/call.ts';
import { useAction } from '../shell/useAction.ts';
import { say } from './say.ts';

/** How often the server is asked how far an import is. */
const ASK_EVERY_MS = 700;
const ASK_AGAIN_MS = 150;

/** A file being taken in: how far it is, in words, and a way to call it off. It goes on where the page is left. */
export function useImport() {
  const { act } = useAction();
  const importing = ref(false);
  const done = ref(0);
  const total = ref(0);
  let id = '';
  let timer: ReturnType<typeof setInterval> | undefined;

  async function ask(): Promise<void> {
    try {
      ({ done: done.value, total: total.value } = await call('importProgress', { id }));
    } catch {
      // Not begun yet, or the server is away for a moment: the import itself says what came of it.
    }
  }

  async function run<Report>(take: (importId: string) => Promise<Report>): Promise<Report> {
    id = crypto.randomUUID();
    done.value = total.value = 0;
    importing.value = true;
    timer = setInterval(() => void ask(), ASK_EVERY_MS);
    try {
      return await take(id);
    } finally {
      clearInterval(timer);
      importing.value = false;
    }
  }

  /** Calls it off; again, where the server has not begun it yet: a quick finger must not be lost. */
  async function callOffOnce(): Promise<void> {
    while (importing.value) {
      try {
        return await call('callOffImport', { id });
      } catch (error) {
        if (!(error instanceof ServerProblem) || error.status !== 404) throw error;
        await new Promise((resolve) => setTimeout(resolve, ASK_AGAIN_MS));
      }
    }
  }

  const callOff = () => act(callOffOnce);
  const progress = computed(() =>
    total.value === 0 ? say.useImport.readingTheFile : say.useImport.ofTaken(done.value, total.value),
  );
  onScopeDispose(() => clearInterval(timer));
  return { progress, importing, run, callOff };
}
