import type { Approach } from '../approach/approach.ts';
import { APPROACHES } from '../approach/approaches.ts';
import { mainSessionOf } from '../approach/meantSession.ts';
import type { Dose, Sides } from '../dose/dose.ts';
import { usualSetRest } from '../dose/trade.ts';
import { countedPerSide } from '../dose/workSeconds.ts';
import type { DoseWords } from './doseWords.ts';
import { takesAim } from '../circuit/aim.ts';
import { MOST_ROUNDS, MOST_TYPED, MOST_UNREAD } from '../circuit/bounds.ts';
import type { Slot } from '../circuit/circuit.ts';
import { usualSlot } from '../circuit/slot.ts';
import type { Drill } from '../drills/drill.ts';
import { drillAtStart, nearestNames, plainName, type DrillLibrary } from '../drills/library.ts';
import { PHASES, type Phase } from '../drills/phase.ts';
import { plainText } from '../reading/plainText.ts';
import { ofBothSides, sidesNotSaid, turnsOnly, type Sided } from '../reading/sides.ts';
import { NOT_PICKED, pickApart, pickSaid, type PickSaid } from '../reading/pickLine.ts';
import { intervalSaid, roundRestSaid, roundsSaid, warmUpSaid } from '../reading/partLine.ts';
import { restSaid } from '../reading/restLine.ts';
import { endsHeld, understandOnward } from '../reading/onward.ts';
import { understand } from '../reading/understand.ts';
import { just } from '../units.ts';
import { ONE_SET, readDoseWords, usualDoseAt } from './doseReader.ts';
import { isHeading, readHeading } from './headingReader.ts';
import { Unreadable } from './problem.ts';
import type { ReadLine } from './reading.ts';
import { COUNT, countRange, DURATION, durationRange, Scanner } from './scanner.ts';

/**
 * Reads one line: in the plain form of the board, or in a coach's own words. Never throws: a line that is neither is a
 * problem with its column, what was expected there and, for an unknown drill, the nearest names.
 *
 * @param id given to the slot, where the line is one
 * @param lineNumber the line's number in the text it comes from, for the problem
 */
export function readLine(
  typed: string,
  library: DrillLibrary,
  id: string,
  lineNumber = 1,
  approaches: readonly Approach[] = APPROACHES,
): ReadLine {
  const read = readStrictly(typed, library, id, approaches);
  if (!(read instanceof Unreadable)) return read;
  const text = wellFormed(typed).trim();
  if (text.length <= MOST_UNREAD && !isHeading(text)) {
    const spokenBlock = readSpokenBlock(text);
    if (spokenBlock) return spokenBlock;
    const warmUp = warmUpSaid(
      text,
      (words) => understand(words, library, id)?.sure === true,
      (words) => mainSessionOf(words) !== undefined,
    );
    if (warmUp) return { kind: 'warm-up', ...warmUp };
    const rounds = roundsSaid(text);
    if (rounds !== undefined) return { kind: 'rounds', rounds: just(rounds) };
    const pick = pickSaid(text);
    if (pick !== undefined) return { kind: 'pick', ...pick };
    const roundRest = roundRestSaid(text);
    if (roundRest !== undefined) return { kind: 'round rest', rest: roundRest, text };
    const interval = intervalSaid(text);
    if (interval) return { kind: 'interval', ...interval };
    const rest = restSaid(text);
    if (rest !== undefined) return { kind: 'rest', rest, text };
    const understood = understand(text, library, id);
    if (understood?.sure && !endsHeld(text)) return { kind: 'slot', slot: understood.slot, then: [] };
    const onward = understandOnward(text, library, (part) => (part === 0 ? id : `${id}-${part + 1}`));
    const [slot = understood?.slot, ...then] = onward?.map((one) => one.slot) ?? [];
    if (slot) return { kind: 'slot', slot, then };
  }
  return problemOf(read, typed, lineNumber);
}

/** Reads one line in the plain form of the board alone, in which everything is written. */
export function readPlainLine(
  typed: string,
  library: DrillLibrary,
  id: string,
  lineNumber = 1,
  approaches: readonly Approach[] = APPROACHES,
): ReadLine {
  const read = readStrictly(typed, library, id, approaches);
  return read instanceof Unreadable ? problemOf(read, typed, lineNumber) : read;
}

function readStrictly(
  typed: string,
  library: DrillLibrary,
  id: string,
  approaches: readonly Approach[],
): ReadLine | Unreadable {
  const text = wellFormed(typed).trim();
  if (text === '') return { kind: 'blank' };
  if (text.length > MOST_TYPED) return new Unreadable(1, `a shorter line, of at most ${MOST_TYPED} letters`);
  try {
    return (
      readHeading(text, approaches) ??
      readBlock(text) ??
      readSpokenBlock(text) ?? { kind: 'slot', slot: readSlot(text, library, id), then: [] }
    );
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    return error;
  }
}

