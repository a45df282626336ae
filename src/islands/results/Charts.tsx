// The charts of a sitting: how hard against how well it tells, points of the learners, options by group.
import type { ChartConfiguration } from 'chart.js';
import { useCallback } from 'react';
import type { Item, ItemFigures, Sitting } from '../../core/model';
import { optionLetter } from '../../core/shared/plain';
import { axis, colour, Drawn, still } from '../parts/Drawn';
import { pointsOfLearners } from './words';
import { i18n } from '../../languages';

const noLegend = { legend: { display: false } };

function scatterOf(items: readonly ItemFigures[]): ChartConfiguration<'scatter'> {
  const known = items.filter(
    ({ difficulty, discrimination }) => difficulty !== null && discrimination !== null,
  );
  return {
    type: 'scatter',
    data: {
      datasets: [
        {
          data: known.map(({ difficulty, discrimination }) => ({
            x: difficulty!,
            y: discrimination!,
          })),
          backgroundColor: known.map(({ discrimination }) =>
            colour(discrimination! < 0 ? '--brick-ink' : '--leaf'),
          ),
          pointRadius: 5,
        },
      ],
    },
    options: {
      ...still,
      plugins: {
        ...noLegend,
        tooltip: { callbacks: { label: ({ dataIndex }) => known[dataIndex]?.ref ?? '' } },
      },
      scales: {
        x: { ...axis(i18n._('share right')), min: 0, max: 1 },
        y: { ...axis(i18n._('tells apart')), suggestedMin: -0.2, suggestedMax: 0.6 },
      },
    },
  };
}

export function ScatterChart({ items }: { items: readonly ItemFigures[] }) {
  const config = useCallback(() => scatterOf(items), [items]);
  return (
    <Drawn
      label={i18n._(
        'How hard each question was against how well it tells strong from weak; the table has the numbers',
      )}
      config={config}
    />
  );
}

function pointsChart(counts: readonly number[]): ChartConfiguration<'bar'> {
  return {
    type: 'bar',
    data: {
      labels: counts.map((_, at) => String(at)),
      datasets: [
        { data: [...counts], backgroundColor: colour('--leaf'), categoryPercentage: 0.95 },
      ],
    },
    options: {
      ...still,
      plugins: noLegend,
      scales: {
        x: {
          ...axis(i18n._('questions right')),
          grid: { display: false },
          ticks: { color: colour('--ink'), maxRotation: 0, autoSkipPadding: 12 },
        },
        y: { ...axis('learners'), ticks: { color: colour('--ink'), precision: 0 } },
      },
    },
  };
}

export function PointsChart({ sitting }: { sitting: Sitting }) {
  const { marks, learners } = sitting;
  const config = useCallback(
    () => pointsChart(pointsOfLearners(marks, learners.length)),
    [marks, learners],
  );
  return <Drawn label={i18n._('How many learners got how many questions right')} config={config} />;
}

function optionsChart(figures: ItemFigures, item: Item): ChartConfiguration<'bar'> {
  const options = figures.options ?? [];
  const bars = (label: string, data: number[], ink: string) => ({
    label,
    data,
    backgroundColor: colour(ink),
  });
  return {
    type: 'bar',
    data: {
      labels: options.map(({ n }) => `${optionLetter(n)}${item.options?.[n]?.right ? ' ✓' : ''}`),
      datasets: [
        bars(
          i18n._('upper 27 %'),
          options.map(({ upper }) => upper),
          '--leaf',
        ),
        bars(
          i18n._('lower 27 %'),
          options.map(({ lower }) => lower),
          '--ink-soft',
        ),
      ],
    },
    options: {
      ...still,
      plugins: { legend: { labels: { color: colour('--ink'), boxWidth: 14 } } },
      scales: {
        x: { ...axis(), grid: { display: false } },
        y: { ...axis(i18n._('share that chose it')), min: 0, max: 1 },
      },
    },
  };
}

export function OptionsChart({ figures, item }: { figures: ItemFigures; item: Item }) {
  const config = useCallback(() => optionsChart(figures, item), [figures, item]);
  return (
    <Drawn
      label={i18n._(
        'Which option the best and the weakest learners chose; the list beside it has the numbers',
      )}
      config={config}
      h={190}
    />
  );
}
