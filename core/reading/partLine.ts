import { MOST_PURPOSE, MOST_ROUNDS, MOST_SECONDS } from '../circuit/bounds.ts';
import type { Interval } from '../circuit/cursor.ts';
import type { Seconds } from '../units.ts';
import { plainText } from './plainText.ts';
import { restSaid } from './restLine.ts';
import { spokenLine } from './spokenDose.ts';

/** What the heading over a whole warm-up says: what it is for, and how long it may take. */
export interface WarmUpSaid {
  /** Empty where it does not say. */
  readonly purpose: string;
  /** 0 where it does not say. */
  readonly available: Seconds;
}

const WARM_UP =
  /^(?:(?:the|my|our|today'?s) )?(?:(?:quick|short|full|dynamic|pre-?session) )?(?:([a-z][a-z'&/ -]{2,40}?) )?warm[- ]?ups?\b/;

/**
 * A heading over the whole: "WARM UP (8 min)", "Warm-up for squats", "Rugby warm-up 10 min". Undefined where it says
 * anything else: a drill with a time, such as "bike warm-up 5 min", is done.
 *
 * @param isDrill whether words are the name of a drill
 * @param isSession whether words mean a main session
 */
export function warmUpSaid(
  typed: string,
  isDrill: (words: string) => boolean,
  isSession: (words: string) => boolean,
): WarmUpSaid | undefined {
  const plain = plainText(typed).replace(/[:.]$/, '');
  const begun = WARM_UP.exec(plain);
  if (!begun) return undefined;
  const named = begun[1] ?? '';
  const rest = plain.slice(begun[0].length).replace(/^[ :,-]{1,3}/, '');
  if (rest === '')
    return named === '' || isSession(named) || !isDrill(named) ? { purpose: named, available: 0 } : undefined;
  if (named !== '') {
    const available = timeSaid(rest);
    return available > 0 && !isDrill(named) ? { purpose: named, available } : undefined;
  }
  const purpose = /^(?:for|before) (.{1,80})$/.exec(rest)?.[1] ?? '';
  if (purpose !== '' && !/\d/.test(purpose) && purpose.length <= MOST_PURPOSE) return { purpose, available: 0 };
  const available = timeSaid(rest);
  return available > 0 ? { purpose: '', available } : undefined;
}

/** A time and nothing else; 0 for anything else. */
function timeSaid(rest: string): Seconds {
  const { said, parts } = spokenLine(rest);
  const { seconds, ...more } = said;
  const nothingElse = Object.keys(more).length === 0 && parts.join('').replace(/[^a-z]/g, '') === '';
  return seconds && nothingElse && seconds.high <= MOST_SECONDS ? seconds.high : 0;
}

const PART = /^(?:block|circuit|round|part|set|section|superset|group) ?(?:\d{1,2}|[a-e])?(?![a-z\d])[ :,-]{0,3}/;
const TIMES =
  /^(?:x ?(\d{1,2})|(\d{1,2}) ?(?:x|rounds?|times(?: through)?))(?: of)?(?: the following| each)?(?: for (?:quality|form|time))?$/;

/** How often a part is gone through, from a line that names no phase: "2 rounds:", "Block 1 - 3 rounds", "Circuit A". Undefined for any other line. */
export function roundsSaid(typed: string): number | undefined {
  const plain = plainText(typed).replace(/[:.]$/, '').trim();
  const named = PART.exec(plain)?.[0] ?? '';
  const rest = plain.slice(named.length).replace(/^\(|\)$/g, '');
  if (rest === '') return named === '' ? undefined : 1;
  const times = TIMES.exec(rest);
  const rounds = Number(times?.[1] ?? times?.[2] ?? 0);
  return rounds >= 1 && rounds <= MOST_ROUNDS ? rounds : undefined;
}

/** Words beside an interval that say whom it is for: all of them. */
const OF_ALL =
  /^(?:(?:each|every|all|exercises?|drills?|moves?|stations?|intervals?|timer|work|circuit|of|the|them|through) ?)*$/;

/**
 * Work and rest of every drill of a part, from a line of its own: "40 on 20 off", "30s work / 15s rest x 3". Undefined where
 * it says anything else, as what is done.
 */
export function intervalSaid(
  typed: string,
): { readonly interval: Interval; readonly rounds: number | undefined } | undefined {
  const { said, parts } = spokenLine(plainText(typed).replace(/[:.]$/, ''));
  const { seconds, rest, sets, count, counted: _, sides, ofWhat, ...more } = said;
  if (!seconds || rest === undefined || Object.keys(more).length > 0 || !OF_ALL.test(parts.join(' '))) return undefined;
  // "45 s each" is of each drill; "45 s each side" is of one.
  if (sides !== undefined && ofWhat !== false) return undefined;
  const rounds = (sets ?? count)?.high;
  if (seconds.high > MOST_SECONDS || rest > MOST_SECONDS || (rounds ?? 1) > MOST_ROUNDS) return undefined;
  return { interval: { work: seconds, rest }, rounds };
}

const BETWEEN = / ?(?:in )?(?:between|after)(?: each| every| the| all)? (?:rounds?|sets? of all|circuits?)$/;

/** The rest between the rounds of a part, from a line of its own: "1 min rest between rounds". */
export function roundRestSaid(typed: string): Seconds | undefined {
  const plain = plainText(typed).replace(/[:.]$/, '');
  const rest = plain.replace(BETWEEN, '');
  return rest === plain ? undefined : restSaid(rest);
}
