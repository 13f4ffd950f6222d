import type { Unreadable } from '@prompt-spark/contract/page';
import type { Logger } from 'pino';
import type { UnreadableRow } from '../store/stored.ts';

/** Logs every row of a list that cannot be opened, and gives what the page is told of it: that it is there. */
export function told(what: string, rows: readonly UnreadableRow[], log: Pick<Logger, 'warn'>): readonly Unreadable[] {
  for (const { id, why } of rows) log.warn({ what, id, why }, 'a stored record cannot be opened');
  return rows.map(({ id }) => ({ id }));
}
