import { countAt, just } from '../units.ts';
import { type Note, type NoteRule, type Placed } from './finding.ts';
import { isOverTime } from './timeRules.ts';

/** Lengths that a slot goes from one end of the floor to the other, all its sets, sides and rounds counted; 0 where it goes none. */
function lengthsOf({ slot: { dose, sides, sets }, rounds }: Placed): number {
  if (dose.kind !== 'distance' || dose.length.of === 'lap') return 0;
  return countAt(dose.lengths, 'plan') * countAt(sets, 'plan') * rounds * (sides === 'each' ? 2 : 1);
}

/**
 * The group is at the far end when it is over: lengths are counted along the circuit, so that three there and three back
 * are none. Said once, at the last slot in which one length more or less brings everybody home.
 */
export const oddLengths: NoteRule = (laid) => {
  const { placed, circuit } = laid;
  const stations = new Set(circuit.blocks.filter((block) => block.stations).map(({ id }) => id));
  const travelling = placed.filter((one) => !stations.has(one.blockId) && lengthsOf(one) > 0);
  const all = travelling.reduce((sum, one) => sum + lengthsOf(one), 0);
  const last = travelling.findLast((one) => lengthsOf(one) % 2 === 1);
  if (all % 2 === 0 || last?.slot.dose.kind !== 'distance') return [];
  const { slot, drill } = last;
  const lengths = countAt(last.slot.dose.lengths, 'plan');
  // Where there is no time for one more, one fewer brings them back as well.
  const step = isOverTime(laid) && lengths > 1 ? LESS : MORE;
  const dose = { ...last.slot.dose, lengths: just(lengths + step.by) };
  const finding: Note = {
    rule: 'odd-lengths',
    severity: 'note',
    slotIds: [slot.id],
    facts: { lengths: all, drill: drill.name, step: step.word },
    source: 'trade',
    fix: { kind: 'dose', slotId: slot.id, dose },
  };
  return [finding];
};

const MORE = { by: 1, word: 'more' } as const;
const LESS = { by: -1, word: 'fewer' } as const;
