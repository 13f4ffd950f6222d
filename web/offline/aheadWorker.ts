import type { CircuitRecord } from '@prompt-spark/contract/circuit';
import type { StudioPlaces } from '@prompt-spark/contract/studio';
import { libraryOf, type DrillLibrary } from '@prompt-spark/core/drills/library';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { siteFrom } from '@prompt-spark/core/occasion/site';
import { pronounced, type Pronunciation } from '@prompt-spark/core/prompts/pronounced';
import { guessedLength } from '@prompt-spark/core/prompts/prompt';
import { writePrompts } from '@prompt-spark/core/prompts/writePrompts';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { expose } from 'comlink';
import { addDays, startOfDay } from 'date-fns';
import { call, ServerAway, ServerProblem } from '../api/call.ts';
import { shippedDrills } from '../api/shipped.ts';
import { fetchScript, SpokenClips, spokenUtterance } from '../voice/spokenClips.ts';
import type { VoiceSettings } from '../voice/voiceSettings.ts';

/** The circuits that were changed last are kept with what today and tomorrow hold. */
const MOST_CIRCUITS = 12;
/** What everything that is said is written from. */
interface Studio {
  readonly library: DrillLibrary;
  readonly places: StudioPlaces;
  readonly pronunciations: readonly Pronunciation[];
}

/**
 * Asks for everything a coach needs without a network, so that the device keeps it: who is here, the library, the schedule,
 * the circuits of today and tomorrow and those changed last, and, where the device speaks, their lines. Beside the page, which
 * waits for nothing of it. Where the server is away nothing is kept ahead.
 */
async function keepAhead(now: Date, voice: VoiceSettings): Promise<void> {
  try {
    const [studio, circuits] = [await askForStudio(), await askForCircuits(now)];
    if (voice.on) for (const circuit of circuits) await speakLines(circuit, studio, voice);
  } catch (error) {
    if (!(error instanceof ServerAway || error instanceof ServerProblem)) throw error;
  }
}

async function askForStudio(): Promise<Studio> {
  const [shipped, { drills }, { words }, places, { pronunciations }] = await Promise.all([
    shippedDrills(),
    call('drills'),
    call('words'),
    call('places'),
    call('pronunciations'),
    call('welcome'),
    call('standards'),
    call('ownPace'),
    call('voices'),
  ]);
  return { library: libraryOf([...shipped, ...drills.map(({ drill }) => drill)], words), places, pronunciations };
}

async function askForCircuits(now: Date): Promise<readonly CircuitRecord[]> {
  const today = startOfDay(now);
  const span = { from: addDays(today, -1).toISOString(), to: addDays(today, 8).toISOString() };
  const [{ sessions }, { circuits }] = await Promise.all([
    call('sessions', { query: span }),
    call('circuits', { query: {} }),
  ]);
  const soon = sessions.filter(({ startsAt }) => new Date(startsAt) < addDays(today, 2));
  for (const { id } of soon) await call('session', { id });
  const changed = circuits.slice(0, MOST_CIRCUITS);
  const ids = new Set([...soon.map(({ circuitId }) => circuitId), ...changed.map(({ id }) => id)]);
  const asked: CircuitRecord[] = [];
  for (const id of ids) asked.push(await call('circuit', { id }));
  return asked;
}

/** Has the lines of a circuit spoken and kept. */
async function speakLines(
  { circuit, siteId, groupId }: CircuitRecord,
  { library, places, pronunciations }: Studio,
  voice: VoiceSettings,
): Promise<void> {
  const place = places.sites.find(({ id }) => id === siteId);
  const expected = places.groups.find(({ id }) => id === groupId)?.people ?? 0;
  const { segments } = timeCircuit(circuit, occasionOf({ library, site: siteFrom(place), expected }));
  const clips = new SpokenClips(voice);
  await fetchScript(clips, () => {
    const { prompts } = writePrompts({
      circuit,
      segments,
      library,
      talk: voice.talk,
      plates: place?.plates,
      lengthOf: (text) => clips.lengthOf(pronounced(text, pronunciations)) ?? guessedLength(text),
    });
    return prompts.map((prompt) => spokenUtterance(prompt, voice, pronunciations));
  });
}

const ahead = { keepAhead };

/** What keeps things for times without a network, beside the page. */
export type Ahead = typeof ahead;

expose(ahead);
