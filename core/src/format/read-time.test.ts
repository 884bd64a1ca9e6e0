import fc from 'fast-check';
import { timeOfDay } from '../units/time-of-day';
import { readTime } from './read-time';

describe('a time that is typed', () => {
  it.each([
    ['18:30', '18:30'],
    ['18.30', '18:30'],
    ['1830', '18:30'],
    ['18h30', '18:30'],
    ['18 h', '18:00'],
    ['7', '07:00'],
    ['6:30 pm', '18:30'],
    ['6PM', '18:00'],
    ['12 am', '00:00'],
    ['12:15 p.m.', '12:15'],
    ['0:05', '00:05'],
  ])('reads %s', (text, expected) => expect(readTime(text).value).toBe(expected));

  it.each(['', 'noon', '24:00', '18:60', '13 pm', '0 am', '1:2', '18:30:00'])('refuses %s', (text) =>
    expect(readTime(text).problem).toContain('no time of day'),
  );

  it('reads every time that a household is shown', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1439 }),
        fc.constantFrom('metric', 'imperial'),
        (minute, system) => {
          const time = `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
          expect(readTime(timeOfDay(time, system as 'metric' | 'imperial')).value).toBe(time);
        },
      ),
    );
  });
});
