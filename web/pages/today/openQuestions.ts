import type { SessionSummary } from '@prompt-spark/contract/session';
import { ANYWHERE, placeAt } from '@prompt-spark/core/limits/place';
import type { SwapSetting } from '@prompt-spark/core/limits/swap';
import { ServerAway, ServerProblem } from '../../api/call.ts';
import { calendarDay } from '../../pieces/clock.ts';
import { useLibraryStore } from '../../stores/library.ts';
import { usePeopleStore } from '../../stores/people.ts';
import { useSessionsStore } from '../../stores/sessions.ts';
import { TrackWork } from '../../workers/trackWork.ts';
import { WorkFailed } from '../../workers/workshop.ts';
import { undecidedWords } from './undecidedWords.ts';

/**
 * What is still to be decided for sessions, in words by their id: people who cannot do something as planned, with no
 * track accepted. It is a hint on a page: where it cannot be found there is none.
 */
export async function openQuestionsOf(sessions: readonly SessionSummary[]): Promise<ReadonlyMap<string, string>> {
  const [library, people, book] = [useLibraryStore(), usePeopleStore(), useSessionsStore()];
  const words = new Map<string, string>();
  const work = new TrackWork();
  try {
    await Promise.all([library.load(), people.load()]);
    for (const { id, groupId, siteId, startsAt, runId } of sessions) {
      const present = people.peopleOf(groupId);
      if (present.length === 0 || runId !== null) continue;
      const { circuit: record } = await book.one(id);
      const circuit = library.peopled({ circuit: record.circuit, groupId });
      const site = library.siteOf(siteId);
      const setting: SwapSetting = {
        library: library.library,
        place: site ? placeAt(site) : ANYWHERE,
        site: library.settingAt(siteId).site,
        day: calendarDay(startsAt, site?.timeZone),
      };
      const tracks = (await work.tracks(circuit, present, setting)) ?? [];
      const said = undecidedWords(circuit, tracks);
      if (said !== '') words.set(id, said);
    }
  } catch (error) {
    if (!(error instanceof ServerAway || error instanceof ServerProblem || error instanceof WorkFailed)) throw error;
  } finally {
    work.end();
  }
  return words;
}
