import type { DrillLibrary } from '../drills/library.ts';
import { amountSaid, drillList } from './drillList.ts';
import { ONE_LENGTH, outAndBack } from './outAndBack.ts';
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
  const text = tidied(typed);
  const list = SEVERAL_TIMES.test(text) || ONWARD.test(text) ? undefined : drillList(text);
  const parts = list?.map((item): Part => ({ text: item, runsOn: false, oneWay: false })) ?? partsOf(text);
  if (parts.length < 2 || parts.length > MOST_PARTS) return undefined;
  const understood: Understood[] = [];
  for (const [at, { text: part, runsOn, oneWay }] of parts.entries()) {
    const last = understood.at(-1);
    const one = (last && heldAfter(last, part, idOf(at))) ?? understandPart(part, library, idOf(at));
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

function partsOf(text: string): readonly Part[] {
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