/** What is wrong with a line as it was typed, the space before it counted. */
function problemOf({ column, expected, unknown, nearest }: Unreadable, typed: string, line: number): ReadLine {
  const whole = wellFormed(typed);
  const text = whole.trim();
  const indent = text.length > MOST_TYPED ? 0 : whole.length - whole.trimStart().length;
  return { kind: 'problem', problem: { line, column: column + indent, text, expected, unknown, nearest: nearest() } };
}

/** Half a letter and the letter zero, as a file that is no text holds them, cannot be kept anywhere: each is shown as �. */
export const wellFormed = (text: string): string => text.replaceAll(/\0|\p{Surrogate}/gu, '\uFFFD');

const PICK = '(\\d{1,2})\\s+of\\s+(?:these|\\d{1,2})(?:\\s+\\d{1,2}(?!\\d|\\s*-|\\s*rounds?))?(?![a-z\\d])';
const PHASE_NAME = `(${PHASES.join('|')})(?![\\w-])`;

function readBlock(text: string): ReadLine | undefined {
  const scanner = new Scanner(text);
  const name = scanner.take(PHASE_NAME)?.[0]?.toLowerCase();
  const phase = PHASES.find((known) => known === name);
  if (!phase) return undefined;
  let rounds = just(1);
  let roundRest = 0;
  let stations = false;
  let noGaps = false;
  let pick: PickSaid = NOT_PICKED;
  while (!scanner.atEnd) {
    const { column } = scanner;
    if (scanner.take('stations(?![a-z])')) {
      stations = true;
      continue;
    }
    if (scanner.take('no\\s+gaps?(?![a-z])')) {
      noGaps = true;
      continue;
    }
    const picked = scanner.take(PICK);
    if (picked) {
      pick = { pick: Number(picked[0]), pickWithin: null };
      if (pick.pick === 0) throw new Unreadable(column, 'at least 1 of these');
      continue;
    }
    const within = scanner.take(`${DURATION}\\s+of\\s+these(?![a-z])`);
    if (within) {
      pick = { pick: 1, pickWithin: durationRange(within, column, 1).high };
      continue;
    }
    const times = scanner.take(`${COUNT}\\s*rounds?(?![a-z])`);
    if (times) {
      rounds = countRange(times, column, MOST_ROUNDS);
      continue;
    }
    const rest = scanner.take(`rest\\s+${DURATION}`);
    if (!rest)
      throw new Unreadable(
        column,
        'rounds and the rest between them, such as 2 rounds rest 20s, “stations”, “no gaps”, “2 of these” or “3:00 of these”',
      );
    roundRest = durationRange(rest, column, 0).high;
  }
  return { kind: 'block', phase, rounds, roundRest, stations, noGaps, ...pick };
}

/** What coaches write over a part of a warm-up, and the phase that it is. Common practice, no source. */
const PHASE_WORDS: Readonly<Record<Phase, string>> = {
  release: 'release|foam roll(?:ing)?|rolling|soft tissue|loosen(?:ing)? (?:off|up)|breathing and rolling',
  raise: 'raise|pulse raisers?|raise the pulse|general(?: warm-?up)?|cardio|get warm',
  mobilise:
    'mobili[sz]e|mobili[sz]ation|(?:joint |hip |shoulder )?mobility|dynamics?(?: (?:stretch(?:es|ing)?|mobility))?|stretch(?:es|ing)?',
  activate: 'activate|activations?|(?:glute|core|hip|shoulder|muscle) activation|prep',
  integrate: 'integrate|integration|movement (?:prep|patterns?)|put it together|specific(?: warm-?up| prep)?',
  potentiate: 'potentiate|potentiation|fire up|plyo(?:metric)?s?|fast work|speed work|power',
};

/** A heading over a part in a coach's own words: "Mobility:", "Activation x2", "2 rounds: foam rolling". */
function readSpokenBlock(text: string): ReadLine | undefined {
  const { plain, ...pick } = pickApart(plainText(text).replace(/[:.]$/, ''));
  for (const phase of PHASES) {
    const found = matcher(phase).exec(plain);
    if (!found) continue;
    const rounds = Number(found[1] ?? found[2] ?? found[3] ?? 1);
    if (rounds < 1 || rounds > MOST_ROUNDS) return undefined;
    return {
      kind: 'block',
      phase,
      rounds: just(rounds),
      roundRest: 0,
      stations: false,
      noGaps: found[4] !== undefined,
      ...pick,
    };
  }
  return undefined;
}

