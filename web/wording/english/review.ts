import { clockWords as clock } from '@prompt-spark/core/clockWords';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { kitName } from '@prompt-spark/core/drills/kit';
import { targets } from './targets.ts';
import type { Facts, RuleId } from '@prompt-spark/core/review/facts';
import type { Fix, Source } from '@prompt-spark/core/review/finding';
import { capital } from '../capital.ts';

/** What is said of one rule: what it looks for, what it found, what to do about that, and what its fix does. */
interface RuleWords<Rule extends RuleId> {
  readonly name: string;
  readonly title: (facts: Facts[Rule]) => string;
  readonly advice: (facts: Facts[Rule]) => string;
  readonly fix?: (facts: Facts[Rule], fix: Fix) => string;
}

const PLANES = { sagittal: 'forward and back', frontal: 'sideways', transverse: 'turning' } as const;

const inOrder = ({ early, later }: { readonly early: string; readonly later: string }): string =>
  `${early} before ${later.toLowerCase()}`;
const putFirst = ({ later }: { readonly later: string }): string => `Put ${later.toLowerCase()} first`;
const secondsOf = (fix: Fix): string =>
  fix.kind === 'dose' && fix.dose.kind === 'time' ? `${fix.dose.seconds.high} s` : '';
const sides = (sideWord: Drill['sideWord']): string => `${sideWord}s`;

