import type { Account, NewStudio } from '@prompt-spark/contract/account';
import { hash, verify } from '@node-rs/argon2';
import { and, eq, isNull, sql } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import { coach, site, studio } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { prepared } from './prepared.ts';

/** OWASP's first recommendation for argon2id: 19 MiB, two passes, one lane. The package's default variant is argon2id. */
const HASHING = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** A password as it is stored. */
export function hashPassword(password: string): Promise<string> {
  return hash(password, HASHING);
}

/** Compared against where there is no such coach, so that an unknown e-mail takes as long as a wrong password. */
const NOBODYS_HASH = hashPassword(randomUUID());

const accountColumns = {
  coachId: coach.id,
  coachName: coach.name,
  studioId: studio.studioId,
  studioName: studio.name,
  isDemo: studio.isDemo,
};

/** The account with this e-mail and password, or undefined where they do not go together. */
export async function accountBySecret(
  database: Database,
  email: string,
  password: string,
): Promise<Account | undefined> {
  const [found] = await database
    .select({ ...accountColumns, passwordHash: coach.passwordHash })
    .from(coach)
    .innerJoin(studio, eq(studio.studioId, coach.studioId))
    .where(eq(coach.email, email.toLowerCase()));
  const right = await verify(found?.passwordHash ?? (await NOBODYS_HASH), password);
  if (!found || !right) return undefined;
  const { passwordHash: _, ...account } = found;
  return account;
}

/** Whether a password is a coach's own. */
export async function isOwnPassword(database: Database, coachId: string, password: string): Promise<boolean> {
  const [found] = await database.select({ passwordHash: coach.passwordHash }).from(coach).where(eq(coach.id, coachId));
  return found !== undefined && (await verify(found.passwordHash, password));
}

/** The account of a coach, or undefined where there is none any more. */
export async function accountOf(database: Database, coachId: string): Promise<Account | undefined> {
  const query = prepared(database, 'account_of', () =>
    accounts(database)
      .where(eq(coach.id, sql.placeholder('coachId')))
      .prepare('account_of'),
  );
  const [found] = await query.execute({ coachId });
  return found;
}

/** The account in the demo that visitors' copies are made of, where there is one. */
export async function demoAccount(database: Database): Promise<Account | undefined> {
  const [found] = await accounts(database)
    .where(and(eq(studio.isDemo, true), isNull(studio.expiresAt)))
    .orderBy(coach.name)
    .limit(1);
  return found;
}

function accounts(database: Database) {
  return database.select(accountColumns).from(coach).innerJoin(studio, eq(studio.studioId, coach.studioId));
}

/** A studio of one's own with its first coach and a site to begin with. Undefined where the e-mail is taken. */
export async function openStudio(
  database: Database,
  { studioName, coachName, email, password, timeZone }: NewStudio,
): Promise<Account | undefined> {
  const passwordHash = await hashPassword(password);
  return database.transaction(async (transaction) => {
    const studioId = randomUUID();
    const coachId = randomUUID();
    await transaction.insert(studio).values({ studioId, name: studioName });
    const added = await transaction
      .insert(coach)
      .values({ id: coachId, studioId, name: coachName, email, passwordHash })
      .onConflictDoNothing({ target: coach.email })
      .returning({ id: coach.id });
    if (added.length === 0) {
      await transaction.delete(studio).where(eq(studio.studioId, studioId));
      return undefined;
    }
    const floor = { lanes: 0, laneMetres: 0, lapMetres: 0, mats: 0, loopBands: 0, walls: 1 };
    await transaction.insert(site).values({ id: randomUUID(), studioId, name: 'Main floor', timeZone, ...floor });
    return { coachId, coachName, studioId, studioName, isDemo: false };
  });
}
