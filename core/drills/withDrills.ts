import type { Drill } from './drill.ts';
import { plainName, type DrillLibrary } from './library.ts';

/** A library with some of its drills in another form, under the same ids and names. */
export function withDrills(library: DrillLibrary, changed: readonly Drill[]): DrillLibrary {
  if (changed.length === 0) return library;
  const byId = new Map(library.byId);
  const byName = new Map(library.byName);
  for (const drill of changed) {
    byId.set(drill.id, drill);
    for (const name of [drill.name, ...drill.aliases]) byName.set(plainName(name), drill);
  }
  return { ...library, drills: library.drills.map((drill) => byId.get(drill.id) ?? drill), byId, byName };
}
