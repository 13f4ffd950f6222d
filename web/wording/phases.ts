import { capital } from './capital.ts';
import type { Phase } from '@prompt-spark/core/drills/phase';

/** What each phase is for, as said in a gym. */
const PLAINLY: Readonly<Record<Phase, string>> = {
  release: 'loosen off',
  raise: 'get warm',
  mobilise: 'move the joints',
  activate: 'switch on',
  integrate: 'put it together',
  potentiate: 'fire up',
};

/** A phase as a heading. */
export function phaseName(phase: string): string {
  return capital(phase);
}

/** A phase in plain words. */
export function phasePlainly(phase: Phase): string {
  return PLAINLY[phase];
}
