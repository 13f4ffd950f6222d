import { RULE_IDS, type Facts, type RuleId } from '@prompt-spark/core/review/facts';
import type { Finding, FindingOf, Fix } from '@prompt-spark/core/review/finding';
import { describe, expect, it } from 'vitest';
import { findingAdvice, findingTitle, fixLabel, ruleName, sourceWords } from './findingWords.ts';

const OUT_OF_ORDER = { early: 'Hip swings', later: 'Hip circles' };

/** One finding of every rule, as a circuit of a real hour would give it. */
const FACTS: { readonly [Rule in RuleId]: Facts[Rule] } = {
  'nobody-may': { drill: 'Squat jump' },
  'no-swap': { drill: 'Plank', people: 2 },
  'kept-apart': { notBefore: 'fast work', purpose: 'sprints' },
  'over-time': { over: 95, available: 480, least: 470 },
  'under-time': { spare: 130 },
  'too-long': { seconds: 1300, approach: 'Raise first', most: 1200 },
  'hidden-time': { hidden: 200, share: 0.4167 },
  'up-and-down': { saves: 12, phases: ['mobilise', 'activate'] },
  'no-raise': {},
  'fast-before-warm': { raised: 30, least: 90 },
  'phase-order': { phase: 'raise', approach: 'Release first', says: 'Calm tissue down first.' },
  'long-hold': { seconds: 90, target: 'calf · length', before: 'Jumping and court', most: 30, weakensFrom: 60 },
  'hold-after-moving': { drill: 'Calf stretch' },
  'long-roll': { seconds: 120, enough: 60 },
  'rolling-in-all': { seconds: 400, enough: 300 },
  'swing-before-circle': OUT_OF_ORDER,
  'neck-circles-first': OUT_OF_ORDER,
  'one-leg-first': OUT_OF_ORDER,
  'hard-easy-hard': { again: true },
  'too-hard': { drill: 'Burpee', effort: 8, phase: 'mobilise', most: 6 },
  tiring: { seconds: 240 },
  'one-side': { drill: 'Lateral lunge', sideWord: 'side' },
  'many-landings': { landings: 72, most: 50 },
  'steep-climb': { drill: 'Back squat', from: 40, to: 80, mostFirst: 60, mostJump: 25 },
  'short-raise': { raised: 41.6, of: 600, approach: 'Raise first', usual: 148 },
  'many-neck-moves': { moves: 48 },
  'same-in-a-row': { drills: 5, part: 'glutes' },
  'odd-lengths': { lengths: 3, drill: 'Walking lunge', step: 'more' },
  'odd-one-out': { drill: 'Partner pull', headcount: 13 },
  'too-few-things': {
    kit: 'mat',
    there: 8,
    headcount: 14,
    drills: ['Glute bridge'],
    someOfAll: true,
    instead: [{ drill: 'Standing hip drive', inPlaceOf: 'Glute bridge' }],
    unlike: ['Dead bug'],
  },
  'repeated-target': { target: 'calf · length', times: 3, lacking: 'hip · flexion', session: 'Running and field' },
  gap: { target: 'hip · flexion', session: 'Running and field', closing: true },
  'plane-missing': { plane: 'transverse' },
};

const found = <Rule extends RuleId>(rule: Rule, more: Partial<FindingOf<Rule>> = {}): FindingOf<Rule> => ({
  rule,
  facts: FACTS[rule],
  severity: 'warn',
  slotIds: [],
  source: 'trade',
  ...more,
});

describe('what is said of a finding', () => {
  it.each(RULE_IDS)('of %s has a name, a title without a full stop and a sentence with one', (rule) => {
    const finding = found(rule) as Finding;
    expect(ruleName(rule)).toMatch(/^[A-Z].*[a-z]$/);
    expect(findingTitle(finding)).toMatch(/^[A-Z\d].*[^.]$/);
    expect(findingAdvice(finding)).toMatch(/^[A-Z\d].*\.$/);
    expect(`${findingTitle(finding)} ${findingAdvice(finding)}`).not.toMatch(/undefined|null|NaN|\[object|\s\s/);
    expect(sourceWords(finding)).toBe('common practice');
  });

  it.each([
    ['over-time', '1:35 over the 8:00 there is'],
    ['no-swap', '2 people have nothing to do in plank'],
    ['long-hold', '90 s held for calf stretch'],
    ['steep-climb', 'Back squat go from 40 to 80 % at once'],
    ['short-raise', '42 s of raising in 10 minutes'],
    ['hidden-time', '42 % of the time goes between drills'],
    ['repeated-target', 'Calf stretch 3 times, hip flexion not at all'],
    ['too-few-things', '14 people, 8 mats'],
  ] as const)('of %s begins “%s”', (rule, title) => {
    expect(findingTitle(found(rule) as Finding)).toBe(title);
  });

  it.each([
    [
      'over-time',
      'Shorten a drill, let sides alternate, or take something out. At the low end of every range it fits: 7:50.',
    ],
    ['long-hold', 'From 60 s a muscle, holds before jumping and court take strength away. Keep them to 30 s.'],
    ['odd-lengths', '3 lengths altogether. One more of walking lunge brings everybody back.'],
    [
      'too-few-things',
      'Take turns, run stations, or do this instead: Standing hip drive in place of glute bridge. Nothing here is like dead bug.',
    ],
    ['up-and-down', 'The mobilise and activate drills in another order need fewer changes of position and kit.'],
  ] as const)('of %s advises “%s”', (rule, advice) => {
    expect(findingAdvice(found(rule) as Finding)).toBe(advice);
  });
});

describe('what is said of a fix', () => {
  const HOLD: Fix = { kind: 'dose', slotId: 'a', dose: { kind: 'time', seconds: { low: 30, high: 30 } } };
  const TURNS: Fix = { kind: 'sides', slotIds: ['a'], sides: 'alternate' };
  const BOTH: Fix = { kind: 'sides', slotIds: ['a'], sides: 'usual' };

  it.each([
    [fixLabel(found('long-hold'), HOLD), 'Hold 30 s'],
    [fixLabel(found('one-side'), TURNS), 'Let sides alternate'],
    [fixLabel(found('one-side'), BOTH), 'Do both sides'],
    [fixLabel(found('swing-before-circle'), HOLD), 'Put hip circles first'],
    [fixLabel(found('odd-lengths'), HOLD), 'One length more'],
  ])('“%s” is “%s”', (label, words) => {
    expect(label).toBe(words);
  });

  it('that is kept back tells what it would do', () => {
    const longer = found('one-side', { keptBack: { fix: BOTH, why: { kind: 'longer', by: 0.2, late: true } } });
    expect(findingAdvice(longer)).toBe(
      'Only one of them is done. “Do both sides” would take 0:01 longer here, and the time is over already.',
    );
    const worse = found('one-side', {
      keptBack: { fix: BOTH, why: { kind: 'worse', finding: found('many-landings') } },
    });
    expect(findingAdvice(worse)).toContain('“Do both sides” would bring something worse here: 72 jumps and landings.');
  });
});
