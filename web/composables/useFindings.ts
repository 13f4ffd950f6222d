import { allSlots } from '@prompt-spark/core/circuit/circuit';
import type { Finding } from '@prompt-spark/core/review/finding';
import { useDebounceFn } from '@vueuse/core';
import { computed, shallowRef, watch, type ShallowRef } from 'vue';
import { useCrewStore } from '../stores/crew.ts';
import { useSheetStore } from '../stores/sheet.ts';

/** Up to so many slots a circuit is read along with every letter. */
const AT_ONCE = 40;
const PAUSE_MS = 200;

/**
 * What the review finds in the circuit on the desk, with the people in it where they are known. A long circuit is
 * read when the typing pauses, so that it stays fluid: to read it takes longer than a frame (npm run bench).
 */
export function useFindings(): Readonly<ShallowRef<readonly Finding[]>> {
  const sheet = useSheetStore();
  const crew = useCrewStore();
  const found = computed(() => sheet.findingsFor(crew.own.length > 0 ? crew.tracks : undefined, crew.own.length));
  const findings = shallowRef(found.value);
  const read = () => {
    findings.value = found.value;
  };
  const readLater = useDebounceFn(read, PAUSE_MS);

  watch([() => sheet.peopled, () => sheet.setting, () => sheet.approach, () => sheet.session, () => crew.tracks], () =>
    allSlots(sheet.circuit).length > AT_ONCE ? void readLater() : read(),
  );
  return findings;
}
