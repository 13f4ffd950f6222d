import type { RunPace } from '@prompt-spark/core/session/gaps';
import type { RunMark } from '@prompt-spark/core/session/marks';
import { USUAL_PLATES, type Plates } from '@prompt-spark/core/dose/lift';
import type { Access } from '@prompt-spark/contract/person';
import type { Approach } from '@prompt-spark/core/approach/approach';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { BlockPick } from '@prompt-spark/core/circuit/pick';
import type { AgreedFit } from '@prompt-spark/core/fit/plan/plan';
import type { Measure } from '@prompt-spark/core/measures/measure';
import type { MainSession } from '@prompt-spark/core/approach/mainSession';
import type { TradeTimes } from '@prompt-spark/core/occasion/trade';
import { USUAL_KIT, type Kit } from '@prompt-spark/core/drills/kit';
import type { KitCounts } from '@prompt-spark/core/occasion/site';
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Phase } from '@prompt-spark/core/drills/phase';
import type { CircuitSummary } from '@prompt-spark/contract/circuit';
import type { SessionSummary } from '@prompt-spark/contract/session';
import { sql } from 'drizzle-orm';
import {
  bigint,
  boolean,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  json,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';

const now = sql`now()`;

/** The schema that a stored document was checked against as it came in (contract/documents.ts); 0 for those kept before that was noted. */
const schemaVersion = () => integer('schema_version').notNull().default(0);

/** A studio. Its key is called `studio_id` like everywhere else, so that every table can be asked the same question. */
export const studio = pgTable(
  'studio',
  {
    studioId: uuid('studio_id').primaryKey(),
    name: text('name').notNull(),
    /** The approach of circuits that name none; empty for the first that ships. */
    defaultApproach: text('default_approach').notNull().default(''),
    /** Its own seconds for changes, talk and kit; null for those of the trade. */
    times: jsonb('times').$type<TradeTimes>(),
    isDemo: boolean('is_demo').notNull().default(false),
    /** When a visitor's copy of the demo goes; null for what stays, the demo that copies are made of among it. */
    expiresAt: timestamp('expires_at', { withTimezone: true }),
    /** Bytes of the runs in its log, as they came in. */
    logBytes: bigint('log_bytes', { mode: 'number' }).notNull().default(0),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().default(now),
  },
  (table) => [
    index('demo_studio')
      .on(table.studioId)
      .where(sql`is_demo`),
    index('studio_by_end')
      .on(table.expiresAt)
      .where(sql`expires_at is not null`),
  ],
);

/** The studio a row belongs to. */
const studioId = () =>
  uuid('studio_id')
    .notNull()
    .references(() => studio.studioId, { onDelete: 'cascade' });

export const coach = pgTable(
  'coach',
  {
    id: uuid('id').primaryKey(),
    studioId: studioId(),
    name: text('name').notNull(),
    /** Lower case. */
    email: text('email').notNull().unique(),
    /** argon2id, in PHC string form. */
    passwordHash: text('password_hash').notNull(),
  },
  (table) => [unique('coach_in_studio').on(table.studioId, table.id)],
);

/** Who is signed in where; rows are written by connect-pg-simple, which knows only the first three columns. */
export const signIn = pgTable(
  'sign_in',
  {
    sid: text('sid').primaryKey(),
    sess: json('sess').notNull(),
    expire: timestamp('expire', { precision: 6 }).notNull(),
    studioId: uuid('studio_id').generatedAlwaysAs(sql`((sess ->> 'studioId')::uuid)`),
  },
  (table) => [index('sign_in_expire').on(table.expire)],
);

/** Browsers that a coach signed in at before, by the digest of a secret that only they have: nobody else's tries shut them out. */
export const coachDevice = pgTable(
  'coach_device',
  {
    digest: text('digest').primaryKey(),
    studioId: studioId(),
    coachId: uuid('coach_id').notNull(),
    seenAt: timestamp('seen_at', { withTimezone: true }).notNull().default(now),
  },
  (table) => [
    index('devices_of_coach').on(table.studioId, table.coachId),
    foreignKey({ columns: [table.studioId, table.coachId], foreignColumns: [coach.studioId, coach.id] }).onDelete(
      'cascade',
    ),
  ],
);

/** The keys that health data is sealed with, each by its id and a check value: the keys themselves are never here. Of no studio. */
export const healthKeyCheck = pgTable('health_key_check', {
  keyId: text('key_id').primaryKey(),
  studioId: uuid('studio_id'),
  check: text('check').notNull(),
  madeAt: timestamp('made_at', { withTimezone: true }).notNull().default(now),
});

/** A file that is being taken in, or was of late: how far it is, and whether it was called off. Nothing of what is in it. */
export const importJob = pgTable(
  'import_job',
  {
    id: uuid('id').primaryKey(),
    studioId: studioId(),
    coachId: uuid('coach_id').notNull(),
    done: integer('done').notNull().default(0),
    total: integer('total').notNull().default(0),
    state: text('state').$type<'running' | 'ended' | 'called off'>().notNull().default('running'),
    startedAt: timestamp('started_at', { withTimezone: true }).notNull().default(now),
  },
  (table) => [index('import_by_start').on(table.startedAt)],
);

/** Tries to sign in, counted by address and by e-mail. Made before any studio is known, so the studio is empty. */
export const signInTry = pgTable(
  'sign_in_try',
  {
    key: text('key').primaryKey(),
    studioId: uuid('studio_id'),
    hits: integer('hits').notNull(),
    resetsAt: timestamp('resets_at', { withTimezone: true }).notNull(),
  },
  (table) => [index('try_by_end').on(table.resetsAt)],
);

export const site = pgTable(
  'site',
  {
    id: uuid('id').primaryKey(),
    studioId: studioId(),
    name: text('name').notNull(),
    timeZone: text('time_zone').notNull(),
    lanes: integer('lanes').notNull(),
    laneMetres: doublePrecision('lane_metres').notNull(),
    lapMetres: doublePrecision('lap_metres').notNull().default(0),
    mats: integer('mats').notNull(),
    loopBands: integer('loop_bands').notNull(),
    walls: integer('walls').notNull(),
    kit: jsonb('kit').$type<readonly Kit[]>().notNull().default(USUAL_KIT),
    counts: jsonb('counts').$type<KitCounts>().notNull().default({}),
    plates: jsonb('plates').$type<Plates>().notNull().default(USUAL_PLATES.kg),
    version: integer('version').notNull().default(1),
    schemaVersion: schemaVersion(),
  },
  (table) => [unique('site_in_studio').on(table.studioId, table.id)],
);

export const group = pgTable(
  'training_group',
  {
    id: uuid('id').primaryKey(),
    studioId: studioId(),
    name: text('name').notNull(),
    people: integer('people').notNull(),
  },
  (table) => [unique('group_in_studio').on(table.studioId, table.id)],
);

/** Who coaches a group: its people are seen by them. */
export const groupCoach = pgTable(
  'group_coach',
  {
    studioId: studioId(),
    groupId: uuid('group_id').notNull(),
    coachId: uuid('coach_id').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.groupId, table.coachId] }),
    index('groups_of_coach').on(table.studioId, table.coachId),
    foreignKey({ columns: [table.studioId, table.groupId], foreignColumns: [group.studioId, group.id] }).onDelete(
      'cascade',
    ),
    foreignKey({ columns: [table.studioId, table.coachId], foreignColumns: [coach.studioId, coach.id] }).onDelete(
      'cascade',
    ),
  ],
);

