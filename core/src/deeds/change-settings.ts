import type { CostSettings } from '../cost/cost-settings';
import type { CostMethodId } from '../cost/method';
import type { Dinners } from '../dinner/dinners';
import type { KeepingRules } from '../freeze/keeping-rules';
import type { Format } from '../format/format';
import type { Eater } from '../pack/eater';
import type { Wrapping } from '../pack/wrapping';
import { settingsChange } from '../records/change';
import { settingsOf, valuesOf, type Household } from '../records/household';
import type { Settings } from '../records/settings';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/** Where packs lie until a household has said otherwise. */
const FIRST_PLACES = [
  { key: 'freezer', value: { name: 'Freezer', cold: 'freezer' } },
  { key: 'refrigerator', value: { name: 'Refrigerator, bottom shelf', cold: 'refrigerator' } },
] as const;

/** Begins a household, with a freezer and a refrigerator where it has no places yet. */
export function begin(settings: Settings, household: Pick<Household, 'records'>): Deed {
  const places = valuesOf(household, 'place').size > 0 ? [] : FIRST_PLACES;
  return {
    records: [
      { type: 'settings', key: 'household', value: settings },
      ...places.map((place) => ({ type: 'place' as const, ...place })),
    ],
  };
}

/** How the household counts and who eats. Once there are amounts of money, the currency stays. */
export function saveSettings(settings: Settings, household: Household): Result<Deed> {
  const { currency } = settingsOf(household);
  if (settings.currency !== currency && holdsMoney(household))
    return failure(
      `Prices and purchases are written down in ${currency}, and a household counts in one currency. It stays ${currency}; for another one, start a household of its own. Nothing was changed.`,
    );
  return success({ records: [settingsChange(() => settings)], say: 'Saved' });
}

function holdsMoney(household: Household): boolean {
  const lots = [...household.journal.state.lots.values()];
  return (
    valuesOf(household, 'price').size > 0 || lots.some(({ paidMinor }) => paidMinor !== null && paidMinor > 0)
  );
}

/** Weights are shown in the other system; what was typed stays as it was. */
export function switchUnits(): Deed {
  return {
    records: [settingsChange(({ system }) => ({ system: system === 'metric' ? 'imperial' : 'metric' }))],
  };
}

/** Figures are shown under this method of cost. */
export function chooseMethod(method: CostMethodId): Deed {
  return { records: [settingsChange(() => ({ school: method }))] };
}

/** What the work costs: bags, labels, tools, an hour. */
export function saveCosts(costs: CostSettings): Deed {
  return { records: [settingsChange(() => ({ costs }))], say: 'Saved' };
}

/** How long the household lets things keep, where that is stricter or said by nobody. */
export function saveKeeping(keeping: KeepingRules): Deed {
  return { records: [settingsChange(() => ({ keeping }))], say: 'The rules of keeping are saved' };
}

/** When it eats, is awake, and has no meat. */
export function saveDinners(dinners: Dinners): Deed {
  return { records: [settingsChange(() => ({ dinners }))], say: 'Saved' };
}

/**
 * How packs are wrapped and which are wanted.
 *
 * @param usual what counts while nothing has been said
 */
export function changeWrapping(change: (now: Wrapping) => Partial<Wrapping>, usual: Wrapping): Deed {
  return {
    records: [settingsChange(({ wrapping = usual }) => ({ wrapping: { ...wrapping, ...change(wrapping) } }))],
  };
}

/** How much somebody eats of an animal. */
export function setPlate(
  name: string,
  animal: keyof NonNullable<Eater['byAnimal']>,
  dg: number,
  format: Format,
): Deed {
  return {
    records: [
      settingsChange(({ eaters }) => ({
        eaters: eaters.map((eater) =>
          eater.name === name ? { ...eater, byAnimal: { ...eater.byAnimal, [animal]: dg } } : eater,
        ),
      })),
    ],
    say: `${name}: ${format.mass(dg)} of ${animal}`,
  };
}
