import { spawn } from 'node:child_process';

/** How a text is spoken. */
export interface Manner {
  readonly voice: string;
  readonly speed: number;
  readonly pitch: number;
}

/** A text that could not be spoken: the program is missing, hangs, fails or says too much. */
export class NotSpoken extends Error {}

/** A line takes a tenth of a second; one that takes so much longer never comes. */
const MOST_MS = 8_000;
/** Twenty seconds of sound. */
const MOST_BYTES = 2_000_000;

/**
 * Has espeak-ng speak a text, and gives the WAV file. The text goes in by a pipe: it is data, never a word of a command.
 *
 * @param program what to run, "espeak-ng" or a path
 * @throws NotSpoken
 */
export function speakWith(program: string, text: string, { voice, speed, pitch }: Manner): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    const words = ['-v', voice, '-s', String(speed), '-p', String(pitch), '--stdin', '--stdout'];
    // A group of its own: whatever it started ends with it.
    const child = spawn(program, words, { stdio: ['pipe', 'pipe', 'ignore'], detached: true });
    const parts: Buffer[] = [];
    let bytes = 0;
    const giveUp = (why: string): void => {
      clearTimeout(timer);
      endGroup(child.pid);
      child.stdout.destroy();
      reject(new NotSpoken(why));
    };
    const timer = setTimeout(() => giveUp('It took too long.'), MOST_MS);
    child.stdout.on('data', (part: Buffer) => {
      bytes += part.length;
      if (bytes > MOST_BYTES) giveUp('It says too much.');
      else parts.push(part);
    });
    child.on('error', ({ message }) => giveUp(message));
    child.on('close', (code) => {
      clearTimeout(timer);
      if (code === 0) resolve(Buffer.concat(parts));
      else reject(new NotSpoken(`It ended with ${code === null ? 'a signal' : `code ${String(code)}`}.`));
    });
    // A program that ends at once closes its pipe: that is told by its end.
    child.stdin.on('error', () => undefined);
    child.stdin.end(text);
  });
}

function endGroup(pid: number | undefined): void {
  if (pid === undefined) return;
  try {
    process.kill(-pid, 'SIGKILL');
  } catch {
    // It has ended already.
  }
}
