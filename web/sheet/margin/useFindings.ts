import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { NOBODY_KNOWN, type Finding } from '@prompt-spark/core/review/finding';
import { withFixTried, withoutFix } from '@prompt-spark/core/review/reviewCircuit';
import { useDebounceFn } from '@vueuse/core';
import { computed, onScopeDispose, shallowRef, watch, type ShallowRef } from 'vue';
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
 * has been painted, and a long one when the typing pauses: to read it takes longer than a frame (npm run bench). Its fixes
 * are tried afterwards, one at a time, and each is offered once it is known to raise nothing worse.
 *
 * @param inSight whether anybody sees what would be offered: nothing is tried while nobody does
 */
export function useFindings(inSight: () => boolean): Readonly<ShallowRef<Reviewed>> {
  const sheet = useSheetStore();
  const groupTracks = useGroupTracksStore();
  const found = computed(() => ({
    circuit: sheet.laid.circuit,
    review: sheet.review(
      groupTracks.own.length > 0 ? { tracks: groupTracks.tracks, people: groupTracks.own.length } : NOBODY_KNOWN,
    ),
  }));
  // The first reading is left for when the circuit itself is on the screen.
  const reviewed = shallowRef<Reviewed>({ circuit: sheet.laid.circuit, findings: [] });
  let timer: ReturnType<typeof setTimeout> | undefined;
  onScopeDispose(() => clearTimeout(timer));

  function read(): void {
    clearTimeout(timer);
    const { circuit, review } = found.value;
    // A fix that stood there stays until it is tried anew: notes would jump with every letter.
    const offered = new Set(reviewed.value.findings.flatMap(fixKey));
    const isOffered = (finding: Finding) => fixKey(finding).some((key) => offered.has(key));
    const findings = review.findings.map((finding) => (isOffered(finding) ? finding : withoutFix(finding)));
    reviewed.value = { circuit, findings };
    tryFixes(review.findings.flatMap(({ fix }, at) => (fix ? [at] : [])));
  }

  /** Tries the fixes of the findings at some places, the first of them now and each other when the browser has had a turn. */
  function tryFixes([at, ...later]: readonly number[]): void {
    if (at === undefined || !inSight()) return;
    timer = setTimeout(() => {
      const { circuit, review } = found.value;
      const finding = review.findings[at];
      if (circuit !== reviewed.value.circuit || !finding) return;
      reviewed.value = { circuit, findings: reviewed.value.findings.with(at, withFixTried(finding, review)) };
      tryFixes(later);
    });
  }

  timer = setTimeout(read, FIRST_MS);
  const readLater = useDebounceFn(read, PAUSE_MS);
  watch([() => sheet.laid, () => sheet.approach, () => sheet.session, () => groupTracks.tracks], () =>
    allSlots(sheet.laid.circuit).length > AFTER_EVERY_LETTER ? void readLater() : read(),
  );
  watch(inSight, (now) => now && read());
  return reviewed;
}

/** What the fix of a finding is known by, from one reading to the next; nothing where it has none. */
const fixKey = ({ rule, slotIds, fix }: Finding): readonly string[] =>
  fix ? [`${rule} ${slotIds.join(' ')} ${fix.label}`] : [];
