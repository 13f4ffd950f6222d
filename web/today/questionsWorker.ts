import type { SessionSummary } from '@prompt-spark/contract/session';
import { tracksFor } from '@prompt-spark/core/swaps/tracksFor';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { siteFrom } from '@prompt-spark/core/occasion/site';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { expose } from 'comlink';
import { call } from '../api/call.ts';
import { everybody } from '../api/people.ts';
import { shippedDrills } from '../api/shipped.ts';
import { toDecideWords } from './toDecideWords.ts';

/** A session, with the day it is on at its site. */
export type DatedSession = Pick<SessionSummary, 'id' | 'groupId' | 'siteId' | 'runId'> & { readonly day: string };

/**
 * What is still to be decided for sessions, in words by their id. Everything it takes is fetched here, beside the page:
 * the whole library, every circuit, and everybody's limits.
 */
async function openQuestionsOf(sessions: readonly DatedSession[]): Promise<ReadonlyMap<string, string>> {
  const open = sessions.filter(({ groupId, runId }) => groupId !== null && runId === null);
  if (open.length === 0) return new Map();
  const [shipped, own, people, places, { times }] = await Promise.all([
    shippedDrills(),
    call('drills'),
    everybody(),
    call('places'),
    call('standards'),
  ]);
  const library = libraryOf([...shipped, ...own.drills.map(({ drill }) => drill)]);
  const words = new Map<string, string>();
  for (const { id, groupId, siteId, day } of open) {
    const present = people
      .filter(({ groupIds }) => groupId !== null && groupIds.includes(groupId))
      .map((record) => ({ id: record.id, ...record.document }));
    if (present.length === 0) continue;
    const { circuit, circuitId } = await call('session', { id });
    const occasion = occasionOf({
      library,
      site: siteFrom(places.sites.find((one) => one.id === siteId)),
      expected: Math.max(places.groups.find((group) => group.id === groupId)?.people ?? 0, present.length),
      day,
      ...(times ? { times } : {}),
    });
    const said = toDecideWords(circuit.circuit, tracksFor(circuit.circuit, present, occasion, circuitId));
    if (said !== '') words.set(id, said);
  }
  return words;
}

const questions = { openQuestionsOf };

/** What is still to be decided, found beside the page. */
export type Questions = typeof questions;

expose(questions);
