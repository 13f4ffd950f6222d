import { MOST_REFUSED, MOST_ROUNDS, MOST_SECONDS } from '@prompt-spark/core/circuit/bounds';
import {
  EMPHASES,
  MOVE_KINDS,
  READINGS,
  type MoveKey,
  type ShortVersion,
} from '@prompt-spark/core/circuit/shortVersion';
import { AMOUNTS } from '@prompt-spark/core/fit/plan/dosage';
import { REST_LEVELS, type AgreedFit, type BlockPlan, type SlotPlan } from '@prompt-spark/core/fit/plan/plan';
import Joi from 'joi';
import { listOf, oneOf, seconds, shape, whole, yesOrNo } from './fields.ts';

/** A short version as it is kept with a circuit. */
export const shortVersion = shape<ShortVersion>({
  reading: oneOf(...READINGS),
  emphasis: oneOf(...EMPHASES),
  refused: listOf(shape<MoveKey>({ kind: oneOf(...MOVE_KINDS), id: Joi.string().allow('').max(64).required() })).max(
    MOST_REFUSED,
  ),
  seconds: seconds(1, MOST_SECONDS),
});

const amount = oneOf(...AMOUNTS);
/** Ids inside a circuit are the circuit's own. */
const INNER_ID = /^[^]{1,64}$/;

const slotPlan = Joi.alternatives<SlotPlan>().conditional('.kind', {
  switch: [
    {
      is: 'kept',
      then: Joi.object({ kind: oneOf('kept'), amount, sides: oneOf('both', 'each', 'alternate') }),
    },
    {
      is: 'combined',
      then: Joi.object({ kind: oneOf('combined'), drillId: Joi.string().min(1).max(64).required(), amount }),
    },
  ],
  otherwise: Joi.object({ kind: oneOf('out', 'covered') }),
});

const blockPlan = shape<BlockPlan>({ rounds: whole(1, MOST_ROUNDS), rest: oneOf(...REST_LEVELS) });

/** A plan that was accepted for one run. */
export const agreedFit = shape<AgreedFit>({
  seconds: seconds(0, MOST_SECONDS),
  plan: shape<AgreedFit['plan']>({
    slots: Joi.object<AgreedFit['plan']['slots']>().pattern(INNER_ID, slotPlan.optional()).max(MOST_REFUSED).required(),
    blocks: Joi.object<AgreedFit['plan']['blocks']>()
      .pattern(INNER_ID, blockPlan.optional())
      .max(MOST_REFUSED)
      .required(),
    namesOnly: yesOrNo,
  }),
});

/** What is sent to fit a session, or to run it as planned again. */
export interface SessionFit {
  readonly fit: AgreedFit | null;
}

export const sessionFitSchema = shape<SessionFit>({ fit: agreedFit.allow(null) });
