/**
 * A time of day as the household's clock shows it: of twelve hours where it weighs in pounds, of
 * twenty-four elsewhere.
 *
 * @param time `HH:MM`
 * @example timeOfDay('18:15', 'imperial') // '6:15 pm'
 */
export function timeOfDay(time: string, system: 'metric' | 'imperial'): string {
  if (system === 'metric') return time;
  const [hour = 0, minute = '00'] = [Number(time.slice(0, 2)), time.slice(3, 5)];
  return `${hour % 12 === 0 ? 12 : hour % 12}:${minute} ${hour < 12 ? 'am' : 'pm'}`;
}
