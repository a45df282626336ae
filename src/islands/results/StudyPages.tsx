// The study sheet of a sitting: for everybody, or for one learner; those that most got wrong first.
import { Select, Stack } from '@mantine/core';
import { modals } from '@mantine/modals';
import { useEffect, useState } from 'react';
import type { Sitting } from '../../core/model';
import { safeName } from '../../core/shared/plain';
import { Printable } from '../parts/Printable';
import { takeAway } from '../parts/take-away';
import { studySheet, type StudyFor } from '../state/sittings';
import { i18n } from '../../languages';

const ALL = 'all';

function StudyPages({ sitting }: { sitting: Sitting }) {
  const [whom, setWhom] = useState<StudyFor>(ALL);
  const [html, setHtml] = useState<string>();
  useEffect(() => {
    let isLatest = true;
    void studySheet(sitting, whom).then((page) => isLatest && setHtml(page));
    return () => {
      isLatest = false;
    };
  }, [sitting, whom]);
  const take = (): void =>
    takeAway(
      i18n._('{safeName} to study.html', { safeName: safeName(sitting.name, i18n._('Results')) }),
      new TextEncoder().encode(html ?? ''),
      'text/html',
    );
  return (
    <Stack gap="sm">
      <Select
        label={i18n._('For')}
        w={260}
        allowDeselect={false}
        searchable
        value={String(whom)}
        data={[
          { value: ALL, label: i18n._('everybody') },
          ...sitting.learners.map((name, at) => ({ value: String(at), label: name })),
        ]}
        onChange={(value) => setWhom(value === null || value === ALL ? ALL : Number(value))}
      />
      <Printable title={i18n._('The study sheet as it will be')} html={html} onTake={take} />
    </Stack>
  );
}

/** Shows the study sheet as it will be printed. */
export const showStudySheet = (sitting: Sitting): void => {
  modals.open({
    title: i18n._('To study: {name}', { name: sitting.name }),
    size: '60rem',
    children: <StudyPages sitting={sitting} />,
  });
};
