import { demandOf, type Demand } from '@prompt-spark/core/drills/demand';
import type { Variant } from '@prompt-spark/core/drills/drill';

/** What is usually minded where a drill asks for so much of something, the gravest first. Common practice, no source. */
const USUAL: readonly (readonly [demand: Demand, from: 1 | 2 | 3, caution: string])[] = [
  ['impact', 2, 'Sore knees or ankles, pelvic floor: step it instead'],
  ['head below heart', 2, 'Blood pressure or dizziness: keep the head up'],
  ['holding hard', 2, 'Blood pressure: short, and keep breathing'],
  ['back load', 2, 'Sore low back: lighter, or leave it out'],
  ['neck movement', 2, 'Neck or dizziness: small and slow'],
  ['wrist bearing', 2, 'Sore wrists: fists, forearms or a bench'],
  ['shoulder overhead', 2, 'Sore shoulders: hands lower'],
  ['shoulder bearing', 2, 'Sore shoulders: less weight on the arms'],
  ['shoulder behind', 2, 'Sore shoulders: hands in front'],
  ['balance', 2, 'Poor balance: something to hold'],
  ['knee kneeling', 2, 'Sore knees: a pad, or standing'],
  ['knee twist', 2, 'Sore knees: turn the whole leg'],
  ['knee bend', 2, 'Sore knees: shallower'],
  ['back bending', 2, 'Sore low back, osteoporosis: bend less'],
  ['back arching', 2, 'Sore low back: arch less'],
  ['back twisting', 2, 'Sore low back, osteoporosis: turn less'],
  ['lying prone', 2, 'Pregnancy: not on the front'],
  ['lying supine', 3, 'Late pregnancy: not flat on the back for long'],
  ['hip range', 2, 'Sore hips: smaller'],
  ['pressure', 1, 'Not over bone, bruises or varicose veins'],
  ['ankle range', 2, 'Sore ankles or Achilles: less bend'],
  ['neck movement', 1, 'Dizziness: slow, eyes on one point'],
  ['balance', 1, 'Unsteady: near a wall'],
];

/** The most that are named of one drill: more is not read. */
const MOST = 2;

/** What is usually minded about a drill, from what it asks; that none is known, where it asks for nothing much. */
export function usualCautions({ demands }: Variant): readonly string[] {
  const minded = USUAL.filter(([demand, from]) => demandOf(demands, demand) >= from).map(([, , caution]) => caution);
  return minded.length > 0 ? minded.slice(0, MOST) : ['None known'];
}
