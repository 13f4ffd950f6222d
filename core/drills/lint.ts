import { demandOf, DEMANDS, CHANGED_DEMANDS, CHANGES_EFFORT, type Demand } from './demand.ts';
import { baseOf, type Drill, type Variant } from './drill.ts';
import { KIT } from './kit.ts';
import { plainName } from './library.ts';
import { PLANES, TARGETS } from './target.ts';

/** Something wrong with a drill's fact sheet, in a sentence. */
export interface DrillFinding {
  readonly drill: string;
  readonly rule: 'field' | 'unknown' | 'ladder' | 'alias' | 'cue' | 'sheet' | 'swap';
  readonly words: string;
}

const MOST_CUE_CHARACTERS = 60;
/** Ten seconds at the pace of a prompt, 2.5 words a second. Common practice, no source. */
const MOST_SHEET_WORDS = 25;

/** Everything wrong with a set of drills. */
export function lintDrills(drills: readonly Drill[]): readonly DrillFinding[] {
  return [...drills.flatMap(lintDrill), ...sharedNames(drills), ...drills.flatMap((drill) => deadEnds(drill, drills))];
}

/** Everything wrong with one drill by itself. */
export function lintDrill(drill: Drill): readonly DrillFinding[] {
  return [...fields(drill), ...unknowns(drill), ...cues(drill), ...ladder(drill)];
}

function finding(drill: Drill, rule: DrillFinding['rule'], words: string): DrillFinding {
  return { drill: drill.name, rule, words };
}

function fields(drill: Drill): readonly DrillFinding[] {
  const lowest = drill.ladder[0]?.rung ?? 0;
  const highest = drill.ladder.at(-1)?.rung ?? 0;
  const missing = [
    ...(Object.keys(drill.targets).length === 0 ? ['a target'] : []),
    ...(drill.planes.length === 0 ? ['a plane'] : []),
    ...(drill.felt === '' ? ['where it is felt'] : []),
    ...(drill.fault.seen === '' || drill.fault.fix === '' ? ['the usual fault and its fix'] : []),
    ...(lowest === 0 && drill.noGentler === '' ? ['a gentler rung, or why there is none'] : []),
    ...(highest === 0 && drill.noStronger === '' ? ['a stronger rung, or why there is none'] : []),
    ...(drill.sidesAllowed.includes(drill.usual.sides) ? [] : ['its usual sides among the allowed ones']),
  ];
  return missing.map((what) => finding(drill, 'field', `lacks ${what}`));
}

function unknowns(drill: Drill): readonly DrillFinding[] {
  const known = (list: readonly string[], names: readonly string[], what: string) =>
    names
      .filter((name) => !list.includes(name))
      .map((name) => finding(drill, 'unknown', `names an unknown ${what}: ${name}`));
  return [
    ...known(TARGETS, Object.keys(drill.targets), 'target'),
    ...known(PLANES, drill.planes, 'plane'),
    ...drill.ladder.flatMap((variant) => known(KIT, variant.kit, 'piece of kit')),
    ...drill.ladder.flatMap((variant) => known(DEMANDS, Object.keys(variant.demands), 'demand')),
  ];
}

function cues(drill: Drill): readonly DrillFinding[] {
  const long = drill.cues.filter((cue) => cue.length > MOST_CUE_CHARACTERS);
  const words = [...drill.cues, drill.fault.seen, drill.fault.fix].join(' ').split(/\s+/).length;
  return [
    ...long.map((cue) => finding(drill, 'cue', `has a cue over ${MOST_CUE_CHARACTERS} characters: ${cue}`)),
    ...(words > MOST_SHEET_WORDS
      ? [finding(drill, 'sheet', `takes more than ten seconds to read aloud: ${words} words`)]
      : []),
  ];
}

function ladder(drill: Drill): readonly DrillFinding[] {
  const rungs = drill.ladder.map(({ rung }) => rung);
  const ordered = rungs.every((rung, index) => index === 0 || rung === (rungs[index - 1] ?? 0) + 1);
  const ids = new Set(drill.ladder.map(({ id }) => id));
  return [
    ...(ordered && rungs.includes(0)
      ? []
      : [finding(drill, 'ladder', 'has a ladder whose rungs do not follow each other')]),
    ...(ids.size === drill.ladder.length ? [] : [finding(drill, 'ladder', 'has two rungs with one id')]),
    ...drill.ladder.flatMap((stronger, index) => {
      const gentler = drill.ladder[index - 1];
      return gentler ? outOfOrder(drill, gentler, stronger) : [];
    }),
  ];
}

/** Where a gentler rung asks more than the next stronger one, in the quantities that the change between them moves. */
function outOfOrder(drill: Drill, gentler: Variant, stronger: Variant): readonly DrillFinding[] {
  // The rung further from the base is the one that says what changed.
  const { changes } = stronger.rung > 0 ? stronger : gentler;
  const moved = new Set<Demand>(changes.flatMap((change) => CHANGED_DEMANDS[change]));
  const harder = [...moved].filter((demand) => demandOf(gentler.demands, demand) > demandOf(stronger.demands, demand));
  const effort = changes.some((change) => CHANGES_EFFORT.has(change)) && gentler.effort > stronger.effort;
  return [...harder, ...(effort ? ['effort'] : [])].map((what) =>
    finding(drill, 'ladder', `asks more ${what} in "${gentler.name}" than in "${stronger.name}"`),
  );
}

function sharedNames(drills: readonly Drill[]): readonly DrillFinding[] {
  const owners = new Map<string, Drill>();
  return drills.flatMap((drill) =>
    [drill.name, ...drill.aliases].flatMap((name) => {
      const owner = owners.get(plainName(name));
      owners.set(plainName(name), drill);
      return owner ? [finding(drill, 'alias', `answers to "${name}", and so does ${owner.name}`)] : [];
    }),
  );
}

/** Demands of a drill, asked clearly, that no rung of any drill with a target in common does without. */
function deadEnds(drill: Drill, drills: readonly Drill[]): readonly DrillFinding[] {
  const { demands } = baseOf(drill);
  const others = drills.filter((other) => Object.keys(other.targets).some((target) => target in drill.targets));
  return DEMANDS.filter((demand) => demandOf(demands, demand) >= 2)
    .filter((demand) => !others.some(({ ladder: rungs }) => rungs.some((rung) => demandOf(rung.demands, demand) === 0)))
    .map((demand) => finding(drill, 'swap', `leaves nowhere to go for somebody who may not: ${demand}`));
}
