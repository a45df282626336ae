// The course shelf as its learners meet it: sections to draw from, practice with hints and tries, or points told at the end.
import {
  Button,
  Group,
  List,
  NumberInput,
  Paper,
  SegmentedControl,
  Stack,
  Table,
  Text,
  Title,
} from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import type { ShelfQuestion } from '../../stand-ins/course-shelf/take';
import { MainButton, type MainAct } from '../parts/PlaceHead';
import { Choices } from './Choices';
import { PAPER } from './paper';
import {
  answered,
  begun,
  next,
  scoresOf,
  sectionsOf,
  triesLeft,
  type Course,
  type Mode,
  type Scored,
} from './shelf-course';
import { i18n } from '../../languages';

const MODES = [
  { value: 'practice', label: i18n._('Practice') },
  { value: 'scored', label: i18n._('Scored') },
];
const total = (scores: readonly Scored[], what: 'points' | 'of'): number =>
  scores.reduce((sum, one) => sum + one[what], 0);

function Begin({
  questions,
  attempts,
  onBegin,
  onEnd,
}: {
  questions: readonly ShelfQuestion[];
  attempts: readonly number[];
  onBegin: (course: Course) => void;
  onEnd: () => void;
}) {
  const [mode, setMode] = useState<Mode>('practice');
  const [each, setEach] = useState(0);
  const sections = sectionsOf(questions, mode);
  const begin = (): void => onBegin(begun(questions, mode, { each, seed: Date.now() }));
  return (
    <Paper {...PAPER} aria-label={i18n._('Course')}>
      <Stack gap="sm">
        <Title order={2}>
          {i18n._('A course of {sections, plural, one {# section} other {# sections}}', {
            sections: sections.length,
          })}
        </Title>
        <SegmentedControl
          aria-label={i18n._('How it is played')}
          style={{ alignSelf: 'flex-start' }}
          value={mode}
          data={MODES}
          onChange={(value) => setMode(value as Mode)}
        />
        <Text c="dimmed" size="sm">
          {mode === 'practice'
            ? i18n._('Each answer is told at once; hints and further tries as the file says.')
            : i18n._(
                'Each question is answered once; points and right answers are told at the end.',
              )}
        </Text>
        <List>
          {sections.map(({ name, questions: own }) => (
            <List.Item key={name}>
              {name}:{' '}
              {i18n._('{own, plural, one {# question} other {# questions}}', { own: own.length })}
            </List.Item>
          ))}
        </List>
        <NumberInput
          label={i18n._('Questions drawn from each section')}
          description={i18n._('0 takes all of them, in their order.')}
          maw={320}
          min={0}
          value={each}
          onChange={(value) => setEach(Math.max(0, Math.floor(Number(value) || 0)))}
        />
        {attempts.length > 0 && (
          <p>
            {i18n._(
              '{attempts, plural, one {# scored attempt} other {# scored attempts}} so far; the best has {value, plural, one {# point} other {# points}}.',
              { attempts: attempts.length, value: Math.max(...attempts) },
            )}
          </p>
        )}
        <Group gap="xs">
          <MainButton act={{ label: i18n._('Begin'), isDisabled: !sections.length, run: begin }} />
          <Button onClick={onEnd}>{i18n._('Stop')}</Button>
        </Group>
      </Stack>
    </Paper>
  );
}

/** The choices, the right ones said once they are shown. */
const textsOf = ({ choices, right }: ShelfQuestion, isShown: boolean): string[] =>
  choices.map((text, n) =>
    isShown && right.includes(n) ? i18n._('{text} — right', { text }) : text,
  );

/** What is said of the last answer in practice. */
function told(course: Course): string {
  if (course.isShown) {
    return course.right.at(-1) ? i18n._('Right.') : i18n._('Not this time.');
  }
  return course.tries > 0
    ? i18n._('Not yet: {triesLeft, number} more to try.', { triesLeft: triesLeft(course) })
    : '';
}