/** A client. Everything about them is in `sealed` (server/store/seal.ts): the database holds no name and no limitation. */
export const person = pgTable(
  'person',
  {
    id: uuid('id').primaryKey(),
    studioId: studioId(),
    version: integer('version').notNull(),
    sealed: text('sealed').notNull(),
    schemaVersion: schemaVersion(),
    takenOutAt: timestamp('taken_out_at', { withTimezone: true }),
  },
  (table) => [unique('person_in_studio').on(table.studioId, table.id)],
);

/** Who coaches a client in private. */
export const personCoach = pgTable(
  'person_coach',
  {
    studioId: studioId(),
    personId: uuid('person_id').notNull(),
    coachId: uuid('coach_id').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.personId, table.coachId] }),
    index('people_of_coach').on(table.studioId, table.coachId),
    foreignKey({ columns: [table.studioId, table.personId], foreignColumns: [person.studioId, person.id] }).onDelete(
      'cascade',
    ),
    foreignKey({ columns: [table.studioId, table.coachId], foreignColumns: [coach.studioId, coach.id] }).onDelete(
      'cascade',
    ),
  ],
);

export const personGroup = pgTable(
  'person_group',
  {
    studioId: studioId(),
    personId: uuid('person_id').notNull(),
    groupId: uuid('group_id').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.personId, table.groupId] }),
    index('people_of_group').on(table.studioId, table.groupId),
    foreignKey({ columns: [table.studioId, table.personId], foreignColumns: [person.studioId, person.id] }).onDelete(
      'cascade',
    ),
    foreignKey({ columns: [table.studioId, table.groupId], foreignColumns: [group.studioId, group.id] }).onDelete(
      'cascade',
    ),
  ],
);

