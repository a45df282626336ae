// Where right answers lie, before and after they are spread: a chart, and the same in numbers.
import { useEffect, useRef, useState } from 'react';
import type { KeptLayout } from '../../core/model';
import { optionLetter } from '../../core/shared/plain';
import { useAsk } from '../state/asking';
import { setWishes, useHandOver } from '../state/hand-over';

type Places = { before: number[]; after: number[]; questions: number };
const SEED = 1;

/** Whether the order of the options says anything to this receiver. */
export const showsOrder = ({ layout }: KeptLayout): boolean =>
  !layout.shuffles &&
  layout.shape !== 'grid' &&
  (layout.shape !== 'rows' ||
    layout.columns.some(({ role }) => role === 'option' || role === 'options')) &&
  !['first', 'right-column', 'word'].includes(layout.key.style);

const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();

function Bars({ places, spread }: { places: Places; spread: boolean }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    let stop = (): void => undefined;
    let gone = false;
    void import('chart.js').then(
      ({ Chart, BarController, BarElement, CategoryScale, LinearScale, Legend }) => {
        if (gone || !canvas.current) {
          return;
        }
        Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend);
        const [ink, line] = [colour('--ink'), colour('--line')];
        const chart = new Chart(canvas.current, {
          type: 'bar',
          data: {
            labels: places.before.map((_, index) => optionLetter(index)),
            datasets: [
              {
                label: 'as they stand',
                data: places.before,
                backgroundColor: colour('--ink-soft'),
              },
              ...(spread
                ? [
                    {
                      label: 'spread evenly',
                      data: places.after,
                      backgroundColor: colour('--leaf'),
                    },
                  ]
                : []),
            ],
          },
          options: {
            animation: false,
            responsive: true,
            maintainAspectRatio: false,
            plugins: { legend: { labels: { color: ink, boxWidth: 14 } } },
            scales: {
              x: { ticks: { color: ink }, grid: { display: false } },
              y: { beginAtZero: true, ticks: { color: ink, precision: 0 }, grid: { color: line } },
            },
          },
        });
        stop = () => chart.destroy();
      },
    );
    return () => {
      gone = true;
      stop();
    };
  }, [places, spread]);
  return (
    <div className="chart">
      <canvas
        ref={canvas}
        role="img"
        aria-label="Right answers by their place among the options; the table beside it has the numbers"
      />
    </div>
  );
}

/** How far the fullest place is above an even share. */
function unevenness({ before, questions }: Places): string | undefined {
  const most = Math.max(0, ...before);
  const at = before.indexOf(most);
  // A question with several right options counts at each of their places.
  const all = before.reduce((sum, n) => sum + n, 0);
  return questions > 4 && most > (questions / Math.max(1, before.filter(Boolean).length)) * 1.5
    ? `${most} of ${all} right answers lie at ${optionLetter(at)}`
    : undefined;
}

export function KeyPlaces({ kept }: { kept: readonly KeptLayout[] }) {
  const { ids, spread } = useHandOver();
  const concerned = kept.filter(showsOrder);
  const [chosen, setChosen] = useState<string>();
  const one = concerned.find(({ id }) => id === chosen) ?? concerned[0];
  const { answer: places } = useAsk(
    one && ((worker) => worker.keyPlaces([...ids], one.layout, one.variants ?? {}, spread ?? SEED)),
    [ids, one, spread],
  );
  if (!one || !places?.questions) {
    return null;
  }
  const uneven = unevenness(places);
  return (
    <details className="panel key-places">
      <summary>
        Where right answers lie
        {spread !== undefined ? (
          ': spread evenly'
        ) : uneven ? (
          <>
            :{' '}
            <span className="sign warn" aria-hidden>
              !
            </span>{' '}
            {uneven}
          </>
        ) : (
          ''
        )}
      </summary>
      <div className="key-places-body">
        <Bars places={places} spread={spread !== undefined} />
        <div>
          {concerned.length > 1 && (
            <label>
              Receiver{' '}
              <select
                className="field"
                value={one.id}
                onChange={(event) => setChosen(event.target.value)}
              >
                {concerned.map(({ id, layout }) => (
                  <option key={id} value={id}>
                    {layout.name}
                  </option>
                ))}
              </select>
            </label>
          )}
          <table className="plain numbers">
            <thead>
              <tr>
                <th>Place</th>
                {places.before.map((_, index) => (
                  <th key={index}>{optionLetter(index)}</th>
                ))}
              </tr>
            </thead>
            <tbody>
              <tr>
                <th scope="row">as they stand</th>
                {places.before.map((count, index) => (
                  <td key={index} className="mono">
                    {count}
                  </td>
                ))}
              </tr>
              {spread !== undefined && (
                <tr>
                  <th scope="row">spread evenly</th>
                  {places.before.map((_, index) => (
                    <td key={index} className="mono">
                      {places.after[index] ?? 0}
                    </td>
                  ))}
                </tr>
              )}
            </tbody>
          </table>
          <p>
            <label>
              <input
                type="checkbox"
                checked={spread !== undefined}
                onChange={(event) => setWishes({ spread: event.target.checked ? SEED : undefined })}
              />{' '}
              Spread them evenly for receivers that do not shuffle
            </label>
            {spread !== undefined && (
              <label>
                {' '}
                by seed{' '}
                <input
                  className="field mono"
                  size={5}
                  inputMode="numeric"
                  defaultValue={spread}
                  onBlur={(event) => {
                    const seed = Number(event.target.value);
                    if (Number.isInteger(seed) && seed >= 0) {
                      setWishes({ spread: seed });
                    } else {
                      event.target.value = String(spread);
                    }
                  }}
                />
              </label>
            )}
          </p>
          <p className="soft small">
            The same seed gives the same order, even among questions with as many options. Options
            that speak of others (“all of the above”), true or false, and questions that keep their
            order stay as they are.
          </p>
        </div>
      </div>
    </details>
  );
}
