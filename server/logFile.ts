import { chmodSync, mkdirSync } from 'node:fs';
import { basename, dirname } from 'node:path';
import { createStream, type RotatingFileStream } from 'rotating-file-stream';

/** Eight megabytes a file, this one and four before it: a log never fills a disk. */
const FILE_SIZE = '8M';
const FILES_BEFORE = 4;
/** Only who runs the server reads its log. */
const MODE = 0o600;
/** After the log could not be written it is tried again this much later; what would have been in it is lost. */
const RETRY_MS = 10_000;
/** What waits for a slow disk is bounded too. */
const MOST_WAITING_BYTES = 1_000_000;

/** Where a log is written to. */
export interface LogFile {
  write(line: string): void;
  end(): void;
}

/**
 * A log that turns its files over and never stands in the way: with the disk full or read-only, lines are lost and the
 * server goes on; once it can be written again it is.
 *
 * @param onTrouble told once whenever writing begins to fail
 */
export function openLogFile(path: string, onTrouble: (error: Error) => void, retryMs = RETRY_MS): LogFile {
  let stream: RotatingFileStream | undefined;
  let triedAt = -Infinity;

  function opened(): RotatingFileStream | undefined {
    if (stream || performance.now() - triedAt < retryMs) return stream;
    triedAt = performance.now();
    try {
      const folder = dirname(path);
      mkdirSync(folder, { recursive: true });
      const fresh = createStream(basename(path), { path: folder, size: FILE_SIZE, rotate: FILES_BEFORE, mode: MODE });
      fresh.on('open', (file: unknown) => chmod(String(file)));
      fresh.on('error', (error) => {
        if (stream === fresh) stream = undefined;
        onTrouble(error);
      });
      stream = fresh;
    } catch (error) {
      onTrouble(error instanceof Error ? error : new Error(String(error)));
    }
    return stream;
  }

  return {
    write(line) {
      const to = opened();
      if (to && to.writableLength < MOST_WAITING_BYTES) to.write(line);
    },
    end: () => void stream?.end(),
  };
}

/** A file of before may be open to others. */
function chmod(path: string): void {
  try {
    chmodSync(path, MODE);
  } catch {
    // Somebody else's file: they see to who reads it.
  }
}
