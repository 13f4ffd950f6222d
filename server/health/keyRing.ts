import { createHash, createHmac } from 'node:crypto';
import { readFileSync, statSync } from 'node:fs';

/** A key that health data is sealed with: 32 bytes, kept outside the database, and an id that gives nothing of them away. */
export interface HealthKey {
  readonly id: string;
  readonly bytes: Buffer;
}

/** The keys that this server has, the newest of which seals; the others open what was sealed before. */
export interface KeyRing {
  newest(): HealthKey;
  oldest(): HealthKey;
  byId(id: string): HealthKey | undefined;
}

/** A ring of keys, the newest first. */
export function ringOf(keys: readonly Buffer[]): KeyRing {
  const all = keys.map((bytes) => ({ id: keyIdFor(bytes), bytes }));
  const newest = all[0];
  const oldest = all.at(-1);
  if (!newest || !oldest) throw new Error('There is no health key.');
  const known = new Map(all.map((key) => [key.id, key]));
  return { newest: () => newest, oldest: () => oldest, byId: (id) => known.get(id) };
}

/** A ring read from a file, and read anew whenever that changes: keys are rotated while servers run. */
export function ringInFile(path: string): KeyRing {
  let ring = ringOf(keysFrom(readFileSync(path, 'utf8')));
  let seen = stampOf(path);

  function now(): KeyRing {
    const stamp = stampOf(path);
    // A file that is being replaced, or is gone, leaves the keys that are known.
    if (stamp === '' || stamp === seen) return ring;
    ring = ringOf(keysFrom(readFileSync(path, 'utf8')));
    seen = stamp;
    return ring;
  }

  return { newest: () => now().newest(), oldest: () => now().oldest(), byId: (id) => now().byId(id) };
}

function stampOf(path: string): string {
  const stat = statSync(path, { throwIfNoEntry: false });
  return stat ? `${String(stat.mtimeMs)} ${String(stat.ino)} ${String(stat.size)}` : '';
}

/**
 * Keys as they are written in the environment or a file: each 32 bytes in base64, the newest first, with spaces or lines
 * between.
 *
 * @throws Error where one is anything else; it does not say what is there
 */
export function keysFrom(text: string): readonly Buffer[] {
  const keys = text
    .split(/\s/)
    .filter((word) => word !== '')
    .map((word) => Buffer.from(word, 'base64'));
  if (keys.length === 0 || keys.some(({ length }) => length !== 32)) {
    throw new Error('The health key is not 32 bytes in base64.');
  }
  return keys;
}

function keyIdFor(bytes: Buffer): string {
  return createHash('sha256').update('prompt-spark health key id').update(bytes).digest('hex').slice(0, 16);
}

/** What proves that a server has a key, and tells nothing of it. */
export function checkValueOf({ bytes }: HealthKey): string {
  return createHmac('sha256', bytes).update('prompt-spark health key check').digest('base64');
}

/** A name as it can be found again without being known: nobody without the key can make it. */
export function nameDigest({ bytes }: HealthKey, studioId: string, name: string): string {
  const plain = name.normalize('NFKC').trim().replace(/\s+/g, ' ').toLowerCase();
  return createHmac('sha256', bytes).update(`${studioId}/${plain}`).digest('base64');
}
