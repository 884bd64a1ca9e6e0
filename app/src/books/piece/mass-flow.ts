import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import type { EChartsCoreOption } from 'echarts/core';
import { NgxEchartsDirective, provideEchartsCore } from 'ngx-echarts';
import { DESTINATION_IDS } from '@core/ledger/destination';
import type { YieldTest } from '@core/yield/yield-test';
import { packedFrom } from '@core/books/packed-from';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Appearance } from '../../ui/appearance';
import { chartTexture } from '../../ui/chart/chart-texture';
import { markOf, type Whereabouts } from '../../ui/piece/destination-look';
import { echarts } from '../../ui/chart/echarts';

type Texture = Awaited<ReturnType<typeof chartTexture>>;

/** Where the mass of a piece went, from the label to the destinations. */
@Component({
  selector: 'v-mass-flow',
  imports: [NgxEchartsDirective],
  providers: [provideEchartsCore({ echarts })],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<div
    echarts
    [options]="options()"
    class="chart"
    [style.height.px]="height()"
    role="img"
    [attr.aria-label]="spoken()"
  ></div>`,
  styles: `
    .chart {
      width: 100%;
    }
  `,
})
export class MassFlow {
  private readonly format = inject(Format);
  private readonly appearance = inject(Appearance);
  readonly test = input.required<YieldTest>();
  readonly piece = input.required<string>();
  private readonly store = inject(HouseholdStore);
  private readonly textures = signal<Partial<Record<Whereabouts, Texture>>>({});

  constructor() {
    effect(() => {
      const wanted = this.ends().map(({ where }) => where);
      void Promise.all(wanted.map(async (where) => [where, await chartTexture(where)] as const)).then(
        (pairs) => this.textures.set(Object.fromEntries(pairs)),
      );
    });
  }

  private readonly ends = computed(() => {
    const { destinations, unaccountedDg, leftDg } = this.test();
    const all: { where: Whereabouts; massDg: number }[] = [
      ...DESTINATION_IDS.filter((id) => id !== 'liquid').map((where) => ({
        where,
        massDg: destinations[where],
      })),
      { where: 'unaccounted', massDg: unaccountedDg },
      { where: 'left', massDg: leftDg },
    ];
    return [{ where: 'liquid' as Whereabouts, massDg: destinations.liquid }, ...all].filter(
      ({ massDg }) => massDg > 0,
    );
  });

  /** On a phone the packs would cover each other; they are in the table below. */
  private readonly narrow = matchMedia('(max-width: 900px)').matches;
  /** The packs, numbered where they have one name. */
  private readonly packs = computed(() => {
    if (this.narrow) return [];
    const all = packedFrom(this.store.state(), this.piece());
    return all.map((each, index) => ({ ...each, node: `${index} ${each.name}` }));
  });

  protected readonly spoken = computed(
    () =>
      `Where the mass went: ${this.ends()
        .map(({ where, massDg }) => `${wordOf(where)} ${this.format.mass(massDg)}`)
        .join(', ')}`,
  );

  protected readonly height = computed(() =>
    Math.max(330, 24 * Math.max(this.packs().length, this.ends().length) + 40),
  );

  protected readonly options = computed<EChartsCoreOption>(() => {
    const dim = this.appearance.light() === 'dim';
    const [ink, sheet, line] = dim ? ['#f3ece0', '#26201b', '#857869'] : ['#241d18', '#fbf8f1', '#b3a693'];
    const { receivedDg, drainedDg } = this.test();
    const kg = (massDg: number): string => this.format.mass(massDg);
    const textures = this.textures();
    const ends = this.ends().map(({ where, massDg }) => ({
      name: wordOf(where),
      value: massDg,
      itemStyle: { color: textures[where] ?? markOf(where), borderColor: ink, borderWidth: 1 },
      depth: 2,
    }));
    const packs = this.packs().map(({ node, massDg }) => ({
      name: node,
      value: massDg,
      itemStyle: { color: sheet, borderColor: ink, borderWidth: 1 },
      depth: 3,
    }));
    const whole = (name: string, value: number, depth: number) => ({
      name,
      value,
      depth,
      itemStyle: { color: sheet, borderColor: ink, borderWidth: 1.5 },
      label: { show: !this.narrow },
    });
    const hasLiquid = this.ends().some(({ where }) => where === 'liquid');
    return {
      animation: !matchMedia('(prefers-reduced-motion: reduce)').matches,
      animationDuration: 300,
      tooltip: { show: false },
      series: [
        {
          type: 'sankey',
          left: 4,
          right: this.narrow ? 150 : 235,
          top: 14,
          bottom: 10,
          nodeWidth: 26,
          nodeGap: this.packs().length > 9 ? 6 : 12,
          draggable: false,
          layoutIterations: 0,
          emphasis: { disabled: true },
          lineStyle: { color: line, opacity: dim ? 0.3 : 0.38, curveness: 0.5 },
          label: {
            color: ink,
            fontFamily: 'Atkinson Hyperlegible Next Variable',
            fontSize: 14,
            formatter: ({ name, value }: { name: string; value: number }) =>
              `${name.replace(/^\d+ /, '')}  {b|${kg(value)}}`,
            rich: {
              b: {
                fontWeight: 650,
                fontSize: 14,
                fontFamily: 'Atkinson Hyperlegible Next Variable',
                color: ink,
              },
            },
          },
          data: [
            whole('label', receivedDg, 0),
            ...(hasLiquid ? [whole('drained', drainedDg, 1)] : []),
            ...ends,
            ...packs,
          ],
          links: [
            ...(hasLiquid
              ? [
                  { source: 'label', target: 'liquid', value: this.test().destinations.liquid },
                  { source: 'label', target: 'drained', value: drainedDg },
                ]
              : []),
            ...this.packs().map(({ node, destination, massDg }) => ({
              source: destination,
              target: node,
              value: massDg,
            })),
            ...ends
              .filter(({ name }) => name !== 'liquid')
              .map(({ name, value }) => ({ source: hasLiquid ? 'drained' : 'label', target: name, value })),
          ],
        },
      ],
    };
  });
}

const wordOf = (where: Whereabouts): string => (where === 'left' ? 'on the board' : where);
