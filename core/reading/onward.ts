import type { DrillLibrary } from '../drills/library.ts';
import { plainText } from './plainText.ts';
import { spokenLine } from './spokenDose.ts';
import { understand, type Understood } from './understand.ts';

/**
 * Understands a line that names several drills: one going straight into the next ("3 inchworms, then jog the rest", "jog
 * out, backpedal back"), or a list of them with their amounts ("10 squats, 10 lunges"). Undefined where it names one drill
 * only, or where what comes later is not known for sure.
 */
export function understandOnward(
  typed: string,
  library: DrillLibrary,
  idOf: (part: number) => string,
): readonly Understood[] | undefined {
  const list = listOf(typed);
  const parts = list ?? partsOf(typed);
  if (parts.length < 2 || parts.length > MOST_PARTS) return undefined;
  const understood: Understood[] = [];
  for (const [at, { text, runsOn, oneWay }] of parts.entries()) {
    const last = understood.at(-1);
    const one = (last && heldAfter(last, text, idOf(at))) ?? understandPart(text, library, idOf(at));
    // A comma alone stands in a name, or before a cue, as often as between two drills: so all of a list must be known.
    if (!one || ((at > 0 || list) && !one.sure)) return undefined;
    const { slot } = one;
    understood.push({
      ...one,
      slot: { ...slot, runsOn, sides: oneWay && slot.sides === 'each' ? 'both' : slot.sides },
    });
  }
  return understood;
}

const MOST_PARTS = 6;

/** The text of one drill in a line of several. */
interface Part {
  readonly text: string;
  readonly runsOn: boolean;
  /** It is gone one way only, so that there is no second side to go back on. */
  readonly oneWay: boolean;
}

const ONWARD =
  /[,;]?\s(?:and\s)?then\s(?:(?:straight|right|directly)\s)?(?:(?:in)?to\s)?|[,;]?\s(?:followed\sby|(?:straight|right|directly)\s(?:in)?to)\s|\s?(?:->|→)\s?/i;

/** Between the drills of a list, each of which begins with its amount. */
const LISTED = /(?:[,;]|\s(?:and|&|\+))\s(?=\d)/i;

const tidied = (typed: string): string => typed.trim().replaceAll(/\s+/g, ' ').replace(/[.!]$/, '');

/** The items of a list of which the last says how much of each: "A-skip, B-skip, butt kicks 20 m each". */
function shared(items: readonly string[]): readonly string[] {
  const last = /^(\D{3,60})\s(\d[^,;]{0,20}?)\s(?:of\s)?each(\s(?:way|side|leg|arm|direction))?$/i.exec(
    items.at(-1) ?? '',
  );
  const [, name = '', much = '', of] = last ?? [];
  const amount = of ? `${much} each${of}` : much;
  if (name === '' || items.length < 2 || items.slice(0, -1).some((item) => /\d/.test(item))) return items;
  return [...items.slice(0, -1), name].map((item) => `${item} ${amount}`);
}

/** A list of drills that each end with their amount: "squats x10, push-ups x6, jog 30 s". Undefined for any other line. */
function listOf(typed: string): readonly Part[] | undefined {
  const text = tidied(typed);
  if (SEVERAL_TIMES.test(text) || ONWARD.test(text)) return undefined;
  const items = shared(text.split(/[,;]\s(?:and\s)?/i));
  const whole = items.length > 1 && items.every((item) => /^[a-z].*\d/i.test(item) && amountSaid(item));
  return whole ? items.map((item) => ({ text: item, runsOn: false, oneWay: false })) : undefined;
}

function partsOf(typed: string): readonly Part[] {
  const text = tidied(typed);
  const both = outAndBack(text);
  if (both) return both.map((part, at) => ({ text: part, runsOn: at > 0, oneWay: true }));
  if (SEVERAL_TIMES.test(text)) return [];
  return text.split(ONWARD).flatMap((onward, at) => {
    const list = onward.split(LISTED).filter((part) => part !== '');
    return list.map((part, index) => ({
      text: part,
      runsOn: at > 0 && index === 0,
      oneWay: false,
    }));
  });
}

/** Whether a line ends in a hold of what it did before, "8, then hold 20 s": that is no hold at each repetition. */
export const endsHeld = (typed: string): boolean => /\d\D{0,40}\bthen\s(?:a\s)?hold\b[^,;]*\d/i.test(typed);

