// Gather: what people hold comes in, is shown as understood, and enters the bank only when agreed to.
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { useLocation } from 'wouter';
import {
  agree,
  bring,
  bringFiles,
  gatherState,
  putAway,
  ready,
  stopReading,
  useGather,
} from '../state/gather';
import { useBank } from '../state/bank';
import { openDemo } from '../state/banks';
import { DEMO_SOURCES, demoFile } from '../state/demo';
import { say } from '../parts/say';
import { ReadAs } from './ReadAs';
import { Seam } from './Seam';
import { StatedSeam } from './StatedSeam';
import { Tray } from './Tray';

const TextSeam = lazy(() => import('./TextSeam').then((module) => ({ default: module.TextSeam })));

const ACCEPTED =
  '.xlsx,.xlsm,.ods,.xls,.csv,.tsv,.tab,.txt,.md,.docx,.html,.htm,.json,.xml,.qti,.zip,.imscc';

function FileButton({ label, main = false }: { label: string; main?: boolean }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button
        type="button"
        className={`button ${main ? 'main' : ''}`}
        onClick={() => input.current?.click()}
      >
        {label}
      </button>
      <input
        ref={input}
        type="file"
        hidden
        multiple
        accept={ACCEPTED}
        data-testid="source-file"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          void bringFiles(files);
        }}
      />
    </>
  );
}

function Empty() {
  const bank = useBank((state) => state.info.id);
  const count = useBank((state) => state.items.length);
  return (
    <div className="empty">
      <h1>What do you hold?</h1>
      <div className="drop">
        <p>
          Copy the block in your spreadsheet, your document or the reply of your writing assistant,
          and press <kbd>Ctrl V</kbd> here.
        </p>
        <p>
          Or drop a file anywhere on this page: a workbook (.xlsx, .ods, .xls), a document (.docx),
          text (.csv, .tsv, .txt, .md), a saved page, a test package or a bank file (.zip, .imscc).
        </p>
        <p>
          <FileButton label="Choose files" main />
        </p>
      </div>
      <p className="soft">
        You see what was understood before anything enters the bank, and one step takes it back.
      </p>
      <div className="samples">
        <h2>Nothing at hand?</h2>
        <ul>
          {DEMO_SOURCES.map(({ file, what }) => (
            <li key={file}>
              <button
                type="button"
                className="link"
                onClick={() => void demoFile(file).then((bytes) => bring({ name: file, bytes }))}
              >
                {file}
              </button>{' '}
              <span className="soft">{what}</span>
            </li>
          ))}
        </ul>
        {bank !== 'demo' && count === 0 && (
          <p>
            <button type="button" className="link" onClick={() => void openDemo()}>
              Open the demo bank
            </button>{' '}
            <span className="soft">
              60 questions for volunteer lock keepers, with three receivers’ blanks
            </span>
          </p>
        )}
      </div>
    </div>
  );
}

function Head() {
  const state = useGather();
  const [, go] = useLocation();
  const { items, findings, answer, taken, name } = state;
  const can = ready(state).length;
  const blocked = new Set(
    findings
      .filter((finding) => finding.level === 'block' && finding.item)
      .map((finding) => finding.item),
  ).size;
  const look = new Set(
    findings
      .filter((finding) => finding.level === 'warn' && finding.item)
      .map((finding) => finding.item),
  ).size;
  const left = findings.filter((finding) => finding.rule === 'row-left-out').length;
  const take = (most?: number): void => {
    const count = agree(most);
    const stays = ready(gatherState()).length;
    if (count) {
      say(
        `${count} ${count === 1 ? 'question is' : 'questions are'} in the bank. Undo takes ${count === 1 ? 'it' : 'them'} back.`,
      );
    }
    if (!most && !stays && !blocked) {
      go('/bank');
    }
  };
  return (
    <div className="place-head">
      <h1>{name}</h1>
      <span className="facts">
        {items.length} {items.length === 1 ? 'question' : 'questions'} understood
        {blocked ? `, ${blocked} of them blocked` : ''}
        {look ? `, ${look} to look at` : ''}
        {left ? `, ${left} ${left === 1 ? 'row' : 'rows'} left out` : ''}
        {taken.size ? `, ${taken.size} in the bank` : ''}
        {answer && answer.ms > 1000 ? ` in ${(answer.ms / 1000).toFixed(1)} s` : ''}
      </span>
      <div className="actions">
        <button type="button" className="button" onClick={() => putAway()}>
          Put away
        </button>
        <button type="button" className="button" disabled={can < 4} onClick={() => take(3)}>
          First three only
        </button>
        <button type="button" className="button main" disabled={!can} onClick={() => take()}>
          {can
            ? `Take ${can} ${can === 1 ? 'question' : 'questions'} into the bank`
            : taken.size
              ? 'All that can be taken is in the bank'
              : 'Nothing to take yet'}
        </button>
      </div>
    </div>
  );
}

/** A reading that takes longer says how far it is, and can be stopped. */
function Busy() {
  const { busy, progress } = useGather();
  const [late, setLate] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLate(true), 300);
    return () => clearTimeout(timer);
  }, []);
  return (
    <p className="soft" role="status">
      {busy}
      {progress
        ? ` ${progress.done.toLocaleString('en-GB')} of ${progress.of.toLocaleString('en-GB')} rows`
        : ''}{' '}
      {late && (
        <button type="button" className="button" onClick={stopReading}>
          Stop
        </button>
      )}
    </p>
  );
}

export default function GatherPlace() {
  const { busy, answer, findings, open } = useGather();
  if (busy && !answer) {
    return (
      <>
        <Tray />
        <Busy />
      </>
    );
  }
  if (!answer) {
    return (
      <>
        <Tray />
        <Empty />
      </>
    );
  }
  const general = findings.filter(
    (finding) =>
      !finding.item && !finding.where?.cell && (finding.level !== 'note' || !finding.where?.line),
  );
  const isStated = answer.reading.as === 'package' && answer.items.length > 0;
  return (
    <>
      <Tray />
      <Head />
      {general.map((finding, index) => (
        <div
          key={index}
          className={`bar ${finding.level === 'block' ? 'block' : 'warn'}`}
          role={finding.level === 'block' ? 'alert' : undefined}
        >
          {finding.message}
        </div>
      ))}
      {answer.sheet ? (
        <>
          <ReadAs key={open} />
          <Seam />
        </>
      ) : answer.text !== undefined ? (
        <>
          <ReadAs key={open} />
          <Suspense fallback={<p className="soft">Opening the text …</p>}>
            <TextSeam />
          </Suspense>
        </>
      ) : isStated ? (
        <>
          <ReadAs key={open} />
          <StatedSeam />
        </>
      ) : (
        <p>
          <FileButton label="Choose another file" main />
        </p>
      )}
    </>
  );
}