function Asked({
  course,
  onChange,
  onEnd,
}: {
  course: Course;
  onChange: (course: Course) => void;
  onEnd: () => void;
}) {
  const question = course.questions[course.at]!;
  const [picked, setPicked] = useState<ReadonlySet<number>>(new Set());
  const [isHinted, setHinted] = useState(false);
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), []);
  const act: MainAct = course.isShown
    ? { label: i18n._('Next'), run: () => onChange(next(course)) }
    : {
        label: i18n._('Answer'),
        isDisabled: picked.size === 0,
        run: () => onChange(answered(course, picked)),
      };
  const { topic, worth, hint, afterwards } = question;
  const several = question.right.length > 1;
  return (
    <Paper {...PAPER} aria-label={i18n._('Course')}>
      <Stack gap="sm">
        <Text c="dimmed" size="sm" ff="monospace">
          {[
            topic,
            i18n._('{at} of {questions, number}', {
              at: course.at + 1,
              questions: course.questions.length,
            }),
            i18n._('{worth, plural, one {# point} other {# points}}', { worth }),
          ]
            .filter(Boolean)
            .join(' · ')}
        </Text>
        <Title order={2} fz={20} ref={heading} tabIndex={-1}>
          {question.task}
        </Title>
        <Choices
          texts={textsOf(question, course.isShown)}
          several={several}
          label={several ? i18n._('Several may be right') : i18n._('One is right')}
          picked={[...picked]}
          isDisabled={course.isShown}
          onPick={(own) => setPicked(new Set(own))}
        />
        <p role="status">{told(course)}</p>
        {isHinted && <p>{i18n._('Hint: {hint}', { hint })}</p>}
        {course.isShown && afterwards && <p>{afterwards}</p>}
        <Group gap="xs">
          <MainButton act={act} />
          {hint && !isHinted && !course.isShown && (
            <Button onClick={() => setHinted(true)}>{i18n._('Show the hint')}</Button>
          )}
          <Button onClick={onEnd}>{i18n._('Stop')}</Button>
        </Group>
      </Stack>
    </Paper>
  );
}

/** What was right, question by question, where nothing was told on the way. */
function Review({ course }: { course: Course }) {
  return (
    <List type="ordered" spacing={4}>
      {course.questions.map((question, at) => (
        <List.Item key={question.row}>
          {question.task} <b>{question.right.map((n) => question.choices[n]).join('; ')}</b>
          {course.right[at] ? '' : i18n._(' — not answered so')}
        </List.Item>
      ))}
    </List>
  );
}

function Ended({
  course,
  onAgain,
  onEnd,
}: {
  course: Course;
  onAgain: () => void;
  onEnd: () => void;
}) {
  const scores = scoresOf(course);
  return (
    <Paper {...PAPER} aria-label={i18n._('Course')}>
      <Stack gap="sm">
        <Title order={2}>
          {i18n._('{total, number} of {total2, plural, one {# point} other {# points}}', {
            total: total(scores, 'points'),
            total2: total(scores, 'of'),
          })}
        </Title>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{i18n._('Section')}</Table.Th>
              <Table.Th>{i18n._('Points')}</Table.Th>
              <Table.Th>{i18n._('Of')}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {scores.map(({ name, points, of }) => (
              <Table.Tr key={name}>
                <Table.Td>{name}</Table.Td>
                <Table.Td>{points}</Table.Td>
                <Table.Td>{of}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
        {course.mode === 'scored' && <Review course={course} />}
        <Group gap="xs">
          <MainButton act={{ label: i18n._('Once more'), run: onAgain }} />
          <Button onClick={onEnd}>{i18n._('Stop')}</Button>
        </Group>
      </Stack>
    </Paper>
  );
}

export function ShelfCourse({
  questions,
  onEnd,
}: {
  questions: readonly ShelfQuestion[];
  onEnd: () => void;
}) {
  const [course, setCourse] = useState<Course>();
  const [attempts, setAttempts] = useState<readonly number[]>([]);
  if (!course) {
    return <Begin questions={questions} attempts={attempts} onBegin={setCourse} onEnd={onEnd} />;
  }
  if (course.at < course.questions.length) {
    return <Asked key={course.at} course={course} onChange={setCourse} onEnd={onEnd} />;
  }
  const again = (): void => {
    const points = total(scoresOf(course), 'points');
    setAttempts(course.mode === 'scored' ? [...attempts, points] : attempts);
    setCourse(undefined);
  };
  return <Ended course={course} onAgain={again} onEnd={onEnd} />;
}
