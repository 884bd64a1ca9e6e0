import type { CostSettings } from '../cost/cost-settings';
import type { CostMethodId } from '../cost/method-ids';
import type { Skin } from '../cost/plates';
import type { Dinners } from '../dinner/dinners';
import type { Feasts } from '../feast/feast-schemas';
import type { KeepingRules } from '../cold/keeping-rules';
import type { Format } from '../format/format';
import { withTaste, type Eater, type Taste } from '../pack/eater';
import type { Wrapping } from '../pack/wrapping';
import { settingsChange } from '../records/change';
import { holdsMoney, settingsOf, valuesOf, type Household } from '../records/household';
import { partOfGroup, settingsGroups, type Settings } from '../records/settings';
import { canonicalJson } from '../units/canonical-json';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/** Where packs lie until a household has said otherwise. */
const FIRST_PLACES = [
  { name: 'Freezer', cold: 'freezer' },
  { name: 'Refrigerator, bottom shelf', cold: 'refrigerator' },
] as const;

/**
 * Begins a household, with a freezer and a refrigerator where it has no places yet.
 *
 * @param newId makes the ids of places: two households that become one have each their own
 */
export function begin(settings: Settings, household: Pick<Household, 'records'>, newId: () => string): Deed {
  const places = valuesOf(household, 'place').size > 0 ? [] : FIRST_PLACES;
  return {
    records: [
      ...settingsGroups(settings).map((group) => ({ type: 'settings' as const, ...group })),
      ...places.map((value) => ({ type: 'place' as const, key: newId(), value })),
    ],
  };
}

/**
 * How the household counts and who eats, as far as it is another than before. Once there are amounts
 * of money, the currency stays.
 */
export function saveSettings(settings: Settings, household: Household): Result<Deed> {
  const before = settingsOf(household);
  const { currency } = before;
  if (settings.currency !== currency && holdsMoney(household))
    return failure(
      `Prices and purchases are written down in ${currency}, and a household counts in one currency. It stays ${currency}; for another one, start a household of its own. Nothing was changed.`,
    );
  const changed = settingsGroups(settings).filter(
    ({ key, value }) => canonicalJson(value) !== canonicalJson(partOfGroup(key, before)),
  );
  return success({
    records: changed.map(({ key, value }) => settingsChange(key, () => value)),
    say: 'How the household counts is saved',
  });
}

/** Weights are shown in the other system; what was typed stays as it was. */
export function switchUnits(): Deed {
  return {
    records: [
      settingsChange('units', ({ system }) => ({ system: system === 'metric' ? 'imperial' : 'metric' })),
    ],
  };
}

/** Figures are shown under this method of cost. */
export function chooseMethod(method: CostMethodId): Deed {
  return { records: [settingsChange('method', () => ({ school: method }))] };
}

/** Whether the skin of birds is eaten: plates count what is. */
export function saySkin(skin: Skin): Deed {
  return { records: [settingsChange('skin', () => ({ skin }))] };
}

/** What the work costs: bags, labels, tools, an hour. */
export function saveCosts(costs: CostSettings): Deed {
  return { records: [settingsChange('costs', () => ({ costs }))], say: 'What the work costs is saved' };
}

/** How long the household lets things keep, where that is stricter or said by nobody. */
export function saveKeeping(keeping: KeepingRules): Deed {
  return { records: [settingsChange('keeping', () => ({ keeping }))], say: 'The rules of keeping are saved' };
}

/** Around which feasts it looks for offers. */
export function saveFeasts(feasts: Feasts): Deed {
  return { records: [settingsChange('feasts', () => ({ feasts }))], say: 'The feasts are saved' };
}

/** When it eats, is awake, and has no meat. */
export function saveDinners(dinners: Dinners): Deed {
  return { records: [settingsChange('dinners', () => ({ dinners }))], say: 'When you eat is saved' };
}

/**
 * How packs are wrapped and which are wanted.
 *
 * @param usual what counts while nothing has been said
 */
export function changeWrapping(change: (now: Wrapping) => Partial<Wrapping>, usual: Wrapping): Deed {
  return {
    records: [
      settingsChange('wrapping', ({ wrapping = usual }) => ({
        wrapping: { ...wrapping, ...change(wrapping) },
      })),
    ],
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
      settingsChange('eaters', ({ eaters }) => ({
        eaters: eaters.map((eater) =>
          eater.name === name ? { ...eater, byAnimal: { ...eater.byAnimal, [animal]: dg } } : eater,
        ),
      })),
    ],
    say: `${name}: ${format.mass(dg)} of ${animal}`,
  };
}

/**
 * What somebody says of a part.
 *
 * @param part as on the table: kind and part
 * @param called what the part is called
 */
export function setTaste(name: string, part: string, called: string, taste: Taste): Deed {
  return {
    records: [
      settingsChange('eaters', ({ eaters }) => ({
        eaters: eaters.map((eater) => (eater.name === name ? withTaste(eater, part, taste) : eater)),
      })),
    ],
    say: TASTE_WORDS[taste](name, called.toLowerCase()),
  };
}

const TASTE_WORDS: Readonly<Record<Taste, (name: string, part: string) => string>> = {
  likes: (name, part) => `${name} likes ${part}`,
  may: (name, part) => `${name} eats ${part} as anything else`,
  never: (name, part) => `${name} never eats ${part}`,
};
