import { TRACK_NAMES, type Block, type Circuit, type Line, type UnreadLine } from '@prompt-spark/core/circuit/circuit';
import {
  LEAST_REP_SECONDS,
  MOST_BLOCKS,
  MOST_COUNT,
  MOST_CUE,
  MOST_GRADE,
  MOST_LIFT_STEPS,
  MOST_LINES,
  MOST_LOAD,
  MOST_METRES,
  MOST_PERCENT,
  MOST_POSITIONS,
  MOST_PURPOSE,
  MOST_REP_SECONDS,
  MOST_ROUNDS,
  MOST_SECONDS,
  MOST_SETS,
  MOST_SPEED,
  MOST_STEPS,
  MOST_TAG,
  MOST_TAGS,
  MOST_TITLE,
  MOST_UNREAD,
  MOST_VERSIONS,
} from '@prompt-spark/core/circuit/bounds';
import { LENGTH_UNITS, SPEED_UNITS } from '@prompt-spark/core/dose/distance';
import { LOAD_UNITS, type LiftDose } from '@prompt-spark/core/dose/lift';
import { RAMP_UNITS } from '@prompt-spark/core/dose/ramp';
import type { Dose, Tempo } from '@prompt-spark/core/dose/dose';
import { PHASES } from '@prompt-spark/core/drills/phase';
import Joi from 'joi';
import { shortVersion } from './fit.ts';
import { id, idOrNull, instant, line, name, range, seconds, whole, version } from './fields.ts';

const tempo = Joi.alternatives<Tempo>().conditional('.kind', {
  switch: [
    {
      is: 'phased',
      then: Joi.object({
        kind: 'phased',
        lower: seconds(0, MOST_REP_SECONDS),
        hold: seconds(0, MOST_REP_SECONDS),
        lift: seconds(0, MOST_REP_SECONDS),
      }),
    },
  ],
  otherwise: Joi.object({
    kind: Joi.valid('even').required(),
    seconds: seconds(LEAST_REP_SECONDS, MOST_REP_SECONDS),
  }),
});

const time = range(seconds(0.5, MOST_SECONDS));

const measure = Joi.object({
  amount: Joi.number().positive().max(MOST_METRES).required(),
  unit: Joi.valid(...LENGTH_UNITS).required(),
});
const oneLength = Joi.object({
  of: Joi.valid('measure', 'lane', 'lap').required(),
  measure: Joi.when('of', { is: 'measure', then: measure.required(), otherwise: Joi.forbidden() }),
});
const speed = Joi.object({
  amount: Joi.number().positive().max(MOST_SPEED).required(),
  unit: Joi.valid(...SPEED_UNITS).required(),
});

/** The sets on the way up to a lift. */
export const liftStepsSchema = Joi.array<LiftDose['steps']>()
  .items(Joi.object({ percent: whole(1, MOST_PERCENT), reps: whole(1, MOST_COUNT) }).optional())
  .min(1)
  .max(MOST_LIFT_STEPS)
  .required();

/** A dose of any kind. */
export const doseSchema = Joi.alternatives<Dose>()
  .conditional('.kind', {
    switch: [
      { is: 'time', then: Joi.object({ kind: 'time', seconds: time }) },
      { is: 'feel', then: Joi.object({ kind: 'feel', seconds: time }) },
      {
        is: 'distance',
        then: Joi.object({
          kind: 'distance',
          length: oneLength.required(),
          lengths: range(whole(1, MOST_COUNT)),
          pace: speed.required(),
          percents: Joi.array().items(Joi.number().integer().min(1).max(MOST_PERCENT)).max(60).required(),
          step: measure.allow(null).required(),
        }),
      },
      {
        is: 'ramp',
        then: Joi.object({
          kind: 'ramp',
          from: Joi.number().min(0).max(MOST_SPEED).required(),
          to: Joi.number().min(0).max(MOST_SPEED).required(),
          unit: Joi.valid(...RAMP_UNITS).required(),
          grade: Joi.number().min(0).max(MOST_GRADE).required(),
          steps: whole(1, MOST_STEPS),
          each: time,
        }),
      },
      {
        is: 'lift',
        then: Joi.object({
          kind: 'lift',
          load: Joi.number().positive().max(MOST_LOAD).required(),
          unit: Joi.valid(...LOAD_UNITS).required(),
          reps: whole(1, MOST_COUNT),
          steps: liftStepsSchema,
        }),
      },
      {
        is: 'reps',
        then: Joi.object({ kind: 'reps', count: range(whole(1, MOST_COUNT)), tempo: tempo.required() }),
      },
    ],
    otherwise: Joi.object({
      kind: Joi.valid('holds').required(),
      count: range(whole(1, MOST_COUNT)),
      positions: whole(1, MOST_POSITIONS),
      hold: time,
      move: seconds(0, MOST_SECONDS),
    }),
  })
  .required();

