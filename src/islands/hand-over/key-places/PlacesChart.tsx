// Where right answers lie, as a chart; the table beside it has the numbers.
import { Box } from '@mantine/core';
import { useEffect, useRef } from 'react';
import { optionLetter } from '../../../core/shared/plain';
import type { Places } from './places';

const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();

function dataOf({ before, after }: Places, isSpread: boolean) {
  const stand = {
    label: 'as they stand',
    data: before,
    backgroundColor: colour('--ink-soft'),
  };
  const spread = { label: 'spread evenly', data: after, backgroundColor: colour('--leaf') };
  return {
    labels: before.map((_, index) => optionLetter(index)),
    datasets: isSpread ? [stand, spread] : [stand],
  };
}

function optionsOf() {
  const ticks = { color: colour('--ink') };
  return {
    animation: false as const,
    responsive: true,
    maintainAspectRatio: false,
    plugins: { legend: { labels: { ...ticks, boxWidth: 14 } } },
    scales: {
      x: { ticks, grid: { display: false } },
      y: {
        beginAtZero: true,
        ticks: { ...ticks, precision: 0 },
        grid: { color: colour('--line') },
      },
    },
  };
}

/** Draws the chart; gives how to take it away. */
async function draw(canvas: HTMLCanvasElement, places: Places, isSpread: boolean) {
  const { Chart, BarController, BarElement, CategoryScale, LinearScale, Legend } =
    await import('chart.js');
  Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend);
  return new Chart(canvas, {
    type: 'bar',
    data: dataOf(places, isSpread),
    options: optionsOf(),
  });
}

export function PlacesChart({ places, isSpread }: { places: Places; isSpread: boolean }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    let isGone = false;
    const drawn = draw(canvas.current!, places, isSpread);
    void drawn.then((chart) => isGone && chart.destroy());
    return () => {
      isGone = true;
      void drawn.then((chart) => chart.destroy());
    };
  }, [places, isSpread]);
  return (
    <Box h={170} pos="relative">
      <canvas
        ref={canvas}
        role="img"
        aria-label="Right answers by their place among the options; the table beside it has the numbers"
      />
    </Box>
  );
}
