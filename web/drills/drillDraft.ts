import type { Drill } from '@prompt-spark/core/drills/drill';
import { POSTURE_DEMANDS, type Demand, type Demands } from '@prompt-spark/core/drills/demand';
import { baseOf, type Change, type Variant } from '@prompt-spark/core/drills/drill';
import { estimatedEnergy } from '@prompt-spark/core/drills/energy';
import { baseRung, idFromName, nextRung } from '@prompt-spark/core/drills/rung';
import { just } from '@prompt-spark/core/units';

/** A new drill's sheet, with nothing on it that a coach would have to take off again. */
export function blankDrill(): Drill {
  return {
    id: '',
    name: '',
    aliases: [],
    phases: ['mobilise'],
    posture: 'standing',
    sidesAllowed: ['both'],
    sideWord: 'side',
    kit: [],
    substitutes: {},
    space: 'spot',
    view: 'front',
    cues: [''],
    fault: { seen: '', fix: '' },
    felt: '',
    cautions: [],
    usual: { dose: { kind: 'time', seconds: just(30) }, sides: 'both' },
    shortestUseful: 15,
    effort: 3,
    energy: estimatedEnergy(3),
    targets: {},
    planes: ['sagittal'],
    ladder: [baseRung('standing', [], {}, 3)],
    figure: '',
    noGentler: '',
    noStronger: '',
  };
}

/** A drill to change under a name of its own. */
export function copyOf(drill: Drill): Drill {
  return { ...drill, name: `${drill.name}, our way`, aliases: [] };
}

/** The drill as it is kept: its id from its name where it is new, its base rung in step with its sheet. */
export function finished(draft: Drill, isNew: boolean): Drill {
  const cues = draft.cues.map((cue) => cue.trim()).filter((cue) => cue !== '');
  const [first = '', ...rest] = cues;
  const { unfinished: _, ...whole } = draft;
  return {
    ...whole,
    id: isNew ? `own-${idFromName(draft.name)}`.slice(0, 64) : draft.id,
    cues: [first, ...rest],
    sidesAllowed: draft.sidesAllowed.includes(draft.usual.sides)
      ? draft.sidesAllowed
      : [draft.usual.sides, ...draft.sidesAllowed],
    ladder: draft.ladder.map((rung) => (rung.rung === 0 ? baseFrom(draft) : rung)),
  };
}

function baseFrom(draft: Drill): Variant {
  return { ...baseOf(draft), posture: draft.posture, kit: draft.kit, effort: draft.effort };
}

/** The draft in another posture: what the old one asked by itself goes, what the new one asks comes. */
export function inPosture(draft: Drill, posture: Drill['posture']): Drill {
  const base = baseOf(draft);
  const own = Object.entries(base.demands).filter(([demand]) => !(demand in POSTURE_DEMANDS[draft.posture]));
  const demands: Demands = { ...Object.fromEntries(own), ...POSTURE_DEMANDS[posture] };
  return withBase({ ...draft, posture }, { ...base, posture, demands });
}

/** The draft with what its base asks of one thing changed. */
export function withDemand(draft: Drill, demand: Demand, asked: number): Drill {
  const base = baseOf(draft);
  const step = ([0, 1, 2, 3] as const).find((value) => value === asked) ?? 0;
  return withBase(draft, { ...base, demands: { ...base.demands, [demand]: step } });
}

function withBase(draft: Drill, base: Variant): Drill {
  return { ...draft, ladder: draft.ladder.map((rung) => (rung.rung === 0 ? base : rung)) };
}

/** The draft with a rung more at one end of its ladder. */
export function withRung(draft: Drill, name: string, changes: readonly Change[], by: -1 | 1): Drill {
  const end = by < 0 ? draft.ladder[0] : draft.ladder.at(-1);
  if (!end) return draft;
  const rung = nextRung(end, name, changes, by);
  return { ...draft, ladder: by < 0 ? [rung, ...draft.ladder] : [...draft.ladder, rung] };
}

/** The draft with the outermost rung of one end taken off; the base stays. */
export function withoutRung(draft: Drill, by: -1 | 1): Drill {
  const end = by < 0 ? draft.ladder[0] : draft.ladder.at(-1);
  if (!end || end.rung === 0) return draft;
  return { ...draft, ladder: draft.ladder.filter((rung) => rung !== end) };
}
