import { DEMANDS } from '@prompt-spark/core/drills/demand';
import { KIT } from '@prompt-spark/core/drills/kit';
import { LIMIT_SEVERITIES, type Limit } from '@prompt-spark/core/people/limitation';
import { LIMITATIONS } from '@prompt-spark/core/people/limitations';
import {
  ABILITIES,
  hasHealthData,
  PATTERNS,
  READINESS,
  type Choice,
  type Hold,
  type Person,
  type ReadinessOnDay,
} from '@prompt-spark/core/people/person';
import { MEASURES } from '@prompt-spark/core/measures/measure';
import { MOST_MEASURED, type Measured } from '@prompt-spark/core/people/measured';
import { REGIONS } from '@prompt-spark/core/people/region';
import { MOST_REACHED, REACHED_UNITS, type Reached } from '@prompt-spark/core/people/reached';
import { MOST_SEEN, SEEN_SIDES, SEEN_STATES, WARM_SIGNS, type Seen } from '@prompt-spark/core/people/seen';
import { MOST_TECHNIQUE, VERSIONS_TAKEN, type Technique } from '@prompt-spark/core/people/technique';
import Joi from 'joi';
import { id, instant, line, listOf, name, oneOf, shape, someOf, version, whole } from './fields.ts';
import { cursor, nextCursor, unreadables, type Unreadable } from './page.ts';

const day = Joi.string().pattern(/^\d{4}-\d\d-\d\d$/, { name: 'a day such as 2026-11-25' });
const dayOrNone = Joi.string()
  .pattern(/^(?:\d{4}-\d\d-\d\d)?$/, { name: 'a day such as 2026-11-25, or nothing' })
  .allow('')
  .required();
/** A year of birth, or 0 where it is not known. */
const birthYear = whole(0, 2100)
  .custom((year: number, helpers) => (year === 0 || year >= 1900 ? year : helpers.error('year.early')))
  .messages({ 'year.early': 'A year of birth is 1900 or later' });
const side = oneOf('both', 'left', 'right');
const innerId = Joi.string().min(1).max(64).required();

type LimitOf<Kind extends Limit['kind']> = Extract<Limit, { readonly kind: Kind }>;
const limit = Joi.alternatives<Limit>().conditional('.kind', {
  switch: [
    {
      is: 'own',
      then: shape<LimitOf<'own'>>({
        kind: oneOf('own'),
        capped: oneOf(...DEMANDS, 'effort'),
        most: whole(0, 10),
        side,
        until: dayOrNone,
      }),
    },
  ],
  otherwise: shape<LimitOf<'known'>>({
    kind: oneOf('known'),
    limitationId: oneOf(...LIMITATIONS.map((limitation) => limitation.id)),
    severity: oneOf(...LIMIT_SEVERITIES),
    side,
    until: dayOrNone,
  }),
});

const hold = shape<Hold>({
  since: day.required(),
  why: oneOf('red flag', 'operation or illness'),
  clearedBy: line(120),
  clearedOn: dayOrNone,
})
  .custom((value: Hold, helpers) =>
    (value.clearedBy === '') === (value.clearedOn === '') ? value : helpers.error('hold.cleared'),
  )
  .messages({ 'hold.cleared': 'Say both who cleared them and on which day' });

const readiness = shape<ReadinessOnDay>({
  day: day.required(),
  state: oneOf(...READINESS),
  sore: listOf(oneOf(...REGIONS)).unique(),
});

const choice = shape<Choice>({
  circuitId: id,
  slotId: innerId,
  drillId: innerId,
  variantId: innerId,
  day: dayOrNone,
  answeredBy: line(120),
  answeredOn: dayOrNone,
})
  .custom((value: Choice, helpers) =>
    (value.answeredBy === '') === (value.answeredOn === '') ? value : helpers.error('choice.answered'),
  )
  .messages({ 'choice.answered': 'Say both who answers for it and since which day' });

const reached = shape<Reached>({
  drillId: Joi.string().min(1).max(64).required(),
  drillName: name(170),
  amount: Joi.number().min(0).max(10_000).multiple(0.1).required(),
  unit: oneOf(...REACHED_UNITS),
});

const technique = shape<Technique>({
  drillId: Joi.string().min(1).max(64).required(),
  drillName: name(170),
  fault: line(120),
  version: oneOf(...VERSIONS_TAKEN).allow(null),
});

