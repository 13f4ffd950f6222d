import { sql } from 'drizzle-orm';
import { circuit, run, studioDrill } from '../schema/tables.ts';
import type { Database } from './database.ts';

/** What goes to the bin and comes back from it by its own id, with the table that it is kept in. */
const TABLES = { circuit, drill: studioDrill, run };
type Binned = keyof typeof TABLES;

/** Takes something out: it stays stored, and no list shows it. False where there is none, or it is out already. */
export async function takeOut(database: Database, what: Binned, studioId: string, id: string): Promise<boolean> {
  const { rowCount } = await database.execute(sql`
    update ${TABLES[what]} set taken_out_at = now()
    where studio_id = ${studioId} and id = ${id} and taken_out_at is null`);
  return rowCount === 1;
}

/** Brings something back that was taken out, as it was. False where there is none to bring back. */
export async function bringBack(database: Database, what: Binned, studioId: string, id: string): Promise<boolean> {
  const { rowCount } = await database.execute(sql`
    update ${TABLES[what]} set taken_out_at = null
    where studio_id = ${studioId} and id = ${id} and taken_out_at is not null`);
  return rowCount === 1;
}
