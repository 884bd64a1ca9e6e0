import { convert } from './convert';
import { inInches } from './inches';
import { formatNumber, type DecimalSign } from './number-style';
import type { Unit } from './unit';

/** How a reader measures. */
interface UnitReader {
  readonly system: 'metric' | 'imperial';
  readonly decimal: DecimalSign;
}

const NUMBER = String.raw`[−-]?\d+(?:\.\d+)?`;
/** A figure or a range with its unit; a temperature may be followed by itself in the other scale. Bird numbers stay: they are metric. */
const QUANTITY = new RegExp(
  String.raw`(?<!× )\b(${NUMBER})(?: to (${NUMBER}))? (mm|cm|g|kg)\b|(${NUMBER})(?: to (${NUMBER}))? °C(?:, (${NUMBER}) °F| \((${NUMBER}) °F\))?`,
  'g',
);
/** From two inches on nobody measures eighths. */
const COARSE_MM = 50;
/** A published figure in °F is a whole five, and was made whole in °C. */
const WHOLE_FIVE = 0.85;

/**
 * Says the quantities of a written sentence as its reader measures: millimetres, grams and degrees
 * Celsius stand in the catalogue's texts, and a ruler in inches has eighths.
 *
 * @param text with figures such as `25 to 32 mm`, `340 g`, `71 °C, 160 °F`; a point for decimals
 * @example toldIn('25 to 32 mm', { system: 'imperial', decimal: '.' }) // '1 to 1 1/4 in'
 * @example toldIn('2.5 cm', { system: 'metric', decimal: ',' }) // '2,5 cm'
 */
export function toldIn(text: string, { system, decimal }: UnitReader): string {
  const metric = (figure: string): string => figure.replace('.', decimal);
  return text.replace(QUANTITY, (_all, low, high, unit, lowC, highC, after, bracketed) => {
    const fahrenheit: string | undefined = after ?? bracketed;
    const [from, to] = [low ?? lowC, high ?? highC] as [string, string | undefined];
    const span = (say: (figure: string) => string, sign: string): string =>
      `${say(from)}${to === undefined || say(to) === say(from) ? '' : ` to ${say(to)}`} ${sign}`;
    if (system === 'metric') return span(metric, unit ?? '°C');
    if (unit === undefined) return fahrenheit ? `${fahrenheit} °F` : span(inFahrenheit, '°F');
    const value = (figure: string, sign: Unit): number => convert(Number(figure), unit as Unit, sign);
    if (unit === 'mm' || unit === 'cm')
      return span((figure) => {
        const mm = value(figure, 'mm');
        return inInches(mm, mm < COARSE_MM ? 8 : 2);
      }, 'in');
    if (unit === 'g') return span((figure) => formatNumber(value(figure, 'oz'), 0, decimal), 'oz');
    return span((figure) => pounds(value(figure, 'lb'), decimal), 'lb');
  });
}

function inFahrenheit(celsius: string): string {
  const exact = convert(Number(celsius.replace('−', '-')), 'C', 'F');
  const five = Math.round(exact / 5) * 5;
  return String(Math.abs(exact - five) <= WHOLE_FIVE ? five : Math.round(exact)).replace('-', '−');
}

function pounds(mass: number, decimal: DecimalSign): string {
  return formatNumber(mass, mass < 5 ? 1 : 0, decimal);
}
