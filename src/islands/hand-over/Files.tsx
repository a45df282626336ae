// The filled files: each with what the read-back found, taken away by a plain button only where it found nothing amiss.
import { useState } from 'react';
import type { Layout } from '../../core/model';
import { quoted } from '../../core/shared/plain';
import { isFilled } from '../../core/shared/roles';
import { itemById } from '../state/bank';
import {
  copyBlock,
  showReceipt,
  stopFilling,
  takeAll,
  takeFile,
  takeReceipt,
  useHandOver,
  type FilledFile,
} from '../state/hand-over';
import { sayProblem } from '../parts/say';

const plural = (n: number, word: string): string => `${n} ${n === 1 ? word : `${word}s`}`;

/** The beginning of a question's text, by which people know it better than by its reference. */
function stemOf(id: string): string {
  const text = itemById(id)?.stem.plain.trim();
  return text ? quoted(text, 60) : 'no longer in the bank';
}

/** The rows as a block for receivers that take no file: where to paste it is said on the button and after the click. */
function CopyBlock({ layout, file }: { layout: Layout; file: FilledFile }) {
  const [copied, setCopied] = useState<{ rows: number; cell: string }>();
  const cell =
    layout.pasteAt ??
    `${layout.columns.find(({ role }) => isFilled(role))?.column ?? 'A'}${layout.file.firstRow ?? 1}`;
  const copy = (): void => {
    copyBlock(file).then(setCopied, () =>
      sayProblem(
        'The browser refused the clipboard. Take the file instead, or allow the clipboard for this page.',
      ),
    );
  };
  return (
    <>
      <button
        type="button"
        className={layout.pasteAt ? 'button main' : 'link small'}
        onClick={copy}
      >
        Copy as a block for {cell}
      </button>
      {copied && (
        <small role="status">
          {plural(copied.rows, 'row')} copied: click cell {copied.cell} there and paste.
        </small>
      )}
    </>
  );
}

/** What the read-back found, as long as the file still is what the questions say. */
function Proof({ file }: { file: FilledFile }) {
  const { receipt, differences, isStale, isTaken } = file;
  if (isStale) {
    return (
      <>
        <span className="sign warn" aria-hidden>
          !
        </span>{' '}
        Filled before your last change to its questions or layout. Fill again.
      </>
    );
  }
  if (differences.length) {
    return (
      <>
        <span className="sign block" aria-hidden>
          ✕
        </span>{' '}
        Read back: {plural(differences.length, 'difference')}.
      </>
    );
  }
  return (
    <>
      <span className="sign fine" aria-hidden>
        ✓
      </span>{' '}
      Read back by other code: all {receipt.questions} as meant.{isTaken ? ' Taken.' : ''}
    </>
  );
}

function takeWords({ differences, isStale }: FilledFile): string {
  if (differences.length) {
    return 'Take it with its differences';
  }
  return isStale ? 'Take it as it was' : 'Take the file';
}

