import type { Drill } from '../drills/drill.ts';
import { isMoving, isStaticHold } from './kinds.ts';

/** Pairs of the catalogue's drills where two legs come before one. Common practice, no source. */
const TWO_LEGS_FIRST: readonly (readonly [two: string, one: string])[] = [
  ['glute-bridge', 'single-leg-bridge'],
  ['banded-bridge-with-knee-spread', 'single-leg-bridge'],
  ['line-hops-two-feet', 'single-leg-hops'],
  ['pogo-hops', 'single-leg-hops'],
  ['hip-hinge-reach', 'single-leg-hinge-walk'],
  ['good-morning-bow', 'single-leg-hinge-walk'],
  ['body-weight-squat', 'split-squat'],
  ['squat-jump', 'split-jump'],
  ['forward-jump-and-stick', 'lateral-bound-and-stick'],
  ['heel-raise-with-a-squeeze', 'single-leg-stand'],
];

/** The joint a drill turns or swings, from what it prepares most. */
function jointOf({ targets }: Drill): string | undefined {
  const [strongest] = Object.entries(targets).toSorted(([, one], [, other]) => other - one);
  return strongest?.[0].split(' · ')[0];
}

const isSwing = ({ name }: Drill): boolean => /\bswings?\b/i.test(name);
const isCircle = ({ name }: Drill): boolean => /\b(circles?|rolls)\b/i.test(name) && !/half circles/i.test(name);
const isHalfCircle = ({ name }: Drill): boolean => /neck half circles/i.test(name);
const isTurnOrNod = ({ name }: Drill): boolean => /^neck (turns|nods)/i.test(name);

/** Why one drill should come before another; undefined where the order does not matter. */
export function comesBefore(
  first: Drill,
  then: Drill,
  holdsFirst = true,
): 'circles' | 'neck' | 'two legs' | 'hold' | undefined {
  if (isCircle(first) && isSwing(then) && jointOf(first) === jointOf(then)) return 'circles';
  if (isTurnOrNod(first) && isHalfCircle(then)) return 'neck';
  if (TWO_LEGS_FIRST.some(([two, one]) => two === first.id && one === then.id)) return 'two legs';
  if (holdsFirst && isStaticHold(first) && isMoving(then)) return 'hold';
  return undefined;
}
