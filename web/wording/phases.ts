import type { Phase } from '@prompt-spark/core/drills/phase';
import { say } from './say.ts';

/** A phase as a heading. */
export const phaseName = (phase: Phase): string => say.phases[phase].name;

/** What a phase is for, as said in a gym. */
export const phasePlainly = (phase: Phase): string => say.phases[phase].plainly;
