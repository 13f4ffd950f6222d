import { rangeWords } from '../rangeWords.ts';
import { lazily } from '../lazily.ts';
import { MOST_CUE } from '../circuit/bounds.ts';
import type { Slot } from '../circuit/circuit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { knownWords } from './knownWords.ts';
import { exactly, likely, nameIndexOf, type Named, type NameIndex } from './nameIndex.ts';
import { plainText } from './plainText.ts';
import type { Spoken } from './spoken.ts';
import { spokenLine, type SpokenLine } from './spokenDose.ts';
import { spokenSlot } from './spokenSlot.ts';
import { isStranger } from './strangers.ts';
import { nameWords } from './words.ts';

/** What a line was understood to mean. */
export interface Understood {
  readonly slot: Slot;
  /** Whether every word of it is known; else the slot is a guess, with the other drills it may mean. */
  readonly sure: boolean;
  readonly others: readonly Named[];
}

/**
 * Understands a line in a coach's own words: the dose wherever it stands, and the drill by any of its names, in another
 * number, order or spelling. Undefined where no drill is near enough to guess at.
 */
export function understand(typed: string, library: DrillLibrary, id: string): Understood | undefined {
  return understoodWhole(typed, library, id) ?? understoodAfter(typed, library, id);
}

/** A line that begins with something said to the class: "everybody grab a mat, dead bugs 6 a side". It is doubted. */
function understoodAfter(typed: string, library: DrillLibrary, id: string): Understood | undefined {
  const [, before = '', after = ''] = /^([^\d,;:]+)[,;:] (.+)$/.exec(typed) ?? [];
  if (after === '') return undefined;
  const index = nameIndexOf(library);
  const words = nameWords(plainText(before));
  const [near] = likely(knownWords(words, index), index, 1);
  if (isStranger(words) || (near?.nearness ?? 0) >= WORTH_GUESSING) return undefined;
  const found = understoodWhole(after, library, id);
  return found && { ...found, sure: false, slot: { ...found.slot, guess: typed.trim() } };
}

function understoodWhole(typed: string, library: DrillLibrary, id: string): Understood | undefined {
  const { text, cue } = withoutCue(typed);
  const line = spokenLine(plainText(text));
  const meant = line.said.lift ? liftOf(line, library) : nameOf(line, nameIndexOf(library));
  if (!meant) return undefined;
  const { named, others, unsaid } = meant;
  // A figure or a sign that nothing was made of may have said how much.
  const sure = meant.sure && !line.parts.some((part) => /[@%]|\d/.test(part));
  // A band of which it is not said how strong it is, is a medium one.
  const withBand = meant.banded ? { band: 'medium' as const, ...line.said } : line.said;
  const slot = spokenSlot(withBand, named, id);
  if (!slot) return undefined;
  const said = [...(cue ? [cue] : []), ...(line.said.beside ?? []), ...unused(line.said, slot), ...unsaid].join(', ');
  if (said.length > MOST_CUE) return undefined;
  const whole = { ...slot, cue: said };
  return { slot: sure ? whole : { ...whole, guess: typed.trim() }, sure, others };
}

/** What was said of how hard it is and stands in no part of the dose, so that nothing is lost of it. */
function unused({ effort, grade, speeds, percents }: Spoken, { dose }: Slot): readonly string[] {
  const ramp = dose.kind === 'ramp';
  const distance = dose.kind === 'distance';
  return [
    ...(effort && !ramp ? [`effort ${effort.to}`] : []),
    ...(grade !== undefined && !ramp ? [`${rangeWords(grade)} % slope`] : []),
    ...(speeds && !ramp && !distance ? [`${speeds.to} ${speeds.unit}`] : []),
    ...(percents && !distance ? [`${percents.join('/')} %`] : []),
  ];
}

/** The name in a line, as it was said: what is left without the dose. */
export function nameSaid(typed: string): string {
  return spokenLine(plainText(withoutCue(typed).text)).parts.join(' ');
}

/** A line read as a drill that it was said to mean; undefined where an amount in it cannot be kept. */
export function readAs(typed: string, named: Named, id: string): Slot | undefined {
  const { text, cue } = withoutCue(typed);
  const { said } = spokenLine(plainText(text));
  const slot = spokenSlot(said, named, id);
  return slot && { ...slot, cue: cue.slice(0, MOST_CUE) };
}

