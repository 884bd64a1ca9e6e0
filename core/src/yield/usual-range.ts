import type { Kind, Way } from '../catalogue/kind-schema';
import { betaQuantile } from './beta';
import { typicalComposition } from './composition';

/**
 * The catalogue's usual range of each part of a way, as shares of the weight bought: where four
 * pieces in five lie, by how much pieces of the kind differ.
 *
 * @example strip loin, steaks 0.70 with φ 350: about 0.67 to 0.73
 */
export function usualRanges(
  kind: Pick<Kind, 'scatter'>,
  way: Pick<Way, 'shares' | 'lossShare'>,
): Map<string, readonly [number, number]> {
  const { keys, shares } = typicalComposition(way);
  const { phi } = kind.scatter;
  return new Map(
    keys.map((key, k) => {
      const share = shares[k] ?? 0;
      return [
        key,
        [
          betaQuantile(0.1, phi * share, phi * (1 - share)),
          betaQuantile(0.9, phi * share, phi * (1 - share)),
        ] as const,
      ];
    }),
  );
}
