import { check } from '@prompt-spark/contract/check';
import { id, shape } from '@prompt-spark/contract/fields';
import Joi from 'joi';

/** Where a page of a list ended: at an instant, and among those of the same instant at an id. */
export interface PageEnd {
  /** As the database writes it, to the microsecond. */
  readonly at: string;
  readonly id: string;
}

const pageEnd = shape<PageEnd>({
  at: Joi.string()
    .pattern(/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d\.\d{6}$/)
    .custom((text: string, helpers) => (isInstant(text) ? text : helpers.error('any.invalid')))
    .required(),
  id,
});

/** A cursor for where a page ended. It means nothing to anybody else. */
export function cursorTo({ at, id: last }: PageEnd): string {
  return Buffer.from(JSON.stringify({ at, id: last })).toString('base64url');
}

/** Where a page ended, from its cursor; undefined for what is no cursor of ours. */
export function endFrom(cursor: string): PageEnd | undefined {
  try {
    const read: unknown = JSON.parse(Buffer.from(cursor, 'base64url').toString('utf8'));
    const checked = check(pageEnd, read);
    return checked.ok ? checked.value : undefined;
  } catch {
    return undefined;
  }
}

/** Whether there is such a day and time: nobody but us makes cursors, but anybody may send one. */
function isInstant(text: string): boolean {
  const [day = '', time = ''] = text.split(' ');
  const date = new Date(`${day}T${time.slice(0, 12)}Z`);
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(day);
}
