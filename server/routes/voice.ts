import type { Handlers } from '../http/serve.ts';
import type { Speaker } from '../voice/speaker.ts';

/** The voice of the Stage. */
export function voiceRoutes(speaker: Speaker) {
  return {
    voices: async () => ({ voices: await speaker.voices() }),
    speak: async ({ body }) => speaker.speak(body),
  } satisfies Partial<Handlers>;
}
