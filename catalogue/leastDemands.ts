import type { Demand, Demands } from '@prompt-spark/core/drills/demand';
import type { Variant } from '@prompt-spark/core/drills/drill';
import type { Kit } from '@prompt-spark/core/drills/kit';

type Asked = 1 | 2 | 3;

/** What has to be held, and how firmly (docs/demands.md). */
const HELD: Readonly<Partial<Record<Kit, Asked>>> = {
  'light plate': 2,
  dumbbell: 2,
  kettlebell: 2,
  barbell: 2,
  'medicine ball': 1,
  'massage stick': 1,
  stick: 1,
  'long band': 1,
  rope: 1,
};

/** Hands that carry some of the weight: on a bench or a chair more of it than on a wall. */
const HANDS_ON = /\bhands? on (?:a|the) (bench|chair|wall)\b|\bat the (wall)\b/;

/**
 * A rung with at least what its facts ask by themselves, whatever its author wrote: who lands has to balance, who holds a
 * weight has to grip it, and hands that stood on the floor and stand on a bench still carry weight. The anchors are in
 * docs/demands.md. Common practice, no source.
 *
 * @param base the drill as named
 */
export function withLeastDemands(rung: Variant, base: Variant): Variant {
  const least = [...landing(rung), ...holding(rung), ...leaning(rung, base), ...pressing(rung)];
  const raised = least.filter(([demand, asked]) => (rung.demands[demand] ?? 0) < asked);
  const all: Demands = { ...rung.demands, ...Object.fromEntries(raised) };
  if ((all.impact ?? 0) > 0) return { ...rung, demands: all };
  const { 'knee impact': _, 'ankle impact': __, ...demands } = all;
  return { ...rung, demands };
}

type Least = readonly (readonly [Demand, Asked])[];

/** The joints that a landing goes through: without one nothing lands on them. */
const LANDED_ON = ['knee impact', 'ankle impact'] as const;

/** Running, hopping and jumping ask for balance, and for the joints that they land on; light bouncing asks a little. */
function landing({ demands, posture }: Variant): Least {
  const impact = demands.impact ?? 0;
  if (impact === 0 || posture === 'plank') return [];
  const balance = [['balance', impact >= 2 ? 2 : 1]] as const;
  const through: Asked = impact === 3 ? 2 : 1;
  return impact === 1 ? balance : [...balance, ...LANDED_ON.map((joint) => [joint, through] as const)];
}

function holding({ kit }: Variant): Least {
  return kit.flatMap((item) => (HELD[item] ? [['grip', HELD[item]] as const] : []));
}

/** What is rolled on is pressed: by body weight on a roller or a ball, by the hands with a stick. */
function pressing({ kit, name }: Variant): Least {
  if (kit.includes('foam roller') || name.includes('massage ball')) return [['pressure', 2]];
  return kit.includes('massage stick') || name.includes('towel') ? [['pressure', 1]] : [];
}

/** Hands that bear weight on the floor as the drill is named bear some on a bench or a wall, too. */
function leaning({ name, posture }: Variant, base: Variant): Least {
  const bears = base.demands['wrist bearing'] ?? 0;
  const on = HANDS_ON.exec(name);
  if (bears < 2 || !on || (posture !== 'standing' && posture !== 'squat')) return [];
  if (on[1] === 'wall' || on[2] === 'wall') return bears === 3 ? [['wrist bearing', 1]] : [];
  return [
    ['wrist bearing', 2],
    ['shoulder bearing', 1],
  ];
}
