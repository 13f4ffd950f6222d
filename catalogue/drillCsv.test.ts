import { parse } from 'csv-parse/sync';
import { describe, expect, it } from 'vitest';
import { DRILL_COLUMNS, readDrillCsv, writeDrillCsv } from '@prompt-spark/core/formats/drillCsv';
import { catalogue } from './index.ts';

const csv = writeDrillCsv(catalogue);

describe('the library as CSV', () => {
  it('comes back as the same library, every drill and rung of it', () => {
    const rows = readDrillCsv(csv);
    expect(rows.map((row) => (row.ok ? row.value : row.problem))).toEqual(catalogue);
    expect(rows.map(({ line }) => line)).toEqual(catalogue.map((_, index) => index + 2));
  });

  // RFC 4180 as csv-parse, a general-purpose reader from the registry, understands it.
  it('is read by a reader that knows nothing of drills', () => {
    const records: string[][] = parse(csv, { relax_column_count: false });
    expect(records[0]).toEqual([...DRILL_COLUMNS]);
    expect(records).toHaveLength(catalogue.length + 1);
    expect(records.slice(1).map((cells) => cells[1])).toEqual(catalogue.map(({ name }) => name));
    expect(csv.endsWith('\r\n')).toBe(true);
  });

  it('says line by line what cannot be read, and never throws', () => {
    const [heading = '', first = '', second = ''] = csv.split('\r\n');
    const broken = [heading, first, second.replace(/,3,/, ',very hard,'), 'just one cell'].join('\r\n');
    const rows = readDrillCsv(broken);
    expect(rows.map(({ ok }) => ok)).toEqual([true, expect.any(Boolean), false]);
    expect(readDrillCsv('name,posture\nx,standing')).toMatchObject([{ line: 1, ok: false }]);
    expect(readDrillCsv('')).toMatchObject([{ line: 1, ok: false }]);
  });
});
