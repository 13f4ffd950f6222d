import { expect, it } from 'vitest';
import { clashLines } from './clashWords.ts';
import { testSession } from '../testing/testSession.ts';
import { NO_CLASHES, type InBook } from './useClashes.ts';

const session = testSession;
const { id, coachId, siteId, groupId, purpose, notBefore, notAfter } = session;
const booked: InBook = {
  ...{ id, coachId, siteId, groupId, purpose, notBefore, notAfter },
  startsAt: Date.parse(session.startsAt) / 1000,
  lasts: 720,
  session,
};
const wanted = { ...booked, id: '', purpose: 'stretch', notBefore: 'fast work' };
const words = (clashes: Parameters<typeof clashLines>[0]) =>
  clashLines(clashes, () => 'Hall').map((line) => line.words);

it('says nothing of nothing', () => {
  expect(words(NO_CLASHES)).toEqual([]);
});

it('says who is busy, and where is taken', () => {
  const held = [{ with: booked, of: 'site' } as const, { with: booked, of: 'both' } as const];
  expect(words({ ...NO_CLASHES, held })).toEqual([
    expect.stringMatching(/^Hall is taken: “Sprint start-up”, .* 18:00, 12 minutes\.$/),
    expect.stringMatching(/^Nkechi is busy: “Sprint start-up”, /),
  ]);
});

it('says which of the two keeps apart, and from what', () => {
  const says = 'not before fast work';
  expect(words({ ...NO_CLASHES, tooClose: [{ with: booked, says, of: wanted }] })).toEqual([
    expect.stringMatching(/^This is marked “not before fast work”: “Sprint start-up”, .* 18:00, same group\.$/),
  ]);
  expect(words({ ...NO_CLASHES, tooClose: [{ with: booked, says, of: booked }] })).toEqual([
    expect.stringMatching(/^“Sprint start-up” is marked “not before fast work”: .* 18:00, same group\.$/),
  ]);
});
