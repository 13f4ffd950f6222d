import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { writeWhiteboard } from '@prompt-spark/core/whiteboard/writeWhiteboard';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { NOTATION_EXAMPLES } from '@prompt-spark/core/whiteboard/examples';
import { readLine } from '@prompt-spark/core/whiteboard/lineReader';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const examples = NOTATION_EXAMPLES.flatMap(({ examples: lines }) => lines);

/** The circuit that model.md writes to show the notation. */
const SAMPLE = `# Thursday mixed circuit
for: squat day
in: 8:00
people: 14
lanes: 4

raise
  easy jog 10 m x4 @2m/s
  skipping rope 60s rest 10s
mobilise 2 rounds rest 20s
  lateral lunge 8-10/side alt
  cat-cow 8 @4s
  half-kneeling hip flexor stretch 2x10s/side
activate
  glute bridge 10 @2-1-2 !
  lateral band walk 10/way ?
potentiate
  treadmill walk ramp 0.5>2.5 mph at 10% 5x60s
  leg swing feel 20-40s/side
`;

describe('the notation', () => {
  it.each(examples)('reads the help page’s “$line”', ({ line }) => {
    expect(readLine(line, library, 'a').kind).not.toBe('problem');
    const { circuit, problems } = readWhiteboard(line, library);
    expect(problems).toEqual([]);
    expect(
      readWhiteboard(writeWhiteboard(circuit, library), library).circuit.blocks.map(({ lines }) => lines.length),
    ).toEqual(circuit.blocks.map(({ lines }) => lines.length));
  });

  it('reads the whole sample of the model, and writes a circuit that reads back the same', () => {
    const { circuit, problems } = readWhiteboard(SAMPLE, library);
    expect(problems).toEqual([]);
    const again = readWhiteboard(writeWhiteboard(circuit, library), library).circuit;
    const bare = (text: typeof circuit): unknown =>
      JSON.parse(JSON.stringify(text, (key, value: unknown) => (key === 'id' ? '' : value)));
    expect(bare(again)).toEqual(bare(circuit));
  });

  it('reads names that hold digits, commas and slashes', () => {
    for (const line of ['90/90 lean and turn 30s/side', 'row, easy 2min', 'hip airplane, assisted 8x3-5s/side']) {
      expect(readLine(line, library, 'a').kind).toBe('slot');
    }
  });
});
