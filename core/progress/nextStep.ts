import type { MarkKind } from '../session/marks.ts';
import type { Effort } from '../units.ts';
import type { ProgressRules } from './rules.ts';

/** A run as far as it tells what comes next. */
export interface PastRun {
  /** Days before the session that is planned, with their fractions. */
  readonly daysAgo: number;
  /** Of the group, 0–10; null where nobody asked. */
  readonly effort: Effort | null;
  readonly endedEarly: boolean;
  /** What was tapped on the Stage, each with the slot that was on. */
  readonly marks: readonly { readonly slotId: string; readonly kind: MarkKind }[];
}

/** Why a warm-up gets harder or easier, or stays though it could get harder; with what tells so. */
export type StepReason =
  | { readonly kind: 'easy'; readonly runs: number }
  | { readonly kind: 'hard'; readonly effort: Effort }
  | { readonly kind: 'marked'; readonly mark: MarkKind }
  | { readonly kind: 'break'; readonly days: number }
  | { readonly kind: 'sore' };

/** Steps up (1) or down (−1, −2) before the next time, or none though it was easy (0). */
export interface NextStep {
  readonly steps: 1 | 0 | -1 | -2;
  readonly reason: StepReason;
  /** Slots in which something was seen: a step down begins with them. */
  readonly slotIds: readonly string[];
}

/** Marks after which it gets easier at once, the gravest first. */
const TROUBLE: readonly MarkKind[] = ['stopped', 'niggle', 'too hard'];

/**
 * What the last runs of a circuit say of its next time; undefined where they say nothing.
 *
 * @param runs the last first, of one group
 * @param changedDaysAgo days since the circuit was last changed: what was run before tells nothing of it
 * @param sore people come sore today
 */
export function nextStep(
  runs: readonly PastRun[],
  rules: ProgressRules,
  { changedDaysAgo = Infinity, sore = false }: { readonly changedDaysAgo?: number; readonly sore?: boolean } = {},
): NextStep | undefined {
  const known = runs.filter(({ daysAgo }) => daysAgo < changedDaysAgo);
  const [last, ...before] = known;
  if (!last) return undefined;
  if (last.daysAgo >= rules.breakDays)
    return { steps: -2, reason: { kind: 'break', days: last.daysAgo }, slotIds: slotsWith(last, TROUBLE) };
  return easier(last, before[0], rules) ?? harder(known, rules, sore);
}

function easier(last: PastRun, before: PastRun | undefined, rules: ProgressRules): NextStep | undefined {
  const trouble = TROUBLE.find((mark) => marksOf(last, mark).length > 0);
  if (trouble) return { steps: -1, reason: { kind: 'marked', mark: trouble }, slotIds: slotsWith(last, TROUBLE) };
  const faults = marksOf(last, 'fault').length;
  const again = faults > 0 && before !== undefined && marksOf(before, 'fault').length > 0;
  if (faults >= rules.faults || again)
    return { steps: -1, reason: { kind: 'marked', mark: 'fault' }, slotIds: slotsWith(last, ['fault']) };
  if (last.effort !== null && last.effort >= rules.hard)
    return { steps: -1, reason: { kind: 'hard', effort: last.effort }, slotIds: [] };
  return undefined;
}

function harder(runs: readonly PastRun[], rules: ProgressRules, sore: boolean): NextStep | undefined {
  const needed = runs.slice(0, rules.easyRuns);
  if (needed.length < rules.easyRuns || !needed.every((run) => wasEasy(run, rules))) return undefined;
  // Back from a break, what was easy before it counts no more.
  const apart = needed.some((run, at) => run.daysAgo - (needed[at - 1]?.daysAgo ?? run.daysAgo) >= rules.breakDays);
  if (apart) return undefined;
  if (sore) return { steps: 0, reason: { kind: 'sore' }, slotIds: [] };
  return { steps: 1, reason: { kind: 'easy', runs: needed.length }, slotIds: [] };
}

/** Easy and clean: done to its end, by what was said or tapped, and nothing seen that was not right. */
function wasEasy({ effort, endedEarly, marks }: PastRun, { easy }: ProgressRules): boolean {
  if (endedEarly || marks.some(({ kind }) => kind !== 'too easy')) return false;
  return effort === null ? marks.length > 0 : effort <= easy;
}

const marksOf = ({ marks }: PastRun, wanted: MarkKind) => marks.filter(({ kind }) => kind === wanted);

const slotsWith = ({ marks }: PastRun, kinds: readonly MarkKind[]): readonly string[] => [
  ...new Set(marks.filter(({ kind }) => kinds.includes(kind)).map(({ slotId }) => slotId)),
];
