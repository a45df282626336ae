// The questions of a sitting with their figures, in the order of any of them; one opened shows who chose what.
import { Box, Table, Text, UnstyledButton } from '@mantine/core';
import { Fragment, useMemo, useState } from 'react';
import type { Finding, ItemFigures, Sitting } from '../../core/model';
import { optionLetter } from '../../core/shared/plain';
import { FindingNote } from '../parts/Finding';
import { itemById } from '../state/bank';
import { OptionsChart } from './Charts';
import { figure, inOrder, shareWords, type SortBy } from './words';
import { i18n } from '../../languages';

const HEADINGS: readonly { by: SortBy; title: string; help: string }[] = [
  { by: 'ref', title: i18n._('Question'), help: i18n._('by reference') },
  { by: 'answered', title: i18n._('Answered'), help: i18n._('how often it was answered') },
  {
    by: 'difficulty',
    title: i18n._('Right'),
    help: i18n._('share of right answers, with its 95 % interval'),
  },
  {
    by: 'discrimination',
    title: i18n._('Tells apart'),
    help: i18n._('how well it tells strong from weak: correlation with the rest of the test'),
  },
  {
    by: 'upperLower',
    title: i18n._('Upper − lower'),
    help: i18n._('share right in the best 27 % less that in the weakest'),
  },
  {
    by: 'alphaWithout',
    title: i18n._('Alpha without'),
    help: i18n._('alpha if the question were left out'),
  },
];

/** The share of right answers as a point on a line, with the interval around it. */
function ShareLine({ figures: { difficulty, interval } }: { figures: ItemFigures }) {
  const [low, high] = interval;
  return (
    <span className="share-line" aria-hidden>
      <span style={{ left: `${low * 100}%`, width: `${(high - low) * 100}%` }} className="range" />
      <span style={{ left: `${(difficulty ?? 0) * 100}%` }} className="point" />
    </span>
  );
}

function Opened({ figures, findings }: { figures: ItemFigures; findings: readonly Finding[] }) {
  const item = figures.item === undefined ? undefined : itemById(figures.item);
  return (
    <div className="item-figures">
      <div>
        <Text fw={600}>
          {item?.stem.plain ?? i18n._('This question is no longer in the bank.')}
        </Text>
        {findings.map((finding) => (
          <FindingNote key={`${finding.rule} ${finding.message}`} finding={finding} />
        ))}
        {item && figures.options && (
          <ul className="option-figures">
            {figures.options.map(({ n, chosen, share, correlation }) => (
              <li key={n}>
                <b>
                  {optionLetter(n)}
                  {item.options?.[n]?.right ? ' ✓' : ''}
                </b>{' '}
                {item.options?.[n]?.text.plain}{' '}
                <span className="mono">
                  {i18n._('{chosen, number} ({shareWords}), with the rest {figure}', {
                    chosen,
                    shareWords: shareWords(share),
                    figure: figure(correlation),
                  })}
                </span>
              </li>
            ))}
          </ul>
        )}
      </div>
      {item && figures.options && <OptionsChart figures={figures} item={item} />}
    </div>
  );
}

function Row({
  figures,
  findings,
  isOpen,
  onOpen,
}: {
  figures: ItemFigures;
  findings: readonly Finding[];
  isOpen: boolean;
  onOpen: () => void;
}) {
  const item = figures.item === undefined ? undefined : itemById(figures.item);
  const worst = findings.some(({ level }) => level === 'warn') ? '!' : 'i';
  return (
    <>
      <Table.Tr>
        <Table.Td>
          <UnstyledButton aria-expanded={isOpen} onClick={onOpen} className="item-opener">
            <span className="mono">{figures.ref}</span>{' '}
            <span className="item-stem">{item?.stem.plain}</span>
          </UnstyledButton>
        </Table.Td>
        <Table.Td ff="monospace">{figures.answered}</Table.Td>
        <Table.Td ff="monospace" className="share-cell">
          <span className="share">{shareWords(figures.difficulty)}</span>
          <ShareLine figures={figures} />
        </Table.Td>
        <Table.Td ff="monospace">{figure(figures.discrimination)}</Table.Td>
        <Table.Td ff="monospace">{figure(figures.upperLower)}</Table.Td>
        <Table.Td ff="monospace">{figure(figures.alphaWithout)}</Table.Td>
        <Table.Td>
          {findings.length > 0 && (
            <Text size="sm" lineClamp={isOpen ? 6 : 2}>
              <span className="sign" aria-hidden>
                {worst}
              </span>{' '}
              {findings[0]!.message.replace(`${figures.ref}: `, '')}
              {findings.length > 1 &&
                i18n._(' (and {findings, number} more)', { findings: findings.length - 1 })}
            </Text>
          )}
        </Table.Td>
      </Table.Tr>
      {isOpen && (
        <Table.Tr>
          <Table.Td colSpan={HEADINGS.length + 1}>
            <Opened figures={figures} findings={findings} />
          </Table.Td>
        </Table.Tr>
      )}
    </>
  );
}

export function ItemTable({ sitting }: { sitting: Sitting }) {
  const { items, findings } = sitting.results;
  const [sort, setSort] = useState<{ by: SortBy; isDown: boolean }>({
    by: 'difficulty',
    isDown: false,
  });
  const [open, setOpen] = useState<string>();
  const rows = useMemo(() => inOrder(items, sort.by, sort.isDown), [items, sort]);
  const order = (by: SortBy): void =>
    setSort((now) => ({ by, isDown: now.by === by ? !now.isDown : false }));
  const direction = sort.isDown ? 'descending' : 'ascending';
  const arrow = sort.isDown ? ' ↓' : ' ↑';
  return (
    <Box style={{ overflowX: 'auto' }}>
      <Table miw={860} aria-label={i18n._('Questions with their figures')} className="item-table">
        <Table.Thead>
          <Table.Tr>
            {HEADINGS.map(({ by, title, help }) => (
              <Table.Th key={by} aria-sort={sort.by === by ? direction : 'none'}>
                <UnstyledButton fz="inherit" fw="inherit" title={help} onClick={() => order(by)}>
                  {title}
                  {sort.by === by && <span aria-hidden>{arrow}</span>}
                </UnstyledButton>
              </Table.Th>
            ))}
            <Table.Th miw={190}>{i18n._('What it shows')}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {rows.map((figures) => (
            <Fragment key={figures.ref}>
              <Row
                figures={figures}
                findings={findings.filter(
                  (finding) => figures.item !== undefined && finding.item === figures.item,
                )}
                isOpen={open === figures.ref}
                onOpen={() => setOpen(open === figures.ref ? undefined : figures.ref)}
              />
            </Fragment>
          ))}
        </Table.Tbody>
      </Table>
    </Box>
  );
}
