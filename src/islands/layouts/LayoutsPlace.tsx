// Layouts: teach the program a receiver's file by dropping its blank, and correct what it learned by pointing.
import { useEffect, useRef, useState } from 'react';
import { Link, useLocation, useParams } from 'wouter';
import type { KeptLayout, Layout } from '../../core/model';
import { KEY_WORDS } from '../parts/roles';
import { useBank } from '../state/bank';
import { DEMO_BLANKS, demoFile } from '../state/demo';
import {
  addStarter,
  choose,
  forgetTaught,
  newLayout,
  removeLayout,
  starters,
  takeBlank,
  teachBlanks,
  useTaught,
  type Taught,
} from '../state/layouts';
import { stopCore } from '../../workers/client';
import { Teach } from './Teach';

function BlankButton({ main = false }: { main?: boolean }) {
  const input = useRef<HTMLInputElement>(null);
  const [, go] = useLocation();
  return (
    <>
      <button
        type="button"
        className={`button ${main ? 'main' : ''}`}
        onClick={() => input.current?.click()}
      >
        Choose blanks or layouts’ files
      </button>
      <input
        ref={input}
        type="file"
        hidden
        multiple
        accept=".xlsx,.ods,.csv,.tsv,.txt,.md,.json"
        data-testid="blank-file"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          void teachBlanks(files).then((id) => id && go(`/layouts/${id}`));
        }}
      />
    </>
  );
}

function limitsInWords({ layout }: KeptLayout): string {
  const { stem, option, optionsMax, perFile, seconds } = layout.limits;
  return (
    [
      stem ? `question ${stem}` : '',
      option
        ? `${layout.columns.some((column) => column.role === 'option') ? 'option' : 'answer'} ${option}`
        : '',
      optionsMax ? `${optionsMax} options` : '',
      perFile ? `${perFile} per file` : '',
      seconds ? `${seconds.join(', ')} s` : '',
    ]
      .filter(Boolean)
      .join(' · ') || 'none named'
  );
}

const SHAPES: Record<Layout['shape'], string> = {
  rows: 'a row per question',
  blocks: 'blocks of rows',
  grid: 'a board',
  'marked-text': 'marked text',
  package: 'a package',
};
const keyOf = ({ shape, columns, key, file }: Layout): string | undefined => {
  if (shape === 'marked-text') {
    return 'a sign at the option';
  }
  if (shape === 'package') {
    return file.standard;
  }
  if (shape === 'blocks') {
    return KEY_WORDS[key.style];
  }
  return columns.some((column) => ['option', 'options', 'right'].includes(column.role)) ||
    key.style === 'word'
    ? KEY_WORDS[key.style]
    : undefined;
};

/** Plain layouts of our own, for receivers whose blank is not at hand and for those that take an open standard. */
function Starters() {
  const [list, setList] = useState<Layout[]>([]);
  const [, go] = useLocation();
  useEffect(() => {
    void starters().then(setList);
  }, []);
  return (
    <section className="panel starters" aria-label="Starter layouts">
      <h2>Or begin with a plain one</h2>
      <ul>
        {list.map((starter) => (
          <li key={starter.id}>
            <b>{starter.name}</b>{' '}
            <span className="soft small">
              .{starter.file.format}, {SHAPES[starter.shape]}
            </span>
            <span className="tools">
              {starter.shape !== 'package' && (
                <button
                  type="button"
                  className="link small"
                  aria-label={`Take its blank: ${starter.name}`}
                  onClick={() => void takeBlank(starter)}
                >
                  Take its blank
                </button>
              )}
              <button
                type="button"
                className="link small"
                aria-label={`Use it: ${starter.name}`}
                onClick={() => void addStarter(starter).then((id) => go(`/layouts/${id}`))}
              >
                Use it
              </button>
            </span>
          </li>
        ))}
      </ul>
      <p>
        <button
          type="button"
          className="link"
          onClick={() => void newLayout().then((id) => go(`/layouts/${id}`))}
        >
          Build a layout column by column
        </button>
      </p>
    </section>
  );
}

const TAUGHT_WORDS: Record<Taught['state'], string> = {
  waiting: 'waits',
  reading: 'reading …',
  learned: 'learned',
  problem: 'could not be read',
};

