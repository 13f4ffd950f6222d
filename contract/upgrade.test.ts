import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { check } from './check.ts';
import { circuitSchema } from './circuit.ts';
import { SCHEMA_VERSIONS, type DocumentKind } from './documents.ts';
import { upgrade } from './upgrade.ts';

const KINDS = Object.keys(SCHEMA_VERSIONS) as DocumentKind[];

describe('an old document', () => {
  it('of a circuit gains everything that circuits have learnt since, and keeps what it has', () => {
    const { tags: _, approach: __, clock: ___, versions: ____, ...old } = emptyCircuit('Quay circuit');
    const slot = {
      kind: 'slot',
      id: 's',
      drillId: 'cat-cow',
      dose: { kind: 'time', seconds: { low: 30, high: 30 } },
      sides: 'both',
      sets: { low: 1, high: 1 },
      setRest: 0,
      rest: 0,
      pinned: true,
      optional: false,
      cue: '',
    };
    const unread = { kind: 'unread', id: 'u', text: 'wobble 9' };
    const block = { id: 'b', phase: 'raise', rounds: { low: 1, high: 1 }, roundRest: 0, lines: [slot, unread] };
    const upgraded = upgrade('circuit', { ...old, people: 4, blocks: [block] }, 0);
    const checked = check(circuitSchema, upgraded);
    expect(checked.ok ? [] : checked.errors).toEqual([]);
    expect(upgraded).toMatchObject({
      people: 4,
      tags: [],
      approach: '',
      clock: null,
      versions: [],
      noGaps: false,
      blocks: [
        {
          stations: false,
          noGaps: false,
          lines: [
            {
              pinned: true,
              extra: null,
              tracks: [],
              rung: '',
              load: null,
              growing: null,
              runsOn: false,
              doseKept: false,
            },
            unread,
          ],
        },
      ],
    });
  });

  it('of a drill gains an empty figure, and one it has stays', () => {
    expect(upgrade('drill', { name: 'Low reach' }, 0)).toEqual({ name: 'Low reach', figure: '' });
    expect(upgrade('drill', { name: 'Low reach', figure: 'reach' }, 0)).toMatchObject({ figure: 'reach' });
  });

  it.each([
    ['Big arm circles', { joint: 'shoulder', how: 'circle' }],
    ['Swing of the leg, held', { joint: 'hip', how: 'swing' }],
    ['Swing of the bell', undefined],
    ['Heel raise', undefined],
  ])('of a drill named "%s" gains the joint that its name says it moves', (name, motion) => {
    expect(upgrade('drill', { name, figure: '' }, 1)).toEqual({ name, figure: '', ...(motion ? { motion } : {}) });
  });

  it('is left as it is under today’s version', () => {
    for (const kind of KINDS) expect(upgrade(kind, { any: 'thing' }, SCHEMA_VERSIONS[kind])).toEqual({ any: 'thing' });
  });

  it('never breaks what brings it up to date, however damaged it is', () => {
    fc.assert(
      fc.property(fc.constantFrom(...KINDS), fc.anything(), fc.nat(2), (kind, document, from) => {
        expect(() => upgrade(kind, document, from)).not.toThrow();
      }),
    );
  });
});
