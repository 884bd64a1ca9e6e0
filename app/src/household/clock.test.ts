import { Clock } from './clock';

describe('the clock', () => {
  let zone = 'Europe/Paris';
  class Carried extends Clock {
    override where(): string {
      return zone;
    }
  }
  beforeEach(() => {
    zone = 'Europe/Paris';
    jest.useFakeTimers({ now: Date.parse('2026-11-24T22:59:30.000Z') });
  });
  afterEach(() => jest.useRealTimers());

  it('turns with the minute, and the day at midnight where the household is', () => {
    const clock = new Carried();
    expect(clock.today()).toBe('2026-11-24');
    jest.advanceTimersByTime(29_000);
    expect(clock.now()).toBe('2026-11-24T22:59:30.000Z');
    jest.advanceTimersByTime(1000);
    expect([clock.now(), clock.today()]).toEqual(['2026-11-24T23:00:00.000Z', '2026-11-25']);
    jest.advanceTimersByTime(60_000);
    expect(clock.now()).toBe('2026-11-24T23:01:00.000Z');
  });

  it('looks again on waking, and in another zone', () => {
    const clock = new Carried();
    jest.setSystemTime(Date.parse('2026-11-25T10:00:00.000Z'));
    document.dispatchEvent(new Event('visibilitychange', { bubbles: true }));
    expect(clock.today()).toBe('2026-11-25');
    zone = 'Pacific/Auckland';
    jest.setSystemTime(Date.parse('2026-11-25T11:00:00.000Z'));
    clock.refresh();
    expect([clock.zone(), clock.today()]).toEqual(['Pacific/Auckland', '2026-11-26']);
  });
});
