import { describe, expect, it } from 'vitest';
import { MAIN_SESSIONS } from './mainSessions.ts';
import { mainSessionOf } from './meantSession.ts';

const meant = (words: string): string => mainSessionOf(words)?.id ?? 'none';

describe('the main session that words mean', () => {
  // What coaches call their days and classes. Common practice, no source.
  it.each([
    [
      'squat-hinge',
      'squat day, squats, Deadlifts, leg day, legs, leg press, hinge, glutes, lower body, hip thrusts, split squats, lunges, powerlifting, RDLs, front squats, hamstrings',
    ],
    [
      'overhead-press',
      'Overhead pressing, bench, bench press, upper body, push day, pull-ups, chin ups, shoulders, chest and arms, dips, upper body strength, pull day, press-ups',
    ],
    [
      'running-field',
      'run, 5k, running club, sprints, football, soccer, rugby training, hill repeats, track, intervals, 10k, half marathon, jogging, athletics, hurdles',
    ],
    ['jump-court', 'jumps, basketball, volleyball, netball match, plyometrics, box jumps, handball, futsal, skipping'],
    ['striking', 'boxing class, kickboxing, pads, sparring, karate, punching, taekwondo'],
    ['grappling', 'judo, wrestling, mat work, bjj, jiu-jitsu'],
    ['rowing', 'rowing, the rower, kayaking, paddling, erg, hauling, canoe'],
    ['mixed-circuit', 'circuits, mixed class, HIIT, bootcamp, full body, conditioning, metcon, workout'],
    ['desk-reset', 'desk reset, the office, posture, computer'],
    ['manual-work', 'digging and lifting, garden, yard work, warehouse, shovelling'],
    ['swing-throw', 'golf, cricket nets, throwing, javelin, bowling, softball, batting'],
    ['swim-climb', 'swim, swimming, pool, bouldering, climbing, surfing'],
    ['cycling', 'bike, cycling, spin class, a long ride, turbo'],
    ['dance-floor', 'ballet, dance class, handstands, barre'],
    ['yoga-range', 'yoga, pilates, splits, mobility class, flexibility'],
  ])('is %s for “%s”', (id, said) => {
    for (const words of said.split(', ')) expect([words, meant(words)]).toEqual([words, id]);
  });

  it('is several at once where several are said, and needs the most of each', () => {
    const both = mainSessionOf('squat and press');
    expect(both?.id).toBe('squat-hinge+overhead-press');
    expect(both?.name).toBe('Squat or hinge strength and Overhead or pressing');
    expect(both?.needs).toMatchObject({ 'pattern · squat': 1, 'shoulder · overhead': 1, 'trunk · activation': 0.7 });
    expect(meant('hauling and jumping')).toBe('jump-court+rowing');
    expect(meant('clean and jerk')).toBe('squat-hinge+overhead-press');
  });

  it('goes by whole words: none is found inside another', () => {
    for (const words of [
      'throwback',
      'trunks',
      'crowd',
      'impressive',
      'basket weaving',
      'brown',
      'parking',
      'legend',
      'armchair',
      '',
    ])
      expect([words, meant(words)]).toEqual([words, 'none']);
  });

  it('goes by a studio’s own words before those that ship, and by the whole name of what it made', () => {
    const [first] = MAIN_SESSIONS;
    if (!first) throw new Error('No main session ships.');
    const own = { ...first, id: 'own', name: 'Gig rowing', words: ['oars', 'golf'] };
    const sessions = [own, ...MAIN_SESSIONS];
    expect(mainSessionOf('golf', sessions)?.id).toBe('own');
    expect(mainSessionOf('Gig rowing', sessions)?.id).toBe('own');
    expect(mainSessionOf('rowing', sessions)?.id).toBe('rowing');
  });

  it('knows at least eighty words, each for itself', () => {
    const words = new Set(MAIN_SESSIONS.flatMap((session) => session.words));
    expect(words.size).toBeGreaterThanOrEqual(80);
    for (const word of words) expect([word, meant(word)]).not.toEqual([word, 'none']);
  });

  it('is found by its own name, every one of them', () => {
    for (const { id, name } of MAIN_SESSIONS) expect(meant(name)).toBe(id);
  });
});
