import { figures } from '../reading/plainText.ts';
import type { Seconds } from '../units.ts';
import type { AmountBounds } from './amount.ts';
import type { FieldReading } from './field.ts';

/** Where the unit is a minute: 6, 6.5, 6,5, 6 min, 6 minutes. */
const PLAIN = /^(\d{1,4})(?:[.,](\d{1,2}))? ?(?:m|min|mins|minute|minutes|')?$/;
const CLOCK = /^(\d{1,3})[:.'h] ?(\d\d)(?: ?(?:m|min|mins|minutes))?$/;
/** Hours, minutes and seconds said one after the other: 1 h 5 min, 6 min 30 s, 90 s. */
const HOURS = /^(\d{1,2})(?:[.,](\d{1,2}))? ?(?:hours?|hrs?|h)(?![a-z]) ?/;
const MINUTES = /^(\d{1,4})(?:[.,](\d{1,2}))? ?(?:(?:minutes?|mins?|m)(?![a-z])|') ?/;
const SECONDS = /^(\d{1,5}) ?(?:seconds?|secs?|s|")?$/;

const WORDS: readonly (readonly [RegExp, string])[] = [
  [/^(?:a )?quarter of an hour$/, '15'],
  [/^(?:half an hour|half hour)$/, '30'],
  [/^(?:three|3) quarters of an hour$/, '45'],
  [/^(?:an|one) hour$/, '60'],
  [/^(?:an|one|1) hour and a half$/, '90'],
  [/^half a minute$/, '30 s'],
  [/^(?:a|one) minute$/, '1'],
];
const HALVES = /^(\d{1,4})(?: ?½| 1\/2| and a half)(?: ?(?:m|min|mins|minute|minutes))?$/;
/**
 * Reads a time in a field that says minutes: "6" is six minutes, and so are "6:00", "6 min", "six" and "360 s"; "6.5" and
 * "6½" are 6:30, "1 h" is 60:00.
 *
 * @param bounds in seconds
 */
export function readMinutes(typed: string, { least, most = Infinity }: AmountBounds): FieldReading<Seconds> {
  const seconds = secondsOf(plain(typed));
  if (seconds === undefined) return { ok: false, expected: 'Expected minutes, such as 6, 6:30 or 90 s' };
  if (seconds < least) return { ok: false, expected: `At least ${inWords(least)}` };
  if (seconds > most) return { ok: false, expected: `At most ${inWords(most)}` };
  return { ok: true, value: seconds };
}

function plain(typed: string): string {
  const words = typed.trim().toLowerCase().replace(/\s+/g, ' ').replace(/[’′]/g, "'").replace(/[”″]/g, '"');
  const known = WORDS.find(([said]) => said.test(words));
  if (known) return known[1];
  return figures(words);
}

function secondsOf(text: string): Seconds | undefined {
  const halves = HALVES.exec(text);
  if (halves) return Number(halves[1]) * 60 + 30;
  const clock = CLOCK.exec(text);
  // A point or a comma is a decimal: 6.30 would be read two ways, and "6:30" has its own sign.
  if (clock && !/^\d+\./.test(text)) {
    const [, first, second] = clock.map(Number);
    if (second === undefined || second > 59) return undefined;
    return text.includes('h') ? (first ?? 0) * 3600 + second * 60 : (first ?? 0) * 60 + second;
  }
  const alone = PLAIN.exec(text);
  if (alone) return Math.round(decimal(alone[1], alone[2]) * 60);
  return inUnits(text);
}

/** Each unit at most once, the larger first. */
function inUnits(text: string): Seconds | undefined {
  const hours = HOURS.exec(text);
  const afterHours = text.slice(hours?.[0].length ?? 0).replace(/^and /, '');
  const minutes = MINUTES.exec(afterHours);
  const rest = afterHours.slice(minutes?.[0].length ?? 0).replace(/^and /, '');
  const seconds = SECONDS.exec(rest);
  if (rest !== '' && !seconds) return undefined;
  if (!hours && !minutes && !/[a-z"]/.test(rest)) return undefined;
  return Math.round(
    decimal(hours?.[1], hours?.[2]) * 3600 +
      decimal(minutes?.[1], minutes?.[2]) * 60 +
      // After hours alone a bare number is minutes: 1 h 5.
      Number(seconds?.[1] ?? 0) * (hours && !minutes && !/[a-z"]/.test(rest) ? 60 : 1),
  );
}

const decimal = (whole = '0', part = '0'): number => Number(`${whole}.${part}`);

function inWords(seconds: Seconds): string {
  if (seconds < 60) return seconds === 1 ? 'a second' : `${String(seconds)} seconds`;
  const minutes = Math.round(seconds / 60);
  return minutes === 1 ? 'a minute' : `${String(minutes)} minutes`;
}
