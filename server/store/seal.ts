import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';

/** The key that health data is sealed with: 32 bytes, kept outside the database. */
export type HealthKey = Buffer;

const IV_BYTES = 12;
const TAG_BYTES = 16;

/**
 * A value sealed with AES-256-GCM (NIST SP 800-38D), as base64: a fresh nonce, the tag, and what is hidden. It opens only
 * under the same key and for the same owner, so that a sealed value copied to another row is worth nothing there.
 */
export function seal(key: HealthKey, owner: string, value: unknown): string {
  const iv = randomBytes(IV_BYTES);
  const cipher = createCipheriv('aes-256-gcm', key, iv).setAAD(Buffer.from(owner));
  const hidden = Buffer.concat([cipher.update(JSON.stringify(value), 'utf8'), cipher.final()]);
  return Buffer.concat([iv, cipher.getAuthTag(), hidden]).toString('base64');
}

/**
 * What was sealed.
 *
 * @throws Error where the key or the owner is another, or anything was changed; what was sealed is not in its message
 */
export function unseal(key: HealthKey, owner: string, sealed: string): unknown {
  const bytes = Buffer.from(sealed, 'base64');
  const iv = bytes.subarray(0, IV_BYTES);
  const tag = bytes.subarray(IV_BYTES, IV_BYTES + TAG_BYTES);
  try {
    const decipher = createDecipheriv('aes-256-gcm', key, iv).setAAD(Buffer.from(owner)).setAuthTag(tag);
    const shown = Buffer.concat([decipher.update(bytes.subarray(IV_BYTES + TAG_BYTES)), decipher.final()]);
    return JSON.parse(shown.toString('utf8'));
  } catch {
    throw new Error('A sealed record does not open: the health key is another one, or the record was changed.');
  }
}

/** A health key as it is written in the environment: 32 bytes in base64. */
export function healthKeyFrom(text: string): HealthKey {
  const key = Buffer.from(text, 'base64');
  if (key.length !== 32) throw new Error('The health key is not 32 bytes in base64.');
  return key;
}
