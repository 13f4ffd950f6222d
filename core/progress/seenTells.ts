import { allSlots, type Circuit } from '../circuit/circuit.ts';
import { isTrouble, seenIn, type Seen } from '../people/seen.ts';
import type { Effort } from '../units.ts';
import type { PastRun } from './nextStep.ts';

/** What is seen of this share of those who were there is so for the class; of fewer, it is theirs alone. Common practice, no source. */
const CLASS_FROM = 1 / 4;
/** The share that takes another version, from which on it is the plan that does not suit. Common practice, no source. */
const VERSION_FROM = 1 / 2;

/** What was noted of people in one run, as far as it tells of the whole class: an effort, and marks as if they were tapped. */
export function seenTells(
  people: readonly { readonly seen: readonly Seen[] }[],
  runId: string,
  circuit: Circuit,
): { readonly effort: Effort | null; readonly marks: PastRun['marks'] } {
  const there = people.flatMap(({ seen }) => seenIn(seen, runId) ?? []).filter(({ state }) => state !== 'not there');
  const efforts = there.flatMap(({ effort }) => effort ?? []);
  const effort = efforts.length > 0 ? efforts.reduce((sum, one) => sum + one, 0) / efforts.length : null;
  const isClass = (count: number, from = CLASS_FROM): boolean => count > 0 && count >= there.length * from;

  const hurt = there.filter(isTrouble);
  const stopped = hurt.filter(({ state }) => state === 'stopped').length;
  const marks: PastRun['marks'][number][] = [];
  if (isClass(stopped)) marks.push({ slotId: '', kind: 'stopped' });
  else if (isClass(hurt.length)) marks.push({ slotId: '', kind: 'niggle' });
  for (const { id: slotId, drillId } of firstOfEachDrill(circuit)) {
    const did = there.flatMap(({ technique }) => technique.filter((one) => one.drillId === drillId));
    const faults = did.filter(({ fault }) => fault !== '');
    if (isClass(faults.length)) marks.push(...faults.map(() => ({ slotId, kind: 'fault' }) as const));
    if (isClass(did.filter(({ version }) => version === 'easier').length, VERSION_FROM))
      marks.push({ slotId, kind: 'too hard' });
    else if (isClass(did.filter(({ version }) => version === 'harder').length, VERSION_FROM))
      marks.push({ slotId, kind: 'too easy' });
  }
  return { effort, marks };
}

const firstOfEachDrill = (circuit: Circuit) => [
  ...new Map(
    allSlots(circuit)
      .toReversed()
      .map((slot) => [slot.drillId, slot]),
  ).values(),
];
