// Rehearse: hand a file to a stand-in receiver, read its answer, and see the set as a learner would.
import { useRef, useState } from 'react';
import { Link } from 'wouter';
import { LIVE_HOST, PUBLISHED } from '../../stand-ins/live-host/rules';
import type { ImportAnswer } from '../../stand-ins/live-host/take';
import { demoFile } from '../state/demo';
import { useHandOver } from '../state/hand-over';
import { takeAway } from '../parts/take-away';
import { Play } from './Play';

type Taken = { name: string; answer: ImportAnswer };

function Answer({ taken, onPlay }: { taken: Taken; onPlay: () => void }) {
  const { answer, name } = taken;
  if ('problem' in answer) {
    return (
      <div className="bar block" role="alert">
        <b>{name}</b> was refused whole: {answer.problem}
      </div>
    );
  }
  return (
    <section className="panel" aria-label="The host’s answer">
      <div className="pad place-head">
        <h2>{answer.title}</h2>
        <span className="facts" data-testid="import-answer">
          {answer.taken.length} taken, {answer.refused.length} refused
        </span>
        <div className="actions">
          <button
            type="button"
            className="button main"
            disabled={!answer.taken.length}
            onClick={onPlay}
          >
            Play the {answer.taken.length} questions
          </button>
        </div>
      </div>
      {answer.refused.length > 0 && (
        <table className="plain">
          <thead>
            <tr>
              <th>Row</th>
              <th>Question</th>
              <th>Refused because</th>
            </tr>
          </thead>
          <tbody>
            {answer.refused.map(({ row, question, reason }) => (
              <tr key={row}>
                <td className="mono">{row}</td>
                <td>{question || <em>none</em>}</td>
                <td>{reason}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

export default function RehearsePlace() {
  const input = useRef<HTMLInputElement>(null);
  const [taken, setTaken] = useState<Taken>();
  const [playing, setPlaying] = useState(false);
  const { files } = useHandOver();
  const ready = files.filter((file) => file.name.endsWith('.xlsx'));
  const take = async (name: string, bytes: Uint8Array): Promise<void> => {
    const { takeFile } = await import('../../stand-ins/live-host/take');
    setTaken({ name, answer: await takeFile(bytes) });
    setPlaying(false);
  };
  if (playing && taken && !('problem' in taken.answer)) {
    return (
      <Play
        title={taken.answer.title}
        questions={taken.answer.taken}
        onEnd={() => setPlaying(false)}
      />
    );
  }
  return (
    <>
      <div className="place-head">
        <h1>Rehearse</h1>
        <span className="facts">stand-in receivers, simulated and shipped with this program</span>
      </div>
      <div className="two">
        <section className="panel" aria-label={LIVE_HOST.name}>
          <h2>{LIVE_HOST.name}</h2>
          <p>{LIVE_HOST.what}</p>
          <div>
            <b>Its published rules</b>
            <ol className="rules">
              {PUBLISHED.map((rule) => (
                <li key={rule}>{rule}</li>
              ))}
            </ol>
          </div>
        </section>
        <section className="panel" aria-label="Hand a file in">
          <h2>1. Get its blank</h2>
          <p>
            <button
              type="button"
              className="button"
              onClick={() =>
                void demoFile(LIVE_HOST.blank).then((bytes) => takeAway(LIVE_HOST.blank, bytes))
              }
            >
              Download {LIVE_HOST.blank}
            </button>
          </p>
          <h2>2. Fill it</h2>
          <p>
            Teach the blank under <Link href="/layouts">Layouts</Link>, then fill it under{' '}
            <Link href="/hand-over">Hand over</Link>.
          </p>
          <h2>3. Hand it in</h2>
          {ready.map((file) => (
            <p key={file.layout}>
              <button
                type="button"
                className="button main"
                onClick={() => void take(file.name, file.bytes)}
              >
                Hand in {file.name}
              </button>
            </p>
          ))}
          <p>
            <button
              type="button"
              className={`button ${ready.length ? '' : 'main'}`}
              onClick={() => input.current?.click()}
            >
              Choose a filled file
            </button>
            <input
              ref={input}
              type="file"
              hidden
              accept=".xlsx"
              data-testid="host-file"
              onChange={(event) => {
                const file = event.target.files?.[0];
                event.target.value = '';
                if (file) {
                  void file.arrayBuffer().then((buffer) => take(file.name, new Uint8Array(buffer)));
                }
              }}
            />
          </p>
        </section>
      </div>
      {taken && <Answer taken={taken} onPlay={() => setPlaying(true)} />}
    </>
  );
}
