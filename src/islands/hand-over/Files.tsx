// The filled files: each with what the read-back found, taken away by a plain button only where it found nothing amiss.
import type { Layout } from '../../core/model';
import { useHandOver, type FilledFile } from '../state/hand-over';
import { takeAway } from '../parts/take-away';

function FileCard({ file, layout }: { file: FilledFile; layout: Layout | undefined }) {
  const { receipt, differences } = file;
  const clean = differences.length === 0;
  const changes = receipt.items.filter((item) => item.changes.length).length;
  return (
    <section className={`file-card panel ${clean ? '' : 'differs'}`} aria-label={file.name}>
      <div>
        <h3>{file.name}</h3>
        <p className="soft small">for {layout?.name}: {receipt.questions} {receipt.questions === 1 ? 'question' : 'questions'}{changes ? `, ${changes} changed as named` : ''}{receipt.leftOut.length ? `, ${receipt.leftOut.length} left out` : ''} · {(file.bytes.length / 1024).toFixed(1)} kB</p>
        <p>{clean
          ? <><span className="sign fine" aria-hidden>✓</span> Read back by other code: all {receipt.questions} as meant.</>
          : <><span className="sign block" aria-hidden>✕</span> Read back: {differences.length} {differences.length === 1 ? 'difference' : 'differences'}.</>}</p>
        {!clean && <ul className="differences">{differences.slice(0, 8).map((difference, index) => <li key={index}>{difference.n ? `Question ${difference.n}` : 'The file'}, {difference.field}: meant “{difference.meant.slice(0, 80)}”, found “{difference.found.slice(0, 80)}”.</li>)}</ul>}
        {file.notes.map((note) => <p key={note} className="note note-level"><span>{note}</span></p>)}
        {receipt.leftOut.length > 0 && <details><summary>{receipt.leftOut.length} left out</summary><ul>{receipt.leftOut.map((one) => <li key={one.id}><span className="mono">{one.ref}</span> {one.reason}</li>)}</ul></details>}
      </div>
      <div className="take">
        {clean
          ? <button type="button" className="button main" onClick={() => takeAway(file.name, file.bytes)}>Take the file</button>
          : <button type="button" className="button" onClick={() => takeAway(file.name, file.bytes)}>Take it with its differences</button>}
        <button type="button" className="link small" onClick={() => takeAway(`${file.name}.receipt.json`, new TextEncoder().encode(JSON.stringify(receipt, null, 2)), 'application/json')}>Receipt</button>
        <small className="mono soft" title={`SHA-256 ${receipt.file.sha256}`}>{receipt.file.sha256.slice(0, 12)}</small>
      </div>
    </section>
  );
}

export function Files({ layouts }: { layouts: readonly Layout[] }) {
  const { files, busy } = useHandOver();
  if (busy) return <div className="bar fine" role="status">{busy}</div>;
  if (!files.length) return null;
  return <div className="files">{files.map((file) => <FileCard key={file.layout} file={file} layout={layouts.find((layout) => layout.id === file.layout)} />)}</div>;
}
