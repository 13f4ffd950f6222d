import { closersOf } from '../coverage/closers.ts';
import { gapsIn, missingPlanes } from '../coverage/coverageOf.ts';
import type { Target } from '../drills/target.ts';
import { type Note, type NoteRule } from './finding.ts';
import { mainTarget } from '../drills/kinds.ts';

/** How often one target may be the main one before it is remarked on. Common practice, no source. */
const THRICE = 3;
/** A circuit of fewer slots cannot be asked for every plane. Common practice, no source. */
const SLOTS_FOR_PLANES = 4;

/** The same target three times while another the session needs has none. */
export const repeatedTarget: NoteRule = ({ coverage, occasion: { session }, placed }) => {
  if (!session) return [];
  const [gap] = gapsIn(coverage).filter(({ covered }) => covered < 0.1);
  if (!gap) return [];
  const bySlot = new Map<Target, string[]>();
  for (const { slot, drill } of placed) {
    const target = mainTarget(drill);
    if (target) bySlot.set(target, [...(bySlot.get(target) ?? []), slot.id]);
  }
  return [...bySlot]
    .filter(([, slotIds]) => slotIds.length >= THRICE)
    .map(([target, slotIds]): Note => ({
      rule: 'repeated-target',
      severity: 'note',
      slotIds,
      facts: { target, times: slotIds.length, lacking: gap.target, session: session.name },
      source: 'trade',
    }));
};

/** What the main session needs most and the circuit does not give. */
export const gap: NoteRule = ({ coverage, occasion, placed, circuit }) => {
  const { session } = occasion;
  if (!session || placed.length === 0) return [];
  const [most] = gapsIn(coverage).filter(({ need }) => need >= 0.7);
  if (!most) return [];
  const closing = closersOf(most.target, circuit, occasion, Infinity, 1).length > 0;
  return [
    {
      rule: 'gap',
      severity: 'note',
      slotIds: [],
      facts: { target: most.target, session: session.name, closing },
      source: 'trade',
    },
  ];
};

/** A plane that nothing moves in. */
export const planeMissing: NoteRule = ({ coverage, placed }) => {
  if (placed.length < SLOTS_FOR_PLANES) return [];
  return missingPlanes(coverage).map((plane): Note => ({
    rule: 'plane-missing',
    severity: 'note',
    slotIds: [],
    facts: { plane },
    source: 'trade',
  }));
};
