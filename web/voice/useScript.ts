import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { Plates } from '@prompt-spark/core/dose/lift';
import { pronounced } from '@prompt-spark/core/prompts/pronounced';
import { guessedLength, type Prompt, type Script } from '@prompt-spark/core/prompts/prompt';
import { writePrompts } from '@prompt-spark/core/prompts/writePrompts';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import { computed, ref, shallowRef, watch, type ComputedRef } from 'vue';
import { ServerAway, ServerProblem } from '../api/call.ts';
import { useLibraryStore } from '../library/library.ts';
import { usePronunciationsStore } from '../library/pronunciations.ts';
import { fetchScript, SpokenClips, spokenUtterance, type Utterance } from './spokenClips.ts';
import { useVoiceSettings } from './voiceSettings.ts';

/** The script of a circuit, written with the real lengths of its clips as they come. */
export function useScript(
  circuit: () => Circuit,
  segments: () => readonly Segment[],
  plates: () => Plates | undefined = () => undefined,
) {
  const library = useLibraryStore();
  const { settings, set } = useVoiceSettings();
  const clips = shallowRef(new SpokenClips(settings.value));
  watch(
    () => `${String(settings.value.speed)} ${String(settings.value.pitch)}`,
    () => (clips.value = new SpokenClips(settings.value)),
    { flush: 'sync' },
  );
  /** Whether the server can speak; undefined until it was asked. */
  const speaks = shallowRef<boolean>();
  const measured = ref(0);
  const pronunciations = usePronunciationsStore();
  /** A text as the voice is given it. */
  const spelt = (text: string): string => pronounced(text, pronunciations.list);
  /** What the voice is given for a prompt, and which voice. */
  const utteranceFor = (prompt: Pick<Prompt, 'text' | 'kind'>): Utterance =>
    spokenUtterance(prompt, settings.value, pronunciations.list);

  /** The script along other segments than these, as where the run was stretched. */
  function scriptAlong(along: readonly Segment[]): Script {
    return writePrompts({
      circuit: circuit(),
      segments: along,
      library: library.library,
      talk: settings.value.talk,
      plates: plates(),
      // Read each time clips have come: a script is then written anew, with their lengths.
      lengthOf: (text) => (measured.value > 0 ? clips.value.lengthOf(spelt(text)) : undefined) ?? guessedLength(text),
    });
  }
  const script: ComputedRef<Script> = computed(() => scriptAlong(segments()));

  /** Fetches the clips of the script. Without a server, or one that cannot speak, there are words on the screen. */
  async function prepare(): Promise<void> {
    if (!settings.value.on) return;
    try {
      await pronunciations.load();
      await fetchScript(
        clips.value,
        () => script.value.prompts.map(utteranceFor),
        () => (measured.value += 1),
      );
      speaks.value = clips.value.any;
    } catch (error) {
      // No voice is no reason not to run: the words are on the screen.
      if (!(error instanceof ServerAway || error instanceof ServerProblem)) throw error;
      speaks.value = false;
    }
  }

  return { settings, set, clips, script, scriptAlong, prepare, speaks, utteranceFor };
}

/** A script that speaks. */
export type SpokenScript = ReturnType<typeof useScript>;
