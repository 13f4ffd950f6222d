import { PHASES, type Phase } from '@prompt-spark/core/drills/phase';
import type { TurnRecord } from '@prompt-spark/core/session/runRecord';
import Joi from 'joi';
import { id, idOrNull, instant, line, name, whole } from './fields.ts';

/** What one going-through of a slot took, with the drill's name and phase as they were on the day. */
export interface RunTurn extends TurnRecord {
  readonly drillName: string;
  readonly phase: Phase;
}

/** Whether people were warm at the end. */
export type Warmth = 'yes' | 'nearly' | 'no';

/** A circuit as it was run. The id is made by the sender, so that sending it twice records it once. */
export interface NewRun {
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
  readonly turns: readonly RunTurn[];
}

/** Seconds as measured, to the millisecond. */
const measured = Joi.number().min(0).max(86_400).required();

const turn = Joi.object<RunTurn>({
  slotId: Joi.string().min(1).max(64).required(),
  drillId: Joi.string().min(1).max(64).required(),
  drillName: name(),
  phase: Joi.valid(...PHASES).required(),
  round: whole(1, 99),
  planned: measured,
  actual: measured,
  paused: measured,
});

const fields = {
  id,
  sessionId: idOrNull,
  circuitId: id,
  circuitTitle: name(),
  startedAt: instant,
  finishedAt: instant,
  endedEarly: Joi.boolean().required(),
  effort: whole(0, 10).allow(null),
  warm: Joi.valid('yes', 'nearly', 'no', null).required(),
  note: Joi.string().max(2000).allow('').required(),
  turns: Joi.array().items(turn).max(2000).required(),
};

export const newRunSchema = Joi.object<NewRun>(fields).required();

/** A run as it stands in the log. */
export interface Run extends NewRun {
  readonly coachName: string;
  readonly groupName: string | null;
  readonly siteName: string | null;
  readonly timeZone: string | null;
}

/** Names are shown as they are kept; only their presence is checked on the way out. */
const nameOrNull = line(120).allow(null);

export const runsSchema = Joi.array<Run[]>()
  .items(
    Joi.object<Run>({
      ...fields,
      coachName: Joi.string().required(),
      groupName: nameOrNull,
      siteName: nameOrNull,
      timeZone: nameOrNull,
    }),
  )
  .required();
