import type { AgreedFit } from '@prompt-spark/core/fit/plan/plan';
import type { FuseSketch } from '@prompt-spark/core/timeline/fuseSketch';
import { MOST_BLOCKS, MOST_LINES, MOST_PURPOSE } from '@prompt-spark/core/circuit/bounds';
import type { BlockPick } from '@prompt-spark/core/circuit/pick';
import { MOST_REPEATS } from '@prompt-spark/core/schedule/bounds';
import type { Seconds } from '@prompt-spark/core/units';
import Joi from 'joi';
import { circuitRecordSchema, fuseSchema, type CircuitRecord } from './circuit.ts';
import { id, idOrNull, innerId, instant, line, listOf, name, oneOf, shape, whole } from './fields.ts';
import { agreedFit } from './fit.ts';
import { unreadables, type Unreadable } from './page.ts';

/** When, where, for whom and with whom a session is held: what changes when it is moved. */
export interface Booking {
  readonly groupId: string | null;
  readonly siteId: string | null;
  readonly startsAt: string;
  /** Minutes there are for the warm-up. */
  readonly minutes: number;
}

const booking = {
  groupId: idOrNull,
  siteId: idOrNull,
  startsAt: instant,
  minutes: whole(1, 120),
};

/** A session that repeats another: the same but for its start. */
export interface Repeat {
  readonly id: string;
  readonly startsAt: string;
}

/** A session that a coach puts in the book, and those that repeat it. */
export interface NewSession extends Booking {
  readonly id: string;
  readonly circuitId: string;
  /** Who coaches it; null for the coach who books it. */
  readonly coachId: string | null;
  readonly repeats: readonly Repeat[];
}

export const newSessionSchema = shape<NewSession>({
  id,
  circuitId: id,
  coachId: idOrNull,
  ...booking,
  repeats: listOf(shape<Repeat>({ id, startsAt: instant }))
    .max(MOST_REPEATS)
    .unique('id'),
});

/** Which sessions of a series a change is made to: this one, or this one and all that start after it. */
export const SERIES_SPANS = ['one', 'following'] as const;
export type SeriesSpan = (typeof SERIES_SPANS)[number];

/** A session held at another time or place, by another coach, for another group or for longer. */
export interface SessionMove extends Booking {
  readonly coachId: string;
  readonly span: SeriesSpan;
}

export const sessionMoveSchema = shape<SessionMove>({ ...booking, coachId: id, span: oneOf(...SERIES_SPANS) });

/** Which of a series to take out or to bring back; this one unless said. */
export interface SeriesWish {
  readonly span?: SeriesSpan;
}

export const seriesWishSchema = shape<SeriesWish>({ span: oneOf(...SERIES_SPANS).optional() });

/** A session in the book. */
export interface BookedSession extends Booking {
  readonly id: string;
  readonly circuitId: string;
  readonly coachId: string;
  /** Sessions that were booked in one go share it; null for one that does not repeat. */
  readonly seriesId: string | null;
}

const booked = { id, circuitId: id, coachId: id, seriesId: idOrNull, ...booking };

/** A session in the book with its circuit, and the run that kept it if it has been run. */
export interface PlannedSession extends BookedSession {
  readonly coachName: string;
  readonly circuit: CircuitRecord;
  readonly runId: string | null;
  /** How it is shortened for this session alone; null where it is run as planned. */
  readonly fit: AgreedFit | null;
  /** Whose turn it is in the blocks of its circuit that pick; null until it is picked. */
  readonly picks: readonly BlockPick[] | null;
}

/** What is sent to pick for a session. */
export interface SessionPicks {
  readonly picks: readonly BlockPick[] | null;
}

/** Whose turn it is in each block that picks. */
export const blockPicks = listOf(shape<BlockPick>({ blockId: innerId, slotIds: listOf(innerId).max(MOST_LINES) })).max(
  MOST_BLOCKS,
);

export const sessionPicksSchema = shape<SessionPicks>({ picks: blockPicks.allow(null) });

export const plannedSessionSchema = shape<PlannedSession>({
  ...booked,
  coachName: Joi.string().required(),
  circuit: circuitRecordSchema,
  runId: idOrNull,
  fit: agreedFit.allow(null),
  picks: blockPicks.allow(null),
});

/** When a session starts, as calendar and clock on the wall of its site show it. */
export interface SiteTime {
  /** YYYY-MM-DD. */
  readonly day: string;
  /** H:MM, of 24 hours. */
  readonly time: string;
  /** Days from today at the site: 0 for today, 1 for tomorrow. */
  readonly daysAhead: number;
}

/** What the book lists of a session. Seconds and fuse are those of the session: its site, its group, its fit. */
export interface SessionSummary extends BookedSession {
  /** Null where it has no site. */
  readonly at: SiteTime | null;
  readonly coachName: string;
  readonly runId: string | null;
  readonly title: string;
  /** What its circuit is for, and what it is kept apart from, in the coach's words. */
  readonly purpose: string;
  readonly notBefore: string;
  readonly notAfter: string;
  /** People that the circuit expects; 0 where it does not say. */
  readonly people: number;
  /** Seconds it was fitted into for this session alone; null where it is run as planned. */
  readonly fitted: Seconds | null;
  /** Seconds of the whole circuit, before any fitting. */
  readonly planned: Seconds;
  readonly seconds: Seconds;
  readonly fuse: FuseSketch;
}

const total = Joi.number().min(0).required();

const siteTime = shape<SiteTime>({
  day: Joi.string()
    .pattern(/^\d{4,6}-\d\d-\d\d$/)
    .required(),
  time: Joi.string()
    .pattern(/^\d{1,2}:\d\d$/)
    .required(),
  daysAhead: Joi.number().integer().required(),
});

export const sessionSummarySchema = shape<SessionSummary>({
  ...booked,
  at: siteTime.allow(null),
  coachName: Joi.string().required(),
  runId: idOrNull,
  title: name(),
  purpose: line(MOST_PURPOSE),
  notBefore: line(MOST_PURPOSE),
  notAfter: line(MOST_PURPOSE),
  people: total,
  fitted: total.allow(null),
  planned: total,
  seconds: total,
  fuse: fuseSchema,
});

/** The sessions of a span of time, in order of time. */
export interface SessionList {
  readonly sessions: readonly SessionSummary[];
  readonly unreadable: readonly Unreadable[];
}

export const sessionListSchema = shape<SessionList>({
  sessions: listOf(sessionSummarySchema),
  unreadable: unreadables,
});

/** The span of time to list sessions for: from an instant up to another, at most 62 days. */
export interface SessionSpan {
  readonly from: string;
  readonly to: string;
}

const MOST_DAYS = 62;

export const sessionSpanSchema = shape<SessionSpan>({ from: instant, to: instant })
  .custom((span: SessionSpan, helpers) => {
    const days = (Date.parse(span.to) - Date.parse(span.from)) / 86_400_000;
    return days >= 0 && days <= MOST_DAYS ? span : helpers.error('span.days');
  })
  .messages({ 'span.days': `"to" must come after "from", by at most ${MOST_DAYS} days` });
