import { sideOrder } from '@prompt-spark/core/dose/sideOrder';
import type { Circuit, Slot } from '@prompt-spark/core/circuit/circuit';
import { inHandWords, rampStepWords } from '../wording/doseWords.ts';
import { mainAimWords } from '@prompt-spark/core/circuit/aim';
import type { Growing } from '@prompt-spark/core/dose/dose';
import { rampStepAt } from '@prompt-spark/core/dose/ramp';
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import { repetitionAt } from '@prompt-spark/core/dose/repetition';
import { liftSets, type LiftDose, type Plates } from '@prompt-spark/core/dose/lift';
import { POSTURE_WORDS } from '@prompt-spark/core/drills/posture';
import type { Seconds } from '@prompt-spark/core/units';
import { say } from './say.ts';

/** What the side of a segment is called on the screen; empty where both work at once. */
export function sideName({ side, sideWord }: Segment): string {
  switch (side) {
    case 'both':
      return '';
    case 'alternate':
      return say.stageWords.alternating;
    case 'left':
      return sideWord === 'way' ? say.stageWords.firstWay : say.stageWords.left;
    case 'right':
      return sideWord === 'way' ? say.stageWords.otherWay : say.stageWords.right;
  }
}

/** What people are doing now, in one word. */
export function kindWord(segment: Segment, slot?: Pick<Slot, 'shownFirst'>): string {
  switch (segment.kind) {
    case 'ready':
      if (segment.round > 1) return say.stageWords.again;
      return slot?.shownFirst ? say.stageWords.watchFirst : say.stageWords.getReady;
    case 'work':
      return segment.openEnd ? say.stageWords.untilYouAreReady : say.stageWords.work;
    case 'switch':
      if (segment.swap === 'partner') return say.stageWords.partnersChange;
      return segment.sideWord === 'way' ? say.stageWords.turnRound : say.stageWords.changeSides;
    case 'rest':
      if (segment.restAfter === 'station') return say.stageWords.restUntilAllChange;
      return segment.restAfter === 'round' ? say.stageWords.restBeforeTheNext : say.stageWords.rest;
  }
}

/** How it is done at this moment: with what in the hands, how it has grown, and which repetition, hold or step is under way. */
export function howWords(segment: Segment, slot: Slot | undefined, into: Seconds, plates?: Plates): readonly string[] {
  if (!slot || (segment.kind !== 'work' && segment.kind !== 'ready')) return [];
  const gentler = slot.tracks.some(({ track }) => track === 'gentler');
  const aimed = slot.aim ? [say.stageWords.aimFor(mainAimWords(slot.aim, gentler))] : [];
  const held = [...inHandWords(slot), ...aimed];
  if (segment.kind === 'ready') return held;
  const grown = slot.growing ? [growthWords(slot.growing, into / segment.length)] : [];
  const counted = countedWords(segment, slot, into, plates);
  return [...held, ...grown, ...(counted === '' ? [] : [counted])];
}

/** What is said in each third of a slot that grows. */
const GROWTH: Readonly<Record<Growing, readonly [string, string, string]>> = {
  'small to big': [say.stageWords.startSmall, say.stageWords.bigger, say.stageWords.asBig],
  'slow to fast': [say.stageWords.startSlow, say.stageWords.faster, say.stageWords.asFast],
  'easy to hard': [say.stageWords.startEasy, say.stageWords.harder, say.stageWords.nowTheHardest],
};

function growthWords(growing: Growing, share: number): string {
  const [first, second, third] = GROWTH[growing];
  if (share < 1 / 3) return first;
  return share < 2 / 3 ? second : third;
}

/** Which repetition, hold, set or step is under way; empty for work by the clock. */
function countedWords(segment: Segment, { dose, sides }: Slot, into: Seconds, plates?: Plates): string {
  if (dose.kind === 'lift') return liftWords(dose, segment, plates);
  if (dose.kind === 'ramp') return rampStepWords(dose, rampStepAt(dose, into));
  const repetition = repetitionAt(dose, sides, into);
  if (!repetition) return '';
  return say.stageWords.repetition(dose.kind === 'holds', repetition.now, repetition.of);
}

function liftWords(dose: LiftDose, { set }: Segment, plates?: Plates): string {
  const sets = liftSets(dose, plates);
  const now = sets[(set - 1) % sets.length];
  return now ? `${now.load} ${dose.unit} × ${now.reps}` : '';
}

/** The one cue to show: the coach's own, else the drill's; the next of them with every change of side, set or round. */
export function cueFor(segment: Segment, slot: Slot | undefined, drill: Drill | undefined): string {
  if (slot?.cue) return slot.cue;
  if (!drill) return '';
  const turn =
    segment.round -
    1 +
    (segment.set - 1) +
    Number(segment.side === sideOrder(slot?.extra ?? null, segment.sideWord)[1]);
  return drill.cues[turn % drill.cues.length] ?? drill.cues[0];
}

/** What comes next with its position: "Cat-cow, on hands and knees". The posture is left out where it stays. */
export function nextWords(next: Segment, now: Segment, drill: Drill | undefined): string {
  const name = drill?.name ?? next.drillId;
  return next.posture === now.posture ? name : `${name}, ${POSTURE_WORDS[next.posture]}`;
}

/** The slot a segment belongs to. */
export function slotOf(circuit: Circuit, { slotId }: Segment): Slot | undefined {
  return circuit.blocks
    .flatMap((block) => block.lines)
    .find((line): line is Slot => line.kind === 'slot' && line.id === slotId);
}
