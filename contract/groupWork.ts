import { MOST_PURPOSE } from '@prompt-spark/core/circuit/bounds';
import Joi from 'joi';
import { id, instant, line, listOf, name, shape } from './fields.ts';

/** The most runs that are told of at once: about a session a day for three months. */
export const MOST_GROUP_RUNS = 100;

/** A warm-up as a group ran it: what came after it, and what each drill took. */
export interface GroupRun {
  readonly id: string;
  readonly startedAt: string;
  /** IANA name of where it was; null where nobody said. */
  readonly timeZone: string | null;
  readonly circuitId: string;
  readonly circuitTitle: string;
  /** What its circuit is for now, in the coach's words; empty where not said. */
  readonly purpose: string;
  /** Each drill once, with its seconds over all rounds. */
  readonly drills: readonly { readonly drillId: string; readonly seconds: number }[];
}

/** What a group ran, last run first. */
export interface GroupWork {
  readonly runs: readonly GroupRun[];
}

/** Since when. */
export interface GroupWorkWish {
  readonly from: string;
}

export const groupWorkWishSchema = shape<GroupWorkWish>({ from: instant });

export const groupWorkSchema = shape<GroupWork>({
  runs: listOf(
    shape<GroupRun>({
      id,
      startedAt: instant,
      timeZone: line(120).allow(null),
      circuitId: id,
      circuitTitle: name(),
      purpose: line(MOST_PURPOSE),
      drills: listOf(
        shape<GroupRun['drills'][number]>({
          drillId: Joi.string().min(1).max(64).required(),
          seconds: Joi.number().min(0).required(),
        }),
      ),
    }),
  ).max(MOST_GROUP_RUNS),
});
