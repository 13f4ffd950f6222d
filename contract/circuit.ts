import {
  MOST_BLOCKS,
  MOST_COUNT,
  MOST_CUE,
  MOST_LINES,
  MOST_LOAD,
  MOST_PURPOSE,
  MOST_ROUNDS,
  MOST_SAID_INSTEAD,
  MOST_SECONDS,
  MOST_SETS,
  MOST_STRETCHES,
  MOST_TAG,
  MOST_TAGS,
  MOST_TITLE,
  MOST_UNREAD,
  MOST_VERSIONS,
} from '@prompt-spark/core/circuit/bounds';
import {
  GUIDES,
  TRACK_NAMES,
  type Block,
  type Circuit,
  type Line,
  type SaidInstead,
  type Slot,
  type TrackDrill,
  type UnreadLine,
} from '@prompt-spark/core/circuit/circuit';
import type { Aim } from '@prompt-spark/core/circuit/aim';
import { MOST_SPOKEN } from '@prompt-spark/core/prompts/bounds';
import { lineIds } from '@prompt-spark/core/circuit/cursor';
import { workStretches } from '@prompt-spark/core/circuit/stretches';
import type { WallClock } from '@prompt-spark/core/circuit/wallClock';
import { GROWING, type Extra } from '@prompt-spark/core/dose/dose';
import { LOAD_UNITS } from '@prompt-spark/core/dose/lift';
import { BAND_STRENGTHS, type Load } from '@prompt-spark/core/drills/inHand';
import { PHASES } from '@prompt-spark/core/drills/phase';
import type { FuseSketch, SketchedBlock } from '@prompt-spark/core/timeline/fuseSketch';
import type { Seconds } from '@prompt-spark/core/units';
import Joi from 'joi';
import { doseSchema, measure } from './dose.ts';
import {
  id,
  idOrNull,
  innerId,
  instant,
  line,
  listOf,
  name,
  oneOf,
  range,
  seconds,
  shape,
  version,
  whole,
  yesOrNo,
} from './fields.ts';
import { shortVersion } from './fit.ts';
import { cursor, nextCursor, unreadables, type Unreadable } from './page.ts';

const unreadLine = shape<UnreadLine>({ kind: oneOf('unread'), id: innerId, text: line(MOST_UNREAD) });

/** From the fewest to the most. */
const aim = shape<Aim>({
  gentler: whole(1, MOST_COUNT),
  planned: whole(1, MOST_COUNT),
  more: whole(1, MOST_COUNT),
}).custom((value: Aim, helpers) =>
  value.gentler <= value.planned && value.planned <= value.more
    ? value
    : helpers.message({ custom: '{#label} runs from the fewest to the most' }),
);

const slot = shape<Slot>({
  kind: oneOf('slot'),
  id: innerId,
  drillId: innerId,
  rung: Joi.string().allow('').max(64).required(),
  dose: doseSchema,
  sides: oneOf('both', 'each', 'alternate'),
  extra: shape<Extra>({ side: oneOf('left', 'right'), more: whole(1, MOST_COUNT) }).allow(null),
  aim: aim.allow(null),
  growing: oneOf(...GROWING).allow(null),
  load: shape<Load>({ amount: Joi.number().positive().max(MOST_LOAD).required(), unit: oneOf(...LOAD_UNITS) }).allow(
    null,
  ),
  band: oneOf(...BAND_STRENGTHS).allow(null),
  height: measure.allow(null),
  sets: range(whole(1, MOST_SETS)),
  setRest: seconds(0, MOST_SECONDS),
  rest: seconds(0, MOST_SECONDS),
  runsOn: yesOrNo,
  shownFirst: yesOrNo,
  pinned: yesOrNo,
  doseKept: yesOrNo,
  optional: yesOrNo,
  cue: line(MOST_CUE),
  said: listOf(shape<SaidInstead>({ line: name(MOST_SPOKEN), instead: line(MOST_CUE) })).max(MOST_SAID_INSTEAD),
  guide: oneOf(...GUIDES).allow(null),
  guess: line(MOST_UNREAD),
  tracks: listOf(shape<TrackDrill>({ track: oneOf(...TRACK_NAMES), drillId: innerId, variantId: innerId })).max(
    TRACK_NAMES.length,
  ),
});

/** What circuits are full of is tried first: a kind that does not match costs as much as one that does. */
const anyLine = Joi.alternatives<Line>().conditional('.kind', {
  switch: [{ is: 'slot', then: slot }],
  otherwise: unreadLine,
});

const block = shape<Block>({
  id: innerId,
  phase: oneOf(...PHASES),
  rounds: range(whole(1, MOST_ROUNDS)),
  roundRest: seconds(0, MOST_SECONDS),
  stations: yesOrNo,
  noGaps: yesOrNo,
  pick: whole(0, MOST_LINES).allow(null),
  pickWithin: seconds(1, MOST_SECONDS).allow(null),
  lines: listOf(anyLine).max(MOST_LINES),
});

const tag = Joi.string()
  .trim()
  .lowercase()
  .max(MOST_TAG)
  .pattern(/^[^,\r\n]+$/);

