import type { TradeTimes } from '@prompt-spark/core/occasion/trade';
import { say } from './say.ts';

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
    title: say.timesFields.gettingThere,
    fields: [
      plain(say.timesFields.anotherOneAsHigh, 'sameRank'),
      apart(say.timesFields.toTheKnees, 0),
      apart(say.timesFields.toHandsAndKnees, 1),
      apart(say.timesFields.toTheFloor, 2),
    ],
  },
  {
    title: say.timesFields.talking,
    fields: [
      plain(say.timesFields.drillThatTheyKnow, 'talkKnown'),
      plain(say.timesFields.drillThatIsNew, 'talkNew'),
      plain(say.timesFields.itsNameAlone, 'talkNames'),
      plain(say.timesFields.inALaterRound, 'talkLaterRound'),
    ],
  },
  {
    title: say.timesFields.kit,
    fields: [
      kit(say.timesFields.fetchSomething, 'takeUp', 'carried'),
      kit(say.timesFields.putSomethingDown, 'putDown', 'carried'),
      kit(say.timesFields.putALoopBand, 'takeUp', 'worn'),
      kit(say.timesFields.takeALoopBand, 'putDown', 'worn'),
    ],
  },
  {
    title: say.timesFields.changingSides,
    fields: [
      plain(say.timesFields.standingSittingOrKneeling, 'switchUp'),
      plain(say.timesFields.onHandsAndKnees, 'switchDown'),
    ],
  },
];
