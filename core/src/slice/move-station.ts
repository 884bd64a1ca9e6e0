import { measuredWith, placeAs } from './measured-with';
import type { Profile } from './profile';
import type { SlicesRequest } from './slices-request';

/** A measured place of a log that is taken elsewhere: along it, and up or down. */
export interface MovedStation {
  readonly index: number;
  readonly atMm: number;
  readonly heightMm: number;
}

/** The measured places after one was moved; it stays between its neighbours, and is as wide as the log is there. */
export function moveStation(
  { stations, lengthMm, section }: SlicesRequest,
  profile: Profile,
  { index, atMm, heightMm }: MovedStation,
): SlicesRequest['stations'] {
  const place = stations[index];
  if (!place) return stations;
  const [before, after] = [stations[index - 1]?.atMm ?? -1, stations[index + 1]?.atMm ?? lengthMm + 1];
  const sized = {
    atMm: Math.min(after - 1, Math.max(before + 1, atMm)),
    widthMm: Math.round(profile.widthAt(place.atMm)),
    heightMm: Math.max(1, heightMm),
  };
  const moved = placeAs(sized, section, measuredWith(stations));
  return stations.map((each, at) => (at === index ? moved : each));
}
