import { check } from '@prompt-spark/contract/check';
import type Joi from 'joi';

/**
 * Stored data on its way out, checked against its schema.
 *
 * @throws Error that says which fields are wrong, without what is in them.
 */
export function trusted<T>(schema: Joi.Schema<T>, stored: unknown): T {
  const checked = check(schema, stored);
  if (checked.ok) return checked.value;
  throw new Error(
    `Stored data does not fit its schema at ${checked.errors.map(({ path }) => path || '/').join(', ')}.`,
  );
}