const rules: { readonly [Rule in RuleId]: RuleWords<Rule> } = {
  'nobody-may': {
    name: 'A drill that nobody present may do',
    title: ({ drill }) => `Nobody present may do ${drill.toLowerCase()} as planned`,
    advice: () => 'Take another drill, or an easier version, for all of them.',
  },
  'no-swap': {
    name: 'Somebody with nothing to do in a drill',
    title: ({ drill, people }) =>
      `${people === 1 ? 'One person has' : `${people} people have`} nothing to do in ${drill.toLowerCase()}`,
    advice: () =>
      'Nothing else serves them: see them one-to-one there, or plan another drill. Swaps shows what they could do.',
  },
  'kept-apart': {
    name: 'For the very session it must not come before',
    title: ({ notBefore, purpose }) => `Marked “not before ${notBefore}”, and it is for ${purpose}`,
    advice: () => 'Take another warm-up for that session, or take the mark away.',
  },
  'over-time': {
    name: 'Longer than the time there is',
    title: ({ over, available }) => `${clock(over)} over the ${clock(available)} there is`,
    advice: ({ least }) =>
      `Shorten a drill, let sides alternate, or take something out.${least === null ? '' : ` At the low end of every range it fits: ${clock(least)}.`}`,
    fix: () => 'Let sides alternate',
  },
  'under-time': {
    name: 'Much shorter than the time there is',
    title: ({ spare }) => `${clock(spare)} to spare`,
    advice: () => 'Give it to what the session needs most, or to a round more.',
  },
  'too-long': {
    name: 'Longer than a warm-up is',
    title: ({ seconds }) => `${clock(seconds)} of warm-up`,
    advice: ({ approach, most }) =>
      `${approach} takes up to ${clock(most)}: what is longer takes time and legs from the session.`,
  },
  'hidden-time': {
    name: 'Much time between drills',
    title: ({ share }) => `${Math.round(share * 100)} % of the time goes between drills`,
    advice: ({ hidden }) =>
      `${clock(hidden)} go into getting ready, changing sides and resting. Fewer, longer drills or fewer changes of position help.`,
  },
  'up-and-down': {
    name: 'Getting up and down more than needed',
    title: ({ saves }) => `${saves} s less getting up, down and about`,
    advice: ({ phases }) =>
      `The ${phases.join(' and ')} drills in another order need fewer changes of position and kit.`,
    fix: () => 'Put them in that order',
  },
  'no-raise': {
    name: 'No raise',
    title: () => 'Nothing raises the pulse',
    advice: () => 'Put in a minute of easy moving: a march, a rope, a jog.',
  },
  'fast-before-warm': {
    name: 'Anything fast before people are warm',
    title: ({ raised }) => `Fast work after ${clock(raised)} of raising`,
    advice: ({ least }) => `Give the pulse at least ${least} s of raising before anything fast or elastic.`,
  },
  'phase-order': {
    name: 'Phases in another order',
    title: ({ phase, approach }) => `${capital(phase)} comes late for ${approach.toLowerCase()}`,
    advice: ({ says }) => says,
    fix: () => 'Put the blocks in its order',
  },
  'long-hold': {
    name: 'Long static holds',
    title: ({ seconds, target }) => `${seconds} s held for ${target ? targets[target] : 'one muscle'}`,
    advice: ({ before, most, weakensFrom }) => {
      const session = before?.toLowerCase() ?? 'training';
      return weakensFrom === null
        ? `Keep holds before ${session} to ${most} s a muscle.`
        : `From ${weakensFrom} s a muscle, holds before ${session} take strength away. Keep them to ${most} s.`;
    },
    fix: (_, fix) => `Hold ${secondsOf(fix)}`,
  },
  'hold-after-moving': {
    name: 'Static holds after moving drills',
    title: ({ drill }) => `${drill} is held after the moving drills`,
    advice: () => 'Before training, hold first and move after.',
    fix: () => 'Hold first',
  },
  'long-roll': {
    name: 'Rolling one area for long',
    title: ({ seconds }) => `${seconds} s of rolling on one area`,
    advice: ({ enough }) => `${enough} s an area are enough before training.`,
    fix: (_, fix) => `Roll ${secondsOf(fix)}`,
  },
  'rolling-in-all': {
    name: 'Much rolling altogether',
    title: ({ seconds }) => `${clock(seconds)} of rolling altogether`,
    advice: ({ enough }) => `About ${clock(enough)} are enough before training.`,
  },
  'swing-before-circle': {
    name: 'Swings before circles of a joint',
    title: inOrder,
    advice: () => 'Circle a joint before swinging it.',
    fix: putFirst,
  },
  'neck-circles-first': {
    name: 'Neck circles before turns and nods',
    title: inOrder,
    advice: () => 'Turns and nods come before circles of the neck.',
    fix: putFirst,
  },
  'one-leg-first': {
    name: 'One leg before two',
    title: inOrder,
    advice: () => 'Two legs come before one.',
    fix: putFirst,
  },
  'hard-easy-hard': {
    name: 'Hard, easy, hard again',
    title: ({ again }) => `Hard, then easy${again ? ', then hard again' : ' at the end'}`,
    advice: ({ again }) =>
      again
        ? 'People cool off in between. Keep the easy ones together, before the first hard one.'
        : 'It ends cold. End where the session begins.',
  },
  'too-hard': {
    name: 'Too hard for a warm-up',
    title: ({ drill, effort, phase }) => `${drill} is effort ${effort} in ${phase}`,
    advice: ({ most }) =>
      `A warm-up should not tire: effort up to ${most}, but for the fast part at its end. Take an easier version.`,
  },
  tiring: {
    name: 'Hard work that tires before the session',
    title: ({ seconds }) => `${clock(seconds)} of hard work before the session`,
    advice: () => 'Each may be right by itself; together they tire. Shorten some, or take easier versions.',
  },
  'one-side': {
    name: 'One side without the other',
    title: ({ drill, sideWord }) => `${drill} has two ${sides(sideWord)}`,
    advice: () => 'Only one of them is done.',
    fix: ({ sideWord }, fix) =>
      fix.kind === 'sides' && fix.sides === 'alternate'
        ? `Let ${sides(sideWord)} alternate`
        : `Do both ${sides(sideWord)}`,
  },
  'many-landings': {
    name: 'Many jumps and landings',
    title: ({ landings }) => `${landings} jumps and landings`,
    advice: ({ most }) =>
      `Up to ${most} warm people up; more is a training of its own. Fewer repetitions, or one drill less.`,
  },
  'steep-climb': {
    name: 'A climb to a lift that jumps',
    title: ({ drill, from, to }) =>
      from === null ? `${drill} begin at ${to} %` : `${drill} go from ${from} to ${to} % at once`,
    advice: ({ mostFirst, mostJump }) => `Begin at ${mostFirst} % at most, and add up to ${mostJump} points a set.`,
  },
  'short-raise': {
    name: 'A short raise',
    title: ({ raised, of }) => `${Math.round(raised)} s of raising in ${Math.round(of / 60)} minutes`,
    advice: ({ approach, usual }) =>
      `${approach} gives it about ${Math.round(usual / 10) * 10} s: a little longer, or one more drill that raises.`,
  },
  'many-neck-moves': {
    name: 'Many moves of the neck',
    title: ({ moves }) => `${moves} moves of the neck`,
    advice: () => 'A few slow ones each way are enough: the neck tires and gets dizzy.',
  },
  'same-in-a-row': {
    name: 'Drill after drill for one part of the body',
    title: ({ drills, part }) => `${drills} drills in a row for the ${part}`,
    advice: () => 'It tires before the session: put something else between, or leave one out.',
  },
  'odd-lengths': {
    name: 'Ending at the far end',
    title: () => 'The group ends at the far end',
    advice: ({ lengths, drill, step }) =>
      `${lengths} ${lengths === 1 ? 'length' : 'lengths'} altogether. One ${step} of ${drill.toLowerCase()} brings everybody back.`,
    fix: ({ step }) => `One length ${step}`,
  },
  'odd-one-out': {
    name: 'Somebody without a partner',
    title: ({ drill, headcount }) => `${drill}: pairs out of ${headcount}`,
    advice: () => 'Somebody is left over: make one three, or pair up yourself.',
  },
  'too-few-things': {
    name: 'More people than kit',
    title: ({ kit, there, headcount }) =>
      there === 0 ? `No ${kitName(kit, 2)} here` : `${headcount} people, ${there} ${kitName(kit, there)}`,
    advice: ({ kit, drills, someOfAll, instead, unlike }) => {
      const orElse = someOfAll ? 'Take turns, run stations, or ' : 'Leave it out, or ';
      if (instead.length === 0) return `${orElse}use a version without ${kitName(kit, 2)}: ${drills.join(', ')}.`;
      const told = instead.map(({ drill, inPlaceOf }) =>
        inPlaceOf === null ? drill : `${drill} in place of ${inPlaceOf.toLowerCase()}`,
      );
      const left = unlike.map((drill) => drill.toLowerCase()).join(' or ');
      return `${orElse}do this instead: ${told.join('; ')}.${left && ` Nothing here is like ${left}.`}`;
    },
    fix: ({ instead }) => (instead.length === 1 ? 'Use that instead' : 'Use those instead'),
  },
  'repeated-target': {
    name: 'The same again while something lacks',
    title: ({ target, times, lacking }) => `${capital(targets[target])} ${times} times, ${targets[lacking]} not at all`,
    advice: ({ lacking, session }) => `${session} needs ${targets[lacking]}: change one of them for it.`,
  },
  gap: {
    name: 'What the session needs and lacks',
    title: ({ target, session }) => `Too little ${targets[target]} for ${session.toLowerCase()}`,
    advice: ({ closing }) =>
      closing
        ? 'Coverage shows what would help.'
        : 'No drill for it is left that everybody here may do with the kit that is out.',
  },
  'plane-missing': {
    name: 'A plane missing',
    title: ({ plane }) => `Nothing moves ${PLANES[plane]}`,
    advice: ({ plane }) => `Put in one drill that goes ${PLANES[plane]}.`,
  },
};

const sources: Readonly<Record<Source, string>> = {
  trade: 'common practice',
  behm: 'Behm et al. 2016',
  nsca: 'NSCA, foot contacts',
};

/** What the review of a circuit says. */
export const review = {
  rules,
  sources,
  keptBack: {
    longer: (fix: string, by: string, late: boolean) =>
      `“${fix}” would take ${by} longer here${late ? ', and the time is over already' : ''}.`,
    worse: (fix: string, finding: string) => `“${fix}” would bring something worse here: ${finding}.`,
  },
};
