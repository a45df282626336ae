// One filled file: what is in it, what the read-back found, and the ways to take it away.
import { Button, Group, List, Paper, Stack, Text, Title } from '@mantine/core';
import type { Layout, Receipt } from '../../../core/model';
import { quoted } from '../../../core/shared/plain';
import { Bar } from '../../parts/Bar';
import { fieldWords } from '../../parts/field-words';
import { LinkButton } from '../../parts/LinkButton';
import { SIGNS } from '../../parts/Finding';
import { itemById } from '../../state/bank';
import { showReceipt, takeFile, takeReceipt, type FilledFile } from '../../state/hand-over';
import { CopyBlock } from './CopyBlock';
import { isAsMeant, proofOf, takeWords } from './proof';
import { i18n } from '../../../languages';

const DIFFERENCES_SHOWN = 8;
const TEXT_SHOWN = 80;
const DIGEST_SHOWN = 12;
const KILOBYTE = 1024;

function contentsOf({ receipt, bytes }: FilledFile, layout: Layout | undefined): string {
  const changed = receipt.items.filter(({ changes }) => changes.length).length;
  const batch = receipt.batch
    ? i18n._(', batch {n, number} of {of, number}', { n: receipt.batch.n, of: receipt.batch.of })
    : '';
  const parts = [
    i18n._('{questions, plural, one {# question} other {# questions}}', {
      questions: receipt.questions,
    }),
    changed ? i18n._('{changed, number} changed as named', { changed }) : '',
    receipt.leftOut.length
      ? i18n._('{leftOut, number} left out', { leftOut: receipt.leftOut.length })
      : '',
  ];
  const size = i18n._('{bytes} kB', { bytes: (bytes.length / KILOBYTE).toFixed(1) });
  return i18n._('for {name}{batch}: {parts} · {size}', {
    name: layout?.name ?? i18n._('a layout that is gone'),
    batch,
    parts: parts.filter(Boolean).join(', '),
    size,
  });
}

function Proof({ file }: { file: FilledFile }) {
  const { state, words } = proofOf(file);
  return (
    <p>
      <span className={`sign ${state}`} aria-hidden>
        {state === 'fine' ? '✓' : SIGNS[state]}
      </span>{' '}
      {words}
    </p>
  );
}

function Differences({ differences }: Pick<FilledFile, 'differences'>) {
  return (
    <List fz={13.5}>
      {differences.slice(0, DIFFERENCES_SHOWN).map(({ n, field, meant, found }, index) => (
        <List.Item key={index}>
          {i18n._(
            '{isN, select, true {Question {n, number}} other {The file}}, {fieldWords}: meant “{meant}”, found “{found}”.',
            {
              isN: Boolean(n),
              n,
              fieldWords: fieldWords(field),
              meant: meant.slice(0, TEXT_SHOWN),
              found: found.slice(0, TEXT_SHOWN),
            },
          )}
        </List.Item>
      ))}
    </List>
  );
}

/** The beginning of a question's text, by which people know it better than by its reference. */
function stemOf(id: string): string {
  const text = itemById(id)?.stem.plain.trim();
  return text ? quoted(text) : i18n._('no longer in the bank');
}

function LeftOut({ leftOut }: Pick<Receipt, 'leftOut'>) {
  return leftOut.length ? (
    <details>
      <summary>{i18n._('{leftOut, number} left out', { leftOut: leftOut.length })}</summary>
      <List fz={13.5}>
        {leftOut.map(({ id, ref, reason }) => (
          <List.Item key={id}>
            <span className="mono">{ref}</span> {stemOf(id)}: {reason}
          </List.Item>
        ))}
      </List>
    </details>
  ) : null;
}

function Take({ file, layout }: { file: FilledFile; layout: Layout | undefined }) {
  const { receipt } = file;
  const isPlain = isAsMeant(file) && !layout?.pasteAt;
  return (
    <Stack gap={4} align="flex-end" fz={13}>
      <Group gap="sm">
        {layout?.shape === 'rows' && <CopyBlock layout={layout} file={file} />}
        <Button
          variant={isPlain ? 'light' : 'default'}
          color={isPlain ? 'leaf' : 'gray'}
          onClick={() => takeFile(file)}
        >
          {takeWords(file)}
        </Button>
      </Group>
      <Group gap="sm">
        <Text
          size="xs"
          c="dimmed"
          ff="monospace"
          title={i18n._('SHA-256 {sha256}', { sha256: receipt.file.sha256 })}
        >
          {receipt.file.sha256.slice(0, DIGEST_SHOWN)}
        </Text>
        <LinkButton onClick={() => void showReceipt(receipt)}>
          {i18n._('Receipt to print')}
        </LinkButton>
        <LinkButton onClick={() => void takeReceipt(receipt)}>
          {i18n._('Receipt as JSON')}
        </LinkButton>
      </Group>
    </Stack>
  );
}

export function FileCard({ file, layout }: { file: FilledFile; layout: Layout | undefined }) {
  const edge = isAsMeant(file) ? 'var(--leaf)' : 'var(--brick)';
  return (
    <Paper
      component="section"
      aria-label={file.name}
      px="md"
      py="xs"
      style={{ borderInlineStart: `4px solid ${edge}` }}
      tabIndex={-1}
    >
      <Group justify="space-between" align="flex-start">
        <Stack gap={3} flex="1 1 300px" miw={0} fz={14}>
          <Title order={3}>{file.name}</Title>
          <Text c="dimmed" size="sm">
            {contentsOf(file, layout)}
          </Text>
          <Proof file={file} />
          {file.differences.length > 0 && <Differences differences={file.differences} />}
          {file.notes.map((note) => (
            <Bar key={note} tone="note">
              {note}
            </Bar>
          ))}
          <LeftOut leftOut={file.receipt.leftOut} />
        </Stack>
        <Take file={file} layout={layout} />
      </Group>
    </Paper>
  );
}
