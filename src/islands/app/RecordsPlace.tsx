// Records: the sources that were agreed to, each to be taken back as a whole, and the receipts of what was handed over.
import { Group, Table, Text } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { KeptSource, Receipt } from '../../core/model';
import { recordChange } from '../../core/shared/steps';
import { LinkButton } from '../parts/LinkButton';
import { PlaceHead } from '../parts/PlaceHead';
import { itemById, removeItems, useBank } from '../state/bank';
import { KeptReadings } from './KeptReadings';
import { Listed } from './Listed';
import { when } from '../parts/when';
import { makeAgain, showReceipt, takeReceipt } from '../state/hand-over';
import { i18n } from '../../languages';

/** Removes what a source brought, and its record, in one step. */
const takeBack = (source: KeptSource): Promise<void> =>
  removeItems(
    i18n._('Take back {name}', { name: source.name }),
    source.items,
    recordChange('sources', source, undefined),
  );

/** What can be done with a receipt: printed, kept as JSON, and its file made again. */
function Ways({ receipt }: { receipt: Receipt }) {
  const [made, setMade] = useState<string>();
  const canMake = (receipt.again ?? receipt.folded) !== undefined;
  return (
    <Group gap="sm" fz={13}>
      <LinkButton onClick={() => void showReceipt(receipt)}>{i18n._('Print')}</LinkButton>
      <LinkButton onClick={() => void takeReceipt(receipt)}>{i18n._('As JSON')}</LinkButton>
      {canMake && (
        <LinkButton onClick={() => void makeAgain(receipt).then(setMade)}>
          {i18n._('Make the file again')}
        </LinkButton>
      )}
      {made && <small role="status">{made}</small>}
    </Group>
  );
}

const SHOWN_OF_DIGEST = 12;

function ReceiptRow({ receipt }: { receipt: Receipt }) {
  const { file, layout, items, leftOut, readBack } = receipt;
  const changed = items.filter(({ changes }) => changes.length).length;
  const differing = readBack.differences.length;
  return (
    <Table.Tr>
      <Table.Td>{when(receipt.at)}</Table.Td>
      <Table.Td>{file.name}</Table.Td>
      <Table.Td>{layout.name}</Table.Td>
      <Table.Td ff="monospace">{receipt.questions}</Table.Td>
      <Table.Td ff="monospace">{changed}</Table.Td>
      <Table.Td ff="monospace">{leftOut.length}</Table.Td>
      <Table.Td>
        {differing ? i18n._('✕ {differing, number} differ', { differing }) : i18n._('✓ as meant')}
      </Table.Td>
      <Table.Td ff="monospace" title={file.sha256}>
        {file.sha256.slice(0, SHOWN_OF_DIGEST)}
      </Table.Td>
      <Table.Td>
        <Ways receipt={receipt} />
      </Table.Td>
    </Table.Tr>
  );
}

function SourceRow({ source }: { source: KeptSource }) {
  const stillThere = source.items.filter((id) => itemById(id)).length;
  return (
    <Table.Tr>
      <Table.Td>{when(source.at)}</Table.Td>
      <Table.Td>{source.name}</Table.Td>
      <Table.Td ff="monospace">{source.items.length}</Table.Td>
      <Table.Td ff="monospace">{stillThere}</Table.Td>
      <Table.Td>
        <LinkButton fz={13} onClick={() => void takeBack(source)}>
          {i18n._('Take back what it brought')}
        </LinkButton>
      </Table.Td>
    </Table.Tr>
  );
}

const RECEIPT_HEADINGS = [
  i18n._('Handed over'),
  i18n._('File'),
  i18n._('Receiver'),
  i18n._('Questions'),
  i18n._('Changed'),
  i18n._('Left out'),
  i18n._('Read back'),
  'SHA-256',
];
const SOURCE_HEADINGS = [
  i18n._('Brought in'),
  i18n._('Source'),
  i18n._('Questions'),
  i18n._('Still in the bank'),
];

export default function RecordsPlace() {
  const sources = useBank((state) => state.sources);
  const receipts = useBank((state) => state.receipts);
  const newest = useMemo(() => [...sources].sort((a, b) => b.at.localeCompare(a.at)), [sources]);
  const isEmpty = !sources.length && !receipts.length;
  return (
    <>
      <PlaceHead title={i18n._('Records')} facts={i18n._('what came in, and what went out')} />
      {isEmpty && (
        <Text c="dimmed">
          {i18n._('Nothing has come in by way of Gather and nothing was handed over yet.')}
        </Text>
      )}
      {sources.length > 0 && (
        <Listed label={i18n._('Sources')} headings={SOURCE_HEADINGS} acts={i18n._('Take back')}>
          {newest.map((source) => (
            <SourceRow key={source.id} source={source} />
          ))}
        </Listed>
      )}
      {receipts.length > 0 && (
        <Listed label={i18n._('Receipts')} headings={RECEIPT_HEADINGS} acts={i18n._('Receipt')}>
          {receipts.map((receipt) => (
            <ReceiptRow key={receipt.id} receipt={receipt} />
          ))}
        </Listed>
      )}
      <KeptReadings />
    </>
  );
}
