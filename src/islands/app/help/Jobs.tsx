// Every job from paste to file, searched by the words people use.
import { Accordion, Anchor, Image, List, Stack, Text, TextInput } from '@mantine/core';
import { useHash } from '@mantine/hooks';
import { useState } from 'react';
import { Link } from 'wouter';
import { PLACES } from '../places';
import { finds, JOBS, type Job } from './jobs';
import { pictureAt } from './pictures';
import { i18n } from '../../../languages';

function Steps({ job, isOpen }: { job: Job; isOpen: boolean }) {
  const place = PLACES.find(({ to }) => to === job.place)!;
  const picture = isOpen && job.picture ? pictureAt(job.picture) : undefined;
  return (
    <Stack gap="sm">
      <List type="ordered" spacing={6} fz={15}>
        {job.steps.map((step) => (
          <List.Item key={step}>{step}</List.Item>
        ))}
      </List>
      <Text size="sm">
        <Anchor component={Link} href={job.place}>
          {i18n._('Go to {name}', { name: place.name })}
        </Anchor>
      </Text>
      {picture && (
        <Image
          src={picture}
          alt={i18n._('{name} with the demo bank', { name: place.name })}
          maw={680}
          style={{ border: '1px solid var(--line)' }}
        />
      )}
    </Stack>
  );
}

export function Jobs() {
  const [query, setQuery] = useState('');
  // The address names the job that is open, so that it can be led to.
  const [hash, setHash] = useHash({ getInitialValueInEffect: false });
  const found = JOBS.filter((job) => finds(query.trim(), job));
  const [only] = found.length === 1 ? found : [];
  const shown = only?.id ?? hash.slice(1);
  return (
    <Stack gap="xs">
      <TextInput
        type="search"
        aria-label={i18n._('What do you want to do?')}
        placeholder={i18n._('What do you want to do? print, wrong answers, backup …')}
        value={query}
        onChange={(event) => setQuery(event.currentTarget.value)}
      />
      <Text size="sm" c="dimmed" role="status">
        {query.trim() &&
          (found.length
            ? i18n._('{found, plural, one {# job} other {# jobs}} with these words.', {
                found: found.length,
              })
            : i18n._('No job has all these words. Try fewer of them, or Ctrl K.'))}
      </Text>
      <Accordion value={shown} onChange={(id) => setHash(id ?? '')} order={3}>
        {found.map((job) => (
          <Accordion.Item key={job.id} value={job.id}>
            <Accordion.Control>{job.title}</Accordion.Control>
            <Accordion.Panel>
              <Steps job={job} isOpen={job.id === shown} />
            </Accordion.Panel>
          </Accordion.Item>
        ))}
      </Accordion>
    </Stack>
  );
}
