import base from '@primeuix/themes/aura/base';
import { WORN } from '../ui/wears';

const [paper, sheet, ink, soft, line] = ['paper', 'sheet', 'ink', 'soft', 'line'].map(
  (name) => `var(--${name})`,
);

/** From the sheet to the ink: PrimeNG counts surfaces so, and the other way about in the dim. */
const SURFACES = [sheet, paper, paper, line, line, soft, soft, soft, ink, ink, ink];
const STEPS = [0, 50, 100, 200, 300, 400, 500, 600, 700, 800, 900, 950];
const surface = (tones: readonly (string | undefined)[]): Record<number, string> =>
  Object.fromEntries(STEPS.map((step, at) => [step, tones[at] ?? (ink as string)]));

const field = {
  background: sheet,
  disabledBackground: paper,
  borderColor: 'var(--field-line)',
  hoverBorderColor: ink,
  focusBorderColor: ink,
  invalidBorderColor: 'var(--bad)',
  color: ink,
  disabledColor: soft,
  placeholderColor: soft,
  iconColor: ink,
  shadow: 'none',
};
const chosen = { background: line, focusBackground: line, color: ink, focusColor: ink };
const list = {
  option: {
    focusBackground: line,
    selectedBackground: paper,
    selectedFocusBackground: line,
    color: ink,
    focusColor: ink,
    selectedColor: ink,
    selectedFocusColor: ink,
    icon: { color: soft, focusColor: ink },
  },
};
const content = { background: sheet, hoverBackground: line, borderColor: ink, color: ink, hoverColor: ink };
const over = { background: sheet, borderColor: ink, color: ink };
const scheme = (tones: readonly (string | undefined)[]): object => ({
  surface: surface(tones),
  primary: { color: ink, contrastColor: paper, hoverColor: ink, activeColor: ink },
  highlight: chosen,
  mask: { background: 'var(--mask)', color: ink },
  formField: field,
  text: { color: ink, hoverColor: ink, mutedColor: soft, hoverMutedColor: ink },
  content,
  overlay: { select: over, popover: over, modal: over },
  list,
  navigation: {
    item: {
      focusBackground: line,
      activeBackground: line,
      color: ink,
      focusColor: ink,
      activeColor: ink,
      icon: { color: ink, focusColor: ink, activeColor: ink },
    },
  },
});

const square = { borderRadius: '2px' };

/**
 * PrimeNG's controls in our paper, ink and twine: square corners, ink lines, no shadows. Every
 * colour is one of ours, so that light and dim follow from one place; each control's own tokens come with it.
 */
export const paperPreset = {
  primitive: { borderRadius: { none: '0', xs: '2px', sm: '2px', md: '2px', lg: '2px', xl: '2px' } },
  semantic: {
    ...base.semantic,
    transitionDuration: '0.1s',
    focusRing: { width: '3px', style: 'solid', color: 'var(--focus)', offset: '2px', shadow: 'none' },
    formField: { ...base.semantic?.formField, paddingX: '0.75rem', paddingY: '0.5rem', ...square },
    overlay: {
      select: { ...square, shadow: 'none' },
      popover: { ...square, padding: '1rem', shadow: 'none' },
      modal: { ...square, padding: '1.25rem', shadow: 'none' },
      navigation: { shadow: 'none' },
    },
    colorScheme: { light: scheme(SURFACES), dark: scheme([...SURFACES].reverse()) },
  },
  components: WORN,
};