const TOO_MANY_LINES = `A circuit has at most ${MOST_LINES} lines`;
const TOO_MUCH_TO_DO = `All rounds and sets come to more than ${MOST_STRETCHES} times to work: take fewer`;

/** A circuit as it is sent and stored. */
export const circuitSchema = shape<Circuit>({
  title: name(MOST_TITLE),
  purpose: line(MOST_PURPOSE),
  notBefore: line(MOST_PURPOSE),
  notAfter: line(MOST_PURPOSE),
  tags: listOf(tag).unique().max(MOST_TAGS),
  approach: Joi.string().allow('').max(64).required(),
  available: seconds(0, MOST_SECONDS),
  clock: shape<WallClock>({ of: oneOf('start', 'end'), minute: whole(0, 1439) }).allow(null),
  people: whole(0, 999),
  lanes: whole(0, 999),
  somebodyNew: yesOrNo,
  slowToFloor: yesOrNo,
  namesOnly: yesOrNo,
  noGaps: yesOrNo,
  versions: listOf(shortVersion).max(MOST_VERSIONS),
  unread: listOf(unreadLine).max(MOST_LINES),
  blocks: listOf(block).max(MOST_BLOCKS),
})
  // The words come with the fault: words set on the schema are gone through with every circuit that is right.
  .custom((circuit: Circuit, helpers) => {
    if (lineIds(circuit).length > MOST_LINES) return helpers.message({ custom: TOO_MANY_LINES });
    return workStretches(circuit) > MOST_STRETCHES ? helpers.message({ custom: TOO_MUCH_TO_DO }) : circuit;
  });

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

export const newCircuitSchema = shape<NewCircuit>({ ...draftFields, id });

/** A change to a circuit: the version it was made on, and an id of its own so that sending it twice saves it once. */
export interface CircuitSave extends CircuitDraft {
  readonly version: number;
  readonly saveId: string;
}

export const circuitSaveSchema = shape<CircuitSave>({ ...draftFields, version, saveId: id });

/** What came of keeping a circuit: the version it has now, and when it was kept. */
export interface CircuitStamp {
  readonly id: string;
  readonly version: number;
  readonly savedAt: string;
}

const stampFields = { id, version, savedAt: instant };
export const circuitStampSchema = shape<CircuitStamp>(stampFields);

/** What came of a change: whether it was made to a circuit that somebody took out meanwhile, where nobody would look for it. */
export interface CircuitKept extends CircuitStamp {
  readonly takenOut: boolean;
}

export const circuitKeptSchema = shape<CircuitKept>({ ...stampFields, takenOut: yesOrNo });

/** A circuit as it is kept. */
export interface CircuitRecord extends CircuitDraft, CircuitStamp {}

export const circuitRecordSchema = shape<CircuitRecord>({ ...draftFields, ...stampFields });

/** A stretch of a fuse: its seconds, then an effort from 0 to 10, or −1 and −2 for what is no work. */
const stretch = listOf(Joi.number().min(-2).max(MOST_SECONDS)).length(2);

/** The fuse of a circuit, as a sketch. */
export const fuseSchema = Joi.array<FuseSketch>()
  .items(shape<SketchedBlock>({ phase: oneOf(...PHASES), rounds: listOf(listOf(stretch)) }).optional())
  .required();

/** What a list shows of a circuit. Its seconds are those at its own site, with the people of its own group. */
export interface CircuitSummary extends CircuitStamp {
  readonly title: string;
  readonly purpose: string;
  readonly notBefore: string;
  readonly notAfter: string;
  readonly tags: readonly string[];
  readonly groupId: string | null;
  readonly siteId: string | null;
  /** Seconds there are; 0 where not said. */
  readonly available: Seconds;
  /** How many slots it has. */
  readonly drills: number;
  readonly seconds: Seconds;
  readonly fuse: FuseSketch;
}

const total = Joi.number().min(0).required();

export const circuitSummarySchema = shape<CircuitSummary>({
  ...stampFields,
  title: name(MOST_TITLE),
  purpose: line(MOST_PURPOSE),
  notBefore: line(MOST_PURPOSE),
  notAfter: line(MOST_PURPOSE),
  tags: listOf(tag),
  groupId: idOrNull,
  siteId: idOrNull,
  available: total,
  drills: total,
  seconds: total,
  fuse: fuseSchema,
});

/** What circuits to list: with these words, this tag, this drill in them; from where the last page ended. */
export interface CircuitWish {
  readonly find?: string;
  readonly tag?: string;
  readonly drill?: string;
  readonly after?: string;
}

export const circuitWishSchema = shape<CircuitWish>({
  find: Joi.string().trim().max(120).allow('').optional(),
  tag: tag.optional(),
  drill: innerId.optional(),
  after: cursor.optional(),
});

/** A page of circuits, last saved first, with every tag that the studio's circuits have. */
export interface CircuitPage {
  readonly circuits: readonly CircuitSummary[];
  readonly next: string | null;
  readonly tags: readonly string[];
  readonly unreadable: readonly Unreadable[];
}

export const circuitPageSchema = shape<CircuitPage>({
  circuits: listOf(circuitSummarySchema),
  next: nextCursor,
  tags: listOf(Joi.string()),
  unreadable: unreadables,
});
