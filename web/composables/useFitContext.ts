import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import { approachOf } from '@prompt-spark/core/approach/approaches';
import { mainSessionOf } from '@prompt-spark/core/coverage/mainSession';
import type { FitContext } from '@prompt-spark/core/fit/fitContext';
import { ceilingsOf } from '@prompt-spark/core/limits/ceilings';
import { ANYWHERE, placeAt } from '@prompt-spark/core/limits/place';
import { calendarDay } from '../pieces/clock.ts';
import { useLibraryStore } from '../stores/library.ts';
import { usePeopleStore } from '../stores/people.ts';
import { useStandardsStore } from '../stores/standards.ts';

/** What a circuit is fitted by: its site, approach and main session, and what its people may do. */
export function useFitContext(): (draft: CircuitDraft) => FitContext {
  const library = useLibraryStore();
  const standards = useStandardsStore();
  const people = usePeopleStore();
  return ({ circuit, groupId, siteId }) => {
    const site = library.siteOf(siteId);
    const day = calendarDay(new Date(), site?.timeZone);
    const present = people.peopleOf(groupId);
    // A group whose people this coach does not know may hold anybody.
    const unknown = groupId !== null && present.length === 0;
    return {
      setting: library.settingAt(siteId),
      approach: approachOf(circuit.approach, standards.approaches),
      session: mainSessionOf(circuit.purpose, standards.sessions),
      place: site ? placeAt(site) : ANYWHERE,
      ceilings: unknown ? null : present.map((person) => ceilingsOf(person, day)),
    };
  };
}
