import { sum } from 'd3-array';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { EChartsCoreOption } from 'echarts/core';
import { NgxEchartsDirective, provideEchartsCore } from 'ngx-echarts';
import { Format } from '@core/format/format';
import { Appearance } from '../../ui/appearance';
import { chartInk, chartText } from '../../ui/chart/chart-ink';
import { echarts } from '../../ui/chart/echarts';

/** The yield of each finished piece of a kind over time, with the range that holds most of them. */
@Component({
  selector: 'v-yield-trend',
  imports: [NgxEchartsDirective],
  providers: [provideEchartsCore({ echarts })],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (points().length > 0) {
      <div echarts [options]="options()" class="chart" role="img" [attr.aria-label]="spoken()"></div>
    } @else {
      <p class="soft">No finished piece of this kind yet.</p>
    }`,
  styles: `
    .chart {
      height: 300px;
      width: 100%;
    }
  `,
})
export class YieldTrend {
  private readonly format = inject(Format);
  private readonly appearance = inject(Appearance);
  readonly points = input.required<readonly { readonly on: string; readonly yield: number }[]>();

  private readonly spread = computed(() => {
    const values = this.points()
      .map((point) => point.yield)
      .sort((a, b) => a - b);
    const at = (share: number): number => values[Math.round(share * (values.length - 1))] ?? 0;
    return {
      low: at(0.1),
      middle: sum(values) / Math.max(1, values.length),
      high: at(0.9),
    };
  });
  protected readonly spoken = computed(
    () =>
      `Yield of ${this.format.count(this.points().length, 'piece')}, mean ${this.format.percent(this.spread().middle)}`,
  );

  protected readonly options = computed<EChartsCoreOption>(() => {
    const { ink, soft, line, act, twine } = chartInk(this.appearance.light());
    const percent = (share: number): number => Math.round(share * 1000) / 10;
    const { low, middle, high } = this.spread();
    return {
      animation: false,
      textStyle: chartText(ink),
      grid: { left: 52, right: 18, top: 16, bottom: 30 },
      xAxis: {
        type: 'time',
        minInterval: 24 * 3_600_000,
        axisLine: { lineStyle: { color: ink } },
        axisLabel: { ...chartText(soft), hideOverlap: true },
      },
      yAxis: {
        type: 'value',
        scale: true,
        // No piece gives more than all of itself.
        max: ({ max }: { max: number }) => Math.min(100, Math.ceil(max / 5) * 5),
        splitLine: { lineStyle: { color: line } },
        axisLabel: { ...chartText(soft), formatter: '{value} %' },
      },
      series: [
        {
          type: 'scatter',
          symbolSize: 12,
          itemStyle: { color: act, borderColor: ink, borderWidth: 1 },
          data: this.points().map(({ on, yield: part }) => [on, percent(part)]),
          markLine: {
            silent: true,
            symbol: 'none',
            lineStyle: { color: ink, width: 1.5 },
            label: {
              formatter: `mean ${this.format.percent(middle)}`,
              position: 'insideEndTop',
              ...chartText(ink),
            },
            data: [{ yAxis: percent(middle) }],
          },
          markArea: {
            silent: true,
            itemStyle: { color: twine, opacity: 0.22 },
            data: [[{ yAxis: percent(low) }, { yAxis: percent(high) }]],
          },
        },
      ],
    };
  });
}
