import type { Drill } from '@prompt-spark/core/drills/drill';
import { plainName } from '@prompt-spark/core/drills/library';
import { lintDrill } from '@prompt-spark/core/drills/lint';

/** The names and ids that drills of a library answer to. */
export class NamesTaken {
  private readonly byName = new Map<string, Drill>();
  private readonly ids = new Set<string>();

  constructor(drills: readonly Drill[]) {
    for (const drill of drills) this.add(drill);
  }

  add(drill: Drill): void {
    this.ids.add(drill.id);
    for (const name of namesOf(drill)) this.byName.set(name, drill);
  }

  /** What keeps a drill out of the library: a name or id that is taken, or a finding of the linter. Empty where nothing does. */
  wrongWith(drill: Drill): string {
    const twin = namesOf(drill)
      .map((name) => this.byName.get(name))
      .find((other) => other !== undefined);
    if (twin) return `Another drill answers to that name already: ${twin.name}`;
    if (this.ids.has(drill.id)) return `Another drill has the id "${drill.id}" already`;
    const [first] = lintDrill(drill);
    return first ? `${drill.name} ${first.words}` : '';
  }
}

function namesOf({ name, aliases }: Drill): readonly string[] {
  return [name, ...aliases].map(plainName);
}
