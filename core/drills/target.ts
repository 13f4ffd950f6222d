import { remembered } from '../remembered.ts';

/** What a drill can prepare: a region of the body and what is done for it. */
export const TARGETS = [
  'system · pulse',
  'system · breathing',
  'system · balance',
  'ankle · dorsiflexion',
  'ankle · circling',
  'calf · length',
  'calf · activation',
  'calf · elastic',
  'knee · bending',
  'quads · length',
  'quads · activation',
  'hamstrings · length',
  'hamstrings · activation',
  'hip flexor · length',
  'hip flexor · activation',
  'hip · flexion',
  'hip · extension',
  'hip · abduction',
  'hip · internal rotation',
  'hip · external rotation',
  'adductors · length',
  'adductors · activation',
  'glutes · length',
  'glutes · activation',
  'hip abductors · activation',
  'spine · bending',
  'spine · arching',
  'spine · side bending',
  'thoracic · rotation',
  'thoracic · extension',
  'trunk · activation',
  'shoulder · overhead',
  'shoulder · rotation',
  'shoulder · behind',
  'shoulder blades · control',
  'upper back · activation',
  'chest · length',
  'chest · activation',
  'lats · length',
  'triceps · activation',
  'elbow · bending',
  'wrist · range',
  'grip · activation',
  'neck · turning',
  'neck · nodding',
  'neck · side bending',
  'pattern · squat',
  'pattern · hinge',
  'pattern · lunge',
  'pattern · push',
  'pattern · crawl',
  'pattern · run',
  'pattern · jump',
  'pattern · landing',
  'pattern · turn',
] as const;
export type Target = (typeof TARGETS)[number];

/** How strongly each target is served, 0–1; what is not listed is not served. */
export type Targets = Readonly<Partial<Record<Target, number>>>;

/** The targets that are served and how strongly, in the order of TARGETS. */
export const strengthsOf = remembered((targets: Targets): readonly (readonly [Target, number])[] =>
  TARGETS.flatMap((target) => {
    const strength = targets[target] ?? 0;
    return strength > 0 ? [[target, strength] as const] : [];
  }),
);

/** The planes of movement. */
export const PLANES = ['sagittal', 'frontal', 'transverse'] as const;
export type Plane = (typeof PLANES)[number];
