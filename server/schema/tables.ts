import { USUAL_PLATES, type Plates } from '@prompt-spark/core/dose/lift';
import type { Access } from '@prompt-spark/contract/person';
import type { Approach } from '@prompt-spark/core/approach/approach';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { AgreedFit } from '@prompt-spark/core/fit/plan';
import type { MainSession } from '@prompt-spark/core/coverage/mainSession';
import { USUAL_KIT, type Kit } from '@prompt-spark/core/drills/kit';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { sql } from 'drizzle-orm';
import {
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

/** A studio. Its key is called `studio_id` like everywhere else, so that every table can be asked the same question. */
export const studio = pgTable('studio', {
  studioId: uuid('studio_id').primaryKey(),
  name: text('name').notNull(),
  /** The approach of circuits that name none; empty for the first that ships. */
  defaultApproach: text('default_approach').notNull().default(''),
  isDemo: boolean('is_demo').notNull().default(false),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull().default(now),
});

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

/** Tries to sign in, counted by address and by e-mail. Made before any studio is known, so the studio is empty. */
export const signInTry = pgTable('sign_in_try', {
  key: text('key').primaryKey(),
  studioId: uuid('studio_id'),
  hits: integer('hits').notNull(),
  resetsAt: timestamp('resets_at', { withTimezone: true }).notNull(),
});

export const site = pgTable(
  'site',
  {
    id: uuid('id').primaryKey(),
    studioId: studioId(),
    name: text('name').notNull(),
    timeZone: text('time_zone').notNull(),
    lanes: integer('lanes').notNull(),
    laneMetres: doublePrecision('lane_metres').notNull(),
    mats: integer('mats').notNull(),
    loopBands: integer('loop_bands').notNull(),
    walls: integer('walls').notNull(),
    kit: jsonb('kit').$type<readonly Kit[]>().notNull().default(USUAL_KIT),
    plates: jsonb('plates').$type<Plates>().notNull().default(USUAL_PLATES.kg),
    version: integer('version').notNull().default(1),
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

/** Who saw or changed somebody's data. It outlives the person, and then says only that there was one. */
export const personAccess = pgTable(
  'person_access',
  {
    studioId: studioId(),
    personId: uuid('person_id').notNull(),
    coachId: uuid('coach_id').notNull(),
    action: text('action').$type<Access['action']>().notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().default(now),
    /** Looking is noted once a day for each coach. */
    onDay: date('on_day')
      .notNull()
      .default(sql`current_date`),
  },
  (table) => [
    index('access_by_person').on(table.studioId, table.personId, table.at),
    uniqueIndex('seen_once_a_day')
      .on(table.personId, table.coachId, table.onDay)
      .where(sql`action = 'saw'`),
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
    savedAt: timestamp('saved_at', { withTimezone: true }).notNull().default(now),
    takenOutAt: timestamp('taken_out_at', { withTimezone: true }),
  },
  (table) => [
    unique('circuit_in_studio').on(table.studioId, table.id),
    foreignKey({ columns: [table.studioId, table.groupId], foreignColumns: [group.studioId, group.id] }),
    foreignKey({ columns: [table.studioId, table.siteId], foreignColumns: [site.studioId, site.id] }),
  ],
);

/** A drill that a studio added, beside those of the catalogue. */
export const studioDrill = pgTable(
  'studio_drill',
  {
    studioId: studioId(),
    id: text('id').notNull(),
    version: integer('version').notNull(),
    document: jsonb('document').$type<Drill>().notNull(),
    savedAt: timestamp('saved_at', { withTimezone: true }).notNull().default(now),
    takenOutAt: timestamp('taken_out_at', { withTimezone: true }),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.id] })],
);

/** What a studio holds to beside what ships: an approach, or a main session. */
export const standard = pgTable(
  'standard',
  {
    studioId: studioId(),
    kind: text('kind').$type<'approach' | 'main session'>().notNull(),
    id: text('id').notNull(),
    version: integer('version').notNull(),
    document: jsonb('document').$type<Approach | MainSession>().notNull(),
    takenOutAt: timestamp('taken_out_at', { withTimezone: true }),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.kind, table.id] })],
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
    startsAt: timestamp('starts_at', { withTimezone: true }).notNull(),
    minutes: integer('minutes').notNull(),
    fit: jsonb('fit').$type<AgreedFit>(),
    takenOutAt: timestamp('taken_out_at', { withTimezone: true }),
  },
  (table) => [
    unique('session_in_studio').on(table.studioId, table.id),
    index('session_by_start').on(table.studioId, table.startsAt),
    foreignKey({ columns: [table.studioId, table.circuitId], foreignColumns: [circuit.studioId, circuit.id] }),
    foreignKey({ columns: [table.studioId, table.groupId], foreignColumns: [group.studioId, group.id] }),
    foreignKey({ columns: [table.studioId, table.siteId], foreignColumns: [site.studioId, site.id] }),
    foreignKey({ columns: [table.studioId, table.coachId], foreignColumns: [coach.studioId, coach.id] }),
  ],
);

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
  },
  (table) => [
    unique('run_in_studio').on(table.studioId, table.id),
    index('run_by_start').on(table.studioId, table.startedAt),
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
    phase: text('phase').notNull(),
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
