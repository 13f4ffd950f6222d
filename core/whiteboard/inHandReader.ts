import { MOST_LOAD } from '../circuit/bounds.ts';
import { GROWING } from '../dose/dose.ts';
import type { LoadUnit } from '../dose/lift.ts';
import { BAND_STRENGTHS, type BandStrength, type Load } from '../drills/inHand.ts';
import { LENGTH, measureIn } from './distanceReader.ts';
import { set, type DoseWords } from './doseWords.ts';
import { readField, type FieldReading } from './field.ts';
import { Unreadable } from './problem.ts';
import type { Scanner } from './scanner.ts';

const STRENGTH = `(${BAND_STRENGTHS.join('|')})`;
const GROWS = `(${GROWING.map((way) => way.replaceAll(' ', '\\s+')).join('|')})(?![a-z])`;

/** What is in the hands and how it grows: "with 10kg", "light band", "75cm high", "small to big". */
export function readInHand(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  const load = takeLoad(scanner);
  if (load) {
    set(words, 'load', load, column);
    return true;
  }
  const band = takeBand(scanner);
  if (band) {
    set(words, 'band', band, column);
    return true;
  }
  const high = scanner.take(`${LENGTH}\\s*high(?![a-z])`);
  if (high) {
    set(words, 'height', measureIn(high, column), column);
    return true;
  }
  const grows = scanner.take(GROWS)?.[0]?.toLowerCase().replaceAll(/\s+/g, ' ');
  const growing = GROWING.find((way) => way === grows);
  if (!growing) return false;
  set(words, 'growing', growing, column);
  return true;
}

function takeLoad(scanner: Scanner): Load | undefined {
  const { column } = scanner;
  const load = scanner.take('with\\s+(\\d+(?:\\.\\d+)?)\\s*(kg|lb)s?(?![a-z])');
  if (!load) return undefined;
  const amount = Number(load[0]);
  if (amount <= 0 || amount > MOST_LOAD) throw new Unreadable(column, `a load up to ${String(MOST_LOAD)}`);
  const unit: LoadUnit = load[1]?.toLowerCase() === 'lb' ? 'lb' : 'kg';
  return { amount, unit };
}

function takeBand(scanner: Scanner): BandStrength | undefined {
  const strength = scanner.take(`${STRENGTH}\\s+band(?![a-z])`)?.[0]?.toLowerCase();
  return BAND_STRENGTHS.find((known) => known === strength);
}

/** Reads what is held from a field of its own: "10 kg", "25 lb"; nothing where it is empty. */
export function readLoad(text: string): FieldReading<Load | null> {
  if (text.trim() === '') return { ok: true, value: null };
  return readField(`with ${text.trim()}`, takeLoad, 'a load, such as 10 kg or 25 lb, or nothing');
}

/** A load as typed into a field: "10 kg"; nothing where there is none. */
export const writeLoad = (load: Load | null): string => (load ? `${String(load.amount)} ${load.unit}` : '');
