import { workStretches } from '../dose/workSeconds.ts';
import { slotsOf, type Block } from '../circuit/circuit.ts';
import { bestOrder, bestOrderOfTwo, type BetterOrder } from './bestOrder.ts';
import type { Seconds } from '../units.ts';
import { type Finding, type GraveRule, type Laid, type Note, type NoteRule } from './finding.ts';

/** Under this share of the time there is, a circuit is remarked on as short. Common practice, no source. */
const SHORT_BELOW = 0.85;
/** Less than this over the time there is reads as 0:00. */
const WORTH_SAYING: Seconds = 0.5;
/** Seconds a better order must save to be worth saying. Common practice, no source. */
const WORTH_REORDERING = 4;

/** Whether a circuit is longer than the time there is, where that is known. */
export const isOverTime = ({ circuit: { available }, lasts }: Laid): boolean =>
  available > 0 && lasts('plan') - available >= WORTH_SAYING;

/** Longer than the time there is. */
export const overTime: GraveRule = (laid) => {
  if (!isOverTime(laid)) return [];
  const { available } = laid.circuit;
  const over = laid.lasts('plan') - available;
  return [
    {
      rule: 'over-time',
      severity: over > available * 0.25 ? 'stop' : 'warn',
      slotIds: [],
      facts: { over, available, least: null },
      source: 'trade',
    },
  ];
};

/** What is said of being over the time, with whether the low ends fit, and the sides that would save some as its fix. */
export function withTimeSaved(finding: Finding, { circuit: { available }, lasts, placed, floor }: Laid): Finding {
  if (finding.rule !== 'over-time') return finding;
  const low = lasts('low');
  const told = { ...finding, facts: { ...finding.facts, least: low <= available ? low : null } };
  const turning = placed.filter(({ slot, drill }) => slot.sides === 'each' && drill.sidesAllowed.includes('alternate'));
  const saved = turning.filter(({ slot }) => {
    const [each, alternate] = (['each', 'alternate'] as const).map((sides) =>
      workStretches(slot.dose, sides, 'plan', floor, slot.extra).reduce((sum, one) => sum + one, 0),
    );
    return (alternate ?? 0) <= (each ?? 0);
  });
  if (saved.length === 0) return told;
  return { ...told, fix: { kind: 'sides', slotIds: saved.map(({ slot }) => slot.id), sides: 'alternate' } };
}

/** Much shorter than the time there is. */
export const underTime: NoteRule = ({ circuit: { available }, timeline: { total } }) => {
  if (available === 0 || total.plan === 0 || total.plan >= available * SHORT_BELOW) return [];
  return [
    {
      rule: 'under-time',
      severity: 'note',
      slotIds: [],
      facts: { spare: available - total.plan },
      source: 'trade',
    },
  ];
};

/** Longer than what the approach takes a warm-up to be, the way up to a lift left out. */
export const tooLong: NoteRule = ({ timeline: { segments, total }, placed, occasion: { approach } }) => {
  const lifts = new Set(placed.filter(({ slot }) => slot.dose.kind === 'lift').map(({ slot }) => slot.id));
  const lifted = segments.filter(({ slotId }) => lifts.has(slotId)).reduce((sum, { length }) => sum + length, 0);
  const seconds = total.plan - lifted;
  if (seconds <= approach.caps.whole) return [];
  return [
    {
      rule: 'too-long',
      severity: 'note',
      slotIds: [],
      facts: { seconds, approach: approach.name, most: approach.caps.whole },
      source: 'trade',
    },
  ];
};

/** Too much of the time goes into getting ready, changing sides and resting. */
export const hiddenTime: NoteRule = ({
  timeline: { hidden: all, segments, total },
  occasion: { approach },
  placed,
}) => {
  // Between sets under a bar people rest because they must.
  const underABar = new Set(placed.filter(({ slot }) => slot.dose.kind === 'lift').map(({ slot }) => slot.id));
  const hidden = segments
    .filter(({ restAfter, slotId }) => restAfter === 'set' && underABar.has(slotId))
    .reduce((left, { length }) => left - length, all);
  if (total.plan === 0 || hidden <= total.plan * approach.caps.hidden) return [];
  return [
    {
      rule: 'hidden-time',
      severity: 'note',
      slotIds: [],
      facts: { hidden, share: hidden / total.plan },
      source: 'trade',
    },
  ];
};

/** More getting up and down, and fetching, than the same slots need: in one block, or over the border of two. */
export const upAndDown: NoteRule = (reviewed) => {
  const { blocks } = reviewed.circuit;
  const within = blocks.map((block) => bestOrder(block, reviewed, WORTH_REORDERING));
  return blocks.flatMap((block, at): readonly Note[] => {
    const own = within[at];
    if (own) return [upAndDownNote([block], own)];
    const next = blocks[at + 1];
    // What one of the two can mend by itself is not said again of both.
    if (!next || within[at + 1]) return [];
    const both = bestOrderOfTwo([block, next], reviewed, WORTH_REORDERING);
    return both ? [upAndDownNote([block, next], both)] : [];
  });
};

function upAndDownNote(blocks: readonly Block[], { orders, saves }: BetterOrder): Note {
  return {
    rule: 'up-and-down',
    severity: 'note',
    slotIds: blocks.flatMap(slotsOf).map(({ id }) => id),
    facts: { saves, phases: [...new Set(blocks.map(({ phase }) => phase))] },
    source: 'trade',
    fix: { kind: 'order', orders },
  };
}
