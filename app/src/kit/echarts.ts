import { SankeyChart } from 'echarts/charts';
import { AriaComponent, TooltipComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';

echarts.use([SankeyChart, AriaComponent, TooltipComponent, CanvasRenderer]);

/** The parts of ECharts that the charts here are made of. Canvas: the strict policy allows no inline style. */
export { echarts };
