import { sum } from 'd3-array';
import { portionOf, type Served } from './half';
import { differenceOut, OUT_OF_PLACE, plateOut, sharedOut, stepOf } from './out-of-place';
import type { PlannedPack } from './pack-plan';
import type { PackRequest } from './pack-request';

/**
 * What a planned pack is out of place by, whole grams as the plan counts them.
 *
 * @example a pack of 147 and 140 g for two of 180 g: 5 + 16.5 + 20 + 11.25 = 52.75
 */
export function packOut(
  { portions, eaters: all }: Pick<PackRequest, 'portions' | 'eaters'>,
  { plates, isSmaller, portions: served, massG, targetG }: Omit<PlannedPack, 'name'>,
): number {
  const lots = new Map(portions.map((lot) => [lot.id, lot]));
  const base = OUT_OF_PLACE.pack + (isSmaller ? targetG * OUT_OF_PLACE.smaller : 0);
  const isShared = plates.every((plate) => plate.portions.length === 0);
  const own = plates.map((plate) => {
    const { targetG: wantedG = 1, likes = [] } = all.find(({ name }) => name === plate.eater) ?? {};
    const grams = plate.portions.some((each) => typeof each !== 'string')
      ? Math.round(plate.massG)
      : sum(plate.portions, (each) => Math.round(lots.get(portionOf(each))?.massG ?? 0)) || plate.massG;
    const parts = (isShared ? served : plate.portions).map((each) => lots.get(portionOf(each))?.part ?? '');
    const isOne =
      plate.portions.length === 1 && lots.get(portionOf(plate.portions[0] as Served))?.collected === true;
    const isLiked = parts.length > 0 && parts.every((part) => likes.includes(part));
    return {
      wantedG: Math.round(wantedG),
      grams,
      isOne,
      back: isLiked ? Math.round(wantedG) * OUT_OF_PLACE.liked : 0,
    };
  });
  const back = sum(own, (plate) => plate.back);
  if (isShared) return base - back + sharedOut(targetG, Math.round(massG), served.length, isSmaller);
  const cuts =
    plates.flatMap((plate) => plate.portions).filter((each) => typeof each !== 'string').length / 2;
  return (
    base -
    back +
    cuts * OUT_OF_PLACE.cut +
    sum(own, ({ wantedG, grams, isOne }) => plateOut(wantedG, grams, isOne)) +
    differenceOut(
      own.map(({ wantedG, grams }) => stepOf(wantedG, grams)),
      sum(own, ({ wantedG }) => wantedG) / own.length,
    )
  );
}
