import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { EChartsCoreOption } from 'echarts/core';
import { NgxEchartsDirective, provideEchartsCore } from 'ngx-echarts';
import type { KeyedNote } from '@core/price/price-book';
import { Format } from '@core/format/format';
import { Appearance } from '../../ui/appearance';
import { chartInk, chartText } from '../../ui/chart/chart-ink';
import { echarts } from '../../ui/chart/echarts';

/** What was asked for an item over time, shop by shop, with offers, purchases and the break-even line. */
@Component({
  selector: 'v-price-chart',
  imports: [NgxEchartsDirective],
  providers: [provideEchartsCore({ echarts })],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<div echarts [options]="options()" class="chart" role="img" [attr.aria-label]="spoken()"></div>`,
  styles: `
    .chart {
      height: 300px;
      width: 100%;
    }
  `,
})
export class PriceChart {
  private readonly format = inject(Format);
  private readonly appearance = inject(Appearance);
  readonly notes = input.required<readonly KeyedNote[]>();
  /** Purchases of the piece: day and price a kilogram. */
  readonly purchases = input<readonly { readonly on: string; readonly perKgMinor: number }[]>([]);
  readonly breakEven = input<number | null>(null);

  protected readonly spoken = computed(
    () =>
      `${this.format.count(this.notes().length, 'price')} over time${this.purchases().length > 0 ? `, ${this.format.count(this.purchases().length, 'purchase')}` : ''}${this.breakEven() === null ? '' : `, even money at ${this.format.perUnit(this.breakEven()!)}`}`,
  );

  protected readonly options = computed<EChartsCoreOption>(() => {
    const { ink, soft, line, act, twine, cold, good } = chartInk(this.appearance.light());
    const shops = [...new Set(this.notes().map(({ shop }) => shop))];
    const looks = [
      { color: twine, type: 'solid' },
      { color: cold, type: 'dashed' },
      { color: good, type: 'dotted' },
      { color: soft, type: [8, 3, 2, 3] },
    ];
    const amount = (minor: number): number =>
      (minor * this.format.kgPerUnit()) / 10 ** this.format.moneyDigits();
    const value = (minor: number): string => this.format.perUnit(minor / this.format.kgPerUnit());
    const even = this.breakEven();
    const series = shops.map((shop, index) => {
      const look = looks[index % looks.length]!;
      return {
        name: shop,
        type: 'line',
        step: 'end',
        data: this.notes()
          .filter((note) => note.shop === shop)
          .map((note) => ({
            value: [note.on, amount(note.perKgMinor)],
            symbol: note.offer ? 'triangle' : 'circle',
            symbolSize: note.offer ? 10 : 5,
          })),
        lineStyle: { color: look.color, type: look.type, width: 2 },
        itemStyle: { color: look.color },
      };
    });
    const bought = {
      name: 'bought',
      type: 'scatter',
      symbol: 'diamond',
      symbolSize: 15,
      itemStyle: { color: act, borderColor: ink, borderWidth: 1 },
      data: this.purchases().map(({ on, perKgMinor }) => [on, amount(perKgMinor)]),
    };
    return {
      animation: false,
      textStyle: chartText(ink),
      grid: { left: 56, right: 18, top: 58, bottom: 30 },
      legend: {
        top: 0,
        left: 0,
        data: [...shops, ...(this.purchases().length > 0 ? ['bought'] : [])],
        textStyle: chartText(ink),
        itemWidth: 26,
        selectedMode: false,
      },
      tooltip: {
        trigger: 'item',
        // Drawn, and not written into the page: names of shops may come from anybody's file.
        renderMode: 'richText',
        backgroundColor: ink,
        borderWidth: 0,
        textStyle: { ...chartText(line), color: this.appearance.light() === 'dim' ? '#1d1815' : '#f5f0e6' },
        formatter: ({ seriesName, value: point }: { seriesName: string; value: [string, number] }) =>
          `${seriesName}, ${this.format.day(point[0])}: ${value(point[1] * 10 ** this.format.moneyDigits())}`,
      },
      xAxis: {
        type: 'time',
        minInterval: 24 * 3_600_000,
        axisLine: { lineStyle: { color: ink } },
        axisLabel: { ...chartText(soft), hideOverlap: true },
      },
      yAxis: {
        type: 'value',
        scale: true,
        splitLine: { lineStyle: { color: line } },
        axisLabel: chartText(soft),
      },
      series: [
        ...series,
        ...(this.purchases().length > 0 ? [bought] : []),
        ...(even === null
          ? []
          : [
              {
                name: 'even money',
                type: 'line',
                data: [],
                markLine: {
                  silent: true,
                  symbol: 'none',
                  lineStyle: { color: act, type: 'dashed', width: 2 },
                  label: {
                    formatter: `even ${value(even * this.format.kgPerUnit())}`,
                    position: 'insideEndTop',
                    ...chartText(ink),
                  },
                  data: [{ yAxis: amount(even) }],
                },
              },
            ]),
      ],
    };
  });
}
