import type { PersonDocument } from '@prompt-spark/contract/person';

/** Somebody of whom nothing is known yet. */
export function blankPerson(): PersonDocument {
  return {
    name: '',
    birthYear: 0,
    limits: [],
    ability: {},
    stiffer: {},
    familiar: [],
    kit: [],
    notes: '',
    consentOn: '',
    choices: [],
    readiness: null,
    holds: [],
  };
}
