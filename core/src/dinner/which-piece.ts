import { median, sum } from 'd3-array';
import { COOKED_HOW, cookedHow, type CookedHow } from '../catalogue/cooked-how';
import { HAND_WORK, handWork, isKnifeEnough, type HandWork } from '../catalogue/hand-work';
import type { Kind, Way } from '../catalogue/kind-schema';
import { partOf } from '../catalogue/kinds';
import { wholePieceItem } from '../catalogue/shop-items';
import type { Pricing } from '../cost/part-price';
import { bonelessShare, type Plate, type Skin } from '../cost/plates';
import type { Room } from '../freeze/room';
import { isUsable } from '../ledger/destination';
import type { Lot } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { goingPrice } from '../price/going-price';
import { addDays, type IsoDate } from '../units/date';
import { toDg, type MassDg } from '../units/mass';
import type { CostBasis } from '../cost/carriers';
import { usualMinutes } from '../yield/minutes';
import type { MinutesOf } from '../yield/own-minutes';
import { habitOfWay, isWorthKnown, predict } from '../yield/prediction';
import { platesOf } from './plates-of';

/** What a household looks for in its next piece. */
export interface Wishes {
  /** What it is for; a variety is something of everything, and null says that it does not matter. */
  readonly use: CookedHow | 'variety' | null;
  /** The hardest work that the hand is up to. */
  readonly hardest: HandWork;
  /** How long there is for the cutting; null where that does not matter. */
  readonly minutes: number | null;
  /** No shears and no saw in the house. */
  readonly knifeOnly: boolean;
}

/** Why a kind is left out. */
export type LeftOut = 'tools' | 'too-hard' | 'too-long' | 'no-room' | 'not-for-that';

/** A kind as far as it suits. */
export interface Suits {
  readonly kind: Kind;
  readonly way: Way;
  readonly pieceDg: MassDg;
  readonly plates: number;
  /** Of the plates, those that are for what is looked for. */
  readonly wanted: number;
  /** How many uses of the four it gives something for. */
  readonly uses: number;
  readonly minutes: number;
  readonly work: HandWork;
  /** Today's going price of it whole, smallest coins a kilogram; null where none is known. */
  readonly goingPerKg: number | null;
  /** When the newest price was noted that says so. */
  readonly goingOn: IsoDate | null;
  /** Up to so much it is worth it; null where too little is priced. */
  readonly evenPerKg: number | null;
  /** Prices of parts are missing: it is worth at least that, and a loss may be none. */
  readonly isLowerBound: boolean;
  /** What a plate costs less than bought cut, at today's price; null where one of the two is not known. */
  readonly savedPerPlate: number | null;
  /** Of the plates eaten in half a year, the share that was of its animal. */
  readonly liked: number;
  /** Plates of the kind that lie there. */
  readonly left: number;
  readonly score: number;
}

export interface WhichRequest {
  /** How long this household takes; as the guide has it where nothing is said. */
  readonly minutesOf?: MinutesOf;
  readonly state: State;
  readonly stock: readonly Lot[];
  readonly kinds: readonly Kind[];
  readonly pricing: Pricing;
  /** In which state kinds are bought, and where their parts go. */
  readonly kindWishes?: CostBasis['wishes'];
  readonly room: Room | null;
  readonly plate: Plate;
  readonly eaters: number;
  readonly today: IsoDate;
  readonly wishes: Wishes;
}

/** Kinds that suit, the best first, and those that are left out with the reason. */
export interface WhichPiece {
  readonly suits: readonly Suits[];
  readonly leftOut: readonly { readonly kind: Kind; readonly why: LeftOut }[];
}

/** Half a year of dinners says what is liked. */
const HABIT_DAYS = 182;
/** A way of which less than so much is for what is looked for is not for that. */
const LEAST_FIT = 0.25;
/** A use counts in a variety from this share of the meat on. */
const SOME = 0.08;
/** A saving or a loss beyond half of what the cuts cost says no more than half. */
const MOST_GAIN = 0.5;
/** So many dinners of a kind in the freezer are enough of it. */
const ENOUGH_DINNERS = 6;

