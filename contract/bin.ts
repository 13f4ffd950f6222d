import Joi from 'joi';
import { instant, listOf, name, oneOf, shape } from './fields.ts';

/** What can be brought back from the bin. */
export const BIN_KINDS = ['circuit', 'drill', 'session', 'run', 'person'] as const;
export type BinKind = (typeof BIN_KINDS)[number];

/** Something that was taken out. */
export interface BinEntry {
  readonly kind: BinKind;
  readonly id: string;
  readonly title: string;
  /** When a session starts, or a run started; null of all else. */
  readonly at: string | null;
  readonly takenOutAt: string;
}

/** Which entries are asked for: those with these words in their title. */
export interface BinWish {
  readonly find?: string;
}

/** What was taken out in the last days, last first, as far as it is shown. */
export interface Bin {
  readonly entries: readonly BinEntry[];
}

export const binWishSchema = shape<BinWish>({ find: Joi.string().trim().max(120).allow('').optional() });

export const binSchema = shape<Bin>({
  entries: listOf(
    shape<BinEntry>({
      kind: oneOf(...BIN_KINDS),
      id: Joi.string().min(1).max(64).required(),
      title: name(),
      at: instant.allow(null),
      takenOutAt: instant,
    }),
  ),
});
