import { LEAST_REP_SECONDS, MOST_REP_SECONDS } from '../circuit/bounds.ts';
import type { Tempo } from '../dose/dose.ts';
import { secondsPerRep } from '../dose/workSeconds.ts';
import { readField, type FieldReading } from './field.ts';
import { Unreadable } from './problem.ts';
import type { Scanner } from './scanner.ts';

const PART = '(\\d+(?:\\.5|\\.0)?)';

/** Takes a tempo, "3s", "3" or "2-1-2", if it stands at the scanner. Throws Unreadable where it is out of bounds. */
export function takeTempo(scanner: Scanner, before = ''): Tempo | undefined {
  const { column } = scanner;
  const tempo = takeText(scanner, before);
  if (!tempo) return undefined;
  const seconds = secondsPerRep(tempo);
  if (seconds < LEAST_REP_SECONDS || seconds > MOST_REP_SECONDS) {
    throw new Unreadable(column, 'a tempo of half a second to a minute for one repetition');
  }
  return tempo;
}

function takeText(scanner: Scanner, before: string): Tempo | undefined {
  const phased = scanner.take(`${before}${PART}-${PART}-${PART}(?![\\w.-])`);
  const [lower, hold, lift] = (phased ?? []).map(Number);
  if (lower !== undefined && hold !== undefined && lift !== undefined) return { kind: 'phased', lower, hold, lift };
  const even = scanner.take(`${before}${PART}\\s*s?(?![\\w./-])`);
  return even && { kind: 'even', seconds: Number(even[0]) };
}

/** Reads a tempo from a field of its own. */
export function readTempo(text: string): FieldReading<Tempo> {
  return readField(text, (scanner) => takeTempo(scanner), 'a tempo, such as 3s or 2-1-2');
}
