import {
  LEAST_REP_SECONDS,
  MOST_COUNT,
  MOST_GRADE,
  MOST_LIFT_STEPS,
  MOST_LOAD,
  MOST_METRES,
  MOST_PERCENT,
  MOST_POSITIONS,
  MOST_REP_SECONDS,
  MOST_SECONDS,
  MOST_SPEED,
  MOST_STEPS,
} from '@prompt-spark/core/circuit/bounds';
import {
  LENGTH_UNITS,
  SPEED_UNITS,
  type DistanceDose,
  type Measure,
  type OneLength,
  type Speed,
} from '@prompt-spark/core/dose/distance';
import type { Dose, FeelDose, HoldsDose, RepsDose, Tempo, TimeDose } from '@prompt-spark/core/dose/dose';
import { LOAD_UNITS, type LiftDose, type LiftStep } from '@prompt-spark/core/dose/lift';
import { RAMP_UNITS, type RampDose } from '@prompt-spark/core/dose/ramp';
import Joi from 'joi';
import { listOf, oneOf, range, seconds, shape, whole } from './fields.ts';

const tempo = Joi.alternatives<Tempo>()
  .conditional('.kind', {
    switch: [
      {
        is: 'even',
        then: shape<Extract<Tempo, { kind: 'even' }>>({
          kind: oneOf('even'),
          seconds: seconds(LEAST_REP_SECONDS, MOST_REP_SECONDS),
        }),
      },
    ],
    otherwise: shape<Extract<Tempo, { kind: 'phased' }>>({
      kind: oneOf('phased'),
      lower: seconds(0, MOST_REP_SECONDS),
      hold: seconds(0, MOST_REP_SECONDS),
      lift: seconds(0, MOST_REP_SECONDS),
    }),
  })
  .required();

const time = range(seconds(0.5, MOST_SECONDS));
const count = range(whole(1, MOST_COUNT));

/** A measured length. */
export const measure = shape<Measure>({
  amount: Joi.number().positive().max(MOST_METRES).required(),
  unit: oneOf(...LENGTH_UNITS),
});
const oneLength = Joi.alternatives<OneLength>()
  .conditional('.of', {
    switch: [{ is: 'measure', then: shape<Extract<OneLength, { of: 'measure' }>>({ of: oneOf('measure'), measure }) }],
    otherwise: Joi.object({ of: oneOf('lane', 'lap') }),
  })
  .required();
const speed = shape<Speed>({ amount: Joi.number().positive().max(MOST_SPEED).required(), unit: oneOf(...SPEED_UNITS) });

/** The sets on the way up to a lift. */
export const liftStepsSchema = listOf(shape<LiftStep>({ percent: whole(1, MOST_PERCENT), reps: whole(1, MOST_COUNT) }))
  .min(1)
  .max(MOST_LIFT_STEPS);

/** A dose of any kind. The kinds are tried in this order, so those that circuits are full of come first. */
export const doseSchema = Joi.alternatives<Dose>()
  .conditional('.kind', {
    switch: [
      { is: 'time', then: shape<TimeDose>({ kind: oneOf('time'), seconds: time }) },
      { is: 'reps', then: shape<RepsDose>({ kind: oneOf('reps'), count, tempo }) },
      { is: 'feel', then: shape<FeelDose>({ kind: oneOf('feel'), seconds: time }) },
      {
        is: 'distance',
        then: shape<DistanceDose>({
          kind: oneOf('distance'),
          length: oneLength,
          lengths: count,
          pace: speed,
          percents: listOf(whole(1, MOST_PERCENT)).max(60),
          step: measure.allow(null),
        }),
      },
      {
        is: 'ramp',
        then: shape<RampDose>({
          kind: oneOf('ramp'),
          from: Joi.number().min(0).max(MOST_SPEED).required(),
          to: Joi.number().min(0).max(MOST_SPEED).required(),
          unit: oneOf(...RAMP_UNITS),
          grade: Joi.number().min(0).max(MOST_GRADE).required(),
          steps: whole(1, MOST_STEPS),
          each: time,
          gradeTo: Joi.number().min(0).max(MOST_GRADE),
          uneven: listOf(seconds(0.5, MOST_SECONDS)).min(2).max(MOST_STEPS).optional(),
        })
          .custom((dose: RampDose, helpers) =>
            dose.uneven && dose.uneven.length !== dose.steps ? helpers.error('ramp.steps') : dose,
          )
          .messages({ 'ramp.steps': 'A ramp has a length for every one of its steps, or one for all' }),
      },
      {
        is: 'lift',
        then: shape<LiftDose>({
          kind: oneOf('lift'),
          load: Joi.number().positive().max(MOST_LOAD).required(),
          unit: oneOf(...LOAD_UNITS),
          reps: whole(1, MOST_COUNT),
          steps: liftStepsSchema,
        }),
      },
    ],
    otherwise: shape<HoldsDose>({
      kind: oneOf('holds'),
      count,
      positions: whole(1, MOST_POSITIONS),
      hold: time,
      move: seconds(0, MOST_SECONDS),
    }),
  })
  .required();
