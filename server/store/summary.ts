import { occasionOf, type Occasion } from '@prompt-spark/core/occasion/occasion';
import { siteFrom } from '@prompt-spark/core/occasion/site';
import { catalogue } from '@prompt-spark/catalogue';
import { withPicksInTime } from '@prompt-spark/core/timeline/pickRoom';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { withNothingWaiting } from '@prompt-spark/core/circuit/pick';
import { builtCircuit } from '@prompt-spark/core/fit/plan/build';
import type { AgreedFit } from '@prompt-spark/core/fit/plan/plan';
import { sketchFuse, type FuseSketch } from '@prompt-spark/core/timeline/fuseSketch';
import { USUAL_TIMES } from '@prompt-spark/core/occasion/trade';
import { createHash } from 'node:crypto';
import type { CircuitSketch, SessionSketch } from '../schema/tables.ts';
import type { TimedWith } from './library.ts';

/** One more whenever a summary holds something else, or time is worked out in another way. */
const SUMMARY_VERSION = 4;

/**
 * The stamp of summaries made today. A summary under another stamp is made anew when it is next listed: the drills that
 * ship or the times of the trade have changed since, or what a summary is.
 */
export const SUMMARY_STAMP = createHash('sha256')
  .update(JSON.stringify([SUMMARY_VERSION, catalogue, USUAL_TIMES]))
  .digest('base64url')
  .slice(0, 16);

interface Times {
  readonly seconds: number;
  readonly fuse: FuseSketch;
}

/** What a list shows of a circuit. */
export function sketchOfCircuit(
  circuit: Circuit,
  groupId: string | null,
  siteId: string | null,
  timing: TimedWith,
): CircuitSketch {
  const { title, purpose, notBefore, notAfter, tags, available } = circuit;
  const times = timesOf(circuit, occasionFor(groupId, siteId, timing));
  return { title, purpose, notBefore, notAfter, tags, available, drills: allSlots(circuit).length, ...times };
}

/** What a list shows of a session: its circuit at its own site, with its own group, fitted where that was agreed. */
export function sketchOfSession(
  circuit: Circuit,
  session: { readonly groupId: string | null; readonly siteId: string | null; readonly fit: AgreedFit | null },
  timing: TimedWith,
): SessionSketch {
  const { groupId, siteId, fit } = session;
  const occasion = occasionFor(groupId, siteId, timing);
  const whole = timesOf(circuit, occasion);
  const times = fit ? timesOf(builtCircuit(circuit, fit.plan, occasion, fit.seconds), occasion) : whole;
  return {
    title: circuit.title,
    purpose: circuit.purpose,
    notBefore: circuit.notBefore,
    notAfter: circuit.notAfter,
    people: circuit.people,
    fitted: fit?.seconds ?? null,
    planned: whole.seconds,
    ...times,
  };
}

function occasionFor(groupId: string | null, siteId: string | null, timing: TimedWith): Occasion {
  const { library, siteOf, groupOf, times } = timing;
  return occasionOf({ library, site: siteFrom(siteOf(siteId)), expected: groupOf(groupId)?.people ?? 0, times });
}

function timesOf(circuit: Circuit, occasion: Occasion): Times {
  const { segments, total } = timeCircuit(withPicksInTime(circuit, occasion), occasion);
  return { seconds: total.plan, fuse: sketchFuse(segments) };
}

/** The words a circuit is found by, in small letters: its title, purpose and tags, and the names of its drills. */
export function searchTextOf(circuit: Circuit, { library }: TimedWith): string {
  const drills = allSlots(withNothingWaiting(circuit)).map(({ drillId }) => library.byId.get(drillId)?.name ?? '');
  return [circuit.title, circuit.purpose, ...circuit.tags, ...new Set(drills)].join(' ').toLowerCase();
}
