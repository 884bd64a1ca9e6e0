import type { Light } from '../appearance';

/** Our colours for charts, which cannot read the page's. */
export function chartInk(
  light: Light,
): Record<'ink' | 'soft' | 'line' | 'act' | 'twine' | 'cold' | 'good', string> {
  return light === 'dim'
    ? {
        ink: '#f3ece0',
        soft: '#b9ac9b',
        line: '#4a3f36',
        act: '#e07a70',
        twine: '#d0a873',
        cold: '#9cc9e2',
        good: '#9ecfab',
      }
    : {
        ink: '#241d18',
        soft: '#665a4f',
        line: '#d5cab7',
        act: '#8a2c2a',
        twine: '#a0763f',
        cold: '#2c5a75',
        good: '#2f5f3d',
      };
}

/** Our type in a colour, as ECharts takes it. */
export function chartText(color: string): { color: string; fontFamily: string; fontSize: number } {
  return { color, fontFamily: 'Atkinson Hyperlegible Next Variable', fontSize: 14 };
}
