import type { Aim } from '../circuit/aim.ts';
import { MOST_COUNT } from '../circuit/bounds.ts';
import { set, type DoseWords } from './doseWords.ts';
import { readField, type FieldReading } from './field.ts';
import { Unreadable } from './problem.ts';
import type { Scanner } from './scanner.ts';

const AMOUNTS = '(\\d+)(?:\\s*/\\s*(\\d+)\\s*/\\s*(\\d+))?';

/** What people aim at: "aim 12", or by track "aim 6/10/15". */
export function readAim(scanner: Scanner, words: DoseWords): boolean {
  const { column } = scanner;
  if (!scanner.take('aim(?![a-z])(?:\\s+for(?![a-z]))?')) return false;
  const aim = takeAim(scanner);
  if (!aim) throw new Unreadable(column, AN_AIM);
  set(words, 'aim', aim, column);
  return true;
}

const AN_AIM = 'a number to aim for, such as 12, or three by track, such as 6/10/15';

function takeAim(scanner: Scanner): Aim | undefined {
  const { column } = scanner;
  const said = scanner.take(AMOUNTS);
  if (!said) return undefined;
  const [gentler = 0, planned = gentler, more = planned] = said.flatMap((part) => (part ? [Number(part)] : []));
  return checkedAim({ gentler, planned, more }, column);
}

function checkedAim(aim: Aim, column: number): Aim {
  const { gentler, planned, more } = aim;
  if (gentler < 1 || more > MOST_COUNT) throw new Unreadable(column, `a number between 1 and ${String(MOST_COUNT)}`);
  if (gentler > planned || planned > more) throw new Unreadable(column, 'three numbers from the fewest to the most');
  return aim;
}

/** Reads an aim from a field of its own: "12", "6/10/15"; nothing where it is empty. */
export function readAimField(text: string): FieldReading<Aim | null> {
  return text.trim() === '' ? { ok: true, value: null } : readField(text, takeAim, AN_AIM);
}

/** An aim as it is written on the board: "12", "6/10/15". */
export function writeAim({ gentler, planned, more }: Aim): string {
  return gentler === more ? String(planned) : [gentler, planned, more].join('/');
}
