import { convert } from '../units/convert';
import { TEMPERATURES } from './temperatures';

it('temperatures of handling and keeping (USDA FSIS, FDA Food Code; from memory)', () => {
  const fahrenheit = Object.fromEntries(
    Object.entries(TEMPERATURES).map(([id, { celsius }]) => [id, Math.round(convert(celsius, 'C', 'F')) + 0]),
  );
  expect(fahrenheit).toEqual({
    dangerFrom: 40,
    dangerTo: 140,
    hotDay: 90,
    refrigerator: 40,
    freezer: 0,
    jerky: 160,
    jerkyPoultry: 165,
  });
});
