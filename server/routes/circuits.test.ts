import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { CircuitPage } from '@prompt-spark/contract/circuit';
import { randomUUID } from 'node:crypto';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newCircuit, signedInCoach, testServer, type TestServer, type Visitor } from '../testing/studio.ts';

let server: TestServer;
let coach: Visitor;
beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'keeper@saltmere.example'));
});
afterAll(() => server.close());

async function kept() {
  const circuit = newCircuit();
  await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
  const { id: _, ...draft } = circuit;
  const titled = (title: string, version: number) => ({
    ...draft,
    circuit: { ...draft.circuit, title },
    version,
    saveId: randomUUID(),
  });
  return { id: circuit.id, circuit, titled };
}

describe('a circuit', () => {
  it('comes back as it was sent, with its first version', async () => {
    const { id, circuit } = await kept();
    const { body } = await coach.ask(ADDRESSES.circuit, id).expect(200);
    expect(body).toMatchObject({ id, version: 1, circuit: circuit.circuit });
  });

  it('is one circuit, however often it is sent', async () => {
    const circuit = newCircuit();
    await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    const { body } = await coach.ask(ADDRESSES.circuits);
    expect((body as CircuitPage).circuits.filter(({ id }) => id === circuit.id)).toHaveLength(1);
  });

  it('gains a version with every save', async () => {
    const { id, titled } = await kept();
    expect((await coach.ask(ADDRESSES.saveCircuit, id).send(titled('Two', 1)).expect(200)).body).toMatchObject({
      version: 2,
    });
    expect((await coach.ask(ADDRESSES.saveCircuit, id).send(titled('Three', 2)).expect(200)).body).toMatchObject({
      version: 3,
    });
  });

  it('is not overwritten by a save made on an older version: both are at hand', async () => {
    const { id, titled } = await kept();
    await coach.ask(ADDRESSES.saveCircuit, id).send(titled('First window', 1)).expect(200);
    const second = await coach.ask(ADDRESSES.saveCircuit, id).send(titled('Second window', 1)).expect(409);
    expect(JSON.parse(second.text)).toMatchObject({ current: { version: 2, circuit: { title: 'First window' } } });
    expect((await coach.ask(ADDRESSES.circuit, id)).body).toMatchObject({ circuit: { title: 'First window' } });
  });

  it('takes the same save twice for one, as when the answer was lost', async () => {
    const { id, titled } = await kept();
    const save = titled('Once', 1);
    await coach.ask(ADDRESSES.saveCircuit, id).send(save).expect(200);
    expect((await coach.ask(ADDRESSES.saveCircuit, id).send(save).expect(200)).body).toMatchObject({ version: 2 });
  });

  it('says so where it was saved and somebody had taken it out, and is found again once it is brought back', async () => {
    const { id, titled } = await kept();
    expect((await coach.ask(ADDRESSES.saveCircuit, id).send(titled('Here', 1))).body).toMatchObject({
      takenOut: false,
    });
    await coach.ask(ADDRESSES.takeOutCircuit, id).expect(204);
    const save = titled('Nowhere', 2);
    expect((await coach.ask(ADDRESSES.saveCircuit, id).send(save)).body).toMatchObject({ version: 3, takenOut: true });
    expect((await coach.ask(ADDRESSES.saveCircuit, id).send(save)).body).toMatchObject({ version: 3, takenOut: true });
    await coach.ask(ADDRESSES.bringBackCircuit, id).expect(204);
    expect((await coach.ask(ADDRESSES.circuit, id)).body).toMatchObject({ circuit: { title: 'Nowhere' } });
  });

  it('lets exactly one of many saves at once through', async () => {
    const { id, titled } = await kept();
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, index) => coach.ask(ADDRESSES.saveCircuit, id).send(titled(`Window ${index}`, 1))),
    );
    expect(answers.map(({ status }) => status).toSorted()).toEqual([200, 409, 409, 409, 409, 409, 409, 409]);
  });

  it.each([
    ['/circuit/title', { title: '' }],
    ['/circuit/title', { title: 'two\nlines' }],
    ['/circuit/available', { available: -1 }],
    ['/circuit/blocks', { blocks: 'none' }],
    [
      '/circuit/blocks/0/phase',
      {
        blocks: [
          { id: 'b', phase: 'cool down', stations: false, rounds: { low: 1, high: 1 }, roundRest: 0, lines: [] },
        ],
      },
    ],
    [
      '/circuit/blocks/0/rounds',
      { blocks: [{ id: 'b', phase: 'raise', stations: false, rounds: { low: 3, high: 1 }, roundRest: 0, lines: [] }] },
    ],
    ['/circuit/extra', { extra: true }],
  ])('is refused with the path %s where that is wrong', async (path, wrong) => {
    const circuit = newCircuit();
    const answer = await coach
      .ask(ADDRESSES.addCircuit)
      .send({ ...circuit, circuit: { ...circuit.circuit, ...wrong } });
    expect(answer.status).toBe(422);
    expect((JSON.parse(answer.text) as { errors: { path: string }[] }).errors[0]?.path).toBe(path);
  });

  it.each([
    { kind: 'reps', count: { low: 8, high: 8 } },
    { kind: 'reps', count: { low: 8, high: 8 }, tempo: { kind: 'even', seconds: 0 } },
    { kind: 'time', seconds: { low: 0.3, high: 5 } },
    { kind: 'holds', count: { low: 1, high: 2 }, positions: 0, hold: { low: 5, high: 5 }, move: 2 },
    { kind: 'until tired', seconds: { low: 5, high: 5 } },
  ])('is refused with a dose like %j', async (dose) => {
    const circuit = newCircuit();
    const sent = JSON.parse(JSON.stringify(circuit)) as { circuit: { blocks: { lines: { dose: unknown }[] }[] } };
    const slot = sent.circuit.blocks[0]?.lines[0];
    if (!slot) throw new Error('The circuit has no slot.');
    slot.dose = dose;
    await coach.ask(ADDRESSES.addCircuit).send(sent).expect(422);
  });

  it('can be taken out and brought back', async () => {
    const { id } = await kept();
    const listed = async () =>
      ((await coach.ask(ADDRESSES.circuits)).body as CircuitPage).circuits.some((one) => one.id === id);
    await coach.ask(ADDRESSES.takeOutCircuit, id).expect(204);
    expect(await listed()).toBe(false);
    await coach.ask(ADDRESSES.takeOutCircuit, id).expect(404);
    await coach.ask(ADDRESSES.bringBackCircuit, id).expect(204);
    expect(await listed()).toBe(true);
  });

  it('is not handed out where what was stored does not fit the schema, and can be taken out', async () => {
    const { id } = await kept();
    await server.connection.database.execute(
      sql`update circuit set document = '{"title": 4}', schema_version = 0 where id = ${id}`,
    );
    const answer = await coach.ask(ADDRESSES.circuit, id).expect(422);
    expect(answer.type).toBe('application/problem+json');
    expect(answer.text).not.toContain('schema');
    await coach.ask(ADDRESSES.takeOutCircuit, id).expect(204);
  });

  it.each(['not-an-id', "1' or '1'='1"])('has no id like %s', async (id) => {
    await coach.ask(ADDRESSES.circuit, id).expect(404);
  });

  it('larger than half a megabyte is refused, and unreadable JSON too', async () => {
    await coach
      .ask(ADDRESSES.addCircuit)
      .send({ text: 'x'.repeat(600_000) })
      .expect(413);
    await coach.ask(ADDRESSES.addCircuit).type('json').send('{"id": ').expect(400);
  });
});
