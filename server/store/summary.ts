import { catalogue } from '@prompt-spark/catalogue';
import { timeCircuit, usualSetting, type Circuit } from '@prompt-spark/core';
import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { builtCircuit } from '@prompt-spark/core/fit/build';
import type { AgreedFit } from '@prompt-spark/core/fit/plan';
import { sketchFuse, type FuseSketch } from '@prompt-spark/core/timeline/fuseSketch';
import { settingAt, withPeople, type Setting } from '@prompt-spark/core/timeline/setting';
import { USUAL_TIMES } from '@prompt-spark/core/timeline/trade';
import { createHash } from 'node:crypto';
import type { CircuitSketch, SessionSketch } from '../schema/tables.ts';
import type { TimedWith } from './library.ts';

/** One more whenever a summary holds something else, or time is worked out in another way. */
const SUMMARY_VERSION = 1;

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
  const { title, purpose, tags, available } = circuit;
  const peopled = withPeople(circuit, timing.groupOf(groupId)?.people ?? 0);
  const times = timesOf(peopled, settingOf(siteId, timing), timing);
  return { title, purpose, tags, available, drills: allSlots(circuit).length, ...times };
}

/** What a list shows of a session: its circuit at its own site, with its own group, fitted where that was agreed. */
export function sketchOfSession(
  circuit: Circuit,
  session: { readonly groupId: string | null; readonly siteId: string | null; readonly fit: AgreedFit | null },
  timing: TimedWith,
): SessionSketch {
  const { groupId, siteId, fit } = session;
  const peopled = withPeople(circuit, timing.groupOf(groupId)?.people ?? 0);
  const setting = settingOf(siteId, timing);
  const whole = timesOf(peopled, setting, timing);
  const times = fit ? timesOf(builtCircuit(peopled, fit.plan, { setting }, fit.seconds), setting, timing) : whole;
  return {
    title: circuit.title,
    people: circuit.people,
    fitted: fit?.seconds ?? null,
    planned: whole.seconds,
    ...times,
  };
}

function settingOf(siteId: string | null, { library, siteOf }: TimedWith): Setting {
  return settingAt(usualSetting(library), siteOf(siteId));
}

function timesOf(circuit: Circuit, setting: Setting, { library }: TimedWith): Times {
  const { segments, total } = timeCircuit(circuit, setting);
  return { seconds: total.plan, fuse: sketchFuse(segments, ({ drillId }) => library.byId.get(drillId)?.effort ?? 0) };
}

/** The words a circuit is found by, in small letters: its title, purpose and tags, and the names of its drills. */
export function searchTextOf(circuit: Circuit, { library }: TimedWith): string {
  const drills = allSlots(circuit).map(({ drillId }) => library.byId.get(drillId)?.name ?? '');
  return [circuit.title, circuit.purpose, ...circuit.tags, ...new Set(drills)].join(' ').toLowerCase();
}
