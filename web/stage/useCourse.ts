import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { changeSlot, takeOutLine } from '@prompt-spark/core/circuit/edit';
import { turnKey, type Refit } from '@prompt-spark/core/fit/refitRun';
import type { Swapped } from '@prompt-spark/core/session/changedCourse';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import { shallowRef } from 'vue';
import type { KeptStage } from './runDrawer.ts';
import { slotOf } from './stageWords.ts';
import type { StageConductor } from './useStageRun.ts';

/** What is run, where it parts from what was planned: slots fitted to the time left, drills put in and left out on the way. */
export function useCourse(draft: CircuitDraft) {
  /** The circuit as it is run. */
  const course = shallowRef(draft);
  /** Slots that no longer run as planned, by their turn. */
  const changed = shallowRef<ReadonlyMap<string, Slot>>(new Map());
  const slotFor = (segment: Segment) => changed.value.get(turnKey(segment)) ?? slotOf(course.value.circuit, segment);

  function goOnWith(run: StageConductor, refit: Refit): void {
    changed.value = new Map([...changed.value, ...refit.slots]);
    run.goOnWith(refit.segments);
  }

  /** Puts another drill in the place of the one of the moment; what is fitted or changed later goes by it too. */
  function swapIn(run: StageConductor, was: Slot, { segments: after, slot: put }: Swapped): void {
    course.value = { ...course.value, circuit: changeSlot(course.value.circuit, was.id, () => put) };
    const own = after.filter(({ slotId }) => slotId === put.id);
    changed.value = new Map([...changed.value, ...own.map((segment) => [turnKey(segment), put] as const)]);
    run.goOnWith(after);
  }

  function leaveOut(run: StageConductor, was: Slot): void {
    course.value = { ...course.value, circuit: takeOutLine(course.value.circuit, was.id) };
    run.leaveOut();
  }

  function takeUp(kept: KeptStage): void {
    changed.value = new Map(kept.refitted);
    course.value = kept.course ?? draft;
  }

  return { course, changed, slotFor, goOnWith, swapIn, leaveOut, takeUp };
}
