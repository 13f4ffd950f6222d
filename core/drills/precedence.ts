import type { Drill } from './drill.ts';
import { isMoving, isStaticHold } from './kinds.ts';

/** Pairs of the catalogue's drills where two legs come before one. Common practice, no source. */
const PAIRS: readonly (readonly [two: string, one: string])[] = [
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

/** The two-legged drills that come before a one-legged one. */
const TWO_LEGS_FIRST = PAIRS.reduce(
  (known, [two, one]) => known.set(one, new Set([...(known.get(one) ?? []), two])),
  new Map<string, ReadonlySet<string>>(),
);

const TWO_LEGS: ReadonlySet<string> = new Set(PAIRS.map(([two]) => two));

/** What the order of a drill depends on. Read from its name and targets once: every pair of a circuit is compared. */
interface Order {
  readonly joint: string | undefined;
  readonly swing: boolean;
  readonly circle: boolean;
  readonly halfCircle: boolean;
  readonly turnOrNod: boolean;
  readonly held: boolean;
  readonly moving: boolean;
}

const orders = new WeakMap<Drill, Order>();

function orderOf(drill: Drill): Order {
  const known = orders.get(drill);
  if (known) return known;
  const { name, targets } = drill;
  const [strongest] = Object.entries(targets).toSorted(([, one], [, other]) => other - one);
  const halfCircle = /neck half circles/i.test(name);
  const order: Order = {
    joint: strongest?.[0].split(' · ')[0],
    swing: /\bswings?\b/i.test(name),
    circle: /\b(circles?|rolls)\b/i.test(name) && !halfCircle,
    halfCircle,
    turnOrNod: /^neck (turns|nods)/i.test(name),
    held: isStaticHold(drill),
    moving: isMoving(drill),
  };
  orders.set(drill, order);
  return order;
}

/** Why one drill should come before another. */
export type Precedence = 'circles' | 'neck' | 'two legs' | 'hold';

/** Why one drill should come before another; undefined where the order does not matter. */
export function comesBefore(first: Drill, then: Drill): Precedence | undefined {
  const [one, other] = [orderOf(first), orderOf(then)];
  if (one.circle && other.swing && one.joint === other.joint) return 'circles';
  if (one.turnOrNod && other.halfCircle) return 'neck';
  if (one.held && other.moving) return 'hold';
  if (TWO_LEGS_FIRST.get(then.id)?.has(first.id)) return 'two legs';
  return undefined;
}

/** Whether a drill comes before others, or after them, for a reason. */
export function hasPrecedence(drill: Drill, why: Precedence): boolean {
  const { circle, turnOrNod, held } = orderOf(drill);
  const first = { circles: circle, neck: turnOrNod, hold: held, 'two legs': TWO_LEGS.has(drill.id) };
  return first[why] || comesAfterSome(drill, why);
}

/** Whether there may be drills that should come before one, for a reason: of most drills there are none. */
export function comesAfterSome(drill: Drill, why: Precedence): boolean {
  switch (why) {
    case 'circles':
      return orderOf(drill).swing;
    case 'neck':
      return orderOf(drill).halfCircle;
    case 'hold':
      return orderOf(drill).moving;
    case 'two legs':
      return TWO_LEGS_FIRST.has(drill.id);
  }
}
