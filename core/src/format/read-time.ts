import { failure, success, type Result } from '../units/result';

const TIME = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*(am|pm|a\.m\.|p\.m\.|h)?$/;

/**
 * A time of day as people write it, by twenty-four hours or by twelve: `18:30`, `18.30`, `1830`,
 * `6:30 pm`, `6pm`, `18`.
 *
 * @returns `HH:MM`
 * @example readTime('6:30 pm') // { ok: true, value: '18:30' }
 */
export function readTime(text: string): Result<string> {
  const [, hours, minutes = '00', half] = TIME.exec(text.trim().toLowerCase()) ?? [];
  const isOfTwelve = half !== undefined && half !== 'h';
  const [hour, minute] = [Number(hours), Number(minutes)];
  const isTime = minute < 60 && (isOfTwelve ? hour >= 1 && hour <= 12 : hour < 24);
  if (hours === undefined || !isTime)
    return failure('That is no time of day. Write it as 18:30, or as 6:30 pm.');
  const from = isOfTwelve ? (hour % 12) + (half.startsWith('p') ? 12 : 0) : hour;
  return success(`${String(from).padStart(2, '0')}:${minutes}`);
}
