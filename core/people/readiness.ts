import { readinessOn, type Hold, type Person, type Readiness } from './person.ts';
import { type Region } from './region.ts';

/** What somebody says that holds them to light effort until they are cleared. From the brief. */
const HELD_FOR: Readonly<Partial<Record<Readiness, Hold['why']>>> = {
  'red flag': 'red flag',
  returning: 'operation or illness',
};

/** Somebody with how they come on a day. A red flag, and a return, hold them until a coach records who cleared them. */
export function withReadiness<P extends Pick<Person, 'readiness' | 'holds'>>(
  person: P,
  day: string,
  state: Readiness,
): P {
  const why = HELD_FOR[state];
  const stands = person.holds.some((hold) => hold.why === why && hold.clearedOn === '');
  const holds =
    why === undefined || stands ? person.holds : [...person.holds, { since: day, why, clearedBy: '', clearedOn: '' }];
  return { ...person, holds, readiness: { day, state, sore: [] } };
}

/** Somebody sore on a day, with a region put in or, where it was said before, taken out. */
export function withSoreRegion<P extends Pick<Person, 'readiness'>>(person: P, day: string, region: Region): P {
  const { sore: now } = readinessOn(person, day);
  const sore = now.includes(region) ? now.filter((one) => one !== region) : [...now, region];
  return { ...person, readiness: { day, state: 'sore', sore } };
}
