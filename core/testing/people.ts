import fc from 'fast-check';
import { DEMANDS } from '../drills/demand.ts';
import { LIMIT_SEVERITIES, type Limit, type LimitSeverity, type LimitSide } from '../people/limitation.ts';
import { LIMITATIONS } from '../people/limitations.ts';
import { ABILITIES, PATTERNS, READINESS, UNKNOWN_PERSON, type Person } from '../people/person.ts';
import { REGIONS } from '../people/region.ts';

/** The day on which invented people train. */
export const TEST_DAY = '2026-11-25';

/** Somebody with nothing to mind, with whatever a test cares about put in. */
export function testPerson(change: Partial<Person> = {}): Person {
  return { ...UNKNOWN_PERSON, id: 'somebody', name: 'Somebody', consentOn: TEST_DAY, ...change };
}

/** A known limitation. */
export function limit(limitationId: string, severity: LimitSeverity = 'avoid', side: LimitSide = 'both'): Limit {
  return { kind: 'known', limitationId, severity, side, until: '' };
}

const side = fc.constantFrom<LimitSide[]>('both', 'left', 'right');
const until = fc.constantFrom('', '2026-11-24', '2026-12-31');

/** Any limit, ended or not. */
export const anyLimit: fc.Arbitrary<Limit> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({
      kind: fc.constant('known' as const),
      limitationId: fc.constantFrom(...LIMITATIONS.map(({ id }) => id)),
      severity: fc.constantFrom(...LIMIT_SEVERITIES),
      side,
      until,
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      kind: fc.constant('own' as const),
      capped: fc.constantFrom(...DEMANDS),
      most: fc.integer({ min: 0, max: 2 }),
      side,
      until,
    }),
  },
);

/** Anybody a class may hold. */
export const anyPerson: fc.Arbitrary<Person> = fc
  .record({
    id: fc.uuid(),
    limits: fc.array(anyLimit, { maxLength: 3 }),
    ability: fc.dictionary(fc.constantFrom(...PATTERNS), fc.constantFrom(...ABILITIES), { maxKeys: 3 }),
    state: fc.constantFrom(...READINESS),
    sore: fc.subarray([...REGIONS], { maxLength: 2 }),
    held: fc.integer({ min: 0, max: 9 }).map((one) => one === 0),
  })
  .map(({ id, limits, ability, state, sore, held }) =>
    testPerson({
      id,
      limits,
      ability,
      readiness: { day: TEST_DAY, state, sore },
      holds: held ? [{ since: '2026-11-01', why: 'operation or illness', clearedBy: '', clearedOn: '' }] : [],
    }),
  );

/** A whole class. */
export const anyClass: fc.Arbitrary<readonly Person[]> = fc.uniqueArray(anyPerson, {
  minLength: 1,
  maxLength: 16,
  selector: ({ id }) => id,
});
