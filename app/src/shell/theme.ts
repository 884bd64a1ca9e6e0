import { definePreset } from '@primeuix/themes';
import Aura from '@primeuix/themes/aura';

const step = (light: string, dim: string): string => `light-dark(${light}, ${dim})`;

/** PrimeNG's controls in our paper, ink and twine: square corners, hairlines, no shadows. */
export const paperPreset = definePreset(Aura, {
  primitive: {
    borderRadius: { none: '0', xs: '2px', sm: '2px', md: '3px', lg: '3px', xl: '3px' },
  },
  semantic: {
    transitionDuration: '0.1s',
    focusRing: { width: '3px', style: 'solid', color: 'var(--focus)', offset: '2px' },
    primary: {
      50: '#fbf3f2',
      100: '#f3dcda',
      200: '#e4b6b2',
      300: '#d08d88',
      400: '#b5605b',
      500: '#8a2c2a',
      600: '#7a2624',
      700: '#68201f',
      800: '#551a19',
      900: '#431514',
      950: '#2b0d0d',
    },
    formField: { paddingX: '0.75rem', paddingY: '0.6rem', borderRadius: '3px' },
    colorScheme: {
      light: {
        surface: {
          0: '#fbf8f1',
          50: '#f5f0e6',
          100: '#ede6d8',
          200: '#e2d8c6',
          300: '#d5cab7',
          400: '#b3a693',
          500: '#857869',
          600: '#6b5f54',
          700: '#4c423a',
          800: '#372f29',
          900: '#241d18',
          950: '#17120f',
        },
        formField: {
          background: 'var(--sheet)',
          borderColor: 'var(--field-line)',
          color: 'var(--ink)',
          placeholderColor: 'var(--soft)',
          hoverBorderColor: 'var(--ink)',
          focusBorderColor: 'var(--ink)',
          shadow: 'none',
        },
        text: { color: 'var(--ink)', mutedColor: 'var(--soft)' },
      },
      dark: {
        surface: {
          0: '#f3ece0',
          50: '#e2d8c6',
          100: '#d5cab7',
          200: '#b3a693',
          300: '#a39584',
          400: '#857869',
          500: '#6b5f54',
          600: '#54493f',
          700: '#423831',
          800: '#322a24',
          900: '#26201b',
          950: '#1d1815',
        },
        formField: {
          background: 'var(--sheet)',
          borderColor: 'var(--field-line)',
          color: 'var(--ink)',
          placeholderColor: 'var(--soft)',
          hoverBorderColor: 'var(--ink)',
          focusBorderColor: 'var(--ink)',
          shadow: 'none',
        },
        text: { color: 'var(--ink)', mutedColor: 'var(--soft)' },
      },
    },
    overlay: {
      select: { shadow: 'none', borderRadius: '3px', borderColor: step('#241d18', '#e2d8c6') },
      popover: { shadow: 'none', borderRadius: '3px' },
      modal: { shadow: 'none', borderRadius: '3px' },
    },
  },
});
