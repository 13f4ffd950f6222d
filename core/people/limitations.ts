import type { Demand } from '../drills/demand.ts';
import type { Caps, Limit, Limitation } from './limitation.ts';

/** Capped at clearly, a little, nothing. */
const each = (...demands: readonly Demand[]): Limitation['caps'] => {
  const at = (most: number): Caps => Object.fromEntries(demands.map((demand) => [demand, most]));
  return { watch: at(2), ease: at(1), avoid: at(0) };
};
const effort = (watch: number, ease: number, avoid: number): Limitation['caps'] => ({
  watch: { effort: watch },
  ease: { effort: ease },
  avoid: { effort: avoid },
});
const both = (one: Limitation['caps'], other: Limitation['caps']): Limitation['caps'] => ({
  watch: { ...one.watch, ...other.watch },
  ease: { ...one.ease, ...other.ease },
  avoid: { ...one.avoid, ...other.avoid },
});
const known = (
  id: string,
  name: string,
  means: string,
  caps: Limitation['caps'],
  sided: 'sided' | 'whole' = 'whole',
): Limitation => ({ id, name, means, caps, sided: sided === 'sided' });

/** Met every day. What each one caps is common practice, no source. */
export const LIMITATIONS: readonly Limitation[] = [
  known('knee-bend', 'Knee, deep bend', 'Shallower squats and lunges.', each('knee bend', 'knee twist'), 'sided'),
  known('knee-kneeling', 'Knee, kneeling', 'No weight on the kneecap.', each('knee kneeling'), 'sided'),
  known('knee-impact', 'Knee, impact', 'Step instead of jump.', each('knee impact', 'impact'), 'sided'),
  known('low-back', 'Low back', 'Little bending, arching or twisting, and none of it loaded.', {
    watch: { 'back bending': 2, 'back arching': 2, 'back twisting': 2, 'back load': 2 },
    ease: { 'back bending': 1, 'back arching': 1, 'back twisting': 1, 'back load': 1 },
    avoid: { 'back bending': 1, 'back arching': 0, 'back twisting': 1, 'back load': 0 },
  }),
  known('shoulder-overhead', 'Shoulder, overhead', 'Hands at chest height.', each('shoulder overhead'), 'sided'),
  known('shoulder-behind', 'Shoulder, behind', 'Nothing behind the back.', each('shoulder behind'), 'sided'),
  known('shoulder-bearing', 'Shoulder, weight', 'No weight on the arms.', each('shoulder bearing'), 'sided'),
  known(
    'wrist',
    'Wrist',
    'No weight on a bent-back wrist; fists, forearms or a bench.',
    each('wrist bearing'),
    'sided',
  ),
  known('neck', 'Neck', 'Small, slow movements, and no weight behind them.', each('neck movement')),
  known('hip', 'Hip', 'Smaller range, less load.', each('hip range', 'hip load'), 'sided'),
  known('ankle', 'Ankle', 'Less bend, no landing.', each('ankle range', 'ankle impact'), 'sided'),
  known('achilles', 'Achilles', 'No springing off the ball of the foot.', each('ankle impact', 'impact'), 'sided'),
  known('balance', 'Balance or dizziness', 'Something to hold, no quick turns, head up.', {
    watch: { balance: 2, 'head below heart': 2 },
    ease: { balance: 1, 'head below heart': 1, 'neck movement': 2 },
    avoid: { balance: 0, 'head below heart': 0, 'neck movement': 1, 'getting down': 2 },
  }),
  known('no-floor', 'Not down to the floor', 'Everything standing or on a chair.', each('getting down')),
  known('blood-pressure', 'High blood pressure', 'No long hard holds, no held breath, head above the heart.', {
    watch: { 'holding hard': 2, 'head below heart': 2, effort: 7 },
    ease: { 'holding hard': 1, 'head below heart': 1, effort: 6 },
    avoid: { 'holding hard': 0, 'head below heart': 0, effort: 5 },
  }),
  known('pregnancy', 'Pregnancy', 'Not flat on the back or on the front for long; balance and impact with care.', {
    watch: { 'lying prone': 1, 'lying supine': 2, balance: 2, impact: 2, effort: 7 },
    ease: { 'lying prone': 0, 'lying supine': 1, balance: 1, impact: 1, 'head below heart': 1, effort: 6 },
    avoid: {
      'lying prone': 0,
      'lying supine': 0,
      balance: 1,
      impact: 0,
      'head below heart': 0,
      'back twisting': 2,
      'holding hard': 1,
      effort: 5,
    },
  }),
  known('osteoporosis', 'Osteoporosis', 'No loaded bending or twisting of the back, no sit-up shapes.', {
    watch: { 'back bending': 2, 'back twisting': 2, 'back load': 2 },
    ease: { 'back bending': 1, 'back twisting': 1, 'back load': 1, impact: 2 },
    avoid: { 'back bending': 0, 'back twisting': 1, 'back load': 0, impact: 1 },
  }),
  known('heart-lung', 'Heart or lung condition', 'Build up slowly, no hard holds; breath to talk.', {
    watch: { effort: 6, 'holding hard': 2 },
    ease: { effort: 5, 'holding hard': 1 },
    avoid: { effort: 4, 'holding hard': 0, 'head below heart': 1 },
  }),
  known('pelvic-floor', 'Pelvic floor', 'No jumping, no bearing down.', each('impact', 'holding hard')),
  known('beta-blockers', 'Beta-blockers', 'The pulse does not tell: go by effort.', effort(8, 7, 6)),
  known('new-to-exercise', 'New to exercise', 'Light, few things at once.', effort(6, 5, 4)),
  known('older', 'Older, slower to warm', 'Longer raise, softer landings.', both(effort(7, 6, 5), each('impact'))),
  known(
    'rolling',
    'Too sore to be rolled on',
    'Nothing hard pressed on it; stretch or move instead.',
    each('pressure'),
    'sided',
  ),
  known('tired', 'Tired today', 'Moving, not working.', effort(6, 5, 4)),
  known('very-mobile', 'Very mobile', 'Stop short of the end of the range.', {
    watch: { 'shoulder behind': 2, 'back arching': 2 },
    ease: { 'shoulder behind': 1, 'back arching': 1, 'hip range': 2 },
    avoid: { 'shoulder behind': 0, 'back arching': 1, 'hip range': 1 },
  }),
  known('desk-posture', 'Desk posture', 'Stiff upper back and hips: less overhead at first.', {
    watch: { 'shoulder overhead': 2 },
    ease: { 'shoulder overhead': 2, 'hip range': 2 },
    avoid: { 'shoulder overhead': 1, 'hip range': 2 },
  }),
  known('no-push-up', 'No push-up yet', 'Hands higher: wall, bench, knees.', {
    watch: { 'shoulder bearing': 2 },
    ease: { 'shoulder bearing': 1 },
    avoid: { 'shoulder bearing': 1, 'wrist bearing': 2 },
  }),
  known('heels-up', 'Heels do not reach the floor', 'Heels on a plate, shallower squats.', {
    watch: { 'ankle range': 2 },
    ease: { 'ankle range': 1 },
    avoid: { 'ankle range': 1, 'knee bend': 2 },
  }),
];

/** A limitation by its id. */
export function limitationOf(id: string): Limitation | undefined {
  return LIMITATIONS.find((limitation) => limitation.id === id);
}

/** Limitations with which the pulse does not tell how hard somebody works: they go by effort. From the brief. */
const PULSE_HIDES: ReadonlySet<string> = new Set(['beta-blockers', 'heart-lung']);

/** Whether somebody's pulse tells how hard they work. */
export function pulseTells({ limits }: { readonly limits: readonly Limit[] }): boolean {
  return !limits.some((limit) => limit.kind === 'known' && PULSE_HIDES.has(limit.limitationId));
}
