import { mkdir, readdir, readFile, rename, rm, stat, utimes, writeFile } from 'node:fs/promises';
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';

/** Clips kept on disk, by the hash of what was spoken and how. */
export interface ClipFolder {
  get(key: string): Promise<Buffer | undefined>;
  put(key: string, clip: Buffer): Promise<void>;
}

/** To look through the folder takes longer than to write a clip: it is done once in so many. */
const LOOKED_AFTER = 20;

const FILE = /^[0-9a-f]{64}\.wav$/;

/**
 * Opens a folder of clips that holds so many bytes, and a few clips more: the one that was heard longest ago goes first. What
 * cannot be read or written is made anew each time.
 */
export function clipFolder(folder: string, mostBytes: number): ClipFolder {
  const pathOf = (key: string): string => join(folder, `${key}.wav`);
  let writing: Promise<void> = Promise.resolve();
  let written = 0;

  async function get(key: string): Promise<Buffer | undefined> {
    try {
      const clip = await readFile(pathOf(key));
      const now = new Date();
      await utimes(pathOf(key), now, now);
      return clip;
    } catch {
      return undefined;
    }
  }

  async function write(key: string, clip: Buffer): Promise<void> {
    try {
      await mkdir(folder, { recursive: true });
      const half = join(folder, `${randomUUID()}.half`);
      await writeFile(half, clip);
      await rename(half, pathOf(key));
      written += 1;
      if (written % LOOKED_AFTER === 0) await makeRoom();
    } catch {
      // A full or closed disk costs time, not the voice.
    }
  }

  async function makeRoom(): Promise<void> {
    const names = (await readdir(folder)).filter((name) => FILE.test(name));
    const files = await Promise.all(
      names.map(async (name) => {
        const { size, mtimeMs } = await stat(join(folder, name));
        return { name, size, mtimeMs };
      }),
    );
    let bytes = files.reduce((sum, { size }) => sum + size, 0);
    for (const { name, size } of files.toSorted((one, other) => one.mtimeMs - other.mtimeMs)) {
      if (bytes <= mostBytes) return;
      await rm(join(folder, name), { force: true });
      bytes -= size;
    }
  }

  function put(key: string, clip: Buffer): Promise<void> {
    writing = writing.then(() => write(key, clip));
    return writing;
  }

  return { get, put };
}
