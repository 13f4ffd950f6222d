import { synthesiser } from './instrument.ts';
import { SpokenClips } from '../voice/spokenClips.ts';
import type { VoiceSettings } from '../voice/voiceSettings.ts';
import { say } from './say.ts';

/** What is said to try the sound. */
const LINE = say.tryTheSound.catCowOnHands;

type Manner = Pick<VoiceSettings, 'speed' | 'pitch' | 'voice'>;

/** Sounds as a run does, at the volume of this device: the count into a drill, then a line of its voice where there is one. */
export async function tryTheSound(settings: VoiceSettings): Promise<void> {
  const context = new AudioContext();
  const { play } = synthesiser(context);
  const start = context.currentTime + 0.1;
  for (const second of [0, 1, 2]) play({ kind: 'count', at: second }, start + second);
  play({ kind: 'go', at: COUNTED }, start + COUNTED);
  await new Promise((done) => setTimeout(done, (COUNTED + 0.6) * 1000));
  if (settings.on) await sayIn(context, LINE, settings);
  await context.close();
}
const COUNTED = 3;

/** Says a text in the voice of this device; nothing where the server has none. */
export async function sayOnce(text: string, settings: Manner): Promise<void> {
  const context = new AudioContext();
  await sayIn(context, text, settings);
  await context.close();
}

async function sayIn(context: AudioContext, text: string, { speed, pitch, voice }: Manner): Promise<void> {
  const clips = new SpokenClips({ speed, pitch });
  const line = { text, voice };
  await clips.fetch([line]);
  if (!clips.any) return;
  const source = await clips.play(context, line);
  await new Promise((done) => source.addEventListener('ended', done));
}
