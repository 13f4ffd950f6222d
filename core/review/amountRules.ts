import { remembered } from '../remembered.ts';
import { countAt, type Seconds } from '../units.ts';
import { slotWork } from '../coverage/coverageOf.ts';
import { workSecondsOneSide } from '../dose/workSeconds.ts';
import { isRaising, mainTarget } from '../drills/kinds.ts';
import { demandOf } from '../drills/demand.ts';
import { baseOf, type Drill } from '../drills/drill.ts';
import { drillIn } from '../drills/onRung.ts';
import { type Finding, type GraveRule, type Laid, type Note, type NoteRule, type Placed } from './finding.ts';

/**
 * Landings on the feet in one warm-up from which on it is a training of its own: half of what a beginner is given in a whole
 * plyometric session, 80 to 100 contacts (NSCA, Essentials of Strength Training and Conditioning; from memory).
 */
const MOST_LANDINGS = 50;
/** Turns, nods and bends of the neck. Common practice, no source. */
const MOST_NECK_MOVES = 30;
/** Drills one after another for one part of the body. Common practice, no source. */
const MOST_IN_A_ROW = 4;
/** A climb to a lift: the heaviest it begins with, and the most it grows by at once. Common practice, no source. */
const MOST_FIRST_PERCENT = 60;
const MOST_JUMP_PERCENT = 25;
/** Raising is short under this share of what the approach gives it, in a circuit of some length. Common practice, no source. */
const SHORT_RAISE = 0.4;
const LONG_ENOUGH: Seconds = 240;

/**
 * Work that tires before the session: seconds times the points of effort above the one that is two below what the approach
 * allows a drill. Eight minutes of jumping jacks tire, two of burpees, and no length of easy jogging. Common practice, no
 * source.
 */
const MOST_STRAIN = 480;
const EASY_BELOW_CAP = 2;

/** Repetitions of both sides over sets and rounds; a timed drill does one a second. */
function repetitions({ slot, rounds }: Placed, floor: Parameters<typeof workSecondsOneSide>[2]): number {
  const { dose, sides } = slot;
  const times = countAt(slot.sets, 'plan') * rounds;
  const both = sides === 'both' ? 1 : 2;
  if (dose.kind === 'reps' || dose.kind === 'holds') return countAt(dose.count, 'plan') * times * both;
  return workSecondsOneSide(dose, 'plan', floor) * times;
}

/** More jumps and landings than a warm-up is for. */
export const manyLandings: GraveRule = ({ placed, floor }) => {
  const jumping = placed.filter(
    ({ drill, phase }) => isLanding(drill) && (phase === 'potentiate' || (phase !== 'raise' && !isRaising(drill))),
  );
  const landings = Math.round(jumping.reduce((sum, one) => sum + repetitions(one, floor), 0));
  if (landings <= MOST_LANDINGS) return [];
  return [
    {
      rule: 'many-landings',
      severity: 'warn',
      slotIds: jumping.map(({ slot }) => slot.id),
      facts: { landings, most: MOST_LANDINGS },
      source: 'nsca',
    },
  ];
};

/** Hard work that adds up, though no drill of it is too hard: people begin the session tired. */
export const tiring: GraveRule = (laid) => {
  const { placed, floor } = laid;
  const { approach } = laid.occasion;
  const easy = approach.caps.effort - EASY_BELOW_CAP;
  const hard = placed.filter((one) => isTiring(one, laid));
  const worked = hard.map(({ slot, drill, rounds }) => ({
    seconds: slotWork(slot, floor, rounds),
    over: drill.effort - easy,
  }));
  const strain = worked.reduce((sum, { seconds, over }) => sum + seconds * over, 0);
  if (strain <= MOST_STRAIN) return [];
  const seconds = worked.reduce((sum, one) => sum + one.seconds, 0);
  return [
    {
      rule: 'tiring',
      severity: 'warn',
      slotIds: hard.map(({ slot }) => slot.id),
      facts: { seconds },
      source: 'trade',
    },
  ];
};