function FileCard({ file, layout }: { file: FilledFile; layout: Layout | undefined }) {
  const { receipt, differences } = file;
  const clean = differences.length === 0;
  const isPlain = clean && !file.isStale;
  const changes = receipt.items.filter((item) => item.changes.length).length;
  return (
    <section
      className={`file-card panel ${clean && !file.isStale ? '' : 'differs'}`}
      aria-label={file.name}
    >
      <div>
        <h3>{file.name}</h3>
        <p className="soft small">
          for {layout?.name}
          {receipt.batch ? `, batch ${receipt.batch.n} of ${receipt.batch.of}` : ''}:{' '}
          {plural(receipt.questions, 'question')}
          {changes ? `, ${changes} changed as named` : ''}
          {receipt.leftOut.length ? `, ${receipt.leftOut.length} left out` : ''} ·{' '}
          {(file.bytes.length / 1024).toFixed(1)} kB
        </p>
        <p>
          <Proof file={file} />
        </p>
        {!clean && (
          <ul className="differences">
            {differences.slice(0, 8).map((difference, index) => (
              <li key={index}>
                {difference.n ? `Question ${difference.n}` : 'The file'}, {difference.field}: meant
                “{difference.meant.slice(0, 80)}”, found “{difference.found.slice(0, 80)}”.
              </li>
            ))}
          </ul>
        )}
        {file.notes.map((note) => (
          <p key={note} className="note note-level">
            <span>{note}</span>
          </p>
        ))}
        {receipt.leftOut.length > 0 && (
          <details>
            <summary>{receipt.leftOut.length} left out</summary>
            <ul>
              {receipt.leftOut.map((one) => (
                <li key={one.id}>
                  <span className="mono">{one.ref}</span> {stemOf(one.id)}: {one.reason}
                </li>
              ))}
            </ul>
          </details>
        )}
      </div>
      <div className="take">
        <button
          type="button"
          className={isPlain && !layout?.pasteAt ? 'button main' : 'button'}
          onClick={() => takeFile(file)}
        >
          {takeWords(file)}
        </button>
        {layout?.shape === 'rows' && <CopyBlock layout={layout} file={file} />}
        <span className="ways">
          <button type="button" className="link small" onClick={() => void showReceipt(receipt)}>
            Receipt to print
          </button>{' '}
          <button type="button" className="link small" onClick={() => void takeReceipt(receipt)}>
            Receipt as JSON
          </button>
        </span>
        <small className="mono soft" title={`SHA-256 ${receipt.file.sha256}`}>
          {receipt.file.sha256.slice(0, 12)}
        </small>
      </div>
    </section>
  );
}

/** Many numbered files of one receiver as one entry, to be opened. */
function Batches({ files, layout }: { files: readonly FilledFile[]; layout: Layout | undefined }) {
  const differing = files.filter((file) => file.differences.length).length;
  const questions = files.reduce((sum, { receipt }) => sum + receipt.questions, 0);
  return (
    <details className={`file-card panel batches ${differing ? 'differs' : ''}`}>
      <summary>
        <b>
          {layout?.name}: {files.length} numbered files
        </b>{' '}
        <span className="soft small">
          {plural(questions, 'question')},{' '}
          {differing ? `${differing} files came back other than meant` : 'all read back as meant'}
        </span>
      </summary>
      <p>
        <button type="button" className="button small" onClick={() => void takeAll(files)}>
          Take these {files.length} as one zip
        </button>
      </p>
      {files.map((file) => (
        <FileCard key={file.name} file={file} layout={layout} />
      ))}
    </details>
  );
}

const MANY = 3;

export function Files({ layouts }: { layouts: readonly Layout[] }) {
  const { files, busy } = useHandOver();
  if (busy) {
    return (
      <div className="bar fine" role="status">
        <span>{busy}</span>
        <button type="button" className="button small" onClick={stopFilling}>
          Stop
        </button>
      </div>
    );
  }
  if (!files.length) {
    return null;
  }
  const differing = files.filter((file) => file.differences.length).length;
  const groups = [...new Set(files.map((file) => file.layout))].map((id) => ({
    id,
    layout: layouts.find((layout) => layout.id === id),
    own: files.filter((file) => file.layout === id),
  }));
  return (
    <>
      {files.length > 1 && (
        <div className={`bar ${differing ? 'warn' : 'fine'}`}>
          <span>
            {plural(files.length, 'file')} filled and read back
            {differing ? `; ${differing} came back other than meant` : ', all as meant'}.
          </span>
          <button
            type="button"
            className={`button small ${differing ? '' : 'main'}`}
            onClick={() => void takeAll(files)}
          >
            Take all {files.length} as one zip
          </button>
        </div>
      )}
      <div className="files">
        {groups.map(({ id, layout, own }) =>
          own.length > MANY ? (
            <Batches key={id} files={own} layout={layout} />
          ) : (
            own.map((file) => <FileCard key={file.name + id} file={file} layout={layout} />)
          ),
        )}
      </div>
    </>
  );
}
