import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { NOBODY_KNOWN, type Finding } from '@prompt-spark/core/review/finding';
import { useDebounceFn, useTimeoutFn } from '@vueuse/core';
import { shallowRef, watch, type ShallowRef } from 'vue';
import { useGroupTracksStore } from '../store/groupTracks.ts';
import { useSheetStore } from '../store/sheet.ts';

/** The most slots with which a circuit is read again after every letter. */
const AFTER_EVERY_LETTER = 40;
const PAUSE_MS = 200;
const FIRST_MS = 50;

/** What the review found, and the circuit that it read. */
export interface Reviewed {
  readonly circuit: Circuit;
  readonly findings: readonly Finding[];
}

/**
 * What the review finds in the circuit on the desk, with the people in it where they are known. It is read when a letter
 * has been painted, and a long one when the typing pauses: to read it takes longer than a frame (npm run bench).
 */
export function useFindings(): Readonly<ShallowRef<Reviewed>> {
  const sheet = useSheetStore();
  const groupTracks = useGroupTracksStore();
  // The first reading is left for when the circuit itself is on the screen.
  const reviewed = shallowRef<Reviewed>({ circuit: sheet.laid.circuit, findings: [] });

  function read(): void {
    const { tracks, own } = groupTracks;
    const who = own.length > 0 ? { tracks, people: own.length } : NOBODY_KNOWN;
    reviewed.value = { circuit: sheet.laid.circuit, findings: sheet.review(who) };
  }

  // Where the tracks of its people are being worked out, it is read when they are there, and once.
  useTimeoutFn(() => groupTracks.underway || read(), FIRST_MS);
  const readLater = useDebounceFn(read, PAUSE_MS);
  watch([() => sheet.laid, () => sheet.approach, () => sheet.session, () => groupTracks.tracks], () =>
    allSlots(sheet.laid.circuit).length > AFTER_EVERY_LETTER ? void readLater() : read(),
  );
  return reviewed;
}