/**
 * Holds that nobody had lifted when a person was deleted, under a digest of their name that only the server can make.
 * Somebody of the same name who is added again is held again: a hold is lifted, never lost.
 */
export const leftHold = pgTable(
  'left_hold',
  {
    studioId: studioId(),
    nameDigest: text('name_digest').notNull(),
    sealed: text('sealed').notNull(),
    leftAt: timestamp('left_at', { withTimezone: true }).notNull().default(now),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.nameDigest] })],
);

/** Who saw or changed somebody's data. It outlives the person, and then says only that there was one. */
export const personAccess = pgTable(
  'person_access',
  {
    studioId: studioId(),
    personId: uuid('person_id').notNull(),
    coachId: uuid('coach_id').notNull(),
    action: text('action').$type<Access['action']>().notNull(),
    /** The last time, and how often: a line a day for each action, but one line in all for looking. */
    at: timestamp('at', { withTimezone: true }).notNull().default(now),
    times: integer('times').notNull().default(1),
    onDay: date('on_day')
      .notNull()
      .default(sql`current_date`),
  },
  (table) => [
    index('access_by_person').on(table.studioId, table.personId, table.at),
    uniqueIndex('seen_by_coach')
      .on(table.personId, table.coachId)
      .where(sql`action = 'saw'`),
    uniqueIndex('done_once_a_day')
      .on(table.personId, table.coachId, table.action, table.onDay)
      .where(sql`action <> 'saw'`),
  ],
);

export const circuit = pgTable(
  'circuit',
  {
    id: uuid('id').primaryKey(),
    studioId: studioId(),
    /** One more with every save. */
    version: integer('version').notNull(),
    /** The save that made this version. */
    saveId: uuid('save_id').notNull(),
    groupId: uuid('group_id'),
    siteId: uuid('site_id'),
    document: jsonb('document').$type<Circuit>().notNull(),
    schemaVersion: schemaVersion(),
    savedAt: timestamp('saved_at', { withTimezone: true }).notNull().default(now),
    takenOutAt: timestamp('taken_out_at', { withTimezone: true }),
    /** What a list shows of it, made from the document; made anew where `summaryOf` is not today's stamp. */
    summary: jsonb('summary').$type<CircuitSketch>(),
    summaryOf: text('summary_of').notNull().default(''),
    /** Title, purpose, tags and names of drills, in small letters, to be found by. */
    searchText: text('search_text').notNull().default(''),
    tags: text('tags').array().notNull().default([]),
    drillIds: text('drill_ids').array().notNull().default([]),
  },
  (table) => [
    unique('circuit_in_studio').on(table.studioId, table.id),
    index('circuit_bin')
      .on(table.studioId, table.takenOutAt)
      .where(sql`taken_out_at is not null`),
    index('circuit_by_save')
      .on(table.studioId, table.savedAt, table.id)
      .where(sql`taken_out_at is null`),
    foreignKey({ columns: [table.studioId, table.groupId], foreignColumns: [group.studioId, group.id] }),
    foreignKey({ columns: [table.studioId, table.siteId], foreignColumns: [site.studioId, site.id] }),
  ],
);