const matchers = new Map<Phase, RegExp>();

function matcher(phase: Phase): RegExp {
  const known = matchers.get(phase);
  if (known) return known;
  const times = '(?:rounds?|times(?: through)?|sets)';
  const made = new RegExp(
    `^(?:(\\d{1,2}) ?(?:x|${times}(?: of)?) ?:? ?)?(?:${PHASE_WORDS[phase]})(?: (?:phase|block|drills|circuit|work))?(?:[ :,-]{1,3}(?:x ?(\\d{1,2})|(\\d{1,2}) ?(?:x|${times})))?(?:[ :,-]{1,3}\\(?\\d{1,2}(?:-\\d{1,2})? ?min(?:ute)?s?\\)?)?([ :,-]{1,3}(?:flow|no gaps|non-?stop|no breaks?))?$`,
  );
  matchers.set(phase, made);
  return made;
}

function readSlot(text: string, library: DrillLibrary, id: string): Slot {
  const then = /^straight\s+into\s+/i.exec(text)?.[0].length ?? 0;
  const named = drillAtStart(text, library);
  const onward = !named && then > 0;
  const found = named ?? drillAtStart(text.slice(then), library);
  if (!found) {
    const typed = nameAsTyped(text);
    const nearest = (): readonly string[] => nearestNames(typed, library);
    throw new Unreadable(1, `the name of a drill or a phase; "${typed}" is neither`, nearest, true);
  }
  const { drill } = found;
  const scanner = new Scanner(text);
  scanner.skip((onward ? then : 0) + found.length);
  const rung = readRung(scanner, drill);
  const words = readDoseWords(scanner, drill);
  const usual = usualSlot(drill, id);
  const dose = words.dose ?? usualDoseAt(drill, words.tempo, scanner.column);
  const said =
    words.sides === 'each' && !words.inTurn ? eachOf(drill, dose) : (words.sides ?? unsaidSides(words, drill));
  const sided = sidedBy(words, said, dose, drill);
  return {
    ...usual,
    ...sided,
    rung,
    aim: words.aim && takesAim(dose) ? words.aim : null,
    growing: words.growing ?? null,
    load: words.load ?? null,
    band: words.band ?? null,
    height: words.height ?? null,
    sets: words.sets ?? ONE_SET,
    setRest: words.setRest ?? usualSetRest(words.dose ?? usual.dose),
    rest: words.rest ?? 0,
    runsOn: onward,
    pinned: words.pinned ?? false,
    doseKept: words.doseKept ?? false,
    optional: words.optional ?? false,
    shownFirst: words.shownFirst ?? false,
    cue: words.cue ?? '',
    guess: words.guess ?? '',
  };
}

/** A dose with its sides as they were said, or as they are meant where they were not. */
function sidedBy(words: DoseWords, said: Sides | undefined, dose: Dose, drill: Drill): Sided {
  if (!said) return sidesNotSaid(dose, drill);
  const together = said === 'alternate' && words.dose && !words.sideNamed && !words.extra && drill.counted === 'in all';
  return together && countedPerSide(dose) ? ofBothSides(dose, said) : { dose, sides: said, extra: words.extra ?? null };
}

/** As much a side, as a drill takes its sides. */
const eachOf = (drill: Drill, dose: Dose): Sides => (turnsOnly(drill, dose) ? 'alternate' : 'each');

const unsaidSides = ({ extra, dose }: DoseWords, { usual }: Drill): Sides | undefined =>
  extra ? 'each' : dose ? undefined : usual.sides;

/** The rung that is named after a colon, "push-up: knees down": its id, or none. */
function readRung(scanner: Scanner, drill: Drill): string {
  const { column } = scanner;
  if (!scanner.take(':')) return '';
  const rest = scanner.text.slice(scanner.position).toLowerCase();
  const named = drill.ladder
    .filter(
      ({ name, rung }) => rung !== 0 && rest.startsWith(plainName(name)) && /^(?:\s|$)/.test(rest.slice(name.length)),
    )
    .toSorted((one, other) => other.name.length - one.name.length)[0];
  if (!named) {
    const names = drill.ladder.filter(({ rung }) => rung !== 0).map(({ name }) => name);
    throw new Unreadable(column, 'an easier or harder version of it', () => names);
  }
  scanner.skip(named.name.length);
  return named.id;
}

/** The part of a line that was meant as a name: up to the first word that looks like a dose. */
export function nameAsTyped(text: string): string {
  const dose = text.search(/\s(?:\d|@|\/|!|\?|"|(?:feel|rest|alt|each|both|x)\b)/i);
  return (dose < 0 ? text : text.slice(0, dose)).trim();
}
