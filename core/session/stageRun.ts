import { momentAt, stretchSegment } from '../timeline/moment.ts';
import type { Segment } from '../timeline/timeline.ts';
import type { Seconds } from '../units.ts';
import { startOfTurn, withoutDrill } from './changedCourse.ts';
import { blankGaps, gapsAlong, gapsBetween, gapsPaused, type GapRecord } from './gaps.ts';
import type { MarkKind, RunMark } from './marks.ts';
import { endedAt, heldOpen } from './openEnds.ts';
import { blankRecord, recordAlong, spend, spendBetween, type TurnRecord } from './runRecord.ts';

/** How far into a stretch "back" still goes to the one before, rather than to the beginning of this one. */
const BACK_GRACE: Seconds = 2;
/** What one press of "more" adds. */
export const TEN_MORE: Seconds = 10;

export type RunState = 'waiting' | 'running' | 'paused' | 'ended';

/** A circuit being run. Plain data: it can be kept, and taken up again where it stood. */
export interface StageRun {
  readonly state: RunState;
  readonly segments: readonly Segment[];
  /** Seconds from the start of the segments. */
  readonly position: Seconds;
  /** What every slot took so far. */
  readonly record: readonly TurnRecord[];
  /** What every gap between two stretches of work took so far. */
  readonly gaps: readonly GapRecord[];
  /** What the coach noted, in the order in which it was. */
  readonly marks: readonly RunMark[];
}

/** What a coach can do to a run, and looking at it. */
export type RunEvent =
  | {
      readonly kind:
        'look' | 'start' | 'pause' | 'go on' | 'skip' | 'back' | 'again' | 'leave out' | 'ten more' | 'stop';
    }
  | { readonly kind: 'mark'; readonly mark: MarkKind }
  /** What has been stays; what is still to come is what these say. */
  | { readonly kind: 'go on with'; readonly segments: readonly Segment[] };

/** What the clock says at an event. */
export interface ClockReading {
  /** Where a clock that runs stands: seconds from the start of the segments. */
  readonly at: Seconds;
  /** How long a clock that is paused has stood still since it was last read. */
  readonly stood: Seconds;
}

/** A run of a circuit that waits to begin. */
export function newRun(segments: readonly Segment[]): StageRun {
  return {
    state: 'waiting',
    segments,
    position: 0,
    record: blankRecord(segments),
    gaps: blankGaps(segments),
    marks: [],
  };
}

/** The length of a run in seconds. */
export function runLength({ segments }: Pick<StageRun, 'segments'>): Seconds {
  return segments.at(-1)?.end ?? 0;
}

/**
 * A run after an event. What passed until then is booked first, each second on what stood there; a run whose clock has come
 * to its end is ended, and an ended run stays as it is.
 */
export function runAfter(before: StageRun, event: RunEvent, reading: ClockReading): StageRun {
  const run = booked(before, reading);
  if (run.state === 'ended') return run;
  switch (event.kind) {
    case 'look':
      return run;
    case 'start':
      return run.state === 'waiting' ? { ...run, state: 'running' } : run;
    case 'pause':
      return run.state === 'running' ? { ...run, state: 'paused' } : run;
    case 'go on':
      return run.state === 'paused' ? { ...run, state: 'running' } : run;
    case 'skip': {
      const at = momentAt(run.segments, run.position);
      if (!at) return run;
      // An open end is here; the seconds that were held open for it are gone.
      if (at.segment.openEnd) {
        return movedTo({ ...run, segments: endedAt(run.segments, at.index, run.position) }, run.position);
      }
      return movedTo(run, at.segment.end);
    }
    case 'back':
      return movedTo(run, startBefore(run));
    case 'again': {
      const at = momentAt(run.segments, run.position);
      return at ? movedTo(run, startOfTurn(run.segments, at)) : run;
    }
    case 'leave out':
      return movedTo({ ...run, segments: withoutDrill(run.segments, run.position) }, run.position);
    case 'ten more': {
      const at = momentAt(run.segments, run.position);
      return at ? { ...run, segments: stretchSegment(run.segments, at.index, TEN_MORE) } : run;
    }
    case 'mark':
      return { ...run, marks: [...run.marks, ...markHere(run, event.mark)] };
    case 'go on with':
      return {
        ...run,
        segments: event.segments,
        record: recordAlong(run.record, event.segments),
        gaps: gapsAlong(run.gaps, event.segments),
      };
    case 'stop':
      return { ...run, state: 'ended' };
  }
}

function markHere({ segments, position }: StageRun, kind: MarkKind): readonly RunMark[] {
  const here = momentAt(segments, position);
  if (!here) return [];
  const { slotId, drillId } = here.segment;
  return [{ at: position, slotId, drillId, kind }];
}

function booked(run: StageRun, { at, stood }: ClockReading): StageRun {
  const { record, position, gaps } = run;
  const running = run.state === 'running';
  const segments = running ? heldOpen(run.segments, position, at) : run.segments;
  if (running) {
    const length = runLength({ segments });
    const now = Math.min(at, length);
    const passed = {
      ...run,
      segments,
      position: now,
      record: spendBetween(record, segments, position, now),
      gaps: gapsBetween(gaps, segments, position, now),
    };
    return at >= length ? { ...passed, state: 'ended' } : passed;
  }
  const standing = run.state === 'paused' && stood > 0 ? momentAt(segments, position) : undefined;
  if (!standing) return run;
  return {
    ...run,
    record: spend(record, standing.segment, stood, true),
    gaps: gapsPaused(gaps, segments, position, stood),
  };
}

function movedTo(run: StageRun, to: Seconds): StageRun {
  const end = runLength(run);
  return to >= end ? { ...run, position: end, state: 'ended' } : { ...run, position: to };
}

/** The beginning of the stretch a run is in; that of the one before where it has hardly begun. */
function startBefore({ segments, position }: StageRun): Seconds {
  const at = momentAt(segments, position);
  if (!at) return position;
  const before = at.into < BACK_GRACE ? segments[at.index - 1] : undefined;
  return (before ?? at.segment).start;
}
