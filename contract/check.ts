import type Joi from 'joi';

/** What is wrong with one field: where it is (RFC 6901 pointer) and what to do about it. */
export interface FieldError {
  readonly path: string;
  readonly message: string;
}

/** A value that passed its schema, or everything that was wrong with it. */
export type Checked<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly errors: readonly FieldError[] };

/** Checks a value from outside against the schema of what it should be. The one place where outside data gets its type. */
export function check<T>(schema: Joi.Schema<T>, value: unknown): Checked<T> {
  const result = schema.validate(value, { abortEarly: false, errors: { wrap: { label: false } } });
  if (!result.error) return { ok: true, value: result.value };
  const errors = result.error.details.map(({ path, message }) => ({
    path: path.map((part) => `/${String(part).replaceAll('~', '~0').replaceAll('/', '~1')}`).join(''),
    message,
  }));
  return { ok: false, errors };
}
