// The study sheet of a sitting: for everybody, or for one learner; those that most got wrong first.
import { Select, Stack } from '@mantine/core';
import { modals } from '@mantine/modals';
import { useEffect, useState } from 'react';
import type { Sitting } from '../../core/model';
import { safeName } from '../../core/shared/plain';
import { Printable } from '../parts/Printable';
import { takeAway } from '../parts/take-away';
import { studySheet, type StudyFor } from '../state/sittings';

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
      `${safeName(sitting.name, 'Results')} to study.html`,
      new TextEncoder().encode(html ?? ''),
      'text/html',
    );
  return (
    <Stack gap="sm">
      <Select
        label="For"
        w={260}
        allowDeselect={false}
        searchable
        value={String(whom)}
        data={[
          { value: ALL, label: 'everybody' },
          ...sitting.learners.map((name, at) => ({ value: String(at), label: name })),
        ]}
        onChange={(value) => setWhom(value === null || value === ALL ? ALL : Number(value))}
      />
      <Printable title="The study sheet as it will be" html={html} onTake={take} />
    </Stack>
  );
}

/** Shows the study sheet as it will be printed. */
export const showStudySheet = (sitting: Sitting): void => {
  modals.open({
    title: `To study: ${sitting.name}`,
    size: '60rem',
    children: <StudyPages sitting={sitting} />,
  });
};
