import type { Group } from '@prompt-spark/contract/studio';
import type { PersonRecord } from '@prompt-spark/contract/person';
import { usePlacesStore } from '../library/places.ts';
import { usePeopleStore } from './people.ts';
import { say } from './say.ts';

/** The group that holds one person and nobody else, if there is one. */
export function ownGroupOf(
  { id, groupIds }: Pick<PersonRecord, 'id' | 'groupIds'>,
  groups: readonly Pick<Group, 'id' | 'people'>[],
  records: readonly Pick<PersonRecord, 'id' | 'groupIds'>[],
): string | undefined {
  return groupIds.find(
    (groupId) =>
      groups.some((group) => group.id === groupId && group.people <= 1) &&
      records.every((other) => other.id === id || !other.groupIds.includes(groupId)),
  );
}

/** The group that a client trains in alone, made where there is none: a circuit and a session are for a group, also of one. */
export async function clientsGroup(personId: string): Promise<string> {
  const people = usePeopleStore();
  const places = usePlacesStore();
  await Promise.all([people.load(), places.load()]);
  const record = people.recordOf(personId);
  if (!record) throw new Error(say.client.noLongerYours);
  const known = ownGroupOf(record, places.places.groups, people.records);
  if (known !== undefined) return known;
  const { id } = await places.addGroup(nameFor(record.document.name, places.places.groups));
  await people.save(personId, [...record.groupIds, id], record.document);
  return id;
}

/** The first name, as it is called; with a number where a group has it already. */
function nameFor(name: string, groups: readonly Pick<Group, 'name'>[]): string {
  const first = name.trim().split(/\s+/)[0] ?? name;
  const taken = new Set(groups.map((group) => group.name.toLowerCase()));
  const names = [first, ...Array.from({ length: groups.length }, (_, at) => `${first} ${String(at + 2)}`)];
  return names.find((one) => !taken.has(one.toLowerCase())) ?? name;
}
