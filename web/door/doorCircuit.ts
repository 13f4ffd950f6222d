import { emptyCircuit, type Circuit } from '@prompt-spark/core/circuit/circuit';
import { newBlock } from '@prompt-spark/core/circuit/edit';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import type { Dose, Sides } from '@prompt-spark/core/dose/dose';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Phase } from '@prompt-spark/core/drills/phase';
import { just } from '@prompt-spark/core/units';

/** Nobody is signed in at the door, so its board brings drills of its own. */
const plain = {
  kit: [],
  substitutes: {},
  cautions: [],
  aliases: [],
  sideWord: 'side',
  space: 'spot',
  view: 'front',
  cues: ['—'],
  fault: { seen: '—', fix: '—' },
  felt: '—',
  shortestUseful: 10,
  ladder: [],
  energy: { kind: 'estimate', met: 3 },
  targets: {},
  planes: ['sagittal'],
  figure: '',
  noGentler: '',
  noStronger: '',
  phases: ['raise'],
  sidesAllowed: ['both', 'each', 'alternate'],
  usual: { dose: { kind: 'time', seconds: just(30) }, sides: 'both' },
} as const satisfies Partial<Drill>;
const make = (id: string, name: string, effort: number, posture: Drill['posture']): Drill => ({
  ...plain,
  id,
  name,
  effort,
  posture,
});

const STEP_JACK = make('a', 'Step jack', 3, 'standing');
const LUNGE = make('b', 'Lateral lunge', 5, 'standing');
const CAT_COW = make('c', 'Cat-cow', 2, 'quadruped');
const JUMP = make('d', 'Squat jump', 8, 'squat');
export const DOOR_LIBRARY = libraryOf([STEP_JACK, LUNGE, CAT_COW, JUMP]);

/** The board as a coach writes it. */
export const DOOR_LINES = [
  'raise',
  '  step jack 40s',
  'mobilise 2 rounds rest 10s',
  '  lateral lunge 5/side alt',
  '  cat-cow 5 @4s',
  'potentiate',
  '  squat jump 4',
] as const;

const reps = (count: number, seconds: number): Dose => ({
  kind: 'reps',
  count: just(count),
  tempo: { kind: 'even', seconds },
});
const slot = (drill: Drill, dose: Dose, sides: Sides = 'both') => ({ ...usualSlot(drill, drill.id), dose, sides });
const block = (phase: Phase, ...lines: readonly ReturnType<typeof slot>[]) => ({ ...newBlock(phase, phase), lines });

/**
 * What those lines say. To read them here would keep a phone waiting at the door for all that a line can say; that they
 * are read so is tested.
 */
export const DOOR_CIRCUIT: Circuit = {
  ...emptyCircuit('The door'),
  blocks: [
    block('raise', slot(STEP_JACK, { kind: 'time', seconds: just(40) })),
    {
      ...block('mobilise', slot(LUNGE, reps(5, 3), 'alternate'), slot(CAT_COW, reps(5, 4))),
      rounds: just(2),
      roundRest: 10,
    },
    block('potentiate', slot(JUMP, reps(4, 3))),
  ],
};
