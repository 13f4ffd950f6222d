import type { Targets } from '../drills/target.ts';

/** What comes after the warm-up, and how much it needs of each target, 0–1. */
export interface MainSession {
  readonly id: string;
  readonly name: string;
  /** Words that a coach may write for it, in small letters. */
  readonly words: readonly string[];
  readonly needs: Targets;
}

/** The main sessions that ship. Weights are common practice, no source. */
export const MAIN_SESSIONS: readonly MainSession[] = [
  {
    id: 'squat-hinge',
    name: 'Squat or hinge strength',
    words: ['squat', 'deadlift', 'hinge', 'legs', 'lower body', 'strength'],
    needs: {
      'system · pulse': 0.4,
      'ankle · dorsiflexion': 0.8,
      'hip · flexion': 0.7,
      'hip flexor · length': 0.5,
      'hip · external rotation': 0.5,
      'glutes · activation': 0.8,
      'trunk · activation': 0.7,
      'thoracic · extension': 0.4,
      'pattern · squat': 1,
      'pattern · hinge': 0.8,
    },
  },
  {
    id: 'overhead-press',
    name: 'Overhead or pressing',
    words: ['press', 'overhead', 'bench', 'upper body', 'push', 'shoulder'],
    needs: {
      'system · pulse': 0.4,
      'shoulder · overhead': 1,
      'shoulder · rotation': 0.7,
      'shoulder blades · control': 0.8,
      'thoracic · extension': 0.8,
      'thoracic · rotation': 0.4,
      'upper back · activation': 0.6,
      'trunk · activation': 0.6,
      'wrist · range': 0.4,
      'pattern · push': 0.8,
    },
  },
  {
    id: 'running-field',
    name: 'Running and field',
    words: ['run', 'running', 'field', 'sprint', 'football', 'track', 'interval'],
    needs: {
      'system · pulse': 0.9,
      'hip · flexion': 0.6,
      'hip · extension': 0.6,
      'hamstrings · length': 0.5,
      'hamstrings · activation': 0.6,
      'calf · elastic': 0.7,
      'ankle · dorsiflexion': 0.5,
      'glutes · activation': 0.5,
      'hip abductors · activation': 0.5,
      'pattern · run': 1,
    },
  },
  {
    id: 'jump-court',
    name: 'Jumping and court',
    words: ['jump', 'jumping', 'court', 'basketball', 'volleyball', 'netball', 'tennis', 'badminton'],
    needs: {
      'system · pulse': 0.7,
      'ankle · dorsiflexion': 0.6,
      'calf · elastic': 0.8,
      'hip abductors · activation': 0.6,
      'glutes · activation': 0.6,
      'quads · activation': 0.5,
      'thoracic · rotation': 0.4,
      'pattern · jump': 1,
      'pattern · landing': 1,
      'pattern · turn': 0.6,
    },
  },
  {
    id: 'striking',
    name: 'Striking',
    words: ['boxing', 'striking', 'kickboxing', 'punch', 'pads'],
    needs: {
      'system · pulse': 0.8,
      'thoracic · rotation': 0.9,
      'hip · internal rotation': 0.5,
      'shoulder · rotation': 0.7,
      'shoulder blades · control': 0.5,
      'trunk · activation': 0.7,
      'wrist · range': 0.5,
      'neck · turning': 0.3,
      'calf · elastic': 0.5,
      'pattern · turn': 0.7,
    },
  },
  {
    id: 'grappling',
    name: 'Grappling',
    words: ['grappling', 'wrestling', 'judo', 'mat work'],
    needs: {
      'system · pulse': 0.7,
      'neck · turning': 0.6,
      'neck · nodding': 0.6,
      'hip · external rotation': 0.7,
      'hip · internal rotation': 0.6,
      'spine · bending': 0.5,
      'trunk · activation': 0.8,
      'shoulder · rotation': 0.5,
      'grip · activation': 0.5,
      'pattern · crawl': 0.7,
    },
  },
  {
    id: 'rowing',
    name: 'Rowing',
    words: ['row', 'rowing', 'hauling', 'paddle', 'boat'],
    needs: {
      'system · pulse': 0.7,
      'hip · flexion': 0.8,
      'hamstrings · length': 0.6,
      'thoracic · extension': 0.6,
      'upper back · activation': 0.7,
      'shoulder blades · control': 0.5,
      'trunk · activation': 0.6,
      'ankle · dorsiflexion': 0.5,
      'grip · activation': 0.4,
      'pattern · hinge': 0.8,
    },
  },
  {
    id: 'mixed-circuit',
    name: 'Mixed circuit',
    words: ['circuit', 'mixed', 'class', 'conditioning', 'general'],
    needs: {
      'system · pulse': 0.9,
      'hip · flexion': 0.5,
      'ankle · dorsiflexion': 0.4,
      'thoracic · rotation': 0.5,
      'shoulder · overhead': 0.5,
      'glutes · activation': 0.5,
      'trunk · activation': 0.5,
      'pattern · squat': 0.7,
      'pattern · lunge': 0.6,
      'pattern · push': 0.5,
    },
  },
  {
    id: 'desk-reset',
    name: 'Desk reset',
    words: ['desk', 'reset', 'office', 'posture'],
    needs: {
      'system · breathing': 0.6,
      'hip flexor · length': 0.9,
      'thoracic · extension': 0.9,
      'thoracic · rotation': 0.7,
      'chest · length': 0.6,
      'neck · turning': 0.5,
      'glutes · activation': 0.4,
      'system · pulse': 0.3,
    },
  },
  {
    id: 'manual-work',
    name: 'Garden or manual work',
    words: ['garden', 'manual', 'lifting', 'work', 'digging'],
    needs: {
      'system · pulse': 0.5,
      'spine · bending': 0.4,
      'thoracic · rotation': 0.6,
      'hip · flexion': 0.7,
      'shoulder · rotation': 0.5,
      'wrist · range': 0.5,
      'trunk · activation': 0.6,
      'pattern · hinge': 1,
      'pattern · lunge': 0.5,
    },
  },
];

/** The main session that a coach's words mean: the one with most of its words in them; undefined for none. */
export function mainSessionOf(
  purpose: string,
  sessions: readonly MainSession[] = MAIN_SESSIONS,
): MainSession | undefined {
  const said = purpose.toLowerCase();
  const score = ({ name, words }: MainSession): number =>
    (said.includes(name.toLowerCase()) ? 10 : 0) + words.filter((word) => said.includes(word)).length;
  const best = sessions.toSorted((one, other) => score(other) - score(one))[0];
  return best && score(best) > 0 ? best : undefined;
}