/** Blanks that were dropped together, each with what became of it. */
function TaughtBlanks() {
  const taught = useTaught();
  if (!taught.length) {
    return null;
  }
  const busy = taught.some(({ state }) => state === 'waiting' || state === 'reading');
  return (
    <section className="tray panel" aria-label="Blanks that were dropped">
      <ul>
        {taught.map(({ name, state, id, problem }, index) => (
          <li key={index}>
            {id ? <Link href={`/layouts/${id}`}>{name}</Link> : name}{' '}
            <span className={problem ? 'problem' : 'soft'}>{problem ?? TAUGHT_WORDS[state]}</span>
          </li>
        ))}
      </ul>
      {busy ? (
        <button type="button" className="button small" onClick={stopCore}>
          Stop
        </button>
      ) : (
        <button type="button" className="button small" onClick={forgetTaught}>
          Close
        </button>
      )}
    </section>
  );
}

function List() {
  const layouts = useBank((state) => state.layouts);
  const known = new Set(layouts.map((kept) => kept.layout.blank?.name));
  const [, go] = useLocation();
  const demo = DEMO_BLANKS.filter(({ file }) => !known.has(file));
  return (
    <>
      <div className="place-head">
        <h1>Layouts</h1>
        <span className="facts">
          what each receiver’s file looks like, learned from its own blank
        </span>
        <div className="actions">
          <BlankButton main={!layouts.length} />
        </div>
      </div>
      <TaughtBlanks />
      {layouts.length > 0 && (
        <div className="panel table-scroll">
          <table className="plain">
            <thead>
              <tr>
                <th>Receiver</th>
                <th>File</th>
                <th>Right answer by</th>
                <th>Takes at most</th>
                <th>Wants a look</th>
                <th>In view</th>
                <th>
                  <span className="visually-hidden">Remove</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {layouts.map((kept) => (
                <tr key={kept.id}>
                  <td>
                    <Link href={`/layouts/${kept.id}`}>{kept.layout.name}</Link>
                  </td>
                  <td>
                    <span className="mono">.{kept.layout.file.format}</span>{' '}
                    <span className="soft small">{SHAPES[kept.layout.shape]}</span>
                  </td>
                  <td>
                    {keyOf(kept.layout) ?? <span className="soft">no options to choose from</span>}
                  </td>
                  <td>{limitsInWords(kept)}</td>
                  <td>
                    {kept.unsure.length ? (
                      <span className="chip unsure">! {kept.unsure.length}</span>
                    ) : (
                      <span className="soft">nothing</span>
                    )}
                  </td>
                  <td>
                    <label>
                      <input
                        type="checkbox"
                        checked={kept.chosen}
                        onChange={(event) => void choose(kept, event.target.checked)}
                      />
                      <span className="visually-hidden"> {kept.layout.name} in view</span>
                    </label>
                  </td>
                  <td>
                    <button
                      type="button"
                      className="link small"
                      onClick={() => void removeLayout(kept)}
                    >
                      Remove
                    </button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <div className="drop">
        <p>
          {layouts.length ? 'Another receiver?' : 'Which receiver?'} Drop its own blank file here:
          the form you download there to fill in (.xlsx, .ods, .csv, .tsv, .txt), or a sample of its
          text.
        </p>
        <p className="soft">
          The program reads headings, instructions, drop-downs, lengths and samples, says what goes
          where and why, and you correct it by pointing.
        </p>
        {demo.length > 0 && (
          <p className="soft">
            To try it:{' '}
            {demo.map(({ file }, index) => (
              <span key={file}>
                {index > 0 && ', '}
                <button
                  type="button"
                  className="link"
                  onClick={() =>
                    void demoFile(file)
                      .then((bytes) => teachBlanks([new File([new Uint8Array(bytes)], file)]))
                      .then((id) => {
                        if (id) {
                          go(`/layouts/${id}`);
                        }
                      })
                  }
                >
                  {file}
                </button>
              </span>
            ))}
          </p>
        )}
      </div>
      <Starters />
    </>
  );
}

export default function LayoutsPlace() {
  const { id } = useParams<{ id?: string }>();
  const kept = useBank((state) => state.layouts.find((candidate) => candidate.id === id));
  return kept ? <Teach key={kept.id} kept={kept} /> : <List />;
}
