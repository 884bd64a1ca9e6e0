import { asAsked } from '@core/price/as-asked';
import { randomUUID } from 'node:crypto';
import { animalOfKind, kindById, KINDS } from '@core/catalogue/kinds';
import { wholePieceItem } from '@core/catalogue/shop-items';
import { buy } from '@core/deeds/buy';
import { begin } from '@core/deeds/change-settings';
import type { Deed } from '@core/deeds/deed';
import { drain, weigh, type Weighed } from '@core/deeds/weigh';
import { writeFile } from '@core/exchange/write-file';
import { Format } from '@core/format/format';
import type { Entry } from '@core/ledger/entry';
import type { Lot } from '@core/ledger/lot';
import { append, journalOf, stampOfNext } from '@core/ledger/journal';
import { readLabel } from '@core/price/read-label';
import { mergeRecords, settingsOf, type Household } from '@core/records/household';
import { registerOf, type HouseholdRecord, type NewRecord } from '@core/records/record';
import type { Eater } from '@core/pack/eater';
import { parseMass } from '@core/units/parse-mass';
import { firstSettings } from '../../app/src/start/first-settings';
import { now, today, ZONE } from '../clock';

/** How somebody counts, and who eats. */
export interface Counts {
  readonly currency?: string;
  readonly system?: 'metric' | 'imperial';
  readonly decimal?: '.' | ',';
  /** Plates in grams. */
  readonly eaters?: Readonly<Record<string, number>>;
}

/** A piece that was bought, as it is typed at the Counter. */
export interface Bought {
  readonly kind: string;
  readonly weight: string;
  /** For a kilogram, or a pound where it is counted so. */
  readonly price: string;
  /** What it weighs once the liquid is off; without it, it lies unopened. */
  readonly drained?: string;
  /** What has come off it, weighed one by one. */
  readonly cuts?: readonly (readonly [part: string, weight: string])[];
}

const newId = (): string => randomUUID().replaceAll('-', '').slice(0, 14);

/** A household that no browser has seen yet, written down by the deeds of the application. */
class Unseen {
  private seq = 0;
  household: Household;

  constructor(readonly device: string) {
    const identity = { id: newId(), began: this.instant(), joined: [] };
    this.household = { journal: journalOf([], animalOfKind), records: new Map(), identity };
  }

  private instant(): string {
    return new Date(now() + this.seq).toISOString();
  }

  does({ facts = [], records = [] }: Deed): void {
    let { journal } = this.household;
    for (const fact of facts) {
      const entry = { ...fact, id: newId(), ...stampOfNext(journal, this.instant(), this.device) } as Entry;
      const { value, problem } = append(journal, entry);
      if (!value) throw new Error(`${fact.type} was refused: ${JSON.stringify(problem)}`);
      journal = value;
    }
    const stamped = records.map((each): HouseholdRecord => {
      if ('change' in each)
        throw new Error(`${registerOf(each)} is changed, and nothing of it stands there yet`);
      const stamp = { at: this.instant(), device: this.device, seq: this.seq++ };
      return { ...(each as NewRecord), stamp } as HouseholdRecord;
    });
    this.household = {
      ...this.household,
      journal,
      records: mergeRecords([...this.household.records.values()], stamped),
    };
  }
}

function settingsBy({ currency = 'EUR', system = 'metric', decimal = '.', eaters = { Odile: 0 } }: Counts) {
  const usual = firstSettings(system === 'metric' ? 'en-IE' : 'en-US');
  const plateDg = usual.eaters[0]?.plateDg ?? 0;
  const who = Object.entries(eaters).map(([name, g]): Eater => ({ name, plateDg: g * 10 || plateDg }));
  return { ...usual, currency, system, decimal, eaters: who };
}

/** As the Counter writes it: the piece, and what it was asked for. */
function bought({ kind: name, weight, price }: Bought, household: Household): Deed {
  const kind = KINDS.find((each) => each.name === name);
  if (!kind) throw new Error(`nothing is called ${name}`);
  const { currency, decimal, system } = settingsOf(household);
  const unit = system === 'metric' ? 'kg' : 'lb';
  const label = readLabel(
    {
      count: '1',
      weight,
      price,
      pricedBy: unit,
      total: '',
      discount: { kind: 'none', amount: '', pay: '', each: unit },
    },
    { currency, decimal, unit },
  );
  if (!label.purchase) throw new Error(`${weight} for ${price} is no label: ${JSON.stringify(label.wrong)}`);
  const { massDg, paidMinor } = label.purchase;
  return buy(
    {
      type: 'received',
      lot: newId(),
      kind: kind.id,
      count: 1,
      massDg,
      typed: label.mass?.typed,
      paidMinor,
      way: kind.ways[0]?.id,
      on: today(),
    },
    {
      marks: [],
      prices: [
        {
          item: wholePieceItem(kind.id),
          shop: 'unnamed shop',
          ...((label.asked && asAsked(label.asked)) ?? {
            perKgMinor: Math.round(label.paidPerKgMinor ?? 0),
          }),
          on: today(),
        },
      ],
      apart: false,
      newId,
    },
  );
}

/** As the Block writes it. */
function* worked({ drained, cuts = [] }: Bought, unseen: Unseen): Generator<Deed> {
  const format = new Format({ settings: () => settingsOf(unseen.household), today, zone: () => ZONE });
  const { decimal, system } = settingsOf(unseen.household);
  const read = (text: string): Weighed => {
    const mass = parseMass(text, system === 'metric' ? 'kg' : 'lb', decimal);
    if (!mass) throw new Error(`${text} is no weight`);
    return mass;
  };
  const piece = (): Lot =>
    [...unseen.household.journal.state.lots.values()].findLast(({ form }) => form === 'piece')!;
  if (drained !== undefined) yield drain(piece(), read(drained), format);
  for (const [name, weight] of cuts) {
    const part = kindById(piece().kind)?.parts.find((each) => each.name.startsWith(name));
    if (!part) throw new Error(`${name} is no part of it`);
    const { id, destination } = part;
    const off = { part: id, name, destination, count: 1 };
    const deed = weigh(piece(), off, read(weight), { on: today(), newId }, format);
    if (!deed.ok) throw new Error(deed.problem);
    yield deed.value;
  }
}

/** A household's file, as one would export it who has begun and bought so. */
export interface SeededFile {
  readonly text: string;
  /** Who wrote all of it. */
  readonly device: string;
}

/** A household that has begun and bought so, and its pieces in that order. */
export function householdFile(
  counts: Counts,
  pieces: readonly Bought[],
): { readonly file: SeededFile; readonly lots: readonly string[] } {
  const unseen = new Unseen(newId());
  unseen.does(begin(settingsBy(counts), unseen.household, newId));
  for (const piece of pieces) {
    unseen.does(bought(piece, unseen.household));
    for (const deed of worked(piece, unseen)) unseen.does(deed);
  }
  const lots = unseen.household.journal.entries.flatMap((each) => (each.type === 'received' ? each.lot : []));
  return { file: { text: writeFile(unseen.household), device: unseen.device }, lots };
}