/** Ids inside a circuit need only be unique within it. */
const innerId = Joi.string().min(1).max(64).required();

const unreadLine = Joi.object<UnreadLine>({
  kind: Joi.valid('unread').required(),
  id: innerId,
  text: line(MOST_UNREAD),
});

const anyLine = Joi.alternatives<Line>().conditional('.kind', {
  switch: [{ is: 'unread', then: unreadLine }],
  otherwise: Joi.object({
    kind: Joi.valid('slot').required(),
    id: innerId,
    drillId: innerId,
    dose: doseSchema,
    sides: Joi.valid('both', 'each', 'alternate').required(),
    // Circuits kept before sides could differ have none.
    extra: Joi.object({ side: Joi.valid('left', 'right').required(), more: whole(1, MOST_COUNT) })
      .allow(null)
      .default(null),
    sets: range(whole(1, MOST_SETS)),
    setRest: seconds(0, MOST_SECONDS),
    rest: seconds(0, MOST_SECONDS),
    pinned: Joi.boolean().required(),
    optional: Joi.boolean().required(),
    cue: line(MOST_CUE),
    tracks: Joi.array()
      .items(Joi.object({ track: Joi.valid(...TRACK_NAMES).required(), drillId: innerId, variantId: innerId }))
      .max(TRACK_NAMES.length)
      .default([]),
  }),
});

const block = Joi.object<Block>({
  id: innerId,
  phase: Joi.valid(...PHASES).required(),
  rounds: range(whole(1, MOST_ROUNDS)),
  roundRest: seconds(0, MOST_SECONDS),
  stations: Joi.boolean().default(false),
  lines: Joi.array().items(anyLine).max(MOST_LINES).required(),
});

/** A circuit as it is sent and stored. */
export const circuitSchema = Joi.object<Circuit>({
  title: name(MOST_TITLE),
  purpose: line(MOST_PURPOSE),
  tags: Joi.array()
    .items(
      Joi.string()
        .trim()
        .lowercase()
        .max(MOST_TAG)
        .pattern(/^[^,\r\n]+$/),
    )
    .unique()
    .max(MOST_TAGS)
    .default([]),
  // Circuits kept before there were approaches have none.
  approach: Joi.string().allow('').max(64).default(''),
  available: seconds(0, MOST_SECONDS),
  clock: Joi.object({ of: Joi.valid('start', 'end').required(), minute: whole(0, 1439) })
    .allow(null)
    .default(null),
  people: whole(0, 999),
  lanes: whole(0, 999),
  somebodyNew: Joi.boolean().default(false),
  slowToFloor: Joi.boolean().default(false),
  namesOnly: Joi.boolean().default(false),
  versions: Joi.array().items(shortVersion.optional()).max(MOST_VERSIONS).default([]),
  unread: Joi.array().items(unreadLine).max(MOST_LINES).required(),
  blocks: Joi.array().items(block).max(MOST_BLOCKS).required(),
}).required();

/** A circuit as a coach sends it for keeping. */
export interface CircuitDraft {
  readonly circuit: Circuit;
  readonly groupId: string | null;
  readonly siteId: string | null;
}

const draftFields = { circuit: circuitSchema, groupId: idOrNull, siteId: idOrNull };

/** A new circuit, under an id made by the sender so that sending it twice makes one circuit. */
export interface NewCircuit extends CircuitDraft {
  readonly id: string;
}

export const newCircuitSchema = Joi.object<NewCircuit>({ ...draftFields, id }).required();

/** A change to a circuit: the version it was made on, and an id of its own so that sending it twice saves it once. */
export interface CircuitSave extends CircuitDraft {
  readonly version: number;
  readonly saveId: string;
}

export const circuitSaveSchema = Joi.object<CircuitSave>({
  ...draftFields,
  version,
  saveId: id,
}).required();

/** A circuit as it is kept. */
export interface CircuitRecord extends CircuitDraft {
  readonly id: string;
  readonly version: number;
  readonly savedAt: string;
}

export const circuitRecordSchema = Joi.object<CircuitRecord>({
  ...draftFields,
  id,
  version,
  savedAt: instant,
}).required();

export const circuitRecordsSchema = Joi.array<CircuitRecord[]>().items(circuitRecordSchema.optional()).required();
