import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { safeTemperature } from '@core/catalogue/safe-temperature';
import { TEMPERATURES } from '@core/catalogue/temperatures';
import { convert } from '@core/units/convert';
import { Figures } from '../data/figures';
import { PageTabs } from '../kit/page-tabs';
import { CRAFT_PAGES } from './pages';

/** What keeps raw meat from making anyone ill, with the published figures. */
@Component({
  selector: 'v-safety-page',
  imports: [PageTabs],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <v-page-tabs of="Craft" [tabs]="pages" />
      <header>
        <h1>Safety</h1>
        <p>
          Local codes and licensed practice come first. Figures of USDA FSIS and the FDA Food Code, from
          memory.
        </p>
      </header>
      <div class="cols">
        <section>
          <h2>Hot enough in the middle</h2>
          <table class="ledger">
            <tbody>
              @for (row of done(); track row.what) {
                <tr>
                  <td>{{ row.what }}</td>
                  <td class="figure">
                    <b>{{ row.figure }}</b>
                  </td>
                </tr>
              }
            </tbody>
          </table>
          <p class="caution">
            Lower temperatures held longer are safe only by the official time and temperature tables for that
            meat and its fat. There is no shortcut here.
          </p>
          <h2>Cold enough</h2>
          <table class="ledger">
            <tbody>
              @for (row of cold(); track row.what) {
                <tr>
                  <td>{{ row.what }}</td>
                  <td class="figure">
                    <b>{{ row.figure }}</b>
                  </td>
                </tr>
              }
            </tbody>
          </table>
        </section>
        <section>
          <h2>At the board</h2>
          <ul>
            <li>
              Out of the cold for no more than <b>2 hours</b> in all, <b>1 hour</b> above
              {{ degrees(t.hotDay.celsius) }}. Work in batches: the rest stays in the refrigerator.
            </li>
            <li>Raw bird: board, knife, sink and hands are washed before anything else touches them.</li>
            <li>Raw meat at the bottom of the refrigerator, on a tray, apart from what is eaten as it is.</li>
            <li>Juices of the bag carry germs: pour them away slowly, and wash the sink.</li>
            <li>
              Packs thaw in the refrigerator on a tray, or in cold water changed every half hour and cooked at
              once; never on the counter.
            </li>
          </ul>
          <h2>Wrapped without air</h2>
          <p>
            A vacuum bag replaces neither the refrigerator nor the freezer. Open or nick it before it thaws,
            and thaw it cold.
          </p>
          <h2>Drying</h2>
          <p>
            Meat reaches {{ degrees(t.jerky.celsius) }}, poultry {{ degrees(t.jerkyPoultry.celsius) }}, before
            it is dried, not after.
          </p>
          <h2>Bones for a dog</h2>
          <p>Raw ones only for those who choose to; cooked ones never: they splinter.</p>
        </section>
      </div>
    </div>
  `,
  styles: `
    .cols {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
      gap: 10px 50px;
    }
    h2 {
      margin: 20px 0 6px;
      border-top: 1.5px solid var(--ink);
      padding-top: 12px;
    }
    ul {
      margin: 0;
      padding-left: 20px;
    }
    li {
      padding: 4px 0;
      max-width: 60ch;
    }
    @media (max-width: 900px) {
      .cols {
        grid-template-columns: 1fr;
      }
    }
  `,
})
export class SafetyPage {
  protected readonly pages = CRAFT_PAGES;
  private readonly figures = inject(Figures);
  protected readonly t = TEMPERATURES;

  protected readonly done = computed(() => {
    const [bird, red] = [safeTemperature('chicken'), safeTemperature('beef')];
    return [
      { what: bird.what, figure: this.degrees(bird.celsius) },
      { what: 'Ground beef, pork, lamb', figure: this.degrees(red.groundCelsius) },
      { what: 'Whole cuts of beef, pork, lamb', figure: `${this.degrees(red.celsius)} and 3 minutes’ rest` },
    ];
  });
  protected readonly cold = computed(() => [
    { what: TEMPERATURES.refrigerator.what, figure: this.degrees(TEMPERATURES.refrigerator.celsius) },
    { what: TEMPERATURES.freezer.what, figure: this.degrees(TEMPERATURES.freezer.celsius) },
    {
      what: 'Danger zone, as short as can be',
      figure: `${this.degrees(TEMPERATURES.dangerFrom.celsius)} to ${this.degrees(TEMPERATURES.dangerTo.celsius)}`,
    },
  ]);

  protected degrees(celsius: number): string {
    return `${this.figures.number(celsius, Number.isInteger(celsius) ? 0 : 1)} °C (${Math.round(convert(celsius, 'C', 'F'))} °F)`;
  }
}
