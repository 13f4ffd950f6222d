import type { Dose } from '@prompt-spark/core/dose/dose';
import { say } from './say.ts';

/** Every kind of dose as a coach chooses it. */
export const DOSE_KINDS: readonly { readonly value: Dose['kind']; readonly title: string }[] = [
  { value: 'time', title: say.doseKinds.seconds },
  { value: 'reps', title: say.doseKinds.reps },
  { value: 'holds', title: say.doseKinds.holds },
  { value: 'distance', title: say.doseKinds.distance },
  { value: 'ramp', title: say.doseKinds.ramp },
  { value: 'feel', title: say.doseKinds.byFeel },
  { value: 'lift', title: say.doseKinds.lift },
];
