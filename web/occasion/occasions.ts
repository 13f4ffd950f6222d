import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import { approachOf } from '@prompt-spark/core/approach/approaches';
import { mainSessionOf } from '@prompt-spark/core/approach/meantSession';
import { occasionOf, type Occasion } from '@prompt-spark/core/occasion/occasion';
import { homeOf, siteFrom } from '@prompt-spark/core/occasion/site';
import { ceilingsOf } from '@prompt-spark/core/people/ceilings';
import { familiarToAll } from '@prompt-spark/core/people/familiar';
import { isHere } from '@prompt-spark/core/people/person';
import { defineStore } from 'pinia';
import { calendarDay } from '../wording/clock.ts';
import { useLibraryStore } from '../library/library.ts';
import { usePeopleStore } from '../people/people.ts';
import { usePaceStore } from './pace.ts';
import { useStandardsStore } from '../library/standards.ts';

/** For whom and where. */
export type ForWhom = Pick<CircuitDraft, 'groupId' | 'siteId'>;

/** Where a circuit is done, by whom and for what: everything that it is timed, fitted, swapped and reviewed by, made in this one place. */
export const useOccasionsStore = defineStore('occasions', () => {
  const library = useLibraryStore();
  const standards = useStandardsStore();
  const people = usePeopleStore();
  const pace = usePaceStore();

  /** The occasion at a site with a group, for an approach and a main session where they are known. */
  function at({ groupId, siteId }: ForWhom, towards: Partial<Pick<Occasion, 'approach' | 'session'>> = {}): Occasion {
    const site = library.siteOf(siteId);
    const day = calendarDay(new Date(), site?.timeZone);
    const known = people.peopleOf(groupId);
    const only = known.length === 1 ? known[0] : undefined;
    const present = known.filter((person) => isHere(person, day));
    // A group whose people this coach does not know may hold anybody.
    const unknown = groupId !== null && known.length === 0;
    return occasionOf({
      library: library.library,
      // One client, and no place said: it is done where they live.
      site: only && siteId === null ? homeOf(only.kit) : siteFrom(site),
      day,
      times: standards.times,
      habits: pace.habitsWith(groupId),
      // A group may hold more people than this coach knows; who is not here needs no mat.
      expected: Math.max(library.groupOf(groupId)?.people ?? 0, known.length) - (known.length - present.length),
      familiar: familiarToAll(present),
      ceilings: unknown ? null : present.map((person) => ceilingsOf(person, day)),
      ...towards,
    });
  }

  /** The occasion of a circuit, by the approach and the main session that it names. */
  function of({ circuit, ...where }: CircuitDraft): Occasion {
    return at(where, {
      approach: approachOf(circuit.approach, standards.approaches),
      session: mainSessionOf(circuit.purpose, standards.sessions),
    });
  }

  return { at, of };
});
