import { DEFAULT_SETTINGS, type Settings } from '@core/records/settings';
import { habitsOf } from '@core/units/region';

/** A plate of meat until somebody says otherwise: 180 g, or 6 oz where it is weighed in ounces. */
const PLATE_DG = { metric: 1800, imperial: 1701 } as const;

/** A plate that is shown in the other unit is read back as it is shown, to a tenth of an ounce. */
const AS_SHOWN_DG = 30;

/** What the browser's language tells of how people count: only a proposal. */
export function firstSettings(language: string): Settings {
  const { currency, system } = habitsOf(regionOf(language));
  const decimal = new Intl.NumberFormat(language).format(1.5).includes(',') ? ',' : '.';
  return {
    ...DEFAULT_SETTINGS,
    currency,
    system,
    decimal,
    eaters: [{ name: '', plateDg: PLATE_DG[system] }],
  };
}

/** The plate that was only proposed follows the weights that were chosen. */
export function plateAsUsual(settings: Settings): Settings {
  const isProposed = (plateDg: number): boolean =>
    Object.values(PLATE_DG).some((each) => Math.abs(each - plateDg) < AS_SHOWN_DG);
  const eaters = settings.eaters.map((eater) =>
    isProposed(eater.plateDg) ? { ...eater, plateDg: PLATE_DG[settings.system] } : eater,
  );
  return { ...settings, eaters };
}

function regionOf(language: string): string {
  try {
    return new Intl.Locale(language).maximize().region ?? '';
  } catch {
    return '';
  }
}
