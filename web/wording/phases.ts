import { capital } from './capital.ts';
import type { Phase } from '@prompt-spark/core/drills/phase';
import { say } from './say.ts';

/** What each phase is for, as said in a gym. */
const PLAINLY: Readonly<Record<Phase, string>> = {
  release: say.phases.loosenOff,
  raise: say.phases.getWarm,
  mobilise: say.phases.moveTheJoints,
  activate: say.phases.switchOn,
  integrate: say.phases.putItTogether,
  potentiate: say.phases.fireUp,
};

/** A phase as a heading. */
export function phaseName(phase: string): string {
  return capital(phase);
}

/** A phase in plain words. */
export function phasePlainly(phase: Phase): string {
  return PLAINLY[phase];
}
