import type { Dose } from '../dose/dose.ts';
import type { Drill, Variant } from './drill.ts';
import { estimatedEnergy } from './energy.ts';
import { withInHand, type BandStrength, type Load } from './inHand.ts';
import type { DrillLibrary } from './library.ts';
import { servedOn } from './served.ts';
import { atWrittenEffort } from './writtenEffort.ts';

/** A drill that is done, the id of the rung it is done on, empty for the drill as named, and how much of it. */
export interface Stood {
  readonly drillId: string;
  readonly rung: string;
  readonly dose?: Dose;
  /** What is in the hands and on the legs; nothing where it is not said. */
  readonly load?: Load | null;
  readonly band?: BandStrength | null;
}

const made = new WeakMap<Drill, Map<string, Drill>>();

/**
 * The drill of a slot as it is done there: on its rung, so that its posture, kit, effort and demands are the rung's and its
 * ladder goes up and down from it, and as hard as its dose says. Undefined where the library does not have the drill.
 */
export function drillIn(
  { drillId, rung, dose, load = null, band = null }: Stood,
  library: DrillLibrary,
): Drill | undefined {
  const drill = library.byId.get(drillId);
  if (!drill) return undefined;
  const stood = withInHand(rung === '' ? drill : onRung(drill, rung), { load, band });
  return dose ? atWrittenEffort(stood, dose) : stood;
}

/** A drill on one of its rungs; as it is where it has none of that id. One object for one rung, however often it is asked for. */
export function onRung(drill: Drill, rungId: string): Drill {
  const rung = drill.ladder.find(({ id }) => id === rungId);
  if (!rung || rung.rung === 0) return drill;
  const known = made.get(drill) ?? new Map<string, Drill>();
  made.set(drill, known);
  const before = known.get(rungId);
  if (before) return before;
  const stood = moved(drill, rung);
  known.set(rungId, stood);
  return stood;
}

function moved(drill: Drill, rung: Variant): Drill {
  const { posture, kit, effort } = rung;
  const energy = rung.energy ?? (effort === drill.effort ? drill.energy : estimatedEnergy(effort));
  // What a rung prepares is told beside the drill's own, which are another rung's from here on.
  const ladder = drill.ladder.map((other) => ({
    ...other,
    rung: other.rung - rung.rung,
    targets: servedOn(drill, other),
  }));
  const targets = servedOn(drill, rung);
  return { ...drill, name: `${drill.name}: ${rung.name}`, posture, kit, effort, energy, targets, ladder };
}
