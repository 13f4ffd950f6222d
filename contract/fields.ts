import type { Range } from '@prompt-spark/core/units';
import Joi from 'joi';

/** A list that is read here counts for the schema as the plain list that Joi's types ask for. */
type PlainLists<T> = { [Key in keyof T]: NonNullable<T[Key]> extends readonly (infer Item)[] ? Item[] : T[Key] };

/** An object with a schema for every field of its type and for nothing else, so that shape and type cannot part. */
export function shape<T>(fields: Joi.SchemaMap<PlainLists<T>, true>): Joi.ObjectSchema<T> {
  return Joi.object<T, true, PlainLists<T>>(fields).required();
}

/** An object that may have some of the keys, each with a value of the same kind. */
export function someOf<Key extends string, Value>(
  keys: readonly Key[],
  value: Joi.Schema,
): Joi.ObjectSchema<Readonly<Partial<Record<Key, Value>>>> {
  const fields = Object.fromEntries(keys.map((key) => [key, value.optional()])) as Joi.PartialSchemaMap;
  return Joi.object<Readonly<Partial<Record<Key, Value>>>>(fields).required();
}

/** One of a few words. */
export function oneOf(...words: readonly string[]): Joi.StringSchema {
  return Joi.string()
    .valid(...words)
    .required();
}

/** A list of things of one kind. */
export function listOf(item: Joi.Schema): Joi.ArraySchema {
  return Joi.array().items(item.optional()).required();
}

/** A UUID, in the one spelling that the database gives back: small letters and dashes. */
const uuid = Joi.string().lowercase().guid({ separator: '-', wrapper: false });

export const id = uuid.required();

/** Ids inside a circuit need only be unique within it. */
export const innerId = Joi.string().min(1).max(64).required();

/** A UUID, or null for none. */
export const idOrNull = uuid.allow(null).required();

/** Text on a single line, which may be empty. */
export function line(most: number): Joi.StringSchema {
  return Joi.string()
    .max(most)
    .pattern(/^[^\r\n]*$/, { name: 'a single line' })
    .allow('')
    .required();
}

/** A name: a single line with something on it. */
export function name(most = 120): Joi.StringSchema {
  return line(most).trim().disallow('');
}

/** Seconds in whole or half seconds. */
export function seconds(least: number, most: number): Joi.NumberSchema {
  return Joi.number().min(least).max(most).multiple(0.5).required();
}

/** A whole number. */
export function whole(least: number, most: number): Joi.NumberSchema {
  return Joi.number().integer().min(least).max(most).required();
}

export const yesOrNo = Joi.boolean().required();

/** The version of a document: 1 when it is new, one more with every change; as large as the database counts. */
export const version = whole(1, 2_147_483_647);

/** A range whose low end is not above its high end. */
export function range(of: Joi.NumberSchema): Joi.ObjectSchema<Range> {
  // The words come with the fault: words set on the schema are gone through with every range that is right.
  return shape<Range>({ low: of, high: of }).custom((value: Range, helpers) =>
    value.low > value.high ? helpers.message({ custom: '{#label} runs from the larger to the smaller' }) : value,
  );
}

/** An instant, as ISO 8601 text in UTC. */
export const instant = Joi.string().isoDate().required();

/** An IANA time zone, such as Europe/London. */
export const timeZone = name(64)
  .custom((zone: string, helpers) => (isTimeZone(zone) ? zone : helpers.error('zone.unknown')))
  .messages({ 'zone.unknown': '{#label} is not a time zone, such as Europe/London' });

function isTimeZone(zone: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
}
