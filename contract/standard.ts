import type { Approach, Caps } from '@prompt-spark/core/approach/approach';
import type { MainSession } from '@prompt-spark/core/coverage/mainSession';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { TARGETS } from '@prompt-spark/core/drills/target';
import { RULE_IDS } from '@prompt-spark/core/review/rules';
import Joi from 'joi';
import { liftStepsSchema } from './circuit.ts';
import { name, seconds, version } from './fields.ts';

const share = Joi.number().min(0).max(1);
const standardId = Joi.string()
  .pattern(/^[a-z0-9-]{1,64}$/)
  .required();
const phase = Joi.valid(...PHASES);

const caps = Joi.object<Caps>({
  holdWarn: seconds(1, 600),
  holdStop: seconds(1, 600),
  rollArea: seconds(1, 600),
  rollAll: seconds(1, 3600),
  raiseBeforeFast: seconds(0, 600),
  effort: Joi.number().min(0).max(10).required(),
  hidden: share.required(),
})
  .custom((value: Caps, helpers) => (value.holdWarn > value.holdStop ? helpers.error('caps.order') : value))
  .messages({ 'caps.order': 'A hold is warned of later than it is objected to' })
  .required();

/** An approach as a coach edits it: shares add up to the whole. */
export const approachSchema = Joi.object<Approach>({
  id: standardId,
  name: name(60),
  says: name(200),
  order: Joi.array().items(phase).unique().min(1).required(),
  shares: Joi.object().pattern(phase, share).required(),
  essential: Joi.array().items(phase).unique().required(),
  sides: Joi.valid('as the drill prefers', 'alternating').required(),
  rampUp: liftStepsSchema,
  caps,
  without: Joi.array()
    .items(Joi.valid(...RULE_IDS))
    .unique()
    .required(),
})
  .custom((value: Approach, helpers) => {
    const shares = Object.values(value.shares);
    if (Math.abs(shares.reduce((sum, one) => sum + one, 0) - 1) > 0.005) return helpers.error('shares.whole');
    const stray = [...Object.keys(value.shares), ...value.essential].some(
      (of) => !value.order.some((own) => own === of),
    );
    return stray ? helpers.error('shares.stray') : value;
  })
  .messages({
    'shares.whole': 'The shares of the phases do not add up to 100 %',
    'shares.stray': 'A phase has a share, or is essential, that is not in the order',
  })
  .required();

/** A main session as a coach edits it. */
export const mainSessionSchema = Joi.object<MainSession>({
  id: standardId,
  name: name(60),
  words: Joi.array()
    .items(Joi.string().lowercase().trim().max(40))
    .unique()
    .min(1)
    .max(40)
    .required()
    .messages({ 'array.min': 'It needs a word to be known by' }),
  needs: Joi.object()
    .pattern(Joi.valid(...TARGETS), share.greater(0))
    .min(1)
    .required()
    .messages({ 'object.min': 'It needs at least one target' }),
}).required();

/** A document of a studio's own, with the version it was last saved as; null for one that was never kept. */
export interface Kept<Document> {
  readonly version: number | null;
  readonly document: Document;
}

const keptApproach = Joi.object<Kept<Approach>>({ version, document: approachSchema });
const keptSession = Joi.object<Kept<MainSession>>({ version, document: mainSessionSchema });

export const keptApproachSchema = keptApproach.required();
export const keptSessionSchema = keptSession.required();
export const approachSaveSchema = keptApproach.append({ version: version.allow(null) }).required();
export const sessionSaveSchema = keptSession.append({ version: version.allow(null) }).required();

/** What a studio holds to beside what ships: approaches, main sessions, and the id of its default approach. */
export interface Standards {
  /** Empty for the first that ships. */
  readonly defaultApproach: string;
  readonly approaches: readonly Kept<Approach>[];
  readonly sessions: readonly Kept<MainSession>[];
}

export const standardsSchema = Joi.object<Standards>({
  defaultApproach: Joi.string().allow('').max(64).required(),
  approaches: Joi.array().items(keptApproach).required(),
  sessions: Joi.array().items(keptSession).required(),
}).required();

export const defaultApproachSchema = Joi.object<{ id: string }>({ id: standardId }).required();
