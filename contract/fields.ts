import type { Range } from '@prompt-spark/core/units';
import Joi from 'joi';

/** A UUID. */
export const id = Joi.string().guid().required();

/** A UUID, or null for none. */
export const idOrNull = Joi.string().guid().allow(null).required();

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
  return line(most).trim().disallow('').messages({ 'any.invalid': '{#label} is empty' });
}

/** Seconds in whole or half seconds. */
export function seconds(least: number, most: number): Joi.NumberSchema {
  return Joi.number().min(least).max(most).multiple(0.5).required();
}

/** A whole number. */
export function whole(least: number, most: number): Joi.NumberSchema {
  return Joi.number().integer().min(least).max(most).required();
}

/** The version of a document: 1 when it is new, one more with every change; as large as the database counts. */
export const version = whole(1, 2_147_483_647);

/** A range whose low end is not above its high end. */
export function range(of: Joi.NumberSchema): Joi.ObjectSchema<Range> {
  return Joi.object<Range>({ low: of, high: of })
    .custom((value: Range, helpers) => (value.low > value.high ? helpers.error('range.order') : value))
    .messages({ 'range.order': '{#label} runs from the larger to the smaller' })
    .required();
}

/** An instant, as ISO 8601 text in UTC. */
export const instant = Joi.string().isoDate().required();