/** The drills that the name in a line may mean, the nearest first. */
export function mayMean(typed: string, library: DrillLibrary, most = 3): readonly Named[] {
  const index = nameIndexOf(library);
  const { parts, said } = spokenLine(plainText(withoutCue(typed).text));
  const words = knownWords(nameWords([...parts, ...(said.perhapsName ?? [])].join(' ')), index);
  return likely(words, index, most).filter(({ nearness }) => nearness >= WORTH_NAMING);
}

/** A coach's own cue is in quotes; what follows a figure at once is seconds. */
function withoutCue(typed: string): { readonly text: string; readonly cue: string } {
  const found = /(?:^|\s)["“]([^"“”]+)["”](?=\s|$)/.exec(typed);
  if (!found) return { text: typed, cue: '' };
  return { text: typed.replace(found[0], ' '), cue: (found[1] ?? '').trim() };
}

interface Meant {
  readonly named: Named;
  readonly sure: boolean;
  readonly others: readonly Named[];
  /** What stands beside the name and changes nothing of the drill. */
  readonly unsaid: readonly string[];
  /** A band is named that the drill by itself does not have. */
  readonly banded?: true;
}

/** A guess, with how near its name is to what was said. */
interface Guess {
  readonly nearness: number;
  readonly meant: Meant;
}

/** The sets on the way to a lift are one drill, whichever the lift: its name is what is said beside it. */
function liftOf(line: SpokenLine, library: DrillLibrary): Meant | undefined {
  const drill = library.drills.find(({ usual }) => usual.dose.kind === 'lift');
  if (!drill) return undefined;
  const index = nameIndexOf(library);
  const unsaid = line.parts.map((part) => part.replace(LIFT_SETS, '').trim()).filter((part) => part !== '');
  const said = exactly(nameWords(line.parts.join(' ')), index);
  const named = { drill, rungId: '' };
  return { named, sure: true, others: [], unsaid: said?.drill === drill ? [] : unsaid };
}

const LIFT_SETS = /\b(?:ramp(?:ing)?|warm|build|work)(?:ing)?[- ]?up(?: sets?)?\b|\bsets?\b/g;

/** Words that say how a drill is done and leave it the same drill. */
const calmWords = lazily(
  () =>
    new Set(
      nameWords(
        'slow slowly controlled control easy easily gentle gently light lightly smooth smoothly relaxed nice big steady loose loosely soft softly tempo pace warm warmup good form quality focus please just only keep try really very',
      ),
    ),
);

function nameOf({ parts, said }: SpokenLine, index: NameIndex): Meant | undefined {
  // The name that says most is meant: a squat hold is more than a squat.
  const perhaps = [said.perhapsName ?? [], ...(said.perhapsName ?? []).map((word) => [word]), []];
  const wordsOf = (some: readonly string[]): readonly string[] => nameWords(some.join(' '));
  const sure = (named: Named, unsaid: readonly string[] = []): Meant => ({ named, sure: true, others: [], unsaid });
  const whole = wordsOf(parts);
  for (const words of [whole, joinedOnly(whole, index)]) {
    for (const more of perhaps) {
      const named = exactly([...words, ...more], index);
      if (named) return sure(named);
    }
  }
  const calmer = whole.filter((word) => !calmWords().has(word));
  const calm = exactly(calmer, index) ?? exactly([...calmer, ...(said.perhapsName ?? [])], index);
  if (calm && calmer.length > 0) return sure(calm, parts.slice(1));
  // The name comes first, and what is said after it is a cue where it names nothing.
  for (let to = parts.length - 1; to > 0; to -= 1) {
    const named = exactly(wordsOf(parts.slice(0, to)), index);
    const rest = parts.slice(to);
    if (named && wordsOf(rest).every((word) => calmWords().has(word) || !index.weight.has(word)))
      return sure(named, rest);
  }
  if (isStranger(whole)) return undefined;
  const headed = headOf(parts, index);
  const guess =
    headed ??
    withoutKit(whole, said.perhapsName ?? [], index) ??
    withoutKit(calmer, said.perhapsName ?? [], index) ??
    guessed([...whole, ...(said.perhapsName ?? [])], whole, index);
  return guess && guess.nearness >= NEAR ? guess.meant : (begun(parts, index) ?? guess?.meant);
}

