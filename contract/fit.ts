import { MOST_REFUSED, MOST_ROUNDS, MOST_SECONDS } from '@prompt-spark/core/circuit/bounds';
import { EMPHASES, MOVE_KINDS, READINGS, type ShortVersion } from '@prompt-spark/core/circuit/shortVersion';
import { AMOUNTS } from '@prompt-spark/core/fit/dosage';
import { REST_LEVELS, type AgreedFit, type BlockPlan, type SlotPlan } from '@prompt-spark/core/fit/plan';
import Joi from 'joi';
import { seconds, whole } from './fields.ts';

const recipe = {
  reading: Joi.valid(...READINGS).required(),
  emphasis: Joi.valid(...EMPHASES).required(),
  refused: Joi.array()
    .items(Joi.object({ kind: Joi.valid(...MOVE_KINDS).required(), id: Joi.string().allow('').max(64).required() }))
    .max(MOST_REFUSED)
    .required(),
};

/** A short version as it is kept with a circuit. */
export const shortVersion = Joi.object<ShortVersion>({ ...recipe, seconds: seconds(1, MOST_SECONDS) });

const innerId = Joi.string().min(1).max(64);
const amount = Joi.valid(...AMOUNTS).required();

const slotPlan = Joi.alternatives<SlotPlan>().conditional('.kind', {
  switch: [
    {
      is: 'kept',
      then: Joi.object({ kind: 'kept', amount, sides: Joi.valid('both', 'each', 'alternate').required() }),
    },
    { is: 'combined', then: Joi.object({ kind: 'combined', drillId: innerId.required(), amount }) },
  ],
  otherwise: Joi.object({ kind: Joi.valid('out', 'covered').required() }),
});

const blockPlan = Joi.object<BlockPlan>({ rounds: whole(1, MOST_ROUNDS), rest: Joi.valid(...REST_LEVELS).required() });

/** A plan that was accepted for one run. */
export const agreedFit = Joi.object<AgreedFit>({
  seconds: seconds(0, MOST_SECONDS),
  plan: Joi.object({
    slots: Joi.object().pattern(innerId, slotPlan).max(MOST_REFUSED).required(),
    blocks: Joi.object().pattern(innerId, blockPlan).max(MOST_REFUSED).required(),
    namesOnly: Joi.boolean().required(),
  }).required(),
});

/** What is sent to fit a session, or to run it as planned again. */
export interface SessionFit {
  readonly fit: AgreedFit | null;
}

export const sessionFitSchema = Joi.object<SessionFit>({ fit: agreedFit.allow(null).required() }).required();
