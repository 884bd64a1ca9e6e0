import { Joining } from '../../../app/src/household/disk/joining';
import { Repository } from '../../../app/src/household/disk/repository';
import type { Chance } from '../chance';
import type { Fault } from '../fault';
import { watchDurability } from './durability';
import type { Values } from './texts';
import { sabotage } from './sabotage';

/** How far a clock jumps, ms. */
const JUMPS = [3_600_000, 86_400_000, 31_536_000_000] as const;

let clockMs = Date.UTC(2026, 10, 27);
let made = 0;
let deed = '';

export const moments = {
  instant: () => new Date((clockMs += 1000)).toISOString(),
  // The deed's number stands in each id: half a deed is seen on the disk.
  newId: () => `${deed}-${(made += 1)}`,
};

/** This page's way to the base. */
export const tab = {} as { repository: Repository; joining: Joining };

export async function open(name: string, fault: Fault = 'none'): Promise<void> {
  beginDeed(`open${name}`);
  tab.repository = new Repository('home', moments);
  tab.joining = new Joining(tab.repository, moments);
  sabotage(tab, fault);
  watchDurability((text) => void outside.tortureComplains(text));
  await tab.repository.load();
}

/** Whether the browser had lost the household, and it was written back. */
export const wasGivenBack = (): boolean => tab.repository.givenBackFrom() !== null;

/** Brings the second place up to date, some times over. */
export async function renew(times: number): Promise<void> {
  for (let time = 0; time < times; time++) {
    const renewing = new Repository('home', moments);
    await renewing.renewSecondPlace();
    renewing.close();
  }
}

/** What is made from now on belongs to this deed. */
export function beginDeed(name: string): void {
  deed = name;
  made = 0;
}

/** The clock goes forward or back, or stays. */
export function jump(number: Chance): void {
  clockMs += (number(3) - 1) * (JUMPS[number(JUMPS.length)] ?? 0);
}

interface Outside {
  /** A deed is about to be written: so many entries, with these registers. */
  torturePlans(deed: string, planned: { entries: number; registers: Values }): Promise<void>;
  /** The screen would say now that it is written: these entries. */
  tortureConfirms(deed: string, entries: Values): Promise<void>;
  tortureComplains(text: string): Promise<void>;
}
export const outside = globalThis as unknown as Outside;
