import type { Approach, Caps } from '@prompt-spark/core/approach/approach';
import type { MainSession } from '@prompt-spark/core/approach/mainSession';
import type { Measure } from '@prompt-spark/core/measures/measure';
import { PHASES } from '@prompt-spark/core/drills/phase';
import { TARGETS, type Target } from '@prompt-spark/core/drills/target';
import { RULE_IDS } from '@prompt-spark/core/review/facts';
import type { TradeTimes } from '@prompt-spark/core/occasion/trade';
import Joi from 'joi';
import { liftStepsSchema } from './dose.ts';
import { listOf, name, oneOf, seconds, shape, someOf, version } from './fields.ts';
import { keptMeasureSchema } from './measure.ts';
import { unreadables, type Unreadable } from './page.ts';
import { standardId, type Kept } from './kept.ts';

const share = Joi.number().min(0).max(1);
const phases = listOf(oneOf(...PHASES)).unique();

const caps = shape<Caps>({
  holdWarn: seconds(1, 600),
  holdStop: seconds(1, 600),
  rollArea: seconds(1, 600),
  rollAll: seconds(1, 3600),
  raiseBeforeFast: seconds(0, 600),
  effort: Joi.number().min(0).max(10).required(),
  hidden: share.required(),
  whole: seconds(60, 7200),
})
  .custom((value: Caps, helpers) => (value.holdWarn > value.holdStop ? helpers.error('caps.order') : value))
  .messages({ 'caps.order': 'A hold is warned of later than it is objected to' });

/** An approach as a coach edits it: shares add up to the whole. */
export const approachSchema = shape<Approach>({
  id: standardId,
  name: name(60),
  says: name(200),
  order: phases.min(1),
  shares: someOf(PHASES, share),
  essential: phases,
  sides: oneOf('as the drill prefers', 'alternating'),
  rampUp: liftStepsSchema,
  caps,
  without: listOf(oneOf(...RULE_IDS)).unique(),
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
  });

/** A main session as a coach edits it. */
export const mainSessionSchema = shape<MainSession>({
  id: standardId,
  name: name(60),
  words: listOf(Joi.string().lowercase().trim().max(40))
    .unique()
    .min(1)
    .max(40)
    .messages({ 'array.min': 'It needs a word to be known by' }),
  needs: someOf<Target, number>(TARGETS, share.greater(0))
    .min(1)
    .messages({ 'object.min': 'It needs at least one target' }),
  holds: oneOf('usual', 'short', 'free'),
});

export const keptApproachSchema = shape<Kept<Approach>>({ version, document: approachSchema });
export const keptSessionSchema = shape<Kept<MainSession>>({ version, document: mainSessionSchema });
export const approachSaveSchema = shape<Kept<Approach>>({ version: version.allow(null), document: approachSchema });
export const sessionSaveSchema = shape<Kept<MainSession>>({
  version: version.allow(null),
  document: mainSessionSchema,
});

const tradeSeconds = seconds(0, 120);
const handling = { carried: tradeSeconds, worn: tradeSeconds, placed: tradeSeconds };

/** The seconds that changes, talk and side switches take in a studio. */
export const tradeTimesSchema = shape<TradeTimes>({
  sameRank: tradeSeconds,
  ranksApart: Joi.array().ordered(tradeSeconds, tradeSeconds, tradeSeconds).length(3).required(),
  takeUp: shape<TradeTimes['takeUp']>(handling),
  putDown: shape<TradeTimes['putDown']>(handling),
  talkKnown: tradeSeconds,
  talkNew: tradeSeconds,
  talkNames: tradeSeconds,
  talkLaterRound: tradeSeconds,
  switchUp: tradeSeconds,
  switchDown: tradeSeconds,
  slowToFloor: Joi.number().min(1).max(5).required(),
});

/** The seconds a studio counts with; null for those of the trade. */
export interface StudioTimes {
  readonly times: TradeTimes | null;
}

export const studioTimesSchema = shape<StudioTimes>({ times: tradeTimesSchema.allow(null) });

/** What a studio holds to beside what ships: approaches, main sessions, measures, its default approach, and its own seconds. */
export interface Standards extends StudioTimes {
  /** Empty for the first that ships. */
  readonly defaultApproach: string;
  readonly approaches: readonly Kept<Approach>[];
  readonly sessions: readonly Kept<MainSession>[];
  readonly measures: readonly Kept<Measure>[];
  readonly unreadable: Readonly<Record<'approaches' | 'sessions' | 'measures', readonly Unreadable[]>>;
}

export const standardsSchema = shape<Standards>({
  defaultApproach: Joi.string().allow('').max(64).required(),
  times: tradeTimesSchema.allow(null),
  approaches: listOf(keptApproachSchema),
  sessions: listOf(keptSessionSchema),
  measures: listOf(keptMeasureSchema),
  unreadable: shape<Standards['unreadable']>({
    approaches: unreadables,
    sessions: unreadables,
    measures: unreadables,
  }),
});

/** The approach that circuits have that name none. */
export interface DefaultApproach {
  readonly id: string;
}

export const defaultApproachSchema = shape<DefaultApproach>({ id: standardId });
