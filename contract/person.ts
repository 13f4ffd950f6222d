import { DEMANDS } from '@prompt-spark/core/drills/demand';
import { KIT } from '@prompt-spark/core/drills/kit';
import { LIMIT_SEVERITIES, type Limit } from '@prompt-spark/core/limits/limitation';
import { LIMITATIONS } from '@prompt-spark/core/limits/limitations';
import {
  ABILITIES,
  hasHealthData,
  PATTERNS,
  READINESS,
  REGIONS,
  type Choice,
  type Hold,
  type Person,
  type ReadinessOnDay,
} from '@prompt-spark/core/limits/person';
import Joi from 'joi';
import { id, instant, line, name, whole, version } from './fields.ts';

const day = Joi.string().pattern(/^\d{4}-\d\d-\d\d$/, { name: 'a day such as 2026-11-25' });
const dayOrNone = day.allow('').required();
const side = Joi.valid('both', 'left', 'right').required();
const innerId = Joi.string().min(1).max(64).required();

const limit = Joi.alternatives<Limit>().conditional('.kind', {
  switch: [
    {
      is: 'own',
      then: Joi.object({
        kind: 'own',
        capped: Joi.valid(...DEMANDS, 'effort').required(),
        most: whole(0, 10),
        side,
        until: dayOrNone,
      }),
    },
  ],
  otherwise: Joi.object({
    kind: Joi.valid('known').required(),
    limitationId: Joi.valid(...LIMITATIONS.map((limitation) => limitation.id)).required(),
    severity: Joi.valid(...LIMIT_SEVERITIES).required(),
    side,
    until: dayOrNone,
  }),
});

const hold = Joi.object<Hold>({
  since: day.required(),
  why: Joi.valid('red flag', 'operation or illness').required(),
  clearedBy: line(120),
  clearedOn: dayOrNone,
})
  .custom((value: Hold, helpers) =>
    (value.clearedBy === '') === (value.clearedOn === '') ? value : helpers.error('hold.cleared'),
  )
  .messages({ 'hold.cleared': 'Say both who cleared them and on which day' });

const readiness = Joi.object<ReadinessOnDay>({
  day: day.required(),
  state: Joi.valid(...READINESS).required(),
  sore: Joi.array()
    .items(Joi.valid(...REGIONS))
    .unique()
    .required(),
});

const choice = Joi.object<Choice>({
  circuitId: id,
  slotId: innerId,
  drillId: innerId,
  variantId: innerId,
  day: dayOrNone,
});

/** What is kept of a person; all of it is sealed where it is stored. */
export type PersonDocument = Omit<Person, 'id'>;

/** A person's document, checked. Health data needs a day of consent. */
export const personDocumentSchema = Joi.object<PersonDocument>({
  name: name(80),
  birthYear: Joi.number().integer().min(1900).max(2100).allow(0).required(),
  limits: Joi.array().items(limit).max(40).required(),
  ability: Joi.object()
    .pattern(Joi.valid(...PATTERNS), Joi.valid(...ABILITIES))
    .required(),
  stiffer: Joi.object()
    .pattern(Joi.valid(...REGIONS), Joi.valid('left', 'right'))
    .required(),
  familiar: Joi.array().items(Joi.string().max(64)).max(400).required(),
  kit: Joi.array()
    .items(Joi.valid(...KIT))
    .unique()
    .required(),
  notes: Joi.string().allow('').max(2000).required(),
  consentOn: dayOrNone,
  choices: Joi.array().items(choice).max(2000).required(),
  readiness: readiness.allow(null).required(),
  holds: Joi.array().items(hold).max(100).required(),
})
  .custom((person: PersonDocument, helpers) =>
    person.consentOn === '' && hasHealthData(person) ? helpers.error('person.consent') : person,
  )
  .messages({
    'person.consent': 'Limits, readiness and notes are health data: note the day they agreed to have it kept',
  })
  .required();

const groupIds = Joi.array().items(Joi.string().guid()).unique().max(40).required();

/** A person as their coaches see them. */
export interface PersonRecord {
  readonly id: string;
  readonly version: number;
  readonly groupIds: readonly string[];
  readonly document: PersonDocument;
}

const personRecord = Joi.object<PersonRecord>({
  id,
  version,
  groupIds,
  document: personDocumentSchema,
});
export const personRecordSchema = personRecord.required();
export const personRecordsSchema = Joi.array<PersonRecord[]>().items(personRecord).required();

/** A new person (version null), or a change made on a version. */
export interface PersonSave {
  readonly version: number | null;
  readonly groupIds: readonly string[];
  readonly document: PersonDocument;
}

export const personSaveSchema = Joi.object<PersonSave>({
  version: version.allow(null),
  groupIds,
  document: personDocumentSchema,
}).required();

/** Who did what with somebody's health data, and when. */
export interface Access {
  readonly coachName: string;
  readonly action: 'saw' | 'added' | 'changed' | 'took out to a file';
  readonly at: string;
}

export const accessesSchema = Joi.array<Access[]>()
  .items(
    Joi.object<Access>({
      coachName: Joi.string().required(),
      action: Joi.valid('saw', 'added', 'changed', 'took out to a file').required(),
      at: instant,
    }),
  )
  .required();

export const personFileSchema = Joi.object<{ csv: string }>({
  csv: Joi.string().allow('').max(2_000_000).required(),
}).required();

/** A group to be added. */
export const newGroupSchema = Joi.object<{ id: string; name: string }>({ id, name: name(80) }).required();