/**
 * Which piece suits a household now: of each kind the way that gives most for what is looked for,
 * ranked by fit (0 to 1), plus what is saved at today's price as a share of what the cuts cost (within
 * half), plus half the share that its animal has in what was eaten, less up to half for what lies
 * in the freezer of the kind, less a little for each step of skill and each hour. An order of our own: each of
 * these is told with it.
 */
export function whichPiece(request: WhichRequest): WhichPiece {
  const liked = likedAnimals(request.state, request.today, request.plate);
  const each = request.kinds.map((kind) => ({ kind, of: consider(kind, request, liked) }));
  return {
    suits: each
      .flatMap(({ of }) => (typeof of === 'string' ? [] : [of]))
      .sort((a, b) => b.score - a.score || a.kind.name.localeCompare(b.kind.name)),
    leftOut: each.flatMap(({ kind, of }) => (typeof of === 'string' ? [{ kind, why: of }] : [])),
  };
}

function consider(kind: Kind, request: WhichRequest, liked: ReadonlyMap<string, number>): Suits | LeftOut {
  const best = bestWay(kind, request.wishes, request.minutesOf ?? usualMinutes, request.plate.skin);
  if (typeof best === 'string') return best;
  const { room, plate, eaters } = request;
  const minutes = (request.minutesOf ?? usualMinutes)(kind, best.way);
  const worth = worthOf(kind, best.way, request);
  const pieceDg = usualPieceDg(kind, request.state);
  if (room && !room.atLeast && room.freeDg < pieceDg * worth.usableShare) return 'no-room';
  const plates = (pieceDg * worth.meatShare) / plate.dg;
  const savedPerPlate = worth.savedPerKg === null ? null : (worth.savedPerKg * pieceDg) / 10_000 / plates;
  const left = sum(
    request.stock.filter((lot) => lot.kind === kind.id),
    (lot) => platesOf(lot, plate),
  );
  const ofAnimal = liked.get(kind.animal) ?? 0;
  const known =
    worth.savedPerKg === null || (worth.isLowerBound && worth.savedPerKg < 0) ? 0 : worth.savedPerKg;
  const gain = known / (worth.evenPerKg ?? 1);
  const enough = Math.min(1, left / (ENOUGH_DINNERS * Math.max(1, eaters)));
  return {
    kind,
    way: best.way,
    pieceDg,
    plates,
    wanted: plates * best.wanted,
    uses: best.uses,
    minutes,
    work: handWork(kind, best.way),
    goingPerKg: worth.goingPerKg,
    goingOn: worth.goingOn,
    evenPerKg: worth.evenPerKg,
    isLowerBound: worth.isLowerBound,
    savedPerPlate,
    liked: ofAnimal,
    left,
    score:
      best.fit +
      Math.max(-MOST_GAIN, Math.min(MOST_GAIN, gain)) +
      ofAnimal / 2 -
      enough / 2 -
      effort(kind, best.way, minutes),
  };
}

/** What the work weighs: of two that suit alike, the easier and shorter one comes first. */
const effort = (kind: Kind, way: Way, minutes: number): number =>
  0.05 * HAND_WORK.indexOf(handWork(kind, way)) + minutes / 600;

/** A way with how well it fits what is looked for. */
interface Fitting {
  readonly way: Way;
  readonly fit: number;
  /** Of its meat, the share that is for what is looked for. */
  readonly wanted: number;
  readonly uses: number;
}

