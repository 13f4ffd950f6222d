import type { CoachedPeople, PersonRecord } from '@prompt-spark/contract/person';
import { call } from './call.ts';

/** The people a coach coaches, page after page. */
export async function* pagesOfPeople(): AsyncGenerator<CoachedPeople> {
  let after: string | null = null;
  do {
    const page: CoachedPeople = await call('people', { query: after === null ? {} : { after } });
    yield page;
    after = page.next;
  } while (after !== null);
}

/** Everybody a coach coaches. */
export async function everybody(): Promise<readonly PersonRecord[]> {
  const people: PersonRecord[] = [];
  for await (const page of pagesOfPeople()) people.push(...page.people);
  return people;
}
