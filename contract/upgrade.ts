import { USUAL_CAPS } from '@prompt-spark/core/approach/approach';
import { NO_PACE } from '@prompt-spark/core/session/gaps';
import type { DocumentKind } from './documents.ts';
import { namedMotion } from './namedMotion.ts';

type Fields = Readonly<Record<string, unknown>>;

/** Brings a document from one schema version to the next. It is not known to be sound: what is no object is left alone. */
type Upgrade = (document: unknown) => unknown;

/** By kind, how a document of version 0 becomes version 1, and so on. Kinds that never changed have none. */
const UPGRADES: Readonly<Partial<Record<DocumentKind, readonly Upgrade[]>>> = {
  circuit: [
    (circuit) => circuitWithEverything(circuit),
    // Version 1 stood on no rung and guessed at nothing.
    (circuit) => withEachSlot(circuit, (slot) => withDefaults(slot, { rung: '', guess: '' })),
    // Version 2 held nothing in the hands, and stopped between drills.
    (circuit) => {
      const stopping = withDefaults(circuit, { noGaps: false });
      const blocks = withEach(stopping, 'blocks', (block) => withDefaults(block, { noGaps: false }));
      return withEachSlot(blocks, (slot) =>
        withDefaults(slot, { growing: null, load: null, band: null, height: null }),
      );
    },
    // Version 3 got people ready for every slot, and pinned no dose.
    (circuit) => withEachSlot(circuit, (slot) => withDefaults(slot, { runsOn: false, doseKept: false })),
    // Version 4 could come before and after anything.
    (circuit) => withDefaults(circuit, { notBefore: '', notAfter: '' }),
    // Version 5 marked no drill as new.
    (circuit) => withEachSlot(circuit, (slot) => withDefaults(slot, { shownFirst: false })),
    // Version 6 changed no line of its script, and led nobody through a drill.
    (circuit) => withEachSlot(circuit, (slot) => withDefaults(slot, { said: [], guide: null })),
    // Version 7 did all that was in a block.
    (circuit) => withEach(circuit, 'blocks', (block) => withDefaults(block, { pick: null })),
    // Version 8 aimed at nothing.
    (circuit) => withEachSlot(circuit, (slot) => withDefaults(slot, { aim: null })),
    // Version 9 picked by number alone.
    (circuit) => withEach(circuit, 'blocks', (block) => withDefaults(block, { pickWithin: null })),
  ],
  person: [
    (person) => person,
    // Version 1 had nobody answer for a choice.
    (person) => withEach(person, 'choices', (choice) => withDefaults(choice, { answeredBy: '', answeredOn: '' })),
    // Of nobody was anything seen in version 2.
    (person) => withDefaults(person, { seen: [] }),
    // Nor was anything measured in version 3.
    (person) => withDefaults(person, { measured: [] }),
    // Nothing was counted of anybody in version 4.
    (person) => withEach(person, 'seen', (seen) => withDefaults(seen, { reached: [] })),
    // In version 5 it was not said how anybody did a drill, nor how hard it was for each.
    (person) => withEach(person, 'seen', (seen) => withDefaults(seen, { technique: [], effort: null, signs: [] })),
  ],
  run: [
    (run) => run,
    // Of version 1 nobody knows what getting ready took.
    (run) => withDefaults(run, { pace: NO_PACE }),
    // Nor what was tapped on the way in version 2.
    (run) => withDefaults(run, { marks: [] }),
    // Nor, in version 3, what rests took and what was said before each drill.
    (run) => withPart(run, 'pace', (pace) => withDefaults(pace, { rest: NO_PACE.rest, drills: NO_PACE.drills })),
  ],
  approach: [
    (approach) => approach,
    // Version 1 was of any length.
    (approach) => withPart(approach, 'caps', (caps) => withDefaults(caps, { whole: USUAL_CAPS.whole })),
  ],
  'main session': [
    (session) => session,
    // Version 1 left holds to the approach.
    (session) => withDefaults(session, { holds: 'usual' }),
  ],
  drill: [
    // Drills kept before figures were drawn have none.
    (drill) => withDefaults(drill, { figure: '' }),
    // Until version 1 its name alone told which joint a drill moves.
    (drill) => {
      const motion = isObject(drill) && typeof drill.name === 'string' ? namedMotion(drill.name) : undefined;
      return motion ? withDefaults(drill, { motion }) : drill;
    },
  ],
};

/**
 * A stored document in today's shape, from the schema version it was kept with. It is still to be checked: what was
 * stored then may never have been sound.
 */
export function upgrade(kind: DocumentKind, document: unknown, from: number): unknown {
  return (UPGRADES[kind] ?? []).slice(from).reduce((so, step) => step(so), document);
}

/** Version 0 of a circuit had no tags, approach, clock, versions, stations, tracks, or more on one side, if it was old enough. */
function circuitWithEverything(circuit: unknown): unknown {
  const whole = withDefaults(circuit, {
    tags: [],
    approach: '',
    clock: null,
    somebodyNew: false,
    slowToFloor: false,
    namesOnly: false,
    versions: [],
  });
  const stationed = withEach(whole, 'blocks', (block) => withDefaults(block, { stations: false }));
  return withEachSlot(stationed, (slot) => withDefaults(slot, { extra: null, tracks: [] }));
}

/** A circuit with each of its slots made anew. */
function withEachSlot(circuit: unknown, make: (slot: unknown) => unknown): unknown {
  return withEach(circuit, 'blocks', (block) =>
    withEach(block, 'lines', (line) => (isObject(line) && line['kind'] === 'slot' ? make(line) : line)),
  );
}

function withDefaults(value: unknown, defaults: Fields): unknown {
  return isObject(value) ? { ...defaults, ...value } : value;
}

/** An object with one of its parts made anew. */
function withPart(value: unknown, key: string, make: (part: unknown) => unknown): unknown {
  return isObject(value) && key in value ? { ...value, [key]: make(value[key]) } : value;
}

/** An object with each item of one of its lists made anew. */
function withEach(value: unknown, key: string, make: (item: unknown) => unknown): unknown {
  if (!isObject(value)) return value;
  const list = value[key];
  return Array.isArray(list) ? { ...value, [key]: list.map(make) } : value;
}

function isObject(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
