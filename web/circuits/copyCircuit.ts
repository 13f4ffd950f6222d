import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import { copied } from '@prompt-spark/core/circuit/copied';
import type { Limit } from '@prompt-spark/core/people/limitation';
import { forAllWith } from '@prompt-spark/core/swaps/forAll';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import type { Seconds } from '@prompt-spark/core/units';
import { useLibraryStore } from '../library/library.ts';
import { useStandardsStore } from '../library/standards.ts';
import { useOccasionsStore } from '../occasion/occasions.ts';
import { usePeopleStore } from '../people/people.ts';
import { useCircuitsStore } from './circuits.ts';

/** What a coach wants a copy of a circuit to be. */
export interface CopyWanted {
  readonly title: string;
  readonly groupId: string | null;
  readonly available: Seconds;
  /** Whether everything on the floor gives way to something standing or on a chair. */
  readonly offTheFloor: boolean;
}

/** A copy that was kept, and whether it takes longer than there is. */
export interface Copy {
  readonly id: string;
  readonly isOver: boolean;
}

const OFF_THE_FLOOR: Limit = { kind: 'known', limitationId: 'no-floor', severity: 'avoid', side: 'both', until: '' };

/** Copies a circuit, for a group and a time of its own, under an id that is given. */
export async function copyCircuit(
  standing: () => Promise<CircuitDraft>,
  wanted: CopyWanted,
  copyId: string,
): Promise<Copy> {
  const { title, groupId, available, offTheFloor } = wanted;
  const [draft] = await Promise.all([
    standing(),
    useLibraryStore().load(),
    useStandardsStore().load(),
    usePeopleStore().load(),
  ]);
  const samePeople = groupId === draft.groupId;
  const { siteId } = draft;
  const copy = copied(draft.circuit, { title, available, samePeople });
  const occasion = useOccasionsStore().of({ circuit: copy, groupId, siteId });
  const circuit = offTheFloor ? forAllWith(OFF_THE_FLOOR, copy, occasion) : copy;
  const isOver = available > 0 && timeCircuit(circuit, occasion).total.plan > available;
  return { id: await useCircuitsStore().add({ circuit, groupId, siteId }, copyId), isOver };
}
