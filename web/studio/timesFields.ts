import type { TradeTimes } from '@prompt-spark/core/occasion/trade';

/** One of the seconds that a studio can set: what it is called, and where it stands. */
export interface TimesField {
  readonly label: string;
  readonly get: (times: TradeTimes) => number;
  readonly set: (times: TradeTimes, value: number) => TradeTimes;
}

/** Seconds that belong together. */
export interface TimesGroup {
  readonly title: string;
  readonly fields: readonly TimesField[];
}

type Plain = 'sameRank' | 'talkKnown' | 'talkNew' | 'talkNames' | 'talkLaterRound' | 'switchUp' | 'switchDown';

const plain = (label: string, key: Plain): TimesField => ({
  label,
  get: (times) => times[key],
  set: (times, value) => ({ ...times, [key]: value }),
});

function apart(label: string, at: 0 | 1 | 2): TimesField {
  return {
    label,
    get: ({ ranksApart }) => ranksApart[at],
    set: (times, value) => {
      const [one, two, three] = times.ranksApart.map((old, index) => (index === at ? value : old));
      return { ...times, ranksApart: [one ?? 0, two ?? 0, three ?? 0] };
    },
  };
}

const kit = (label: string, way: 'takeUp' | 'putDown', handling: 'carried' | 'worn'): TimesField => ({
  label,
  get: (times) => times[way][handling],
  set: (times, value) => ({ ...times, [way]: { ...times[way], [handling]: value } }),
});

/** Everything that a studio can set, as it is shown. */
export const TIMES_GROUPS: readonly TimesGroup[] = [
  {
    title: 'Getting there',
    fields: [
      plain('Another one as high', 'sameRank'),
      apart('To the knees, or a chair', 0),
      apart('To hands and knees', 1),
      apart('To the floor, or up again', 2),
    ],
  },
  {
    title: 'Talking',
    fields: [
      plain('A drill that they know', 'talkKnown'),
      plain('A drill that is new', 'talkNew'),
      plain('Its name alone', 'talkNames'),
      plain('In a later round', 'talkLaterRound'),
    ],
  },
  {
    title: 'Kit',
    fields: [
      kit('Fetch something', 'takeUp', 'carried'),
      kit('Put something down', 'putDown', 'carried'),
      kit('Put a loop band on', 'takeUp', 'worn'),
      kit('Take a loop band off', 'putDown', 'worn'),
    ],
  },
  {
    title: 'Changing sides',
    fields: [plain('Standing, sitting or kneeling', 'switchUp'), plain('On hands and knees, or lying', 'switchDown')],
  },
];
