import { failure, success, type Result } from '../units/result';
import * as z from 'zod';
import { kindById, KINDS } from '../catalogue/kinds';
import { basisOf } from '../books/basis-of';
import type { KindWish } from '../cost/kind-wish';
import { DESTINATION_IDS, destinationSchema } from '../ledger/destination';
import { settingsOf, type Household } from '../records/household';
import { plateOf } from '../pack/eater';
import type { IsoDate } from '../units/date';
import { toDg } from '../units/mass';
import { minorDigits } from '../units/money';
import { drawWorth, USUAL_DRAWS } from '../yield/draw-worth';
import { habitOfWay, kindAndWay, predict } from '../yield/prediction';
import { verdictOf, type Settles, type Verdict } from '../yield/verdict';

/** A piece at a price, as asked at the command line. */
export interface PredictionRequest {
  readonly kind: string;
  readonly way?: string;
  /** In whole currency units. */
  readonly perKg: number;
  readonly kg: number;
  readonly marks: readonly string[];
  /** Whether the skin of birds is eaten, where that is not as in the household: "eaten" or "left". */
  readonly skin?: string | undefined;
  /** Where parts go, where that is not as the household last said: { chain: 'stew' }. */
  readonly goes?: Readonly<Record<string, string>>;
  readonly on: IsoDate;
  readonly seed: number;
}

/** Described in docs/command-line.md. */
export interface PredictionReport extends Omit<Verdict, 'settles'> {
  /** Only where the answer is open. */
  readonly settles?: Settles;
  readonly kind: string;
  readonly way: string;
  readonly currency: string;
  readonly ownPieces: number;
  readonly shares: readonly {
    readonly part: string;
    readonly share: number;
    readonly low: number;
    readonly high: number;
    readonly massG: number;
  }[];
  readonly usable: { readonly share: number; readonly low: number; readonly high: number };
  /** Plates of raw boneless meat that it makes, and what one costs. */
  readonly plates: { readonly expected: number; readonly low: number; readonly high: number };
  readonly perPlateMinor: { readonly expected: number; readonly low: number; readonly high: number };
  readonly complete: boolean;
  readonly missing: readonly string[];
}

/** Beyond these a slip is likelier than a piece of meat. */
const [MOST_PER_KG, MOST_KG] = [1e7, 500];

/** What to expect of a piece, as a report; or, as text, what is wrong with the request. */
export function predictionReport(
  household: Household,
  { kind: kindId, way, perKg, kg, marks, goes = {}, skin, on, seed }: PredictionRequest,
): Result<PredictionReport> {
  const kind = kindById(kindId);
  if (!kind) return failure(`There is no kind "${kindId}". Known: ${KINDS.map(({ id }) => id).join(', ')}.`);
  const asked = kindAndWay(kindId, way ?? kind.ways[0]?.id ?? '');
  if (!asked)
    return failure(
      `There is no way "${way}" of cutting ${kindId}. Known: ${kind.ways.map(({ id }) => id).join(', ')}.`,
    );
  const unknown = marks.find((mark) => !kind.marks.some(({ id }) => id === mark));
  if (unknown !== undefined)
    return failure(
      `There is no mark "${unknown}" of ${kindId}. Known: ${kind.marks.map(({ id }) => id).join(', ')}.`,
    );
  const wrong = Object.entries(goes).find(
    ([part, to]) => !kind.parts.some(({ id }) => id === part) || !destinationSchema.safeParse(to).success,
  );
  if (wrong)
    return failure(
      `"${wrong[0]}=${wrong[1]}" is no part of ${kindId} and where it goes. Parts: ${kind.parts.map(({ id }) => id).join(', ')}; they go to ${DESTINATION_IDS.join(', ')}.`,
    );
  if (skin !== undefined && skin !== 'eaten' && skin !== 'left')
    return failure(`"${skin}" says nothing of the skin. Write "eaten" or "left".`);
  const settings = settingsOf(household);
  if (!z.iso.date().safeParse(on).success) return failure(`"${on}" is no day. Write it like 2026-11-26.`);
  if (!(perKg <= MOST_PER_KG))
    return failure(`A price of ${perKg} a kilogram is no price of meat. Look at the figure.`);
  if (!(kg <= MOST_KG))
    return failure(`${kg} kg is more than ${MOST_KG} kg: no household's piece. Look at the figure.`);
  if (!Number.isSafeInteger(seed)) return failure('The seed is a whole number.');
  const basis = basisOf(household);
  const wish = basis.wishes?.get(kindId) ?? {};
  const wished: KindWish = { ...wish, goes: { ...wish.goes, ...(goes as KindWish['goes']) } };
  const wishes = new Map([...(basis.wishes ?? []), [kindId, wished] as const]);
  const plate = plateOf({ ...settings, ...(skin ? { skin } : {}) });
  const prediction = predict(
    asked,
    habitOfWay(household.journal.state, asked),
    { ...basis, wishes, plate },
    {
      massDg: toDg(kg, 'kg'),
      marks,
      on,
    },
  );
  const perKgMinor = perKg * 10 ** minorDigits(settings.currency);
  const plates = (share: number): number => (toDg(kg, 'kg') * share) / plate.dg;
  const aPlate = (share: number): number => (perKgMinor * plate.dg) / 10_000 / share;
  const { usable, meat, parts, habit, missing } = prediction;
  const { settles, ...verdict } = verdictOf(
    prediction,
    drawWorth(prediction.model, USUAL_DRAWS, seed),
    perKgMinor,
    kg,
  );
  return success({
    kind: kindId,
    way: asked.way.id,
    currency: settings.currency,
    ownPieces: habit.pieces,
    shares: parts.map(({ part, share, low, high, massDg }) => ({
      part,
      share,
      low,
      high,
      massG: massDg / 10,
    })),
    usable,
    plates: { expected: plates(meat.share), low: plates(meat.low), high: plates(meat.high) },
    perPlateMinor: { expected: aPlate(meat.share), low: aPlate(meat.high), high: aPlate(meat.low) },
    complete: missing.length === 0,
    missing,
    ...verdict,
    ...(settles ? { settles } : {}),
  });
}
