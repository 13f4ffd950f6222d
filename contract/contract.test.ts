import { anyCircuit } from '@prompt-spark/core/testing/arbitrary';
import { testLibrary } from '@prompt-spark/core/testing/drills';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import fc from 'fast-check';
import Joi from 'joi';
import { describe, expect, it } from 'vitest';
import { credentialsSchema, newStudioSchema } from './account.ts';
import { check } from './check.ts';
import { doseSchema } from './dose.ts';
import { circuitSchema } from './circuit.ts';
import { name, range, whole } from './fields.ts';
import { ADDRESSES, pathTo } from './addresses.ts';
import { newRunSchema } from './run.ts';

const paths = (schema: Joi.Schema, value: unknown) => {
  const checked = check(schema, value);
  return checked.ok ? [] : checked.errors.map(({ path }) => path);
};

describe('the circuit schema', () => {
  it('takes everything that the whiteboard can express, unchanged', () => {
    fc.assert(
      fc.property(anyCircuit, (circuit) => {
        expect(check(circuitSchema, JSON.parse(JSON.stringify(circuit)))).toEqual({ ok: true, value: circuit });
      }),
    );
  });

  it('takes whatever was read from a board, however it was written: what was typed can always be kept', () => {
    const bits = [
      'tall reach',
      'raise',
      'mobilise 2 rounds',
      '8/side',
      '30s',
      '"',
      '# ',
      'for:',
      'tags:',
      'a,b,',
      '\0',
      '½',
    ];
    const long = fc
      .tuple(fc.constantFrom('x', 'wobble ', '\ud800', '"'), fc.nat(400))
      .map(([text, times]) => text.repeat(times));
    const line = fc.array(fc.oneof(fc.constantFrom(...bits), fc.string({ unit: 'binary', maxLength: 6 }), long), {
      maxLength: 5,
    });
    fc.assert(
      fc.property(fc.array(line, { maxLength: 12 }), (lines) => {
        const { circuit } = readWhiteboard(lines.map((parts) => parts.join(' ')).join('\n'), testLibrary);
        const checked = check(circuitSchema, JSON.parse(JSON.stringify(circuit)));
        expect(checked.ok ? [] : checked.errors).toEqual([]);
      }),
      { numRuns: 2_000 },
    );
  });

  it.each<[string, unknown]>([
    ['/kind', { kind: 'ladder' }],
    ['/seconds/low', { kind: 'time', seconds: { low: 0, high: 5 } }],
    ['/seconds', { kind: 'feel', seconds: { low: 9, high: 5 } }],
    ['/count/high', { kind: 'reps', count: { low: 1, high: 1000 }, tempo: { kind: 'even', seconds: 3 } }],
    ['/tempo/seconds', { kind: 'reps', count: { low: 1, high: 2 }, tempo: { kind: 'even', seconds: 61 } }],
    ['/tempo/lift', { kind: 'reps', count: { low: 1, high: 2 }, tempo: { kind: 'phased', lower: 1, hold: 1 } }],
    ['/positions', { kind: 'holds', count: { low: 1, high: 2 }, positions: 1.5, hold: { low: 5, high: 5 }, move: 2 }],
  ])('points at %s in a dose where that is wrong', (path, dose) => expect(paths(doseSchema, dose)).toContain(path));
});

describe('a ramp', () => {
  const ramp = { kind: 'ramp', from: 2, to: 5, unit: 'effort', grade: 0, steps: 3, each: { low: 60, high: 60 } };

  it('has a length for every step, or one for all', () => {
    expect(check(doseSchema, { ...ramp, uneven: [90, 60, 45] }).ok).toBe(true);
    expect(check(doseSchema, ramp).ok).toBe(true);
    const checked = check(doseSchema, { ...ramp, uneven: [90, 60] });
    expect(checked.ok ? [] : checked.errors.map(({ message }) => message).join()).toContain('every one of its steps');
  });
});

describe('checking', () => {
  it('points at fields as RFC 6901 does, with ~ and / written out', () => {
    const schema = Joi.object({ 'a/b': Joi.object({ 'c~d': Joi.array().items(Joi.number()) }) });
    expect(paths(schema, { 'a/b': { 'c~d': [1, 'two'] } })).toEqual(['/a~1b/c~0d/1']);
  });

  it('finds everything that is wrong, not only the first of it', () => {
    expect(paths(newStudioSchema, { email: 'no', password: 'short' })).toEqual(
      expect.arrayContaining(['/studioName', '/coachName', '/email', '/password']),
    );
  });

  it('puts e-mails into one form', () => {
    expect(check(credentialsSchema, { email: ' Imke@Saltmere.Example ', password: 'x' })).toMatchObject({
      value: { email: 'imke@saltmere.example' },
    });
  });

  it('refuses names that are empty or run over a line, and ranges that run backward', () => {
    expect(check(name(), '  ').ok).toBe(false);
    expect(check(name(), 'two\nlines').ok).toBe(false);
    expect(check(range(whole(1, 9)), { low: 3, high: 2 })).toMatchObject({ ok: false });
  });

  it('refuses a run whose warmth or effort is none that can be chosen', () => {
    expect(paths(newRunSchema, { effort: 11, warm: 'boiling' })).toEqual(expect.arrayContaining(['/effort', '/warm']));
  });
});

describe('routes', () => {
  it('put an id into their path so that nothing in it can reach another', () => {
    expect(pathTo(ADDRESSES.circuit, 'a/../b')).toBe('/api/circuits/a%2F..%2Fb');
    expect(pathTo(ADDRESSES.circuits)).toBe('/api/circuits');
  });

  it('are each there once', () => {
    const all = Object.values(ADDRESSES).map(({ method, path }) => `${method} ${path}`);
    expect(new Set(all).size).toBe(all.length);
  });
});
