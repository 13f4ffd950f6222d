import type { Seconds } from '@prompt-spark/core/units';

/** Sound of one voice: samples from −32,768 to 32,767. */
export interface Sound {
  readonly rate: number;
  readonly samples: Int16Array;
}

/** What is louder than this share of the whole scale is speech, and the loudest is brought to this share. */
const SILENT = 0.012;
const LOUDEST = 0.75;
/** Left standing at both ends, so that no sound is clipped. */
const MARGIN: Seconds = 0.02;
const HEADER = 44;

/** Bytes that are no sound of one voice. */
export class NotSound extends Error {}

/**
 * Reads a WAV file of 16-bit samples of one channel. A length that says more than there is, as of a file written to a pipe,
 * is taken as all there is.
 *
 * @throws NotSound
 */
export function readWav(file: Buffer): Sound {
  if (file.length < HEADER || file.toString('latin1', 0, 4) !== 'RIFF' || file.toString('latin1', 8, 12) !== 'WAVE')
    throw new NotSound('It is no WAV file.');
  let rate = 0;
  for (let at = 12; at + 8 <= file.length;) {
    const name = file.toString('latin1', at, at + 4);
    const size = file.readUInt32LE(at + 4);
    const from = at + 8;
    if (name === 'fmt ') rate = formatAt(file, from);
    if (name === 'data') return soundFrom(file.subarray(from, Math.min(file.length, from + size)), rate);
    at = from + size + (size % 2);
  }
  throw new NotSound('It has no samples.');
}

function formatAt(file: Buffer, from: number): number {
  if (from + 16 > file.length) throw new NotSound('Its format is cut off.');
  const [kind, channels, bits] = [file.readUInt16LE(from), file.readUInt16LE(from + 2), file.readUInt16LE(from + 14)];
  if (kind !== 1 || channels !== 1 || bits !== 16) throw new NotSound('It is not 16 bits of one channel.');
  return file.readUInt32LE(from + 4);
}

function soundFrom(bytes: Buffer, rate: number): Sound {
  if (rate < 4_000 || rate > 192_000) throw new NotSound('Its rate is none of speech.');
  const samples = new Int16Array(Math.floor(bytes.length / 2));
  for (let index = 0; index < samples.length; index += 1) samples[index] = bytes.readInt16LE(index * 2);
  return { rate, samples };
}

/** A WAV file of a sound. */
export function writeWav({ rate, samples }: Sound): Buffer {
  const file = Buffer.alloc(HEADER + samples.length * 2);
  file.write('RIFF', 0, 'latin1');
  file.writeUInt32LE(file.length - 8, 4);
  file.write('WAVEfmt ', 8, 'latin1');
  file.writeUInt32LE(16, 16);
  file.writeUInt16LE(1, 20);
  file.writeUInt16LE(1, 22);
  file.writeUInt32LE(rate, 24);
  file.writeUInt32LE(rate * 2, 28);
  file.writeUInt16LE(2, 32);
  file.writeUInt16LE(16, 34);
  file.write('data', 36, 'latin1');
  file.writeUInt32LE(samples.length * 2, 40);
  samples.forEach((sample, index) => file.writeInt16LE(sample, HEADER + index * 2));
  return file;
}

/** Speech without the silence before and after it, as loud as every other. Nothing is left of silence alone. */
export function levelled({ rate, samples }: Sound): Sound {
  const peak = samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0);
  const threshold = SILENT * 32_768;
  if (peak <= threshold) return { rate, samples: new Int16Array(0) };
  const loud = (sample: number): boolean => Math.abs(sample) > threshold;
  const margin = Math.round(MARGIN * rate);
  const from = Math.max(0, samples.findIndex(loud) - margin);
  const until = Math.min(samples.length, samples.findLastIndex(loud) + 1 + margin);
  const by = (LOUDEST * 32_767) / peak;
  return { rate, samples: samples.slice(from, until).map((sample) => Math.round(sample * by)) };
}

/** How long a sound is. */
export function lengthOf({ rate, samples }: Sound): Seconds {
  return samples.length / rate;
}
