// Gather with nothing on the bench: the first things asked are what the user holds, and what it is to become.
import { Trans } from '@lingui/react';
import { Anchor, Kbd, List, Paper, Stack, Text, Title } from '@mantine/core';
import { Link } from 'wouter';
import { openDemo } from '../state/banks';
import { useBank } from '../state/bank';
import { DEMO_SOURCES, demoFile } from '../state/demo';
import { bring } from '../state/gather';
import { EmptyPlace } from '../parts/EmptyPlace';
import { LinkButton } from '../parts/LinkButton';
import { ChooseSources } from './ChooseSources';
import { i18n } from '../../languages';

function DropHere() {
  return (
    <Paper p="lg" bd="1.5px dashed var(--ink-soft)">
      <Stack gap="sm">
        <p>
          <Trans
            id="Copy the block in your spreadsheet, your document or the reply of your writing assistant, and press <0>Ctrl V</0> here."
            components={{ 0: <Kbd /> }}
          />
        </p>
        <p>
          {i18n._(
            'Or drop a file anywhere on this page: a workbook (.xlsx, .ods, .xls), a document (.docx, .odt), text (.csv, .tsv, .txt, .md), a saved page, a test package or a bank file (.zip, .imscc).',
          )}
        </p>
        <div>
          <ChooseSources label={i18n._('Choose files')} isMain />
        </div>
      </Stack>
    </Paper>
  );
}

/** What the questions are to become: the receiver's own file, dropped with them or by itself. */
function NeededHere() {
  const layouts = useBank((state) => state.layouts);
  return (
    <Paper p="lg" bd="1.5px dashed var(--ink-soft)">
      <Stack gap="sm">
        <p>
          {i18n._(
            'The receiver’s own empty file, its blank: drop it here too, alone or together with your questions. Which is which is told apart.',
          )}
        </p>
        {layouts.length > 0 && (
          <Text size="sm">
            {i18n._('Known here:')}{' '}
            {layouts.map(({ id, layout }, index) => (
              <span key={id}>
                {index > 0 && ', '}
                <Anchor component={Link} href={`/layouts/${id}`}>
                  {layout.name}
                </Anchor>
              </span>
            ))}
          </Text>
        )}
        <div>
          <ChooseSources label={i18n._('Choose a blank')} isMain={false} testId="blank-beside" />
        </div>
      </Stack>
    </Paper>
  );
}

function OpenDemo() {
  return (
    <p>
      <LinkButton onClick={() => void openDemo()}>{i18n._('Open the demo bank')}</LinkButton>{' '}
      <Text component="span" c="dimmed">
        {i18n._('60 questions for volunteer lock keepers, with three receivers’ blanks')}
      </Text>
    </p>
  );
}

export function Empty() {
  const bank = useBank((state) => state.info.id);
  const count = useBank((state) => state.items.length);
  const canOpenDemo = bank !== 'demo' && count === 0;
  return (
    <EmptyPlace title={i18n._('What do you hold?')}>
      <DropHere />
      <Title order={2} fz={20}>
        {i18n._('What do you need to have in the end?')}
      </Title>
      <NeededHere />
      <Text c="dimmed">
        {i18n._(
          'You see what was understood before anything enters the bank, and one step takes it back.',
        )}
      </Text>
      <div>
        <Title order={2} mb={6}>
          {i18n._('Nothing at hand?')}
        </Title>
        <List mb={8}>
          {DEMO_SOURCES.map(({ file, what }) => (
            <List.Item key={file}>
              <LinkButton
                onClick={() => void demoFile(file).then((bytes) => bring({ name: file, bytes }))}
              >
                {file}
              </LinkButton>{' '}
              <Text component="span" c="dimmed">
                {what}
              </Text>
            </List.Item>
          ))}
        </List>
        {canOpenDemo && <OpenDemo />}
      </div>
    </EmptyPlace>
  );
}