const seen = shape<Seen>({
  runId: id,
  day: day.required(),
  title: name(),
  state: oneOf(...SEEN_STATES),
  where: oneOf(...REGIONS).allow(null),
  side: oneOf(...SEEN_SIDES).allow(null),
  pain: whole(0, 10).allow(null),
  reached: listOf(reached).max(MOST_REACHED).unique('drillId'),
  technique: listOf(technique).max(MOST_TECHNIQUE).unique('drillId'),
  effort: whole(0, 10).allow(null),
  signs: listOf(oneOf(...WARM_SIGNS)).unique(),
});

const amount = Joi.number().min(0).max(1000).multiple(0.1).allow(null).required();
const measured = shape<Measured>({
  id,
  // One that ships, or one of the studio's own.
  measureId: id.allow(...MEASURES.map((measure) => measure.id)),
  day: day.required(),
  left: amount,
  right: amount,
  once: amount,
})
  .custom((value: Measured, helpers) =>
    value.left === null && value.right === null && value.once === null ? helpers.error('measured.nothing') : value,
  )
  .messages({ 'measured.nothing': 'Say what was measured, on one side at least' });

/** The most choices that are kept for one person. Choices that no longer count are dropped when the person is saved. */
export const MOST_CHOICES = 2000;

/** What is kept of a person; all of it is sealed where it is stored. */
export type PersonDocument = Omit<Person, 'id'>;

/** A person's document, checked. Health data needs a day of consent. */
export const personDocumentSchema = shape<PersonDocument>({
  name: name(80),
  birthYear,
  limits: listOf(limit).max(40),
  ability: someOf(PATTERNS, oneOf(...ABILITIES)),
  stiffer: someOf(REGIONS, oneOf('left', 'right')),
  familiar: listOf(Joi.string().max(64)).max(400),
  kit: listOf(oneOf(...KIT)).unique(),
  notes: Joi.string().allow('').max(2000).required(),
  consentOn: dayOrNone,
  choices: listOf(choice).max(MOST_CHOICES),
  readiness: readiness.allow(null),
  holds: listOf(hold).max(100),
  seen: listOf(seen).max(MOST_SEEN),
  measured: listOf(measured).max(MOST_MEASURED).unique('id'),
})
  .custom((person: PersonDocument, helpers) =>
    person.consentOn === '' && hasHealthData(person) ? helpers.error('person.consent') : person,
  )
  .messages({
    'person.consent':
      'Limits, readiness, notes and what hurt are health data: note the day they agreed to have it kept',
  });

const groupIds = listOf(id).unique().max(40);

/** A person as their coaches see them. */
export interface PersonRecord {
  readonly id: string;
  readonly version: number;
  readonly groupIds: readonly string[];
  readonly document: PersonDocument;
}

export const personRecordSchema = shape<PersonRecord>({ id, version, groupIds, document: personDocumentSchema });

/** People that one page holds: enough for most coaches to need no second. */
export const PEOPLE_PAGE = 200;

/** Which people: from where the last page ended. */
export interface PeopleWish {
  readonly after?: string;
}

export const peopleWishSchema = shape<PeopleWish>({ after: cursor.optional() });

/** A page of the people a coach coaches, in no order that means anything: names are not known to the database. */
export interface CoachedPeople {
  readonly people: readonly PersonRecord[];
  readonly next: string | null;
  readonly unreadable: readonly Unreadable[];
}

export const coachedPeopleSchema = shape<CoachedPeople>({
  people: listOf(personRecordSchema),
  next: nextCursor,
  unreadable: unreadables,
});

/** A new person (version null), or a change made on a version. */
export interface PersonSave {
  readonly version: number | null;
  readonly groupIds: readonly string[];
  readonly document: PersonDocument;
}

export const personSaveSchema = shape<PersonSave>({
  version: version.allow(null),
  groupIds,
  document: personDocumentSchema,
});

const ACTIONS = ['saw', 'added', 'changed', 'took out to a file', 'removed', 'restored', 'deleted'] as const;

/** Who did what with somebody's health data, and when: a line a day for each action, one line in all for looking. */
export interface Access {
  readonly coachName: string;
  readonly action: (typeof ACTIONS)[number];
  /** The last time. */
  readonly at: string;
  /** How many times; for looking, on how many days. */
  readonly times: number;
}

export const accessesSchema: Joi.Schema<readonly Access[]> = listOf(
  shape<Access>({
    coachName: Joi.string().required(),
    action: oneOf(...ACTIONS),
    at: instant,
    times: whole(1, 1_000_000),
  }),
);

/** People as CSV text. */
export interface PersonFile {
  readonly csv: string;
}

export const personFileSchema = shape<PersonFile>({ csv: Joi.string().allow('').max(20_000_000).required() });