/** Rounds of what follows, which a line of drills cannot hold: it is a block's to say. */
const SEVERAL_TIMES = /^\d+\s?(?:x\s?\(|(?:x|rounds?|sets?|times)\b[^,]*:)/i;

const FAR = String.raw`\d+(?:\.\d+)?\s?(?:m|metres?|meters?|yd|yds|yards?|ft|feet)`;
const OUT_AND_BACK = /^(.{2,60})\s(?:out|there|up|down|over)\b\s?(?:,|\/|;|&|\+|and\b|then\b)\s?(.{2,60}\sback)$/i;
/** The way back after one way that is measured: "high knees 20 m, walk back". */
const WAY_BACK =
  /^(.{2,60}),\s((?:(?:easy|slow)\s)?(?:walk|jog|skip|backpedal|shuffle)\sback)(?:\s(?:recovery|to\srecover|easy|slowly))?$/i;
const FAR_AFTER = new RegExp(String.raw`[,;:]?\s(?:for\s)?(${FAR})(?:\s?each(?:\sway)?)?$`, 'i');
const FAR_THERE = new RegExp(String.raw`\s(${FAR})(?=\s(?:out|there|up|down|over)\b|,\s)`, 'i');
const FAR_BEFORE = new RegExp(String.raw`^(${FAR})[,;:]?\s`, 'i');

/** Across the floor one way and back another, "jog out, backpedal back": as far each way as is said, or a length. */
function outAndBack(text: string): readonly string[] | undefined {
  const far = FAR_AFTER.exec(text) ?? FAR_BEFORE.exec(text) ?? FAR_THERE.exec(text);
  const once = far ? text.replace(far[0], '') : text;
  const found = OUT_AND_BACK.exec(once) ?? (far && !/\d/.test(once) ? WAY_BACK.exec(once) : null);
  if (!found) return undefined;
  return [found[1] ?? '', (found[2] ?? '').replace(/\sback$/i, '')].map((way) => `${way} ${far?.[1] ?? ONE_LENGTH}`);
}

const ONE_LENGTH = '1 length';

/** The way back, or what is left of a length: as far as the floor is long, where a drill travels. */
const THE_REST =
  /\s(?:back|home|(?:for\s)?(?:the\s)?(?:rest|remainder)(?:\sof\s(?:the|it|your|that)(?:\s(?:way|lane|length|floor|hall|room|court|pitch|field|distance))?)?)$/i;

function understandPart(part: string, library: DrillLibrary, id: string): Understood | undefined {
  const rest = THE_REST.exec(part);
  if (!rest) return understand(part, library, id);
  const travel = part.slice(0, rest.index);
  const one = understand(amountSaid(travel) ? travel : `${travel} ${ONE_LENGTH}`, library, id);
  const drill = one && library.byId.get(one.slot.drillId);
  return drill && (drill.space === 'lane' || drill.pace !== undefined) ? one : understand(part, library, id);
}

const HELD = /^(?:a\s)?hold\b(?:\s(?:it|there|that|the\s(?:last|end)(?:\s(?:one|rep))?))?\s?/i;

/** The same drill held where it ends, "rock 8, then hold 20 s": after its repetitions, straight on. Undefined for any other text. */
function heldAfter({ slot, ...rest }: Understood, text: string, id: string): Understood | undefined {
  const held = HELD.exec(text);
  if (!held) return undefined;
  const { said, parts } = spokenLine(plainText(`hold ${text.slice(held[0].length)}`));
  const seconds = said.seconds ?? said.hold;
  if (!seconds || parts.join('').trim() !== '') return undefined;
  const sides = slot.sides === 'alternate' ? 'each' : slot.sides;
  // It is as sure as the drill before it, whose guess it shares.
  return {
    ...rest,
    sure: true,
    slot: { ...slot, id, dose: { kind: 'time', seconds }, sides, extra: null, growing: null },
  };
}

/** Whether a text says how much itself. */
function amountSaid(text: string): boolean {
  const { count, seconds, measure, lengths, laps } = spokenLine(plainText(text)).said;
  return [count, seconds, measure, lengths, laps].some((said) => said !== undefined);
}
