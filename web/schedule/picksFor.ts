import type { PlannedSession } from '@prompt-spark/contract/session';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { nextPicks, pickingBlocks, type BlockPick } from '@prompt-spark/core/circuit/pick';
import type { Occasion } from '@prompt-spark/core/occasion/occasion';
import type { Person } from '@prompt-spark/core/people/person';
import { tracksFor } from '@prompt-spark/core/swaps/tracksFor';
import { pickRoom } from '@prompt-spark/core/timeline/pickRoom';
import { call, ServerAway } from '../api/call.ts';
import { useSessionsStore } from './sessions.ts';

/** What was done longer ago counts as not done. */
const LOOKED_BACK_MS = 12 * 7 * 86_400_000;

/**
 * Whose turn it is at a session in the blocks of its circuit that pick: what is written in it; else what suits
 * those who are here and its group has not done for longest, which is written into it. Where the server is away it is picked anew.
 */
export async function picksFor(
  session: PlannedSession,
  circuit: Circuit,
  people: readonly Person[],
  occasion: Occasion,
): Promise<readonly BlockPick[]> {
  if (session.picks || pickingBlocks(circuit).length === 0) return session.picks ?? [];
  const slots = tracksFor(circuit, people, occasion, session.circuitId);
  const nothingFor = new Map(slots.map(({ slotId, oneToOne }) => [slotId, oneToOne.length]));
  const mayNot = new Map(
    slots.map(({ slotId, tracks, oneToOne }) => [
      slotId,
      new Set([...tracks.flatMap((track) => track.people), ...oneToOne]).size,
    ]),
  );
  const room = pickRoom(circuit, occasion);
  try {
    const known = { lastDone: await lastDoneBy(session.groupId), mayNot, nothingFor };
    const picks = nextPicks(circuit, known, room);
    await useSessionsStore().pick(session.id, picks);
    return picks;
  } catch (error) {
    if (!(error instanceof ServerAway)) throw error;
    return nextPicks(circuit, { lastDone: new Map(), mayNot, nothingFor }, room);
  }
}

/** When a group did each drill last, by the drill's id; nothing where nobody is known to come. */
async function lastDoneBy(groupId: string | null): Promise<ReadonlyMap<string, number>> {
  if (groupId === null) return new Map();
  const from = new Date(Date.now() - LOOKED_BACK_MS).toISOString();
  const { runs } = await call('groupWork', { id: groupId, query: { from } });
  // Last run first, so that the last one written is the first one that counts.
  return new Map(
    runs.toReversed().flatMap(({ startedAt, drills }) => drills.map(({ drillId }) => [drillId, Date.parse(startedAt)])),
  );
}
