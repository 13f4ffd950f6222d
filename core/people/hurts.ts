/** Something a person says hurts or needs care, and what a coach asks next. */
export interface Hurt {
  /** As it is said: "Knee". */
  readonly where: string;
  /** What sets it off, each with the limitation it stands for; one only where there is nothing to ask. */
  readonly when: readonly { readonly words: string; readonly limitationId: string }[];
}

const one = (where: string, limitationId: string): Hurt => ({ where, when: [{ words: where, limitationId }] });

/** What people say before a class, the most frequent first. Common practice, no source. */
export const HURTS: readonly Hurt[] = [
  {
    where: 'Knee',
    when: [
      { words: 'bending it deep', limitationId: 'knee-bend' },
      { words: 'kneeling on it', limitationId: 'knee-kneeling' },
      { words: 'jumping and landing', limitationId: 'knee-impact' },
    ],
  },
  one('Back', 'low-back'),
  {
    where: 'Shoulder',
    when: [
      { words: 'reaching up', limitationId: 'shoulder-overhead' },
      { words: 'reaching behind', limitationId: 'shoulder-behind' },
      { words: 'leaning on the hands', limitationId: 'shoulder-bearing' },
    ],
  },
  one('Hip', 'hip'),
  {
    where: 'Ankle',
    when: [
      { words: 'bending it, landing on it', limitationId: 'ankle' },
      { words: 'springing off the toes', limitationId: 'achilles' },
    ],
  },
  one('Wrist', 'wrist'),
  one('Neck', 'neck'),
  one('Dizzy or unsteady', 'balance'),
  one('Not down to the floor', 'no-floor'),
  one('Pregnant', 'pregnancy'),
  one('Blood pressure', 'blood-pressure'),
  one('Heart or lungs', 'heart-lung'),
  one('Older', 'older'),
  one('New to exercise', 'new-to-exercise'),
];
