import { expose } from 'comlink';
import type { Tray } from '@core/pack/tray';
import { bringToNow, type Now } from '@core/story/bring-to-now';
import { storyFileSchema, type Story } from '@core/story/story-file';

/** The demo household as it is now: its file, and the trays on its table. */
export interface Told {
  readonly text: string;
  readonly table: readonly Tray[];
}

const api = { tell };
export type DemoWorker = typeof api;
expose(api);

/** Brings the story that ships to now. */
async function tell(address: string, now: Now): Promise<Told> {
  const response = await fetch(address);
  if (!response.ok) throw new Error(`${response.status} for ${address}`);
  const story = storyFileSchema.parse(await response.json()) as Story;
  return { text: JSON.stringify(bringToNow(story, now)), table: story.table };
}