/**
 * A name in the first part of a line, with more after it that names a rung in part: it is that rung only where all of the
 * rung's own words are said. "Glute bridge (squeeze at the top)" is no standing glute squeeze.
 */
function headOf(parts: readonly string[], index: NameIndex): Guess | undefined {
  const [head = '', ...rest] = parts;
  const named = rest.length > 0 ? exactly(nameWords(head), index) : undefined;
  if (!named) return undefined;
  const words = nameWords(parts.join(' '));
  const [near] = likely(words, index, 1);
  const rung = near?.drill === named.drill ? near.drill.ladder.find(({ id }) => id === near.rungId) : undefined;
  if (!rung || rung.rung === 0 || nameWords(rung.name).every((word) => words.includes(word))) return undefined;
  return { nearness: 1, meant: { named, sure: false, others: [], unsaid: rest } };
}

/** A name that is only the start of what is said: it is doubted, and the rest is a cue. */
function begun(parts: readonly string[], index: NameIndex): Meant | undefined {
  const words = parts.join(' ').split(' ');
  for (let to = words.length - 1; to > 0; to -= 1) {
    const named = exactly(nameWords(words.slice(0, to).join(' ')), index);
    if (!named) continue;
    const others = likely(nameWords(words.join(' ')), index, MOST_OTHERS + 1).filter(
      ({ drill }) => drill !== named.drill,
    );
    return { named, sure: false, others: others.slice(0, MOST_OTHERS), unsaid: [words.slice(to).join(' ')] };
  }
  return undefined;
}

const BAND = 'band';
/** What people have in their hands or on their legs: a squat with a band that no drill has is a squat, perhaps. */
const kitWords = lazily(
  () =>
    new Set(
      nameWords(
        'dumbbell dumbbells db kettlebell kb barbell bar empty plate plates medicine ball band loop long light heavy medium stick dowel broomstick pvc weighted weight weights bench box chair around knees ankles above',
      ),
    ),
);

/** Of these a band alone is meant, and where it is. */
const bandWords = lazily(() => new Set(nameWords('band banded loop around above knees ankles')));

function withoutKit(words: readonly string[], perhaps: readonly string[], index: NameIndex): Guess | undefined {
  const bare = words.filter((word) => !kitWords().has(word));
  if (bare.length === words.length || bare.length === 0) return undefined;
  const named = exactly([...bare, ...perhaps], index) ?? exactly(bare, index);
  if (!named) return undefined;
  const held = words.filter((word) => kitWords().has(word));
  if (held.includes(BAND) && held.every((word) => bandWords().has(word))) {
    return { nearness: 1, meant: { named, sure: true, others: [], unsaid: [], banded: true } };
  }
  const others = likely(words, index, MOST_OTHERS + 1).filter(({ drill }) => drill !== named.drill);
  return { nearness: 1, meant: { named, sure: false, others: others.slice(0, MOST_OTHERS), unsaid: [] } };
}

function joinedOnly(words: readonly string[], index: NameIndex): readonly string[] {
  const known = knownWords(words, index);
  return known.join('') === words.join('') ? known : words;
}

function guessed(all: readonly string[], whole: readonly string[], index: NameIndex): Guess | undefined {
  const most = MOST_OTHERS + 1;
  const known = knownWords(
    whole.filter((word) => !calmWords().has(word) || index.weight.has(word)),
    index,
  );
  const withPerhaps = knownWords(all, index);
  const found = [...likely(known, index, most), ...likely(withPerhaps, index, most)].toSorted(
    (one, other) => other.nearness - one.nearness,
  );
  const [first] = found;
  if (!first || first.nearness < WORTH_GUESSING) return undefined;
  const others = new Map(found.filter(({ drill }) => drill !== first.drill).map((one) => [one.drill.id, one]));
  const meant = { named: first, sure: false, others: [...others.values()].slice(0, MOST_OTHERS), unsaid: [] };
  return { nearness: first.nearness, meant };
}

const MOST_OTHERS = 2;
/** From here on a guess goes before a name that the line only begins with. */
const NEAR = 0.7;
/** Below this a name is no guess but an unknown one. Chosen by trying names that no drill of the catalogue has. */
const WORTH_GUESSING = 0.54;
/** Below this a drill is not even named as what was perhaps meant. */
const WORTH_NAMING = 0.3;