/** What a list shows of a circuit besides its row's own columns. */
export type CircuitSketch = Pick<
  CircuitSummary,
  'title' | 'purpose' | 'notBefore' | 'notAfter' | 'tags' | 'available' | 'drills' | 'seconds' | 'fuse'
>;

/** A drill that a studio added, beside those of the catalogue. */
export const studioDrill = pgTable(
  'studio_drill',
  {
    studioId: studioId(),
    id: text('id').notNull(),
    version: integer('version').notNull(),
    document: jsonb('document').$type<Drill>().notNull(),
    schemaVersion: schemaVersion(),
    savedAt: timestamp('saved_at', { withTimezone: true }).notNull().default(now),
    takenOutAt: timestamp('taken_out_at', { withTimezone: true }),
  },
  (table) => [
    primaryKey({ columns: [table.studioId, table.id] }),
    index('drill_bin')
      .on(table.studioId, table.takenOutAt)
      .where(sql`taken_out_at is not null`),
  ],
);

/** What a studio holds to beside what ships: an approach, a main session, or a measure. */
export const standard = pgTable(
  'standard',
  {
    studioId: studioId(),
    kind: text('kind').$type<'approach' | 'main session' | 'measure'>().notNull(),
    id: text('id').notNull(),
    version: integer('version').notNull(),
    document: jsonb('document').$type<Approach | MainSession | Measure>().notNull(),
    schemaVersion: schemaVersion(),
    takenOutAt: timestamp('taken_out_at', { withTimezone: true }),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.kind, table.id] })],
);

/** A word of a studio's own for a drill. */
export const word = pgTable(
  'word',
  {
    id: uuid('id').primaryKey(),
    studioId: studioId(),
    said: text('said').notNull(),
    /** The words that count of what is said, as names are compared. */
    words: text('words').notNull(),
    drillId: text('drill_id').notNull(),
    rung: text('rung').notNull(),
  },
  (table) => [unique('word_once').on(table.studioId, table.words, table.drillId, table.rung)],
);

/** How the voice says a word in a studio. */
export const pronunciation = pgTable(
  'pronunciation',
  {
    id: uuid('id').primaryKey(),
    studioId: studioId(),
    written: text('written').notNull(),
    spoken: text('spoken').notNull(),
  },
  (table) => [index('pronunciation_of_studio').on(table.studioId)],
);

export const plannedSession = pgTable(
  'planned_session',
  {
    id: uuid('id').primaryKey(),
    studioId: studioId(),
    circuitId: uuid('circuit_id').notNull(),
    groupId: uuid('group_id'),
    siteId: uuid('site_id'),
    coachId: uuid('coach_id').notNull(),
    /** Sessions that were booked in one go share it: the id of the first. */
    seriesId: uuid('series_id'),
    startsAt: timestamp('starts_at', { withTimezone: true }).notNull(),
    minutes: integer('minutes').notNull(),
    fit: jsonb('fit').$type<AgreedFit>(),
    /** Whose turn it is in the blocks that pick; null until it is picked. */
    picks: jsonb('picks').$type<readonly BlockPick[]>(),
    schemaVersion: schemaVersion(),
    /** What a list shows of it, made from its circuit; made anew where `summaryOf` is not today's stamp. */
    summary: jsonb('summary').$type<SessionSketch>(),
    summaryOf: text('summary_of').notNull().default(''),
    takenOutAt: timestamp('taken_out_at', { withTimezone: true }),
  },
  (table) => [
    unique('session_in_studio').on(table.studioId, table.id),
    index('session_bin')
      .on(table.studioId, table.takenOutAt)
      .where(sql`taken_out_at is not null`),
    index('session_by_start').on(table.studioId, table.startsAt),
    index('session_of_series')
      .on(table.studioId, table.seriesId, table.startsAt)
      .where(sql`series_id is not null`),
    foreignKey({ columns: [table.studioId, table.circuitId], foreignColumns: [circuit.studioId, circuit.id] }),
    foreignKey({ columns: [table.studioId, table.groupId], foreignColumns: [group.studioId, group.id] }),
    foreignKey({ columns: [table.studioId, table.siteId], foreignColumns: [site.studioId, site.id] }),
    foreignKey({ columns: [table.studioId, table.coachId], foreignColumns: [coach.studioId, coach.id] }),
  ],
);

