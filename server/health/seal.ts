import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';
import type { KeyRing } from './keyRing.ts';

const IV_BYTES = 12;
const TAG_BYTES = 16;
/** Between the id of the key and what is sealed with it. No letter of base64. */
const MARK = '.';

/**
 * A value sealed with AES-256-GCM (NIST SP 800-38D) under the newest key of a ring: the id of that key, and as base64 a
 * fresh nonce, the tag, and what is hidden. It opens only under the same key and for the same owner, so that a sealed
 * value copied to another row is worth nothing there.
 */
export function seal(ring: KeyRing, owner: string, value: unknown): string {
  const { id, bytes } = ring.newest();
  const iv = randomBytes(IV_BYTES);
  const cipher = createCipheriv('aes-256-gcm', bytes, iv).setAAD(Buffer.from(owner));
  const hidden = Buffer.concat([cipher.update(JSON.stringify(value), 'utf8'), cipher.final()]);
  return id + MARK + Buffer.concat([iv, cipher.getAuthTag(), hidden]).toString('base64');
}

/** The id of the key that something was sealed with; undefined for what was sealed before keys had ids. */
export function keyIdOf(sealed: string): string | undefined {
  const mark = sealed.indexOf(MARK);
  return mark < 0 ? undefined : sealed.slice(0, mark);
}

/**
 * What was sealed.
 *
 * @throws Error where the key or the owner is another, or anything was changed; what was sealed is not in its message
 */
export function unseal(ring: KeyRing, owner: string, sealed: string): unknown {
  const keyId = keyIdOf(sealed);
  const key = keyId === undefined ? ring.oldest() : ring.byId(keyId);
  if (!key) throw new Error('A sealed record does not open: it was sealed with a key that this server does not have.');
  const bytes = Buffer.from(keyId === undefined ? sealed : sealed.slice(keyId.length + MARK.length), 'base64');
  const iv = bytes.subarray(0, IV_BYTES);
  const tag = bytes.subarray(IV_BYTES, IV_BYTES + TAG_BYTES);
  try {
    const decipher = createDecipheriv('aes-256-gcm', key.bytes, iv, { authTagLength: TAG_BYTES })
      .setAAD(Buffer.from(owner))
      .setAuthTag(tag);
    const shown = Buffer.concat([decipher.update(bytes.subarray(IV_BYTES + TAG_BYTES)), decipher.final()]);
    return JSON.parse(shown.toString('utf8'));
  } catch {
    throw new Error('A sealed record does not open: the health key is another one, or the record was changed.');
  }
}

/** Whether something sealed opens under these keys and for this owner. */
export function opens(ring: KeyRing, owner: string, sealed: string): boolean {
  try {
    unseal(ring, owner, sealed);
    return true;
  } catch {
    return false;
  }
}
