import type { PiecePlan } from '@core/dinner/pieces-planned';
import type { Format } from '@core/format/format';

const TROUBLE: Readonly<Record<Exclude<NonNullable<PiecePlan['trouble']>, 'overdue'>, string>> = {
  'day-past': 'that day is past: choose another',
  'not-thawed-by-then': 'not thawed by then: choose a later day',
  'too-late-by-then': 'past its last day then: cut it sooner, or freeze it whole',
};

/** What a piece that is not cut yet asks for, in one line. */
export function pieceWords(plan: PiecePlan, format: Pick<Format, 'weekday' | 'moment'>): string {
  const { outBy, cutOn, cutBy, wrapBy, trouble, cold } = plan;
  if (trouble === 'overdue') return cold.cookBy ? `overdue since ${format.weekday(cold.cookBy)}` : 'overdue';
  const steps = [
    ...(outBy ? [`out by ${format.moment(outBy)}`] : []),
    ...(cutOn ? [`cut on ${format.weekday(cutOn)}`] : cutBy ? [openWords(plan, format)] : []),
    ...(wrapBy && wrapBy !== cutOn && cutBy ? [`wrap by ${format.weekday(wrapBy)}`] : []),
  ];
  return [...steps, ...(trouble ? [TROUBLE[trouble]] : [])].join(', ');
}

function openWords({ cold, cutBy }: PiecePlan, format: Pick<Format, 'weekday'>): string {
  return cold.state === 'sealed' && cold.openOn !== null
    ? `open or freeze from ${format.weekday(cold.openOn)}`
    : `cut by ${format.weekday(cutBy ?? '')}`;
}
