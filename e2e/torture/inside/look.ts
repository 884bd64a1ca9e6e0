import { writeFile } from '@core/exchange/write-file';
import type { Household } from '@core/records/household';
import { canonicalJson } from '@core/units/canonical-json';
import { CopyStore } from '../../../app/src/household/disk/copy-store';
import { privateFolder } from '../../../app/src/household/disk/private-folder';
import { Repository } from '../../../app/src/household/disk/repository';
import { COPIES } from './copies';
import { moments } from './tab';
import { textsOf, type Values } from './texts';

/** What stands on the disk, as the one outside looks it over. */
export interface Found {
  /** Deeds by their number, and how many entries of each there are. */
  readonly deeds: Readonly<Record<string, number>>;
  readonly entries: Values;
  readonly registers: Values;
  readonly spoilt: number;
  /** Copies that are not whole. */
  readonly damaged: number;
  readonly isLawful: boolean;
  readonly text: string;
}

/** What the disk says to somebody who opens it now. */
export async function look(): Promise<Found> {
  const fresh = new Repository('home', moments);
  const household = await fresh.load();
  const spoilt = fresh.spoilt.length;
  fresh.close();
  const deeds: Record<string, number> = {};
  for (const { id } of household.journal.entries) {
    const of = id.replace(/-\d+$/, '');
    deeds[of] = (deeds[of] ?? 0) + 1;
  }
  const entries = textsOf(household.journal.entries);
  const registers = Object.fromEntries(
    [...household.records].map(([register, { value }]) => [register, canonicalJson(value)]),
  );
  const folder = await privateFolder(COPIES);
  const copies = folder ? await new CopyStore(folder).list() : [];
  const damaged = copies.filter(({ isWhole }) => !isWhole).length;
  const text = writeFile(household);
  return { deeds, entries, registers, spoilt, damaged, isLawful: isLawful(household), text };
}

/** Whether every gram has a place. */
export function isLawful({ journal }: Household): boolean {
  return [...journal.state.lots.values()].every(
    ({ leftDg, flows, inDg, foundDg }) =>
      leftDg >= 0 && flows.reduce((sum, { massDg }) => sum + massDg, 0) + leftDg === inDg + foundDg,
  );
}
