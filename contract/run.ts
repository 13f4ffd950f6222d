import { MOST_LINES, MOST_STRETCHES } from '@prompt-spark/core/circuit/bounds';
import { PHASES, type Phase } from '@prompt-spark/core/drills/phase';
import { NO_PACE, type RunPace, type Taken } from '@prompt-spark/core/session/gaps';
import { MARK_KINDS, MOST_MARKS, type RunMark } from '@prompt-spark/core/session/marks';
import type { TurnRecord } from '@prompt-spark/core/session/runRecord';
import type { Habits } from '@prompt-spark/core/occasion/occasion';
import type { LearntHabits } from '@prompt-spark/core/session/habits';
import Joi from 'joi';
import { id, idOrNull, instant, line, listOf, name, oneOf, shape, whole, yesOrNo } from './fields.ts';
import { cursor, nextCursor } from './page.ts';

/** What one going-through of a slot took, with the drill's name and phase as they were on the day. */
export interface RunTurn extends TurnRecord {
  readonly drillName: string;
  readonly phase: Phase;
}

/** Whether people were warm at the end. */
export type Warmth = 'yes' | 'nearly' | 'no';

/** How a circuit was run, on the whole. */
export interface RunFacts {
  readonly id: string;
  readonly sessionId: string | null;
  readonly circuitId: string;
  readonly circuitTitle: string;
  readonly startedAt: string;
  readonly finishedAt: string;
  /** The coach stopped before the end. */
  readonly endedEarly: boolean;
  /** Effort of the group on the 0–10 scale; null where not asked. */
  readonly effort: number | null;
  readonly warm: Warmth | null;
  readonly note: string;
  /** What was tapped on the Stage, in order of time. It names nobody. */
  readonly marks: readonly RunMark[];
}

/** A circuit as it was run. The id is made by the sender, so that sending it twice records it once. */
export interface NewRun extends RunFacts {
  readonly turns: readonly RunTurn[];
  /** What getting ready and changes of side took in all, from which the coach's own pace is learnt. */
  readonly pace: RunPace;
}

/** Seconds as measured, to the millisecond. */
const measured = Joi.number().min(0).max(86_400).required();

const turn = shape<RunTurn>({
  slotId: Joi.string().min(1).max(64).required(),
  drillId: Joi.string().min(1).max(64).required(),
  drillName: name(170),
  phase: oneOf(...PHASES),
  round: whole(1, 99),
  planned: measured,
  actual: measured,
  paused: measured,
});
const turns = listOf(turn).max(MOST_STRETCHES);

/** The most drills that one run can explain: a circuit has no more slots. */
const MOST_DRILLS_EXPLAINED = MOST_LINES;

/** Something of each of some drills, by its id. */
const byDrill = (value: Joi.Schema): Joi.ObjectSchema => Joi.object().pattern(Joi.string().max(64), value).required();

const taken = shape<Taken>({ planned: measured, actual: measured });
const pace = shape<RunPace>({
  move: taken,
  talk: taken,
  switch: taken,
  // A page that was opened before these were kept sends neither.
  rest: taken.optional().default(NO_PACE.rest),
  drills: byDrill(taken).max(MOST_DRILLS_EXPLAINED).optional().default(NO_PACE.drills),
});

const mark = shape<RunMark>({
  at: measured,
  slotId: Joi.string().min(1).max(64).required(),
  drillId: Joi.string().min(1).max(64).required(),
  kind: oneOf(...MARK_KINDS),
});

const facts = {
  id,
  sessionId: idOrNull,
  circuitId: id,
  circuitTitle: name(),
  startedAt: instant,
  finishedAt: instant,
  endedEarly: yesOrNo,
  effort: whole(0, 10).allow(null),
  warm: oneOf('yes', 'nearly', 'no').allow(null),
  note: Joi.string().max(2000).allow('').required(),
  // A page that was opened before taps were kept sends none.
  marks: listOf(mark).max(MOST_MARKS).optional().default([]),
};

/** What is said of a run when it has ended, and may be put right later. */
export type RunCorrection = Pick<RunFacts, 'effort' | 'warm' | 'note'>;

export const runCorrectionSchema = shape<RunCorrection>({ effort: facts.effort, warm: facts.warm, note: facts.note });

export const newRunSchema = shape<NewRun>({
  ...facts,
  turns,
  // A page that was opened before paces were kept sends none.
  pace: pace.optional().default(NO_PACE),
});

/** A run as the log lists it, with what its turns come to. */
export interface RunSummary extends RunFacts {
  readonly coachName: string;
  readonly groupId: string | null;
  readonly groupName: string | null;
  readonly siteName: string | null;
  readonly timeZone: string | null;
  readonly planned: number;
  readonly actual: number;
  readonly paused: number;
}

/** Names are shown as they are kept. */
const nameOrNull = line(120).allow(null);
const sum = Joi.number().min(0).required();

export const runSummarySchema = shape<RunSummary>({
  ...facts,
  coachName: Joi.string().required(),
  groupId: idOrNull,
  groupName: nameOrNull,
  siteName: nameOrNull,
  timeZone: nameOrNull,
  planned: sum,
  actual: sum,
  paused: sum,
});

/** What every slot of a run took, in the order of the plan. */
export interface RunTurns {
  readonly turns: readonly RunTurn[];
  /** What getting ready and changes of side took; null where nobody knows. */
  readonly pace: RunPace | null;
}

export const runTurnsSchema = shape<RunTurns>({ turns, pace: pace.allow(null) });

/** Which runs the log lists: started from an instant up to another, of one group, coach or circuit; a page at a time. */
export interface RunWish {
  readonly from?: string;
  readonly to?: string;
  readonly group?: string;
  readonly coach?: string;
  readonly circuit?: string;
  readonly after?: string;
}

export const runWishSchema = shape<RunWish>({
  from: instant.optional(),
  to: instant.optional(),
  group: id.optional(),
  coach: id.optional(),
  circuit: id.optional(),
  after: cursor.optional(),
});

/** A page of the log, last run first. */
export interface RunPage {
  readonly runs: readonly RunSummary[];
  readonly next: string | null;
}

export const runPageSchema = shape<RunPage>({ runs: listOf(runSummarySchema), next: nextCursor });

/** That a run is kept. */
export interface RunKept {
  readonly id: string;
}

export const runKeptSchema = shape<RunKept>({ id });

/** A coach's own pace with everybody, and with each group. */
export interface OwnPace {
  readonly all: LearntHabits;
  readonly groups: readonly (LearntHabits & { readonly groupId: string })[];
}

const habit = Joi.number().min(0.5).max(2).required();
const learnt = {
  habits: shape<Habits>({ move: habit, talk: habit, switch: habit, rest: habit, drills: byDrill(habit) }),
  sessions: whole(0, 1000),
};

export const ownPaceSchema = shape<OwnPace>({
  all: shape<LearntHabits>(learnt),
  groups: listOf(shape<OwnPace['groups'][number]>({ groupId: id, ...learnt })),
});
