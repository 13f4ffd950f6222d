import type { SessionSummary } from '@prompt-spark/contract/session';
import { ref, shallowRef } from 'vue';

/** The booking dialog of a page: open or not, for which session, on which day. */
export function useBooking(today: string) {
  const open = ref(false);
  /** The session that is being changed; null for a new one. */
  const changed = shallowRef<SessionSummary | null>(null);
  const day = ref(today);

  function change(session: SessionSummary): void {
    changed.value = session;
    open.value = true;
  }

  function add(to = today): void {
    changed.value = null;
    day.value = to;
    open.value = true;
  }

  return { open, changed, day, change, add };
}
