import { MOST_TITLE } from '../circuit/bounds.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { amountSaid } from '../reading/drillList.ts';
import { readLine, wellFormed } from './lineReader.ts';
import type { Problem } from './problem.ts';
import type { ReadLine } from './reading.ts';

/** The lines of a text, each as it is to be read: without the numbers of a list, and the heading of a part by itself. */
export function boardLines(text: string, library: DrillLibrary): readonly string[] {
  return withoutNumbers(wellFormed(text).split(/\r\n|\r|\n/)).flatMap((line) => headingApart(line, library));
}

const NUMBERED = /^\s*(\d{1,2})\s+[-–—]\s/;

/** The lines without the numbers of a list, "1 – 10 squats", "2 – 8 push-ups": one such line by itself would be a range. */
function withoutNumbers(lines: readonly string[]): readonly string[] {
  const numbers = lines.map((line) => Number(NUMBERED.exec(line)?.[1] ?? 0));
  const counted = numbers.filter((number) => number > 0);
  const isList = counted.length > 1 && counted.every((number, at) => number === at + 1);
  return isList ? lines.map((line) => line.replace(NUMBERED, '')) : lines;
}

const PART_AND_MORE = /^([\p{L} &/'’-]{3,40}):\s+(\S.*)$/u;

/** A line that begins with the heading of a part, as two: "Mobility: cat-cow x10, hip circles x10". */
function headingApart(line: string, library: DrillLibrary): readonly string[] {
  const [, heading = '', more = ''] = PART_AND_MORE.exec(line.trim()) ?? [];
  if (heading === '' || readLine(heading, library, 'heading').kind !== 'block') return [line];
  const whole = readLine(line, library, 'whole');
  const isRead = whole.kind === 'slot' ? whole.slot.guess === '' : whole.kind !== 'problem';
  return isRead ? [line] : [heading, more];
}

/** The words of a title: it names a day, a class or the people. */
const OVER_A_PLAN =
  /^(?:mon|tues?|wed(?:nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?\b|\bover[- ]?\d0s\b|\b(?:class|session|team|group|squad|day)s?$/i;

/** Whether a line begins as the nearest name of a drill does: it is that drill, misspelt. */
const isMisspelt = (text: string, { nearest }: Problem): boolean =>
  nearest.some((name) => name.slice(0, SPELT_ALIKE).toLowerCase() === text.slice(0, SPELT_ALIKE).toLowerCase());
/** Letters by which a misspelt name is known. */
const SPELT_ALIKE = 4;

/** How much of a plan says how much, where its first line may be taken for its title. */
const SAYS_HOW_MUCH = 0.5;

/**
 * The lines with the first as the title, where it can be nothing else: it names no drill for sure and says no amount, and
 * most of what follows does. A day or a class may have figures in it: "Tues 6.30, over 60s".
 */
export function withTitleMeant(read: readonly ReadLine[], lines: readonly string[]): readonly ReadLine[] {
  const at = read.findIndex(({ kind }) => kind !== 'blank');
  const first = read[at];
  const title = lines[at]?.trim().replace(/[:.]$/, '') ?? '';
  const others = lines.slice(at + 1).filter((line) => line.trim() !== '');
  const isPlan = others.length > 1 && others.filter(amountSaid).length >= SAYS_HOW_MUCH * others.length;
  const hasTitle = read.some(({ kind }) => kind === 'title');
  if (!first || hasTitle || !isPlan || title.length > MOST_TITLE || !isTitle(first, title)) return read;
  return read.with(at, { kind: 'title', title });
}

function isTitle(line: ReadLine, text: string): boolean {
  const isOver = OVER_A_PLAN.test(text);
  if (line.kind === 'slot') return line.slot.guess !== '' && isOver;
  if (line.kind !== 'problem' || !line.problem.unknown) return false;
  return isOver || !(amountSaid(text) || isMisspelt(text, line.problem));
}
