import type Joi from 'joi';
import { fieldName, WORDS } from './words.ts';

/** What is wrong with one field: where it is (RFC 6901 pointer) and what to do about it. */
export interface FieldError {
  readonly path: string;
  readonly message: string;
}

/** A value that passed its schema, or everything that was wrong with it. */
export type Checked<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly errors: readonly FieldError[] };

/** Faults that are told at most. */
export const MOST_FAULTS = 20;

/** A value with more parts than this is told its first fault only: to look for all of them takes long where all are wrong. */
const MOST_LOOKED_THROUGH = 200;

/** Letters of a place or a message that are told. A key may be as long as all that was sent. */
const MOST_TOLD = 300;

/** Checks a value from outside against the schema of what it should be. The one place where outside data gets its type. */
export function check<T>(schema: Joi.Schema<T>, value: unknown): Checked<T> {
  const parts = partsOf(value);
  if (parts === undefined) return { ok: false, errors: unkeepableIn(value) };
  const { first, all } = strict(schema);
  const result = first.validate(value);
  if (!result.error) return { ok: true, value: result.value };
  const error = (parts <= MOST_LOOKED_THROUGH ? all.validate(value).error : undefined) ?? result.error;
  const errors = error.details
    .slice(0, MOST_FAULTS)
    .map((detail) => told(detail.path.map(step).join(''), worded(detail)));
  return { ok: false, errors: errors.filter((one, at) => errors.findIndex((other) => isSame(one, other)) === at) };
}

/** Two rules may say the same of one field. */
function isSame(one: FieldError, other: FieldError): boolean {
  return one.path === other.path && one.message === other.message;
}

/** A message with the field called by its name, unless its schema has a better one. */
function worded({ message, path }: Joi.ValidationErrorItem): string {
  const key = path.at(-1);
  if (key === undefined) return message;
  const label = typeof key === 'number' ? `[${key}]` : key;
  return message.startsWith(label) ? fieldName(key) + message.slice(label.length) : message;
}

function told(path: string, message: string): FieldError {
  return { path: path.slice(0, MOST_TOLD), message: message.slice(0, MOST_TOLD) };
}

interface Strict<T> {
  /** Ends at the first fault. */
  readonly first: Joi.Schema<T>;
  /** Finds everything that is wrong. */
  readonly all: Joi.Schema<T>;
}

const known = new WeakMap<object, Strict<unknown>>();

/** A schema as it is used. Its preferences are set once: given with each value they are checked each time. */
function strict<T>(schema: Joi.Schema<T>): Strict<T> {
  const made = known.get(schema) as Strict<T> | undefined;
  if (made) return made;
  const prefs = { errors: { wrap: { label: false }, label: 'key' }, messages: WORDS } as const;
  const fresh = {
    first: schema.prefs({ ...prefs, abortEarly: true }),
    all: schema.prefs({ ...prefs, abortEarly: false }),
  };
  known.set(schema, fresh);
  return fresh;
}

/** Whether a text can be kept: the database takes neither the character zero nor half a pair of surrogates. */
export function keepable(text: string): boolean {
  return !/\0|\p{Surrogate}/u.test(text);
}

/**
 * How many parts a value has; undefined where a text within it cannot be kept. It is asked of everything that comes in:
 * it only looks, and notes no places. Without recursion: what comes in may be nested without end.
 */
function partsOf(value: unknown): number | undefined {
  const left: unknown[] = [value];
  let parts = 0;
  while (left.length > 0) {
    const here = left.pop();
    parts += 1;
    if (typeof here === 'string' && !keepable(here)) return undefined;
    if (typeof here !== 'object' || here === null) continue;
    if (Array.isArray(here)) for (const inner of here as unknown[]) left.push(inner);
    else
      for (const [key, inner] of Object.entries(here)) {
        if (!keepable(key)) return undefined;
        left.push(inner);
      }
  }
  return parts;
}

/** The first texts within a value, keys or others, that cannot be kept. */
function unkeepableIn(value: unknown): readonly FieldError[] {
  const errors: FieldError[] = [];
  const left: { readonly path: string; readonly value: unknown }[] = [{ path: '', value }];
  for (let one = left.pop(); one && errors.length < MOST_FAULTS; one = left.pop()) {
    const { path, value: here } = one;
    if (typeof here === 'string' && !keepable(here)) errors.push(told(path, 'holds a character that cannot be kept'));
    if (typeof here !== 'object' || here === null) continue;
    for (const [key, inner] of Object.entries(here)) {
      if (keepable(key)) left.push({ path: path.slice(0, MOST_TOLD) + step(key), value: inner });
      else errors.push(told(path, 'has a field whose name cannot be kept'));
    }
  }
  return errors;
}

/** One step of an RFC 6901 pointer. */
function step(part: string | number): string {
  return `/${String(part).replaceAll('~', '~0').replaceAll('/', '~1')}`;
}
