// Records: the sources that were agreed to, each to be taken back as a whole, and the receipts of what was handed over.
import { useState } from 'react';
import type { KeptSource, Receipt } from '../../core/model';
import { recordChange } from '../../core/shared/steps';
import { itemById, removeItems, useBank } from '../state/bank';
import { makeAgain, showReceipt, takeReceipt } from '../state/hand-over';

const when = (at: string): string =>
  new Date(at).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  });

/** Removes what a source brought, and its record, in one step. */
const takeBack = (source: KeptSource): Promise<void> =>
  removeItems(`Take back ${source.name}`, source.items, recordChange('sources', source, undefined));

/** What can be done with a receipt: printed, kept as JSON, and its file made again. */
function Ways({ receipt }: { receipt: Receipt }) {
  const [made, setMade] = useState<string>();
  return (
    <span className="ways">
      <button type="button" className="link small" onClick={() => void showReceipt(receipt)}>
        Print
      </button>
      <button type="button" className="link small" onClick={() => void takeReceipt(receipt)}>
        As JSON
      </button>
      {(receipt.again ?? receipt.folded) && (
        <button
          type="button"
          className="link small"
          onClick={() => void makeAgain(receipt).then(setMade)}
        >
          Make the file again
        </button>
      )}
      {made && <small role="status">{made}</small>}
    </span>
  );
}

function Receipts({ receipts }: { receipts: readonly Receipt[] }) {
  return (
    <section className="panel table-scroll" aria-label="Receipts">
      <table className="plain">
        <thead>
          <tr>
            <th>Handed over</th>
            <th>File</th>
            <th>Receiver</th>
            <th>Questions</th>
            <th>Changed</th>
            <th>Left out</th>
            <th>Read back</th>
            <th>SHA-256</th>
            <th>
              <span className="visually-hidden">Receipt</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {receipts.map((receipt) => (
            <tr key={receipt.id}>
              <td>{when(receipt.at)}</td>
              <td>{receipt.file.name}</td>
              <td>{receipt.layout.name}</td>
              <td className="mono">{receipt.questions}</td>
              <td className="mono">{receipt.items.filter((item) => item.changes.length).length}</td>
              <td className="mono">{receipt.leftOut.length}</td>
              <td>
                {receipt.readBack.differences.length
                  ? `✕ ${receipt.readBack.differences.length} differ`
                  : '✓ as meant'}
              </td>
              <td className="mono" title={receipt.file.sha256}>
                {receipt.file.sha256.slice(0, 12)}
              </td>
              <td>
                <Ways receipt={receipt} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

export default function RecordsPlace() {
  const sources = useBank((state) => state.sources);
  const receipts = useBank((state) => state.receipts);
  return (
    <>
      <div className="place-head">
        <h1>Records</h1>
        <span className="facts">what came in, and what went out</span>
      </div>
      {!sources.length && !receipts.length && (
        <p className="soft">
          Nothing has come in by way of Gather and nothing was handed over yet.
        </p>
      )}
      {sources.length > 0 && (
        <section className="panel table-scroll" aria-label="Sources">
          <table className="plain">
            <thead>
              <tr>
                <th>Brought in</th>
                <th>Source</th>
                <th>Questions</th>
                <th>Still in the bank</th>
                <th>
                  <span className="visually-hidden">Take back</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {[...sources]
                .sort((a, b) => b.at.localeCompare(a.at))
                .map((source) => (
                  <tr key={source.id}>
                    <td>{when(source.at)}</td>
                    <td>{source.name}</td>
                    <td className="mono">{source.items.length}</td>
                    <td className="mono">{source.items.filter((id) => itemById(id)).length}</td>
                    <td>
                      <button
                        type="button"
                        className="link small"
                        onClick={() => void takeBack(source)}
                      >
                        Take back what it brought
                      </button>
                    </td>
                  </tr>
                ))}
            </tbody>
          </table>
        </section>
      )}
      {receipts.length > 0 && <Receipts receipts={receipts} />}
    </>
  );
}
