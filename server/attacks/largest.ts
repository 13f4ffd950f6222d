import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { MOST_CHOICES } from '@prompt-spark/contract/person';
import { catalogue } from '@prompt-spark/catalogue';
import { MOST_LINES, MOST_STRETCHES } from '@prompt-spark/core/circuit/bounds';
import { writeDrillCsv } from '@prompt-spark/core/formats/drillCsv';
import { testPerson } from '@prompt-spark/core/testing/people';
import { randomUUID } from 'node:crypto';
import type { Try } from '../testing/everyBody.ts';
import { newCircuit, newRun, type Visitor } from '../testing/studio.ts';

/** A request that is in order and as large as may be, with the status of its answer. */
export interface LargeTry {
  readonly what: string;
  readonly try: Try;
  readonly status: number;
}

/** The largest of everything that a coach may send. */
export async function largestBodies(coach: Visitor): Promise<readonly LargeTry[]> {
  const long = newCircuit(
    `# Long\nraise\n${'  body-weight squat 12-15 @2-1-2 rest 10s "chest up"\n'.repeat(MOST_LINES)}`,
  );
  // Three slots, five rounds, fifty sets: seven hundred and fifty times to work.
  const many = newCircuit(`# Many\nraise 5 rounds\n${'  body-weight squat 50x12 set rest 5s\n'.repeat(3)}`);
  await coach.ask(ADDRESSES.addCircuit).send(long).expect(201);
  const run = newRun(long);
  const turns = Array.from({ length: MOST_STRETCHES }, () => run.turns[0]);
  const choice = {
    circuitId: long.id,
    slotId: 'line-3',
    drillId: 'cat-cow',
    variantId: 'cat-cow',
    day: '',
    answeredBy: '',
    answeredOn: '',
  };
  const { id: _, ...person } = testPerson();
  const document = { ...person, name: 'Ebba Quay', choices: Array.from({ length: MOST_CHOICES }, () => choice) };
  const people = Array.from({ length: 5000 }, (_one, at) => `Ebba Quay ${String(at)},1990,,,,,,,,`);
  const heading = 'name,birth year,groups,limits,ability,stiffer side,familiar drills,kit,notes,consent on';
  const drills = Array.from({ length: 2 }, (_one, copy) =>
    catalogue.map((drill) => ({
      ...drill,
      id: `${drill.id.slice(0, 50)}-own-${String(copy)}`,
      name: `${drill.name.slice(0, 60)} own ${String(copy)}`,
      aliases: [],
    })),
  ).flat();
  return [
    {
      what: 'a circuit of many lines',
      try: { route: ADDRESSES.addCircuit, body: { ...long, id: randomUUID() } },
      status: 201,
    },
    { what: 'a circuit of many rounds and sets', try: { route: ADDRESSES.addCircuit, body: many }, status: 201 },
    { what: 'a run of many turns', try: { route: ADDRESSES.addRun, body: { ...run, turns } }, status: 201 },
    {
      what: 'somebody with many choices',
      try: { route: ADDRESSES.savePerson, id: randomUUID(), body: { version: null, groupIds: [], document } },
      status: 200,
    },
    {
      what: 'a file of many people',
      try: { route: ADDRESSES.importPeople, body: { csv: [heading, ...people].join('\n') } },
      status: 200,
    },
    {
      what: 'a file of many drills',
      try: { route: ADDRESSES.importDrills, body: { csv: writeDrillCsv(drills) } },
      status: 200,
    },
  ];
}
