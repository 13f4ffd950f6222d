import { MOST_SECONDS } from '../circuit/bounds.ts';
import type { Seconds } from '../units.ts';
import { plainText } from './plainText.ts';
import { spokenLine } from './spokenDose.ts';

/** Words beside a rest that say nothing more of it. */
const BESIDE = new Set(['and', 'then', 'now', 'take', 'have', 'a', 'short', 'little', 'quick', 'just', 'for', 'of']);
const REST = new Set(['rest', 'break', 'recovery', 'pause', 'breather']);
/** To drink, for which there is always time. */
const DRINK = new Set(['water', 'drink', 'drinks', 'sip', 'sips', 'hydrate', 'bottle', 'bottles']);
/** Seconds that it takes a class, where a coach does not say. Common practice, no source. */
const TO_DRINK: Seconds = 30;

/** The rest that a line of its own says, "20 seconds rest": it belongs to the drill before. Undefined where it says more. */
export function restSaid(typed: string): Seconds | undefined {
  const { said, parts } = spokenLine(plainText(typed));
  const words = parts.flatMap((part) => part.split(/[^\p{L}\d]+/u)).filter(Boolean);
  const { rest, seconds, ...more } = said;
  // "A short rest, 45 s" says how long beside it.
  const drink = words.some((word) => DRINK.has(word));
  const named =
    rest === undefined && (drink || words.some((word) => REST.has(word)))
      ? (seconds?.high ?? (drink ? TO_DRINK : undefined))
      : undefined;
  const all = rest ?? named;
  if (all === undefined || all > MOST_SECONDS || Object.keys(more).length > 0) return undefined;
  if (rest !== undefined && seconds !== undefined) return undefined;
  return words.every((word) => BESIDE.has(word) || REST.has(word) || DRINK.has(word))
    ? Math.round(all * 2) / 2
    : undefined;
}
