import type { Person } from './person.ts';

type Knower = Pick<Person, 'familiar' | 'choices'>;

/** Ids of the drills that each of these people knows: those they are said to, and those chosen for them before; none where nobody is named. */
export function familiarToAll(people: readonly Knower[]): ReadonlySet<string> {
  const [first, ...others] = people.map(knownTo);
  return new Set([...(first ?? [])].filter((id) => others.every((known) => known.has(id))));
}

const knownTo = ({ familiar, choices }: Knower): ReadonlySet<string> =>
  new Set([...familiar, ...choices.map(({ drillId }) => drillId)]);
