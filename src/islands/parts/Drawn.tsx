// A chart in the page's own colours; the numbers always stand beside it too.
import { Box } from '@mantine/core';
import type { Chart, ChartConfiguration, ChartType } from 'chart.js';
import { useEffect, useRef } from 'react';

/** A colour of the scheme that is on. */
export const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();

/** How axes look in every chart. */
export const axis = (title?: string) => ({
  ticks: { color: colour('--ink') },
  grid: { color: colour('--line') },
  ...(title ? { title: { display: true, text: title, color: colour('--ink-soft') } } : {}),
});

/** What every chart does: no movement, all the room that its box has. */
export const still = {
  animation: false as const,
  responsive: true,
  maintainAspectRatio: false,
};

async function charting() {
  const chart = await import('chart.js');
  const { Chart, BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip } = chart;
  const { ScatterController, PointElement, LineElement } = chart;
  Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip);
  Chart.register(ScatterController, PointElement, LineElement);
  return Chart;
}

export function Drawn<Type extends ChartType>({
  label,
  config,
  h = 170,
}: {
  /** What is drawn, and where its numbers stand. */
  label: string;
  /** Makes the chart's content, when the page's colours are known; the same function draws the same chart. */
  config: () => ChartConfiguration<Type>;
  h?: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    // A canvas holds one chart: one that is no longer asked for is never drawn, and one that stands goes at once.
    let isGone = false;
    let drawn: Chart<Type> | undefined;
    void charting().then((Chart) => {
      drawn = isGone ? undefined : new Chart(canvas.current!, config());
    });
    return () => {
      isGone = true;
      drawn?.destroy();
    };
  }, [config]);
  return (
    <Box h={h} pos="relative">
      <canvas ref={canvas} role="img" aria-label={label} />
    </Box>
  );
}
