import { MOST_COUNT, MOST_SECONDS } from '../circuit/bounds.ts';
import type { Range } from '../units.ts';
import { Unreadable } from './problem.ts';

const NUMBER = '\\d+(?:\\.\\d+)?';
/** A whole number or a range of them, as text inside a pattern; fills two groups. */
export const COUNT = '(\\d+)(?:\\s*-\\s*(\\d+))?';
/** A length of time or a range of them, as text inside a pattern; fills seven groups. */
export const DURATION = `(?:(\\d+):([0-5]\\d)(?:\\s*-\\s*(\\d+):([0-5]\\d))?|(${NUMBER})(?:\\s*-\\s*(${NUMBER}))?\\s*(s|secs?|seconds?|mins?|minutes?)(?![a-z]))`;
/** How many groups DURATION fills. */
export const DURATION_GROUPS = 7;

/** Reads a line from left to right, one pattern at a time. */
export class Scanner {
  position = 0;

  constructor(readonly text: string) {
    this.skipSpace();
  }

  get atEnd(): boolean {
    return this.position >= this.text.length;
  }

  /** The column of the next character, from 1. */
  get column(): number {
    return this.position + 1;
  }

  /** Takes a pattern (as regular-expression text) if it stands here, and the space after it. Its groups are returned. */
  take(pattern: string): readonly (string | undefined)[] | undefined {
    const found = matcherOf(pattern);
    found.lastIndex = this.position;
    const match = found.exec(this.text);
    if (!match) return undefined;
    this.position += match[0].length;
    this.skipSpace();
    return match.slice(1);
  }

  /** Moves on by a number of characters, and the space after them. */
  skip(characters: number): void {
    this.position += characters;
    this.skipSpace();
  }

  private skipSpace(): void {
    while (/\s/.test(this.text.charAt(this.position))) this.position += 1;
  }
}

const matchers = new Map<string, RegExp>();

function matcherOf(pattern: string): RegExp {
  const known = matchers.get(pattern);
  if (known) return known;
  const made = new RegExp(pattern, 'iy');
  matchers.set(pattern, made);
  return made;
}

/** The two groups of COUNT as a range from 1 to `most`. */
export function countRange(
  [low, high]: readonly (string | undefined)[],
  column: number,
  most: number = MOST_COUNT,
): Range {
  return checkedRange(Number(low), Number(high ?? low), 1, most, 'a whole number', column);
}

/** The seven groups of DURATION as a range of seconds. */
export function durationRange(
  [minutes, seconds, toMinutes, toSeconds, low, high, unit]: readonly (string | undefined)[],
  column: number,
  least = 0.5,
): Range {
  if (low === undefined) {
    const from = Number(minutes) * 60 + Number(seconds);
    const to = toMinutes === undefined ? from : Number(toMinutes) * 60 + Number(toSeconds);
    return checkedRange(from, to, least, MOST_SECONDS, 'a time', column);
  }
  const each = unit?.toLowerCase().startsWith('m') ? 60 : 1;
  return checkedRange(Number(low) * each, Number(high ?? low) * each, least, MOST_SECONDS, 'a time', column);
}

function checkedRange(low: number, high: number, least: number, most: number, what: string, column: number): Range {
  if (low > high) throw new Unreadable(column, `${what} range from the smaller to the larger, such as ${high}-${low}`);
  if (low < least || high > most) throw new Unreadable(column, `${what} between ${least} and ${most}`);
  if (!isHalf(low) || !isHalf(high)) throw new Unreadable(column, `${what} in whole or half seconds`);
  return { low, high };
}

function isHalf(value: number): boolean {
  return Number.isInteger(value * 2);
}
