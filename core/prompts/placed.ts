import type { Seconds } from '../units.ts';
import type { Gap, LeftOut, Prompt, Script, WantedLine } from './prompt.ts';

/** Silence between two prompts. Common practice, no source. */
const BREATH: Seconds = 0.25;

/** What is said, and what there was no room for. */
type Placed = Pick<Script, 'prompts' | 'leftOut'>;

/**
 * Lines given their seconds: what must be said first, then the others in the order they are wanted. Each is said in the
 * fullest form that has room, whole, inside its gap, and never while something else is said.
 */
export function placed(lines: readonly WantedLine[], lengthOf: (text: string) => Seconds): Placed {
  const prompts: Prompt[] = [];
  const leftOut: LeftOut[] = [];
  for (const line of [...lines.filter(({ must }) => must), ...lines.filter(({ must }) => !must)]) {
    const prompt = placeFor(line, prompts, lengthOf);
    if (prompt) insert(prompts, prompt);
    else leftOut.push(missed(line));
  }
  return { prompts, leftOut };
}

function missed({ slotId, kind, forms, gaps }: WantedLine): LeftOut {
  const [first] = gaps;
  return { slotId, kind, text: forms[0], room: first ? Math.max(0, first.until - first.from) : 0 };
}

function placeFor(
  { slotId, kind, forms, gaps, line = forms[0] }: WantedLine,
  said: readonly Prompt[],
  lengthOf: (text: string) => Seconds,
): Prompt | undefined {
  for (const gap of gaps) {
    for (const text of forms) {
      const length = lengthOf(text);
      const at = firstRoom(gap, length, said);
      if (at !== undefined) return { at, length, text, kind, slotId, line };
    }
  }
  return undefined;
}

/** The earliest second of a gap at which so much is silent. */
function firstRoom({ from, until }: Gap, length: Seconds, said: readonly Prompt[]): Seconds | undefined {
  let at = from;
  for (let index = firstEndingAfter(said, from - BREATH); index < said.length; index += 1) {
    const other = said[index];
    if (!other || other.at >= at + length + BREATH) break;
    at = Math.max(at, other.at + other.length + BREATH);
    if (at + length > until) return undefined;
  }
  return at + length <= until ? at : undefined;
}

/** Prompts are in order of time and do not overlap: they end in order too. */
function firstEndingAfter(said: readonly Prompt[], second: Seconds): number {
  let low = 0;
  let high = said.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    const prompt = said[middle];
    if (prompt && prompt.at + prompt.length <= second) low = middle + 1;
    else high = middle;
  }
  return low;
}

function insert(said: Prompt[], prompt: Prompt): void {
  said.splice(firstEndingAfter(said, prompt.at), 0, prompt);
}
