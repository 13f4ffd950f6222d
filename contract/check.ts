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
  if (!allKeepable(value)) return { ok: false, errors: unkeepableIn(value) };
  const result = inFull(schema).validate(value);
  if (!result.error) return { ok: true, value: result.value };
  const errors = result.error.details.map(({ path, message }) => ({
    path: path.map(step).join(''),
    message,
  }));
  return { ok: false, errors };
}

const full = new WeakMap<object, Joi.Schema>();

/** A schema that finds everything that is wrong. Its preferences are set once: given with each value they are checked each time. */
function inFull<T>(schema: Joi.Schema<T>): Joi.Schema<T> {
  const known = full.get(schema) as Joi.Schema<T> | undefined;
  if (known) return known;
  const made = schema.prefs({ abortEarly: false, errors: { wrap: { label: false } } });
  full.set(schema, made);
  return made;
}

/** Whether a text can be kept: the database takes neither the character zero nor half a pair of surrogates. */
export function keepable(text: string): boolean {
  return !/\0|\p{Surrogate}/u.test(text);
}

/** Whether every text within a value can be kept. It is asked of everything that comes in: it only looks, and notes no places. */
function allKeepable(value: unknown): boolean {
  const left: unknown[] = [value];
  for (let here = left.pop(); left.length > 0 || here !== undefined; here = left.pop()) {
    if (typeof here === 'string' && !keepable(here)) return false;
    if (typeof here !== 'object' || here === null) continue;
    if (Array.isArray(here)) left.push(...(here as unknown[]));
    else
      for (const [key, inner] of Object.entries(here)) {
        if (!keepable(key)) return false;
        left.push(inner);
      }
  }
  return true;
}

/** Every text within a value, key or other, that cannot be kept. Without recursion: what comes in may be nested without end. */
function unkeepableIn(value: unknown): readonly FieldError[] {
  const errors: FieldError[] = [];
  const left: { readonly path: string; readonly value: unknown }[] = [{ path: '', value }];
  for (let one = left.pop(); one; one = left.pop()) {
    const { path, value: here } = one;
    if (typeof here === 'string' && !keepable(here))
      errors.push({ path, message: 'holds a character that cannot be kept' });
    if (typeof here !== 'object' || here === null) continue;
    for (const [key, inner] of Object.entries(here)) {
      if (keepable(key)) left.push({ path: path + step(key), value: inner });
      else errors.push({ path, message: 'has a field whose name cannot be kept' });
    }
  }
  return errors;
}

/** One step of an RFC 6901 pointer. */
function step(part: string | number): string {
  return `/${String(part).replaceAll('~', '~0').replaceAll('/', '~1')}`;
}
