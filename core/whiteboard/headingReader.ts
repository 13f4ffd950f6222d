import type { Approach } from '../approach/approach.ts';
import { MOST_PURPOSE, MOST_SECONDS, MOST_TAG, MOST_TAGS, MOST_TITLE } from '../circuit/bounds.ts';
import { readTags } from '../circuit/tags.ts';
import { minuteOfDay } from '../circuit/wallClock.ts';
import { plainName } from '../drills/library.ts';
import type { Seconds } from '../units.ts';
import { readField, type FieldReading } from './field.ts';
import { readMinutes } from './minutes.ts';
import { Unreadable } from './problem.ts';
import type { ReadLine } from './reading.ts';
import { DURATION, durationRange, Scanner } from './scanner.ts';

const HEADING = /^(for|not before|not after|tags|approach|in|start|end|people|lanes|with)\s*:\s*/i;

/** Whether a line begins as a heading does, whatever follows. */
export const isHeading = (text: string): boolean => text.startsWith('#') || HEADING.test(text);

/** Reads a heading, such as "in: 8:00"; undefined where a line is none. Throws Unreadable where its value does not fit. */
export function readHeading(text: string, approaches: readonly Approach[]): ReadLine | undefined {
  if (text.startsWith('#')) {
    const title = text.slice(1).trim();
    return { kind: 'title', title: upTo(MOST_TITLE, title, 2, 'a title') };
  }
  const heading = HEADING.exec(text);
  if (!heading) return undefined;
  const column = heading[0].length + 1;
  const value = text.slice(heading[0].length);
  const name = heading[1]?.toLowerCase();
  switch (name) {
    case 'for':
      return { kind: 'purpose', purpose: upTo(MOST_PURPOSE, value, column, 'a main session') };
    case 'not before':
    case 'not after':
      return { kind: name, sessions: upTo(MOST_PURPOSE, value, column, 'main sessions') };
    case 'tags':
      return { kind: 'tags', tags: readTagList(value, column) };
    case 'approach':
      return { kind: 'approach', approach: readApproach(value, column, approaches) };
    case 'in':
      return { kind: 'available', available: readAvailable(value, column) };
    case 'start':
    case 'end':
      return {
        kind: 'clock',
        clock: { of: name, minute: readMinute(value, column) },
      };
    case 'with':
      return readWith(value, column);
    case 'people':
      return { kind: 'people', people: readWhole(value, column) };
    default:
      return { kind: 'lanes', lanes: readWhole(value, column) };
  }
}

function upTo(most: number, text: string, column: number, what: string): string {
  if (text.length > most) throw new Unreadable(column, `${what} of at most ${most} letters`);
  return text;
}

function readTagList(value: string, column: number): readonly string[] {
  const tags = readTags(value);
  if (tags.length > MOST_TAGS) throw new Unreadable(column, `at most ${MOST_TAGS} tags`);
  return tags.map((tag) => upTo(MOST_TAG, tag, column, 'tags'));
}

/** Reads tags from a field of their own: "morning, no kit"; none where it is empty. */
export function readTagField(text: string): FieldReading<readonly string[]> {
  return readField(text, (scanner) => readTagList(scanner.take('(.*)')?.[0] ?? '', 1), 'tags with commas between');
}

function readApproach(value: string, column: number, approaches: readonly Approach[]): string {
  const typed = plainName(value);
  const found = approaches.find(({ id, name }) => id === typed || plainName(name) === typed);
  if (!found)
    throw new Unreadable(column, 'the name of an approach', () => approaches.map(({ name }) => name.toLowerCase()));
  return found.id;
}

/** Who is among them, and how they are spoken to: "somebody new, somebody slow to the floor", "names only". */
function readWith(value: string, column: number): ReadLine {
  const said = value.split(',').map((part) => plainName(part));
  const known = ['somebody new', 'somebody slow to the floor', 'names only', 'no gaps'];
  if (said.some((part) => !known.includes(part)))
    throw new Unreadable(
      column,
      '“somebody new”, “somebody slow to the floor”, “names only” or “no gaps”, with commas between',
    );
  return {
    kind: 'with',
    with: {
      somebodyNew: said.includes('somebody new'),
      slowToFloor: said.includes('somebody slow to the floor'),
      namesOnly: said.includes('names only'),
      noGaps: said.includes('no gaps'),
    },
  };
}

function readMinute(value: string, column: number): number {
  const minute = minuteOfDay(value);
  if (minute === undefined) throw new Unreadable(column, 'a time of day, such as 18:30');
  return minute;
}

function readAvailable(value: string, column: number): Seconds {
  const scanner = new Scanner(value);
  const time = scanner.take(DURATION);
  if (time && scanner.atEnd) return durationRange(time, column).high;
  const minutes = readMinutes(value, { least: 1, most: MOST_SECONDS });
  if (!minutes.ok) throw new Unreadable(column, 'a length of time, such as 8:00 or 12 min');
  return minutes.value;
}

function readWhole(value: string, column: number): number {
  if (!/^\d{1,3}$/.test(value) || Number(value) === 0) throw new Unreadable(column, 'a whole number from 1 to 999');
  return Number(value);
}
