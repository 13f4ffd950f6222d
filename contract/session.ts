import type { AgreedFit } from '@prompt-spark/core/fit/plan';
import Joi from 'joi';
import { circuitRecordSchema, type CircuitRecord } from './circuit.ts';
import { agreedFit } from './fit.ts';
import { id, idOrNull, instant, whole } from './fields.ts';

/** A session a coach puts in the book: a circuit to be run on a date. */
export interface NewSession {
  readonly id: string;
  readonly circuitId: string;
  readonly groupId: string | null;
  readonly siteId: string | null;
  readonly startsAt: string;
  /** Minutes there are for the warm-up. */
  readonly minutes: number;
}

const fields = {
  id,
  circuitId: id,
  groupId: idOrNull,
  siteId: idOrNull,
  startsAt: instant,
  minutes: whole(1, 120),
};

export const newSessionSchema = Joi.object<NewSession>(fields).required();

/** A session as it stands in the book, with its circuit, and the run that kept it if it has been run. */
export interface PlannedSession extends NewSession {
  readonly coachName: string;
  readonly circuit: CircuitRecord;
  readonly runId: string | null;
  /** How it is shortened for this session alone; null where it is run as planned. */
  readonly fit: AgreedFit | null;
}

const plannedSession = Joi.object<PlannedSession>({
  ...fields,
  coachName: Joi.string().required(),
  circuit: circuitRecordSchema,
  runId: idOrNull,
  fit: agreedFit.allow(null).required(),
});

export const plannedSessionSchema = plannedSession.required();

export const plannedSessionsSchema = Joi.array<PlannedSession[]>().items(plannedSession).required();

/** The span of time to list sessions for: from an instant up to another, at most 62 days. */
export interface SessionSpan {
  readonly from: string;
  readonly to: string;
}

const MOST_DAYS = 62;

export const sessionSpanSchema = Joi.object<SessionSpan>({ from: instant, to: instant })
  .custom((span: SessionSpan, helpers) => {
    const days = (Date.parse(span.to) - Date.parse(span.from)) / 86_400_000;
    return days >= 0 && days <= MOST_DAYS ? span : helpers.error('span.days');
  })
  .messages({ 'span.days': `"to" must come after "from", by at most ${MOST_DAYS} days` })
  .required();
