import { momentAt } from '../timeline/moment.ts';
import type { Seconds } from '../units.ts';
import { spend, spendBetween } from './runRecord.ts';
import { runLength, type StageRun } from './stageRun.ts';

/** A run as it is kept while it is under way, so that it can be taken up after a reload, a crash or a flat battery. */
export interface KeptRun {
  readonly run: StageRun;
  /** When it was started, and when it was last kept: milliseconds since 1970. */
  readonly startedAt: number;
  readonly keptAt: number;
}

/** A run that was left for longer is not asked about any more. */
export const KEPT_FOR: Seconds = 6 * 3600;

/** Whether a run is still worth asking about: it had begun, is not over, and was not left long ago. */
export function canBeTakenUp({ run, keptAt }: KeptRun, now: number): boolean {
  const left = (now - keptAt) / 1000;
  return (run.state === 'running' || run.state === 'paused') && left >= 0 && left < KEPT_FOR;
}

/** Whether a run came to its end and was neither logged nor left: its record is still to be kept. */
export function isUnlogged({ run, keptAt }: KeptRun, now: number): boolean {
  return run.state === 'ended' && (now - keptAt) / 1000 < KEPT_FOR;
}

/** Where its clock would be by now, had nothing happened; undefined where it stood still, or would be over. */
export function runningTime({ run, keptAt }: KeptRun, now: number): Seconds | undefined {
  if (run.state !== 'running') return undefined;
  const at = run.position + (now - keptAt) / 1000;
  return at < runLength(run) ? at : undefined;
}

/** The run, paused, at the second it was left. The time since was spent where it stood. */
export function takenUp({ run, keptAt }: KeptRun, now: number): StageRun {
  const at = momentAt(run.segments, run.position);
  const away = Math.max(0, (now - keptAt) / 1000);
  const record = at ? spend(run.record, at.segment, away, true) : run.record;
  return { ...run, state: 'paused', record };
}

/** The run, paused, at the second where its clock would be by now. The time since passed as planned. */
export function caughtUp(kept: KeptRun, now: number): StageRun {
  const { run } = kept;
  const at = runningTime(kept, now);
  if (at === undefined) return takenUp(kept, now);
  return { ...run, state: 'paused', position: at, record: spendBetween(run.record, run.segments, run.position, at) };
}

/** Whether a value read from a browser's storage is a kept run: what lies there may be old, or half written. */
export function isKeptRun(value: unknown): value is KeptRun {
  if (!isObject(value) || !isObject(value['run'])) return false;
  const { segments, record, position, state, gaps, marks } = value['run'];
  return (
    typeof value['startedAt'] === 'number' &&
    typeof value['keptAt'] === 'number' &&
    typeof position === 'number' &&
    Number.isFinite(position) &&
    (state === 'running' || state === 'paused' || state === 'ended') &&
    Array.isArray(segments) &&
    segments.length > 0 &&
    segments.every((one) => isObject(one) && isSpan(one['start'], one['end']) && typeof one['slotId'] === 'string') &&
    Array.isArray(record) &&
    record.every(isSpent) &&
    Array.isArray(gaps) &&
    gaps.every(isSpent) &&
    Array.isArray(marks) &&
    marks.every((one) => isObject(one) && typeof one['at'] === 'number' && typeof one['kind'] === 'string')
  );
}

function isObject(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

const isSpent = (one: unknown): boolean =>
  isObject(one) && typeof one['actual'] === 'number' && typeof one['paused'] === 'number';

const isSpan = (start: unknown, end: unknown): boolean =>
  typeof start === 'number' && typeof end === 'number' && end >= start;
