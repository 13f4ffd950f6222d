import { USUAL_PACE, type Habits } from '../occasion/occasion.ts';
import type { Segment } from '../timeline/timeline.ts';
import type { Seconds } from '../units.ts';

/** What a gap between two stretches of work lasts for. */
export const GAP_KINDS = ['move', 'talk', 'switch', 'rest'] as const satisfies readonly (keyof Habits)[];
export type GapKind = (typeof GAP_KINDS)[number];

/** What one gap took, against what was planned. */
export interface GapRecord {
  readonly slotId: string;
  readonly drillId: string;
  readonly round: number;
  /** From 0, of the gaps of its slot and round. */
  readonly at: number;
  readonly kind: GapKind;
  readonly planned: Seconds;
  readonly actual: Seconds;
  /** Seconds the clock stood still in it. */
  readonly paused: Seconds;
}

/** The gaps of a plan, with nothing spent yet. */
export function blankGaps(segments: readonly Segment[]): readonly GapRecord[] {
  return placed(segments).flatMap(({ segment, at }) => {
    const kind = gapKindOf(segment);
    if (!kind) return [];
    const { slotId, drillId, round, length } = segment;
    return [{ slotId, drillId, round, at, kind, planned: length, actual: 0, paused: 0 }];
  });
}

/** The gaps of a run whose rest was changed: those that are new are added, those that are gone stay. */
export function gapsAlong(gaps: readonly GapRecord[], segments: readonly Segment[]): readonly GapRecord[] {
  const known = new Set(gaps.map(keyOf));
  return [...gaps, ...blankGaps(segments).filter((gap) => !known.has(keyOf(gap)))];
}

/** The gaps with the time between two positions spent on those that stood there. */
export function gapsBetween(
  gaps: readonly GapRecord[],
  segments: readonly Segment[],
  from: Seconds,
  to: Seconds,
): readonly GapRecord[] {
  const spent = new Map<string, Seconds>();
  for (const { segment, at } of placed(segments)) {
    if (!gapKindOf(segment) || segment.end <= from || segment.start >= to) continue;
    spent.set(keyOf({ ...segment, at }), Math.min(to, segment.end) - Math.max(from, segment.start));
  }
  if (spent.size === 0) return gaps;
  return gaps.map((gap) => ({ ...gap, actual: gap.actual + (spent.get(keyOf(gap)) ?? 0) }));
}

/** The gaps with seconds in which the clock stood still at a position. */
export function gapsPaused(
  gaps: readonly GapRecord[],
  segments: readonly Segment[],
  position: Seconds,
  seconds: Seconds,
): readonly GapRecord[] {
  const here = placed(segments).find(({ segment }) => segment.start <= position && position < segment.end);
  if (!here || !gapKindOf(here.segment)) return gaps;
  const key = keyOf({ ...here.segment, at: here.at });
  return gaps.map((gap) => (keyOf(gap) === key ? { ...gap, paused: gap.paused + seconds } : gap));
}

function gapKindOf({ kind, waitsFor, swap }: Segment): GapKind | null {
  if (kind === 'ready' || kind === 'rest') return waitsFor;
  return kind === 'switch' && swap === 'side' ? 'switch' : null;
}

/** Segments with their place among those of their slot and round. */
function placed(segments: readonly Segment[]): readonly { readonly segment: Segment; readonly at: number }[] {
  const counts = new Map<string, number>();
  return segments.map((segment) => {
    const turn = `${segment.slotId} ${String(segment.round)}`;
    const at = counts.get(turn) ?? 0;
    counts.set(turn, at + 1);
    return { segment, at };
  });
}

const keyOf = ({ slotId, round, at }: Pick<GapRecord, 'slotId' | 'round' | 'at'>): string =>
  `${slotId} ${String(round)} ${String(at)}`;

/** Seconds planned, at the usual pace, and seconds taken. */
export interface Taken {
  readonly planned: Seconds;
  readonly actual: Seconds;
}
/** What the gaps of one run come to, each kind by itself, and what was said before each drill at its first time. */
export interface RunPace extends Readonly<Record<GapKind, Taken>> {
  readonly drills: Readonly<Record<string, Taken>>;
}

const NOTHING: Taken = { planned: 0, actual: 0 };
/** The pace of a run of which nothing is known. */
export const NO_PACE: RunPace = { move: NOTHING, talk: NOTHING, switch: NOTHING, rest: NOTHING, drills: {} };

/**
 * What the gaps of a run come to. A clock that stands still while people get ready is part of it: that is when a coach goes
 * on explaining. Left out are interruptions, and gaps that were skipped, gone back to, or never reached.
 *
 * @param habits the pace that the run was planned with
 */
export function paceOf(gaps: readonly GapRecord[], habits: Habits = USUAL_PACE): RunPace {
  const plain = gaps.filter(isPlain);
  const takenBy = (kind: GapKind): Taken =>
    sumOf(
      plain.filter((gap) => gap.kind === kind),
      habits,
    );
  const first = plain.filter(isFirstWords);
  const drills = [...new Set(first.map(({ drillId }) => drillId))].map((id) => {
    const own = first.filter(({ drillId }) => drillId === id);
    return [id, sumOf(own, habits)] as const;
  });
  return {
    move: takenBy('move'),
    talk: takenBy('talk'),
    switch: takenBy('switch'),
    rest: takenBy('rest'),
    drills: Object.fromEntries(drills),
  };
}

/** What gaps took in all, against the plan at the usual pace, where it was made with habits. */
function sumOf(gaps: readonly GapRecord[], habits: Habits): Taken {
  const planned = gaps.reduce((sum, gap) => sum + gap.planned / habitIn(gap, habits), 0);
  return { planned, actual: gaps.reduce((sum, { actual, paused }) => sum + actual + paused, 0) };
}

const isFirstWords = ({ kind, round }: GapRecord): boolean => kind === 'talk' && round === 1;

function habitIn(gap: GapRecord, habits: Habits): number {
  return (isFirstWords(gap) ? habits.drills[gap.drillId] : undefined) ?? habits[gap.kind];
}

/** A clock that stands still for longer is an interruption. Common practice, no source. */
const INTERRUPTED: Seconds = 45;
/** A gap that took less or more than these parts of what was planned was skipped, or gone back to. Common practice, no source. */
const SKIPPED = 0.2;
const GONE_BACK = 6;

function isPlain({ planned, actual, paused }: GapRecord): boolean {
  const share = planned > 0 ? (actual + paused) / planned : 0;
  return paused <= INTERRUPTED && share >= SKIPPED && share <= GONE_BACK;
}
