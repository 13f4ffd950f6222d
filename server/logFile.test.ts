import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { openLogFile } from './logFile.ts';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'prompt-spark-log-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const quiet = (error: Error) => {
  throw error;
};

describe('the log', () => {
  it('is for its owner’s eyes only, a file of before too', async () => {
    const path = join(folder, 'server.log');
    writeFileSync(path, 'before\n', { mode: 0o644 });
    const log = openLogFile(path, quiet);
    log.write('a line\n');
    await expect.poll(() => readFileSync(path, 'utf8')).toBe('before\na line\n');
    expect(statSync(path).mode & 0o777).toBe(0o600);
    log.end();
  });

  it('turns its files over and keeps five of them', async () => {
    const log = openLogFile(join(folder, 'server.log'), quiet);
    const megabyte = `${'x'.repeat(999_999)}\n`;
    for (let written = 0; written < 60; written += 1) {
      log.write(megabyte);
      await new Promise((resolve) => setTimeout(resolve, 5));
    }
    await expect.poll(() => readdirSync(folder).length).toBe(5);
    const sizes = readdirSync(folder).map((name) => statSync(join(folder, name)).size);
    expect(Math.max(...sizes)).toBeLessThan(10_000_000);
    log.end();
  });

  it('loses lines while it cannot be written, says so, and goes on once it can', async () => {
    const path = join(folder, 'there', 'server.log');
    // A file where the folder should be: as little to be written into as a full disk.
    writeFileSync(join(folder, 'there'), '');
    const troubles: Error[] = [];
    const log = openLogFile(path, (error) => troubles.push(error), 20);
    log.write('lost\n');
    await expect.poll(() => troubles.length).toBe(1);
    rmSync(join(folder, 'there'));
    await expect
      .poll(() => {
        log.write('kept\n');
        return readFileSync(path, { encoding: 'utf8', flag: 'a+' });
      })
      .toContain('kept');
    expect(readFileSync(path, 'utf8')).not.toContain('lost');
    log.end();
  });
});
