import { kindById, KINDS } from '../catalogue/kinds';
import { basisOf } from '../cost/basis-of';
import { settingsOf, type Household } from '../journal/household';
import { meanPlateDg } from '../journal/settings';
import type { IsoDate } from '../units/date';
import { toDg } from '../units/mass';
import { minorDigits } from '../units/money';
import { drawWorth, USUAL_DRAWS } from '../yield/draw-worth';
import { habitOfWay, kindAndWay, predict } from '../yield/prediction';
import { verdictOf, type Verdict } from '../yield/verdict';

/** A piece at a price, as asked at the command line. */
export interface PredictionRequest {
  readonly kind: string;
  readonly way?: string;
  /** In whole currency units. */
  readonly perKg: number;
  readonly kg: number;
  readonly marks: readonly string[];
  readonly on: IsoDate;
  readonly seed: number;
}

/** Described in docs/command-line.md. */
export interface PredictionReport extends Verdict {
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
  readonly perPlateMinor: { readonly expected: number; readonly low: number; readonly high: number };
  readonly complete: boolean;
  readonly missing: readonly string[];
}

/** What to expect of a piece, as a report; or, as text, what is wrong with the request. */
export function predictionReport(
  household: Household,
  { kind: kindId, way, perKg, kg, marks, on, seed }: PredictionRequest,
): PredictionReport | string {
  const kind = kindById(kindId);
  if (!kind) return `There is no kind "${kindId}". Known: ${KINDS.map(({ id }) => id).join(', ')}.`;
  const asked = kindAndWay(kindId, way ?? kind.ways[0]?.id ?? '');
  if (!asked)
    return `There is no way "${way}" of cutting ${kindId}. Known: ${kind.ways.map(({ id }) => id).join(', ')}.`;
  const unknown = marks.find((mark) => !kind.marks.some(({ id }) => id === mark));
  if (unknown !== undefined)
    return `There is no mark "${unknown}" of ${kindId}. Known: ${kind.marks.map(({ id }) => id).join(', ')}.`;
  const settings = settingsOf(household);
  const prediction = predict(asked, habitOfWay(household.journal.state, asked), basisOf(household), {
    massDg: toDg(kg, 'kg'),
    marks,
    on,
  });
  const perKgMinor = perKg * 10 ** minorDigits(settings.currency);
  const plate = (share: number): number => (perKgMinor * meanPlateDg(settings)) / 10_000 / share;
  const { usable, parts, habit, missing } = prediction;
  return {
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
    perPlateMinor: { expected: plate(usable.share), low: plate(usable.high), high: plate(usable.low) },
    complete: missing.length === 0,
    missing,
    ...verdictOf(drawWorth(prediction.model, USUAL_DRAWS, seed), perKgMinor, kg),
  };
}
