import { catalogue } from '@prompt-spark/catalogue';
import type { OwnDrills } from '@prompt-spark/contract/drill';
import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { readDrillCsv, writeDrillCsv } from '@prompt-spark/core/formats/drillCsv';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { signedInCoach, testServer, type TestServer, type Visitor } from '../testing/studio.ts';

let server: TestServer;
let coach: Visitor;
beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'drills@saltmere.example'));
});
afterAll(() => server.close());

const lunge = catalogue.find(({ name }) => name === 'Lateral lunge');
const ownDrill = (name: string, change: Partial<Drill> = {}): Drill => {
  if (!lunge) throw new Error('There is no lateral lunge.');
  return { ...lunge, id: `own-${name.toLowerCase().replaceAll(' ', '-')}`, name, aliases: [], ...change };
};
const names = async (visitor: Visitor) =>
  ((await visitor.ask(ADDRESSES.drills).expect(200)).body as OwnDrills).drills.map(({ drill }) => drill.name);

describe('a drill of the studio’s own', () => {
  it('is added, changed and taken out, and no other studio sees it', async () => {
    const drill = ownDrill('Harbour lunge');
    expect((await coach.ask(ADDRESSES.addDrill).send(drill).expect(201)).body).toEqual({ drill, version: 1 });
    expect(await names(coach)).toContain('Harbour lunge');
    const { coach: stranger } = await signedInCoach(server, 'other-drills@saltmere.example');
    expect(await names(stranger)).not.toContain('Harbour lunge');
    await stranger.ask(ADDRESSES.saveDrill, drill.id).send({ drill, version: 1 }).expect(404);
    await stranger.ask(ADDRESSES.takeOutDrill, drill.id).expect(404);

    const changed = { ...drill, felt: 'all of it' };
    await coach.ask(ADDRESSES.saveDrill, drill.id).send({ drill: changed, version: 1 }).expect(200);
    await coach.ask(ADDRESSES.saveDrill, drill.id).send({ drill, version: 1 }).expect(409);
    await coach.ask(ADDRESSES.takeOutDrill, drill.id).expect(204);
    expect(await names(coach)).not.toContain('Harbour lunge');
    await coach.ask(ADDRESSES.addDrill).send(drill).expect(201);
  });

  it('may not take a name or an alias that is taken, nor be one of the catalogue’s', async () => {
    await coach.ask(ADDRESSES.addDrill).send(ownDrill('Side Lunge')).expect(422);
    await coach
      .ask(ADDRESSES.addDrill)
      .send(ownDrill('Quay lunge', { aliases: ['crab walk'] }))
      .expect(422);
    if (lunge) await coach.ask(ADDRESSES.saveDrill, lunge.id).send({ drill: lunge, version: 1 }).expect(404);
    await coach.ask(ADDRESSES.takeOutDrill, 'lateral-lunge').expect(404);
  });

  it('is refused with what is wrong where its sheet is not whole or its ladder out of order', async () => {
    const answer = await coach
      .ask(ADDRESSES.addDrill)
      .send(ownDrill('Thin lunge', { targets: {} }))
      .expect(422);
    expect(answer.text).toContain('lacks a target');
    await coach
      .ask(ADDRESSES.addDrill)
      .send({ ...ownDrill('Odd lunge'), posture: 'floating' })
      .expect(422);
    const upside = ownDrill('Upside lunge');
    await coach
      .ask(ADDRESSES.addDrill)
      .send({ ...upside, ladder: upside.ladder.toReversed() })
      .expect(422);
  });
});

describe('a library as CSV', () => {
  const take = async (csv: string) => (await coach.ask(ADDRESSES.importDrills).send({ csv })).body as unknown;

  it('that holds only what is there adds nothing', async () => {
    expect(await take(writeDrillCsv(catalogue))).toEqual({ added: 0, same: catalogue.length, problems: [] });
  });

  it('adds what is new', async () => {
    const csv = writeDrillCsv([...catalogue.slice(0, 3), ownDrill('Pier lunge'), ownDrill('Slip lunge')]);
    expect(await take(csv)).toEqual({ added: 2, same: 3, problems: [] });
    expect(await names(coach)).toEqual(expect.arrayContaining(['Pier lunge', 'Slip lunge']));
  });

  it('with one bad line is left out whole, with a report of every bad line', async () => {
    const good = writeDrillCsv([ownDrill('Buoy lunge'), ownDrill('Rope lunge', { posture: 'standing' })]);
    const broken = good.replace('Rope lunge', 'crab walk').trimEnd() + '\r\nonly one cell\r\n';
    const report = (await take(broken)) as { added: number; problems: { line: number }[] };
    expect(report.added).toBe(0);
    expect(new Set(report.problems.map(({ line }) => line))).toEqual(new Set([3, 4]));
    expect(await names(coach)).not.toContain('Buoy lunge');
    expect(readDrillCsv(broken)).toHaveLength(3);
  });
});

describe('a site', () => {
  it('is added and changed, and a change made on an older version is told what stands there now', async () => {
    const { coach } = await signedInCoach(server, 'sites@saltmere.example');
    const details = {
      name: 'Net loft',
      timeZone: 'Europe/Lisbon',
      lanes: 2,
      laneMetres: 9.144,
      lapMetres: 0,
      mats: 6,
      loopBands: 0,
      walls: 4,
      kit: ['bench'],
      counts: { bench: 4 },
      plates: { unit: 'lb', bar: 35, smallest: 2.5 },
    };
    const id = randomUUID();
    const added = await coach.ask(ADDRESSES.saveSite, id).send({ version: null, site: details }).expect(200);
    expect(added.body).toEqual({ ...details, id, version: 1 });
    const changed = { ...details, mats: 8 };
    await coach.ask(ADDRESSES.saveSite, id).send({ version: 1, site: changed }).expect(200);
    const late = await coach.ask(ADDRESSES.saveSite, id).send({ version: 1, site: details }).expect(409);
    expect(late.body).toMatchObject({ current: { mats: 8, version: 2 } });
    const { sites } = (await coach.ask(ADDRESSES.places).expect(200)).body as { sites: unknown[] };
    expect(sites).toContainEqual({ ...changed, id, version: 2 });
  });

  it('is refused with a time zone or a plate that there is not', async () => {
    const { coach } = await signedInCoach(server, 'nowhere@saltmere.example');
    const { sites } = (await coach.ask(ADDRESSES.places)).body as { sites: { id: string; version: number }[] };
    const [{ id, version, ...site } = { id: '', version: 0 }] = sites;
    const refused = async (change: object) => {
      const { body } = await coach
        .ask(ADDRESSES.saveSite, id)
        .send({ version, site: { ...site, ...change } })
        .expect(422);
      return (body as { errors: { path: string }[] }).errors.map(({ path }) => path);
    };
    expect(await refused({ timeZone: 'Saltmere/Harbour' })).toEqual(['/site/timeZone']);
    expect(await refused({ plates: { unit: 'kg', bar: 20, smallest: 0 } })).toEqual(['/site/plates/smallest']);
  });
});
