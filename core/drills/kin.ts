import type { Target } from './target.ts';

/** Two targets that a coach takes for one another where neither can be had, and how much of one the other gives, 0–1. */
type Kin = readonly [Target, Target, number];

/** What stands near what. Common practice, no source. */
const KIN: readonly Kin[] = [
  ['system · pulse', 'pattern · run', 0.5],
  ['pattern · jump', 'pattern · squat', 0.5],
  ['pattern · jump', 'calf · elastic', 0.3],
  ['pattern · jump', 'quads · activation', 0.4],
  ['pattern · jump', 'pattern · hinge', 0.4],
  ['pattern · landing', 'pattern · squat', 0.4],
  ['pattern · landing', 'system · balance', 0.3],
  ['pattern · lunge', 'pattern · squat', 0.5],
  ['pattern · lunge', 'hip flexor · length', 0.3],
  ['pattern · lunge', 'quads · activation', 0.4],
  ['pattern · lunge', 'glutes · activation', 0.4],
  ['pattern · squat', 'pattern · hinge', 0.3],
  ['pattern · squat', 'quads · activation', 0.4],
  ['pattern · squat', 'glutes · activation', 0.4],
  ['pattern · hinge', 'hamstrings · length', 0.5],
  ['pattern · hinge', 'hamstrings · activation', 0.4],
  ['pattern · hinge', 'glutes · activation', 0.5],
  ['pattern · push', 'chest · activation', 0.6],
  ['pattern · push', 'triceps · activation', 0.4],
  ['pattern · push', 'shoulder blades · control', 0.3],
  ['pattern · crawl', 'trunk · activation', 0.4],
  ['pattern · turn', 'hip · internal rotation', 0.4],
  ['pattern · turn', 'thoracic · rotation', 0.3],
  ['hip · internal rotation', 'hip abductors · activation', 0.4],
  ['pattern · run', 'hip · flexion', 0.4],
  ['calf · elastic', 'calf · activation', 0.5],
  ['calf · elastic', 'system · pulse', 0.2],
  ['calf · length', 'ankle · dorsiflexion', 0.6],
  ['calf · activation', 'ankle · dorsiflexion', 0.3],
  ['ankle · circling', 'ankle · dorsiflexion', 0.5],
  ['knee · bending', 'quads · activation', 0.4],
  ['knee · bending', 'pattern · squat', 0.4],
  ['quads · length', 'hip flexor · length', 0.6],
  ['hip flexor · length', 'hip · extension', 0.6],
  ['hip flexor · activation', 'hip · flexion', 0.6],
  ['hip · extension', 'glutes · activation', 0.5],
  ['hamstrings · activation', 'glutes · activation', 0.4],
  ['hip · flexion', 'glutes · length', 0.4],
  ['hip · abduction', 'hip abductors · activation', 0.5],
  ['hip · abduction', 'adductors · length', 0.5],
  ['hip · external rotation', 'glutes · length', 0.5],
  ['hip · external rotation', 'hip abductors · activation', 0.4],
  ['hip · external rotation', 'hip · internal rotation', 0.4],
  ['hip · external rotation', 'adductors · length', 0.3],
  ['hip abductors · activation', 'glutes · activation', 0.5],
  ['hip abductors · activation', 'system · balance', 0.3],
  ['adductors · activation', 'adductors · length', 0.3],
  ['spine · bending', 'spine · arching', 0.4],
  ['spine · arching', 'thoracic · extension', 0.5],
  ['spine · arching', 'hip flexor · length', 0.3],
  ['spine · side bending', 'thoracic · rotation', 0.4],
  ['spine · side bending', 'lats · length', 0.5],
  ['thoracic · extension', 'chest · length', 0.5],
  ['thoracic · extension', 'shoulder blades · control', 0.3],
  ['thoracic · rotation', 'trunk · activation', 0.2],
  ['trunk · activation', 'system · balance', 0.2],
  ['shoulder · overhead', 'shoulder blades · control', 0.3],
  ['shoulder · overhead', 'shoulder · rotation', 0.4],
  ['shoulder · overhead', 'lats · length', 0.4],
  ['shoulder · rotation', 'shoulder blades · control', 0.5],
  ['shoulder · behind', 'chest · length', 0.6],
  ['shoulder · behind', 'shoulder · rotation', 0.4],
  ['shoulder blades · control', 'upper back · activation', 0.6],
  ['chest · activation', 'shoulder blades · control', 0.3],
  ['triceps · activation', 'elbow · bending', 0.4],
  ['wrist · range', 'grip · activation', 0.4],
  ['neck · turning', 'neck · nodding', 0.4],
  ['neck · turning', 'neck · side bending', 0.4],
  ['neck · nodding', 'neck · side bending', 0.4],
  ['neck · side bending', 'shoulder blades · control', 0.4],
  ['neck · turning', 'shoulder blades · control', 0.4],
  ['neck · nodding', 'shoulder blades · control', 0.4],
];

const known = new Map<Target, (readonly [Target, number])[]>();
for (const [one, other, share] of KIN) {
  known.set(one, [...(known.get(one) ?? []), [other, share]]);
  known.set(other, [...(known.get(other) ?? []), [one, share]]);
}

/** The targets near one, each with how much of it they give. */
export function kinOf(target: Target): readonly (readonly [Target, number])[] {
  return known.get(target) ?? [];
}
