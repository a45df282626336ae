// A chart in the page's own colours; the numbers always stand beside it too.
import { Box } from '@mantine/core';
import type { ChartConfiguration, ChartType } from 'chart.js';
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

async function draw<Type extends ChartType>(
  canvas: HTMLCanvasElement,
  config: ChartConfiguration<Type>,
) {
  const chart = await import('chart.js');
  const { Chart, BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip } = chart;
  const { ScatterController, PointElement, LineElement } = chart;
  Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip);
  Chart.register(ScatterController, PointElement, LineElement);
  return new Chart(canvas, config);
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
    let isGone = false;
    const drawn = draw(canvas.current!, config());
    void drawn.then((chart) => isGone && chart.destroy());
    return () => {
      isGone = true;
      void drawn.then((chart) => chart.destroy());
    };
  }, [config]);
  return (
    <Box h={h} pos="relative">
      <canvas ref={canvas} role="img" aria-label={label} />
    </Box>
  );
}
