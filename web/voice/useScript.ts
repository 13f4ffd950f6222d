import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { Plates } from '@prompt-spark/core/dose/lift';
import { guessedLength, type Script } from '@prompt-spark/core/prompts/prompt';
import { writePrompts } from '@prompt-spark/core/prompts/writePrompts';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import { computed, ref, shallowRef, watch, type ComputedRef } from 'vue';
import { ServerAway, ServerProblem } from '../api/call.ts';
import { useLibraryStore } from '../library/library.ts';
import { SpokenClips, utteranceOf } from './spokenClips.ts';
import { useVoiceSettings } from './voiceSettings.ts';

/** Measured lengths change a script, which may then take other forms: after so many rounds it is left as it is. */
const MOST_ROUNDS = 3;

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

  /** The script along other segments than these, as where the run was stretched. */
  function scriptAlong(along: readonly Segment[]): Script {
    return writePrompts({
      circuit: circuit(),
      segments: along,
      library: library.library,
      talk: settings.value.talk,
      plates: plates(),
      // Read each time clips have come: a script is then written anew, with their lengths.
      lengthOf: (text) => (measured.value > 0 ? clips.value.lengthOf(text) : undefined) ?? guessedLength(text),
    });
  }
  const script: ComputedRef<Script> = computed(() => scriptAlong(segments()));

  /** Fetches the clips of the script. Without a server, or one that cannot speak, there are words on the screen. */
  async function prepare(): Promise<void> {
    if (!settings.value.on) return;
    try {
      for (let round = 0; round < MOST_ROUNDS; round += 1) {
        const wanted = script.value.prompts.map((prompt) => utteranceOf(prompt, settings.value));
        if (!(await clips.value.fetch(wanted))) break;
        measured.value += 1;
      }
      speaks.value = clips.value.any;
    } catch (error) {
      // No voice is no reason not to run: the words are on the screen.
      if (!(error instanceof ServerAway || error instanceof ServerProblem)) throw error;
      speaks.value = false;
    }
  }

  return { settings, set, clips, script, scriptAlong, prepare, speaks };
}

/** A script that speaks. */
export type SpokenScript = ReturnType<typeof useScript>;