/** What a list shows of a session besides its row's own columns. */
export type SessionSketch = Pick<
  SessionSummary,
  'title' | 'purpose' | 'notBefore' | 'notAfter' | 'people' | 'fitted' | 'planned' | 'seconds' | 'fuse'
>;

export const run = pgTable(
  'run',
  {
    id: uuid('id').primaryKey(),
    studioId: studioId(),
    sessionId: uuid('session_id'),
    circuitId: uuid('circuit_id').notNull(),
    circuitTitle: text('circuit_title').notNull(),
    groupId: uuid('group_id'),
    siteId: uuid('site_id'),
    coachId: uuid('coach_id').notNull(),
    startedAt: timestamp('started_at', { withTimezone: true }).notNull(),
    finishedAt: timestamp('finished_at', { withTimezone: true }).notNull(),
    endedEarly: boolean('ended_early').notNull(),
    effort: integer('effort'),
    warm: text('warm').$type<'yes' | 'nearly' | 'no'>(),
    note: text('note').notNull(),
    /** What its turns come to, in seconds. */
    planned: doublePrecision('planned').notNull().default(0),
    actual: doublePrecision('actual').notNull().default(0),
    paused: doublePrecision('paused').notNull().default(0),
    /** What getting ready and changes of side took; null where it was not booked. */
    pace: jsonb('pace').$type<RunPace>(),
    /** What was tapped on the Stage. */
    marks: jsonb('marks').$type<readonly RunMark[]>().notNull().default([]),
    takenOutAt: timestamp('taken_out_at', { withTimezone: true }),
  },
  (table) => [
    unique('run_in_studio').on(table.studioId, table.id),
    index('run_bin')
      .on(table.studioId, table.takenOutAt)
      .where(sql`taken_out_at is not null`),
    index('run_by_start').on(table.studioId, table.startedAt, table.id),
    index('run_of_group').on(table.studioId, table.groupId, table.startedAt),
    index('run_of_coach').on(table.studioId, table.coachId, table.startedAt),
    index('run_of_circuit').on(table.studioId, table.circuitId, table.startedAt),
    index('run_of_session').on(table.studioId, table.sessionId),
    foreignKey({
      columns: [table.studioId, table.sessionId],
      foreignColumns: [plannedSession.studioId, plannedSession.id],
    }),
    foreignKey({ columns: [table.studioId, table.circuitId], foreignColumns: [circuit.studioId, circuit.id] }),
    foreignKey({ columns: [table.studioId, table.coachId], foreignColumns: [coach.studioId, coach.id] }),
  ],
);

export const runTurn = pgTable(
  'run_turn',
  {
    studioId: studioId(),
    runId: uuid('run_id').notNull(),
    position: integer('position').notNull(),
    slotId: text('slot_id').notNull(),
    drillId: text('drill_id').notNull(),
    drillName: text('drill_name').notNull(),
    phase: text('phase').$type<Phase>().notNull(),
    round: integer('round').notNull(),
    planned: doublePrecision('planned').notNull(),
    actual: doublePrecision('actual').notNull(),
    paused: doublePrecision('paused').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.runId, table.position] }),
    foreignKey({ columns: [table.studioId, table.runId], foreignColumns: [run.studioId, run.id] }).onDelete('cascade'),
  ],
);
