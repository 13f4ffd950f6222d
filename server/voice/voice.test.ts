import { chmodSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { afterAll, describe, expect, it } from 'vitest';
import { WaveFile } from 'wavefile';
import { clipFolder } from './clipFolder.ts';
import { espeakSpeaker } from './speaker.ts';
import { lengthOf, levelled, NotSound, readWav, writeWav } from './wav.ts';

const folder = mkdtempSync(join(tmpdir(), 'voice-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const manner = { voice: 'en', speed: 165, pitch: 50 } as const;
const speaker = espeakSpeaker({ program: 'espeak-ng', folder: join(folder, 'clips') });

/** A program that does something else than speaking. */
function program(name: string, script: string): string {
  const path = join(folder, name);
  writeFileSync(path, `#!/bin/sh\n${script}\n`);
  chmodSync(path, 0o755);
  return path;
}

describe('a spoken line', () => {
  it('is a WAV file that an outside reader reads, without silence, as loud as every other', async () => {
    const { clips } = await speaker.speak({ ...manner, texts: ['Cat-cow, on hands and knees.', 'Halfway.'] });
    expect(clips.map(({ text }) => text)).toEqual(['Cat-cow, on hands and knees.', 'Halfway.']);
    for (const { wav, seconds } of clips) {
      const read = new WaveFile(Buffer.from(wav, 'base64'));
      const samples = [...read.getSamples(false, Int16Array)].flatMap((part) =>
        typeof part === 'number' ? part : [...part],
      );
      expect(samples.length / (read.fmt as { sampleRate: number }).sampleRate).toBeCloseTo(seconds, 6);
      const peak = samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0);
      expect(peak / 32_767).toBeCloseTo(0.75, 2);
      const quiet = samples.findIndex((sample) => Math.abs(sample) > 0.01 * 32_767);
      expect(quiet / 22_050).toBeLessThan(0.1);
    }
    const [long, short] = clips.map(({ seconds }) => seconds);
    expect(long).toBeGreaterThan(1);
    expect(long).toBeGreaterThan(short ?? Infinity);
  });

  it('is the same the second time, from disk, without the program', async () => {
    const wish = { ...manner, texts: ['Lateral lunge, left side.'] };
    const first = await speaker.speak(wish);
    const again = await espeakSpeaker({ program: '/nowhere', folder: join(folder, 'clips') }).speak(wish);
    expect(again).toEqual(first);
  });

  it('is data, never a word of a command', async () => {
    const mark = join(folder, 'mark');
    const texts = [`$(touch ${mark})`, `; touch ${mark}`, `-w ${mark}`, `\`touch ${mark}\``, `--path=${mark} ready`];
    const { clips } = await speaker.speak({ ...manner, texts });
    expect(clips).toHaveLength(texts.length);
    expect(readdirSync(folder)).not.toContain('mark');
  });

  it('differs by voice, speed and pitch', async () => {
    const of = async (change: object) =>
      (await speaker.speak({ ...manner, texts: ['Change sides.'], ...change })).clips[0];
    const plain = await of({});
    for (const change of [{ voice: 'en+f3' }, { speed: 120 }, { pitch: 90 }])
      expect((await of(change))?.wav).not.toBe(plain?.wav);
    expect((await of({ speed: 110 }))?.seconds).toBeGreaterThan(plain?.seconds ?? Infinity);
  });

  it('of forty drills is spoken while the process goes on with its work', async () => {
    let turns = 0;
    const goOn = () => {
      turns += 1;
      turning = setImmediate(goOn);
    };
    let turning = setImmediate(goOn);
    const texts = Array.from({ length: 40 }, (_, at) => `Drill number ${String(at)}, on your back.`);
    await speaker.speak({ ...manner, texts });
    clearImmediate(turning);
    // One line at a time, each by a program of its own: what waits is done at least once between two of them.
    expect(turns).toBeGreaterThan(texts.length);
  });
});

describe('where it cannot speak', () => {
  const speakBy = (of: string) => espeakSpeaker({ program: of, folder: '' });

  it.each([
    ['missing', () => '/nowhere/espeak-ng'],
    ['failing', () => program('failing', 'exit 3')],
    ['full of nonsense', () => program('nonsense', 'cat >/dev/null; echo no sound at all')],
    ['cut off', () => program('cut', 'cat >/dev/null; printf RIFF')],
    ['endless', () => program('endless', 'cat >/dev/null; yes')],
  ])('%s, there are no voices and no clips, and nothing is thrown', async (_, path) => {
    const broken = speakBy(path());
    expect(await broken.voices()).toEqual([]);
    expect(await broken.speak({ ...manner, texts: ['Ready.'] })).toEqual({ clips: [] });
  });

  it('hung, it is given up, and not waited for again with every line', async () => {
    const hung = speakBy(program('hung', 'sleep 60'));
    expect(await hung.voices()).toEqual([]);
    const began = performance.now();
    expect(await hung.speak({ ...manner, texts: ['One.', 'Two.', 'Three.'] })).toEqual({ clips: [] });
    expect(performance.now() - began).toBeLessThan(2_000);
  });
});

describe('clips on disk', () => {
  it('take no more room than they may: the one heard longest ago goes first', async () => {
    const where = join(folder, 'small');
    const small = clipFolder(where, 30_000);
    const keyOf = (at: number) => String(at).padStart(64, '0');
    for (let at = 0; at < 60; at += 1) await small.put(keyOf(at), Buffer.alloc(1_000, at));
    const bytes = readdirSync(where).reduce((sum, name) => sum + statSync(join(where, name)).size, 0);
    expect(bytes).toBeLessThanOrEqual(30_000);
    expect(await small.get(keyOf(59))).toEqual(Buffer.alloc(1_000, 59));
    expect(await small.get(keyOf(0))).toBeUndefined();
  });
});

describe('a WAV file', () => {
  const anySound = fc
    .array(fc.integer({ min: -32_768, max: 32_767 }), { maxLength: 400 })
    .map((samples) => ({ rate: 22_050, samples: Int16Array.from(samples) }));

  it('is read as it was written, and levelled speech is never longer', () => {
    fc.assert(
      fc.property(anySound, (sound) => {
        const again = readWav(writeWav(sound));
        expect([...again.samples]).toEqual([...sound.samples]);
        expect(lengthOf(levelled(sound))).toBeLessThanOrEqual(lengthOf(sound));
      }),
    );
  });

  it('of any bytes is a sound or none, and nothing else is thrown', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 200 }), fc.boolean(), (bytes, headed) => {
        const file = Buffer.concat([
          headed ? writeWav({ rate: 8000, samples: new Int16Array(4) }).subarray(0, 40) : Buffer.alloc(0),
          bytes,
        ]);
        try {
          readWav(file);
        } catch (error) {
          expect(error).toBeInstanceOf(NotSound);
        }
      }),
    );
  });
});
