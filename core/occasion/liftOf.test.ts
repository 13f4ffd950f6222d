import { expect, it } from 'vitest';
import type { MainSession } from '../approach/mainSession.ts';
import { USUAL_RAMP_UP } from '../dose/lift.ts';
import { libraryOf } from '../drills/library.ts';
import { testDrill } from '../testing/drills.ts';
import { withLiftOf } from './liftOf.ts';

const lift = testDrill({
  name: 'Ramp-up',
  targets: { 'pattern · squat': 0.7, 'grip · activation': 0.3 },
  usual: {
    dose: { kind: 'lift', load: 60, unit: 'kg', reps: 5, steps: USUAL_RAMP_UP },
    sides: 'both',
  },
});
const library = libraryOf([lift, testDrill({ name: 'Tall reach' })]);
const session = (needs: MainSession['needs']): MainSession => ({
  id: 'own',
  name: 'Own',
  words: [],
  needs,
  holds: 'usual',
});
const targetsFor = (needs: MainSession['needs']) => withLiftOf(library, session(needs)).drills[0]?.targets;

it('prepares what the session lifts, the most of it most strongly, and its grip as before', () => {
  expect(targetsFor({ 'pattern · push': 0.8, 'shoulder · overhead': 1 })).toEqual({
    'pattern · push': 0.7,
    'grip · activation': 0.3,
  });
  const both = targetsFor({ 'pattern · squat': 1, 'pattern · hinge': 0.5 });
  expect(both).toMatchObject({ 'pattern · squat': 0.7, 'pattern · hinge': 0.35, 'grip · activation': 0.3 });
});

it('stays as it is where nothing is lifted, and is one library for one session', () => {
  expect(withLiftOf(library, undefined)).toBe(library);
  expect(withLiftOf(library, session({ 'pattern · run': 1 }))).toBe(library);
  const pressing = session({ 'pattern · push': 1 });
  expect(withLiftOf(library, pressing)).toBe(withLiftOf(library, pressing));
  expect(withLiftOf(library, pressing).drills[1]).toBe(library.drills[1]);
});
