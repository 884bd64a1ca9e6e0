import type { Printing } from '@core/label/printing';
import { setPrinting } from '@core/deeds/set-printing';
import { computed, inject, Injectable, resource } from '@angular/core';
import { packLabel } from '@core/books/pack-label';
import type { Lot } from '@core/ledger/lot';
import { LabelFonts, type LabelFontFiles } from '@core/label/label-fonts';
import { layLabel, type LaidLabel } from '@core/label/label-layout';
import { sheetProblem, usualSheet } from '@core/label/sheet';
import { USUAL_KEEPING } from '@core/cold/keeping-rules';
import { Colds } from '../../household/colds';
import { Format } from '@core/format/format';
import { costsOfLots } from '../../household/costs';
import { HouseholdStore } from '../../household/household-store';

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

/** How labels are printed: the sheet, how many of each, what everyone carries. */
@Injectable()
export class LabelPrinting {
  private readonly store = inject(HouseholdStore);
  private readonly costOf = costsOfLots();
  private readonly format = inject(Format);
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

  /** Null where it cannot be made, whatever its name holds. */
  lay(pack: Lot, fonts: LabelFonts): LaidLabel | null {
    try {
      return this.laidOut(pack, fonts);
    } catch {
      return null;
    }
  }

  private laidOut(pack: Lot, fonts: LabelFonts): LaidLabel {
    const cost = this.costOf().get(pack.id);
    const { sheet, note } = this.settings();
    const rules = this.store.settings().keeping ?? USUAL_KEEPING;
    const label = packLabel(
      pack,
      this.colds.of()(pack),
      // While its piece is open nobody knows what it will have cost.
      cost?.complete && cost.isFinal ? cost.minor : null,
      { note, rules },
      {
        mass: (massDg) => this.format.mass(massDg),
        day: (on) => this.format.dayAndYear(on),
        temperature: (celsius) => this.format.temperature(celsius),
        money: (minor) => this.format.money(minor),
      },
    );
    return layLabel(label, sheet.labelMm, fonts);
  }

  async set(change: (now: Printing) => Partial<Printing>): Promise<void> {
    await this.store.perform(setPrinting(change, this.settings()));
  }
}
