import type { Dose } from '@prompt-spark/core/dose/dose';

/** Every kind of dose as a coach chooses it. */
export const DOSE_KINDS: readonly { readonly value: Dose['kind']; readonly title: string }[] = [
  { value: 'time', title: 'Seconds' },
  { value: 'reps', title: 'Reps' },
  { value: 'holds', title: 'Holds' },
  { value: 'distance', title: 'Distance' },
  { value: 'ramp', title: 'Ramp' },
  { value: 'feel', title: 'By feel' },
  { value: 'lift', title: 'Lift' },
];
