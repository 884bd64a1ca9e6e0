import { computed, inject, Injectable, resource } from '@angular/core';
import { packLabel } from '@core/files/pack-label';
import type { Lot } from '@core/journal/lot';
import type { RecordValue } from '@core/journal/record';
import { LabelFonts, type LabelFontFiles } from '@core/label/label-fonts';
import { layLabel, type LaidLabel } from '@core/label/label-layout';
import { sheetProblem, usualSheet } from '@core/label/sheet';
import { Colds } from '../data/colds';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';

const FACES = [
  'atkinson-hyperlegible-next-latin',
  'atkinson-hyperlegible-next-latin-ext',
  'noto-sans-cyrillic',
  'noto-sans-greek',
  'noto-sans-vietnamese',
] as const;

async function fontFiles(): Promise<LabelFontFiles> {
  const load = (weight: number): Promise<Uint8Array[]> =>
    Promise.all(
      FACES.map(
        async (face) =>
          new Uint8Array(await (await fetch(`label-fonts/${face}-${weight}-normal.woff`)).arrayBuffer()),
      ),
    );
  const [regular, bold] = await Promise.all([load(400), load(700)]);
  return { regular, bold };
}

/** How the household's labels are printed. */
export type Printing = RecordValue<'printing'>;

/** How labels are printed: the sheet, how many of each, what everyone carries. */
@Injectable()
export class LabelPrinting {
  private readonly store = inject(HouseholdStore);
  private readonly figures = inject(Figures);
  private readonly notices = inject(Notices);
  private readonly colds = inject(Colds);
  private readonly loaded = resource({ loader: async () => new LabelFonts(await fontFiles()) });
  /** Null until the letters are here. */
  readonly fonts = computed(() => (this.loaded.hasValue() ? this.loaded.value() : null));
  readonly problem = computed(() =>
    this.loaded.error()
      ? 'The letters for labels could not be loaded. Open this page once with the server running; then they are kept.'
      : null,
  );
  readonly settings = computed(
    () => this.store.printing() ?? { sheet: usualSheet(this.store.settings().system), copies: 1, note: '' },
  );

  readonly sheetProblem = computed(() => sheetProblem(this.settings().sheet));

  lay(pack: Lot, fonts: LabelFonts): LaidLabel {
    const cost = this.store.costs().get(pack.id);
    const { sheet, note } = this.settings();
    const label = packLabel(pack, this.colds.of()(pack), cost?.complete ? cost.minor : null, note, {
      mass: (massDg) => this.figures.mass(massDg),
      day: (on) => this.figures.dayAndYear(on),
      temperature: (celsius) => this.figures.temperature(celsius),
      money: (minor) => this.figures.money(minor),
    });
    return layLabel(label, sheet.labelMm, fonts);
  }

  async set(change: (now: Printing) => Partial<Printing>): Promise<void> {
    const usual = this.settings();
    const written = await this.store.record({
      type: 'printing',
      key: 'labels',
      change: (known = usual) => ({ ...known, ...change(known) }),
    });
    if (!written.ok) this.notices.tell(written, '');
  }
}
