import { describe, expect, it } from 'vitest';
import { newStudioSchema } from './account.ts';
import { check } from './check.ts';
import { circuitSchema } from './circuit.ts';
import { drillSchema } from './drill.ts';
import { personDocumentSchema } from './person.ts';
import { siteSaveSchema } from './studio.ts';
import { fieldName } from './words.ts';

const messages = (schema: Parameters<typeof check>[0], value: unknown): readonly string[] => {
  const checked = check(schema, value);
  return checked.ok ? [] : checked.errors.map(({ message }) => message);
};

describe('what is wrong with a field', () => {
  it('is said in words for the person who filled it in', () => {
    const studio = { studioName: '', coachName: 'Ebba', email: 'ebba', password: 'short', timeZone: 'Mars/Olympus' };
    expect(messages(newStudioSchema, studio)).toEqual([
      'Studio name is empty',
      'E-mail is not an e-mail address',
      'Password: at least 10 characters',
      'Time zone is not a time zone, such as Europe/London',
    ]);
  });

  it('calls a field by its name, wherever it lies', () => {
    expect(
      messages(circuitSchema, {
        title: 'x',
        notBefore: '',
        notAfter: '',
        blocks: [{ pick: null, pickWithin: null, lines: [{}] }],
      }),
    ).toEqual(expect.arrayContaining(['Purpose is missing', 'Kind is missing']));
    expect(messages(personDocumentSchema, { birthYear: 'then' })).toContain('Birth year is not a number');
    expect(fieldName(2)).toBe('Number 3');
    expect(fieldName('shortestUseful')).toBe('Shortest useful');
  });

  it('is never in the words of the schema library', () => {
    const odd: readonly unknown[] = [
      null,
      0,
      '',
      [],
      {},
      { name: 1, aliases: 'none', effort: 'much', phases: [] },
      -1,
      true,
    ];
    const said = [circuitSchema, drillSchema, personDocumentSchema, siteSaveSchema, newStudioSchema].flatMap((schema) =>
      odd.flatMap((value) => messages(schema, value)),
    );
    expect(said.length).toBeGreaterThan(100);
    for (const words of said) {
      expect(words).not.toMatch(
        /must be|is required|not allowed|fails to match|length must|does not match|undefined|\{\{/,
      );
    }
  });
});
