import { computed, onScopeDispose, ref } from 'vue';
import { call } from '../api/call.ts';
import { useAction } from './useAction.ts';

/** How often the server is asked how far an import is. */
const ASK_EVERY_MS = 700;

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

  const callOff = () => act(() => call('callOffImport', { id }));
  const progress = computed(() =>
    total.value === 0 ? 'Reading the file …' : `${done.value} of ${total.value} taken in …`,
  );
  onScopeDispose(() => clearInterval(timer));
  return { progress, importing, run, callOff };
}
