import type { Entry } from './entry';
import type { ColdEvent, Flow, Form, Lot } from './lot';

type NewLot = Pick<Lot, 'id' | 'made' | 'madeAt' | 'destination' | 'inDg'> & Partial<Lot>;
/** A lot that no one else sees yet. */
export type Changeable = { -readonly [K in keyof Lot]: Lot[K] } & { flows: readonly Flow[] };

/** Most lots have one flow or none: neither shall cost them room for more. */
const NO_FLOWS: readonly Flow[] = Object.freeze([]);
const NO_EVENTS: readonly ColdEvent[] = Object.freeze([]);

/** Adds something that decides how long a lot keeps. */
export function addColdEvent(
  lot: Changeable,
  { id, at, clock, day, deed = id }: Pick<Entry, 'id' | 'at' | 'clock' | 'day' | 'deed'>,
  event: Omit<ColdEvent, 'massDg' | 'at' | 'clock' | 'day' | 'deed'>,
): void {
  const told = { at, ...(clock === undefined ? {} : { clock }), ...(day === undefined ? {} : { day }) };
  lot.cold = [...lot.cold, { ...event, ...told, deed, massDg: lot.leftDg }];
}

/** Adds a flow to a lot that may be changed. */
export function addFlow(lot: Changeable, flow: Flow): void {
  if (lot.flows.length === 0) lot.flows = [flow];
  else (lot.flows as Flow[]).push(flow);
}

/** Takes a lot's last flow back. */
export function dropFlow(lot: Changeable): Flow | undefined {
  return lot.flows.length === 0 ? undefined : (lot.flows as Flow[]).pop();
}

/**
 * A lot just made: everything in it is still there.
 *
 * Every field is written out, here and in the copy below, because a replay makes some hundred
 * thousand lots: objects of one shape are a hundred times faster than spread ones (measured).
 */
export function newLot(form: Form, fields: NewLot): Lot {
  const { count = 1, plates = null } = fields;
  return {
    id: fields.id,
    form,
    made: fields.made,
    came: fields.came ?? fields.made,
    kind: fields.kind ?? null,
    part: fields.part ?? null,
    name: fields.name ?? null,
    animal: fields.animal ?? null,
    destination: fields.destination,
    way: fields.way ?? null,
    shop: fields.shop ?? null,
    grade: fields.grade ?? null,
    origin: fields.origin ?? null,
    on: fields.on ?? null,
    paidMinor: fields.paidMinor ?? null,
    inDg: fields.inDg,
    addedDg: fields.addedDg ?? 0,
    foundDg: 0,
    countedUpDg: 0,
    leftDg: fields.inDg,
    count,
    countLeft: count,
    plates,
    platesLeft: plates ?? 0,
    thawingDg: 0,
    thawingOn: null,
    thawingWay: null,
    refrozenOn: fields.refrozenOn ?? null,
    kept: fields.kept ?? null,
    prepared: fields.prepared ?? null,
    until: fields.until ?? null,
    dated: fields.dated ?? null,
    boughtOn: fields.boughtOn ?? null,
    madeAt: fields.madeAt,
    cold: NO_EVENTS,
    place: null,
    wrap: fields.wrap ?? null,
    thicknessMm: fields.thicknessMm ?? null,
    singly: fields.singly ?? false,
    isDrained: false,
    closed: false,
    closedAt: null,
    lossWas: null,
    bonesWere: null,
    sources: fields.sources ?? [],
    flows: NO_FLOWS,
  };
}

/** A copy to be changed before anyone else sees it. */
export function copyLot(lot: Lot): Changeable {
  return {
    id: lot.id,
    form: lot.form,
    made: lot.made,
    came: lot.came,
    kind: lot.kind,
    part: lot.part,
    name: lot.name,
    animal: lot.animal,
    destination: lot.destination,
    way: lot.way,
    shop: lot.shop,
    grade: lot.grade,
    origin: lot.origin,
    on: lot.on,
    paidMinor: lot.paidMinor,
    inDg: lot.inDg,
    addedDg: lot.addedDg,
    foundDg: lot.foundDg,
    countedUpDg: lot.countedUpDg,
    leftDg: lot.leftDg,
    count: lot.count,
    countLeft: lot.countLeft,
    plates: lot.plates,
    platesLeft: lot.platesLeft,
    thawingDg: lot.thawingDg,
    thawingOn: lot.thawingOn,
    thawingWay: lot.thawingWay,
    refrozenOn: lot.refrozenOn,
    kept: lot.kept,
    prepared: lot.prepared,
    until: lot.until,
    dated: lot.dated,
    boughtOn: lot.boughtOn,
    madeAt: lot.madeAt,
    cold: lot.cold,
    place: lot.place,
    wrap: lot.wrap,
    thicknessMm: lot.thicknessMm,
    singly: lot.singly,
    isDrained: lot.isDrained,
    closed: lot.closed,
    closedAt: lot.closedAt,
    lossWas: lot.lossWas,
    bonesWere: lot.bonesWere,
    sources: lot.sources,
    flows: lot.flows.length === 0 ? NO_FLOWS : [...lot.flows],
  };
}
