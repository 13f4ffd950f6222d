import fc from 'fast-check';
import webvtt from 'node-webvtt';
import { expect, it } from 'vitest';
import { occasionOf } from '../occasion/occasion.ts';
import { writePrompts } from '../prompts/writePrompts.ts';
import { anyCircuit } from '../testing/arbitrary.ts';
import { testLibrary } from '../testing/drills.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import { writeWebVtt } from './webVtt.ts';

const plain = (text: string) => text.replaceAll('&lt;', '<').replaceAll('&gt;', '>').replaceAll('&amp;', '&');

it('is read by an outside reader as the prompts it was written from', () => {
  fc.assert(
    fc.property(anyCircuit, fc.string(), (circuit, cue) => {
      const spoken = {
        ...circuit,
        blocks: circuit.blocks.map((block) => ({
          ...block,
          lines: block.lines.map((line) => (line.kind === 'slot' ? { ...line, cue } : line)),
        })),
      };
      const { segments } = timeCircuit(spoken, occasionOf({ library: testLibrary }));
      const { prompts } = writePrompts({ circuit: spoken, segments, library: testLibrary, talk: 'teaching' });
      const said = prompts.filter(({ text }) => text.trim() !== '');
      const { valid, cues } = webvtt.parse(writeWebVtt(circuit.title, said));
      expect(valid).toBe(true);
      expect(cues.map(({ text }) => plain(text))).toEqual(said.map(({ text }) => text.replace(/\s+/g, ' ').trim()));
      cues.forEach(({ start, end }, index) => {
        expect(start).toBeCloseTo(said[index]?.at ?? NaN, 2);
        expect(end).toBeGreaterThan(start);
      });
    }),
    { numRuns: 200 },
  );
});