/** The way that gives most of what is looked for, of those that the hand and the clock allow. */
function bestWay(
  kind: Kind,
  { use, hardest, minutes, knifeOnly }: Wishes,
  minutesOf: MinutesOf,
  skin?: Skin,
): Fitting | LeftOut {
  const byKnife = kind.ways.filter((way) => !knifeOnly || isKnifeEnough(kind, way));
  if (byKnife.length === 0) return 'tools';
  const able = byKnife.filter((way) => HAND_WORK.indexOf(handWork(kind, way)) <= HAND_WORK.indexOf(hardest));
  if (able.length === 0) return 'too-hard';
  const quick = able.filter((way) => minutes === null || minutesOf(kind, way) <= minutes);
  if (quick.length === 0) return 'too-long';
  const [best] = quick.map((way) => fitting(kind, way, use, skin)).sort((a, b) => b.fit - a.fit);
  return best && best.fit >= LEAST_FIT ? best : 'not-for-that';
}

function fitting(kind: Kind, way: Way, use: Wishes['use'], skin?: Skin): Fitting {
  const shares = usesOf(kind, way, skin);
  const uses = [...shares.values()].filter((share) => share >= SOME).length;
  const wanted = use === null || use === 'variety' ? 1 : (shares.get(use) ?? 0);
  return { way, uses, wanted, fit: use === 'variety' ? uses / COOKED_HOW.length : wanted };
}

/** What it gives, and what it is worth against its going price. */
function worthOf(kind: Kind, way: Way, { state, pricing, kindWishes, plate, today }: WhichRequest) {
  const question = { massDg: 10_000, marks: [], on: today };
  const prediction = predict(
    { kind, way },
    habitOfWay(state, { kind, way }),
    { pricing, wishes: kindWishes, plate },
    question,
  );
  const going = goingPrice(pricing.book, wholePieceItem(kind.id), today);
  const goingPerKg = going?.perKgMinor ?? null;
  const evenPerKg = isWorthKnown(prediction) ? prediction.worthPerKg.mean : null;
  return {
    usableShare: prediction.usable.share,
    meatShare: prediction.meat.share,
    goingPerKg,
    goingOn: going?.notes[0]?.on ?? null,
    evenPerKg,
    isLowerBound: prediction.missing.length > 0,
    savedPerKg: goingPerKg === null || evenPerKg === null ? null : evenPerKg - goingPerKg,
  };
}

/** What a piece of the kind weighs here: as those that were bought, else the middle of what is usual. */
function usualPieceDg(kind: Kind, { lots }: State): MassDg {
  const bought = [...lots.values()].filter((lot) => lot.form === 'piece' && lot.kind === kind.id);
  const [low, high] = kind.usualG;
  return Math.round(median(bought, ({ inDg, count }) => inDg / count) ?? toDg((low + high) / 2, 'g'));
}

/** Of the plates that were eaten in half a year, the share of each animal. */
function likedAnimals({ lots }: State, today: IsoDate, plate: Plate): Map<string, number> {
  const plates = new Map<string, number>();
  const since = addDays(today, -HABIT_DAYS);
  for (const { animal, destination, flows } of lots.values())
    for (const flow of flows)
      if (animal && isUsable(destination) && flow.way === 'eaten' && (flow.on ?? '') > since)
        plates.set(
          animal,
          (plates.get(animal) ?? 0) + (flow.plates > 0 ? flow.plates : flow.massDg / plate.dg),
        );
  const all = sum(plates.values());
  return new Map([...plates].map(([animal, count]) => [animal, all > 0 ? count / all : 0]));
}

/** Of the meat that a way gives, which share is for what. */
function usesOf(kind: Kind, way: Way, skin?: Skin): Map<CookedHow, number> {
  const uses = new Map<CookedHow, number>();
  for (const [id, share] of Object.entries(way.shares)) {
    const part = partOf(kind, id);
    const use = part && cookedHow(part);
    if (!part || !use) continue;
    const meat = share * bonelessShare({ kind: kind.id, part: id, destination: part.destination }, skin);
    uses.set(use, (uses.get(use) ?? 0) + meat);
  }
  const all = sum(uses.values());
  return new Map([...uses].map(([use, meat]) => [use, all > 0 ? meat / all : 0]));
}