/** Whether people land on their feet in it again and again. */
export const isLanding = remembered(
  (drill: Drill): boolean => !isRunning(drill) && demandOf(baseOf(drill).demands, 'impact') >= 2,
);

/** Running is counted by its seconds and lengths, not by its steps. */
const isRunning = ({ targets }: Placed['drill']): boolean =>
  (targets['pattern · run'] ?? 0) > (targets['pattern · jump'] ?? 0);

/** Hard enough to tire, but for the way up to a lift: it is counted by what is on the bar, and rested from. */
export const isTiring = ({ slot, drill }: Placed, { occasion: { approach } }: Laid): boolean =>
  drill.effort > approach.caps.effort - EASY_BELOW_CAP && slot.dose.kind !== 'lift';

/** More moves of the neck than it likes. */
export const manyNeckMoves: NoteRule = ({ placed, floor }) => {
  const neck = placed.filter(({ drill }) => mainTarget(drill)?.startsWith('neck'));
  const moves = Math.round(neck.reduce((sum, one) => sum + repetitions(one, floor), 0));
  if (moves <= MOST_NECK_MOVES) return [];
  return [
    {
      rule: 'many-neck-moves',
      severity: 'note',
      slotIds: neck.map(({ slot }) => slot.id),
      facts: { moves },
      source: 'trade',
    },
  ];
};

/** Drill after drill for one part of the body. */
export const sameInARow: NoteRule = ({ placed }) => {
  const runs: { readonly part: string; readonly own: Placed[] }[] = [];
  for (const one of placed) {
    const part = partOf(one);
    const run = runs.at(-1);
    if (run?.part === part) run.own.push(one);
    else runs.push({ part, own: [one] });
  }
  return runs
    .filter(({ part, own }) => own.length > MOST_IN_A_ROW && part !== 'pattern' && part !== 'system')
    .map(({ part, own }): Note => ({
      rule: 'same-in-a-row',
      severity: 'note',
      slotIds: own.map(({ slot }) => slot.id),
      facts: { drills: own.length, part },
      source: 'trade',
    }));
};

/** The part of the body that a drill is mostly for: "glutes" of "glutes · activation". */
const partOf = ({ drill }: Placed): string => mainTarget(drill)?.split(' · ')[0] ?? '';

/** Sets on the way to a lift that begin heavy, or grow too much at once. */
export const steepClimb: GraveRule = ({ placed }) =>
  placed.flatMap(({ slot, drill }): readonly Finding[] => {
    const { dose } = slot;
    if (dose.kind !== 'lift') return [];
    const percents = [...dose.steps.map(({ percent }) => percent), 100];
    const first = percents[0] ?? 0;
    const at = percents.findIndex((percent, index) => percent - (percents[index - 1] ?? percent) > MOST_JUMP_PERCENT);
    if (first <= MOST_FIRST_PERCENT && at < 0) return [];
    const jump =
      first > MOST_FIRST_PERCENT
        ? { from: null, to: first }
        : { from: percents[at - 1] ?? null, to: percents[at] ?? 0 };
    return [
      {
        rule: 'steep-climb',
        severity: 'warn',
        slotIds: [slot.id],
        facts: { drill: drill.name, ...jump, mostFirst: MOST_FIRST_PERCENT, mostJump: MOST_JUMP_PERCENT },
        source: 'trade',
      },
    ];
  });

/** A raise that is too short for what the approach gives it. */
export const shortRaise: NoteRule = ({ timeline: { segments, total }, occasion: { library, approach } }) => {
  const usual = (approach.shares.raise ?? 0) * total.plan;
  if (total.plan < LONG_ENOUGH || usual === 0) return [];
  const raised = segments
    .filter((segment) => segment.kind === 'work' && isRaising(drillIn(segment, library) ?? { targets: {} }))
    .reduce((sum, { length }) => sum + length, 0);
  if (raised === 0 || raised >= SHORT_RAISE * usual) return [];
  return [
    {
      rule: 'short-raise',
      severity: 'note',
      slotIds: [],
      facts: { raised, of: total.plan, approach: approach.name, usual },
      source: 'trade',
    },
  ];
};
