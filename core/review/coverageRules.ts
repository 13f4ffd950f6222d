import { closersOf } from '../coverage/closers.ts';
import { gapsIn, missingPlanes } from '../coverage/coverageOf.ts';
import type { Target } from '../drills/target.ts';
import { targetWords } from '../drills/targetWords.ts';
import { TRADE, type Note, type NoteRule } from './finding.ts';
import { mainTarget } from '../drills/kinds.ts';

/** How often one target may be the main one before it is remarked on. Common practice, no source. */
const THRICE = 3;
/** A circuit of fewer slots cannot be asked for every plane. Common practice, no source. */
const SLOTS_FOR_PLANES = 4;

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

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
      title: `${capital(targetWords(target))} ${slotIds.length} times, ${targetWords(gap.target)} not at all`,
      words: `${session.name} needs ${targetWords(gap.target)}: change one of them for it.`,
      source: TRADE,
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
      title: `Too little ${targetWords(most.target)} for ${session.name.toLowerCase()}`,
      words: closing
        ? 'Coverage shows what would help.'
        : 'No drill for it is left that everybody here may do with the kit that is out.',
      source: TRADE,
    },
  ];
};

/** A plane that nothing moves in. */
export const planeMissing: NoteRule = ({ coverage, placed }) => {
  if (placed.length < SLOTS_FOR_PLANES) return [];
  const WORDS = {
    sagittal: 'forward and back',
    frontal: 'sideways',
    transverse: 'turning',
  } as const;
  return missingPlanes(coverage).map((plane): Note => ({
    rule: 'plane-missing',
    severity: 'note',
    slotIds: [],
    title: `Nothing moves ${WORDS[plane]}`,
    words: `Put in one drill that goes ${WORDS[plane]}.`,
    source: TRADE,
  }));
};
