import type { Drill } from '../drills/drill.ts';
import { KIT, type Kit } from '../drills/kit.ts';
import type { DrillLibrary } from '../drills/library.ts';
import { withDrills } from '../drills/withDrills.ts';
import type { Site } from './site.ts';

const made = new WeakMap<DrillLibrary, Map<string, DrillLibrary>>();

/**
 * The drills as they are done at a site: where it lacks a piece of kit and has one that stands in for it, the drill and its
 * rungs ask for that, so that it is taken up, counted and named as what it is. The same library where nothing stands in, and
 * one object for one library and one set of kit, however often it is asked for.
 */
export function withStandIns(library: DrillLibrary, { kit }: Pick<Site, 'kit'>): DrillLibrary {
  const lacking = KIT.filter((item) => !kit.has(item));
  const key = lacking.join();
  const known = made.get(library) ?? new Map<string, DrillLibrary>();
  made.set(library, known);
  const before = known.get(key);
  if (before) return before;
  const there = withDrills(
    library,
    library.drills.flatMap((drill) => drillWithStandIns(drill, kit) ?? []),
  );
  known.set(key, there);
  return there;
}

/** A drill with what stands in for kit that is not there; undefined where nothing of it does. */
function drillWithStandIns(drill: Drill, there: Site['kit']): Drill | undefined {
  const standIn = (item: Kit): Kit => {
    if (there.has(item)) return item;
    return drill.substitutes[item]?.find((other) => there.has(other)) ?? item;
  };
  const asked = Object.keys(drill.substitutes).length > 0 ? [drill, ...drill.ladder].flatMap(({ kit }) => kit) : [];
  if (asked.every((item) => standIn(item) === item)) return undefined;
  const stood = (items: readonly Kit[]): readonly Kit[] => [...new Set(items.map(standIn))];
  return { ...drill, kit: stood(drill.kit), ladder: drill.ladder.map((rung) => ({ ...rung, kit: stood(rung.kit) })) };
}
