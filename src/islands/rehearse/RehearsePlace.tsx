// Rehearse: hand a file to a stand-in receiver, read its answer, and see the set as a learner would; or look at any filled file.
import { Trans } from '@lingui/react';
import {
  Anchor,
  Button,
  Group,
  List,
  Paper,
  SegmentedControl,
  SimpleGrid,
  Stack,
  Text,
  Title,
} from '@mantine/core';
import { useEffect, useState, type ReactNode } from 'react';
import { Link } from 'wouter';
import { BOARD_HOST } from '../../stand-ins/board-host/rules';
import { CARD_TRAINER } from '../../stand-ins/card-trainer/rules';
import { COURSE_SHELF } from '../../stand-ins/course-shelf/rules';
import { FORM_HOST } from '../../stand-ins/form-host/rules';
import { LIVE_HOST } from '../../stand-ins/live-host/rules';
import { core } from '../../workers/client';
import { ChooseFiles } from '../parts/ChooseFiles';
import { messageOf } from '../parts/message-of';
import { PlaceHead, type MainAct } from '../parts/PlaceHead';
import { sayProblem } from '../parts/say';
import { takeAway } from '../parts/take-away';
import { demoFile } from '../state/demo';
import { useHandOver, type FilledFile } from '../state/hand-over';
import { filesFor, HOSTS, type Host, type Played } from './hosts';
import { Answered, type Taken } from './Answered';
import { FillForm } from './FillForm';
import { LiveRound } from './LiveRound';
import { Play } from './Play';
import { ofItem } from './questions';
import { ShelfCourse } from './ShelfCourse';
import { TeamBoard } from './TeamBoard';
import { TurnCards } from './TurnCards';
import { i18n } from '../../languages';

type Loaded = Awaited<ReturnType<Host['load']>>;
/** `live`: with learners in windows of their own. */
type Show = { title: string; play: Played; live?: boolean };

function Half({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Paper component="section" aria-label={label} px="md" py="sm">
      <Stack gap={8}>{children}</Stack>
    </Paper>
  );
}

function HostRules({ host }: { host: Loaded }) {
  return (
    <Half label={host.name}>
      <Title order={2}>{host.name}</Title>
      <p>{host.what}</p>
      <b>{i18n._('Its published rules')}</b>
      <List type="ordered" spacing={2} pr="md">
        {host.rules.map((rule) => (
          <List.Item key={rule}>{rule}</List.Item>
        ))}
      </List>
    </Half>
  );
}

type Take = (name: string, bytes: Uint8Array) => Promise<void>;

function HandIn({ host, accept, take }: { host: Loaded; accept: string; take: Take }) {
  const { files } = useHandOver();
  const ready = filesFor(host.blank, files);
  const takeChosen = async ([file]: File[]): Promise<void> => {
    if (file) {
      await take(file.name, new Uint8Array(await file.arrayBuffer()));
    }
  };
  const takeBlank = async (): Promise<void> => takeAway(host.blank, await demoFile(host.blank));
  return (
    <Half label={i18n._('Hand a file in')}>
      <Title order={2}>{i18n._('1. Get its blank')}</Title>
      <Group>
        <Button onClick={() => void takeBlank()}>
          {i18n._('Download {blank}', { blank: host.blank })}
        </Button>
      </Group>
      <Title order={2}>{i18n._('2. Fill it')}</Title>
      <p>
        <Trans
          id="Teach the blank under <0>Layouts</0>, then fill it under <1>Hand over</1>."
          components={{
            0: <Anchor component={Link} href="/layouts" />,
            1: <Anchor component={Link} href="/hand-over" />,
          }}
        />
      </p>
      <Title order={2}>{i18n._('3. Hand it in')}</Title>
      {ready.map((file) => (
        <Group key={file.name}>
          <Button variant="light" color="leaf" onClick={() => void take(file.name, file.bytes)}>
            {i18n._('Hand in {name}', { name: file.name })}
          </Button>
        </Group>
      ))}
      <Group>
        <ChooseFiles
          label={i18n._('Choose a filled file')}
          accept={accept}
          testId="host-file"
          isMain={!ready.length}
          onFiles={(chosen) => void takeChosen(chosen)}
        />
      </Group>
    </Half>
  );
}

/** Any filled file, read back and played as a learner of its receiver would meet it. */
function Preview({ onShow }: { onShow: (show: Show) => void }) {
  const { files } = useHandOver();
  const look = async ({ name, bytes, made }: FilledFile): Promise<void> => {
    try {
      const items = await core().readFilled(name, bytes, made.kept.layout);
      onShow({ title: name, play: { questions: items.map(ofItem) } });
    } catch (error) {
      sayProblem(messageOf(error, i18n._('{name} could not be read.', { name })));
    }
  };
  return (
    <Half label={i18n._('Preview a filled file')}>
      <Title order={2}>{i18n._('Preview a filled file')}</Title>
      <p>
        {i18n._(
          'Whatever receiver a file is for: it is read back, and shown question by question as a learner meets it.',
        )}
      </p>
      {!files.length && (
        <Text c="dimmed">{i18n._('Files that are filled under Hand over are listed here.')}</Text>
      )}
      {files.map((file) => (
        <Group key={file.name}>
          <Button onClick={() => void look(file)}>
            {i18n._('See {name} as a learner', { name: file.name })}
          </Button>
        </Group>
      ))}
    </Half>
  );
}

/** What was taken is played next. */
function playAct(taken: Taken | undefined, onShow: (show: Show) => void): MainAct | undefined {
  if (!taken || 'problem' in taken.answer) {
    return undefined;
  }
  const { many, title, play } = taken.answer;
  return {
    label:
      'cards' in play
        ? i18n._('Play the {many, plural, one {card} other {# cards}}', { many })
        : i18n._('Play the {many, plural, one {question} other {# questions}}', { many }),
    isDisabled: !many,
    run: () => onShow({ title, play }),
  };
}

/** A live host also plays with learners in windows of their own. */
function liveAct(taken: Taken | undefined, onShow: (show: Show) => void): ReactNode {
  const answer = taken?.answer;
  if (!answer || 'problem' in answer || !('isLive' in answer.play) || !answer.many) {
    return null;
  }
  const { title, play } = answer;
  return (
    <Button onClick={() => onShow({ title, play, live: true })}>
      {i18n._('Play with learners')}
    </Button>
  );
}

function useHost(id: string): { host: Host; loaded: Loaded | undefined } {
  const host = HOSTS.find((one) => one.id === id) ?? HOSTS[0]!;
  const [loaded, setLoaded] = useState<{ id: string; is: Loaded }>();
  useEffect(() => {
    let isLatest = true;
    void host.load().then((is) => isLatest && setLoaded({ id: host.id, is }));
    return () => {
      isLatest = false;
    };
  }, [host]);
  return { host, loaded: loaded?.id === host.id ? loaded.is : undefined };
}

const NAMES = [
  { value: LIVE_HOST.id, label: LIVE_HOST.name },
  { value: CARD_TRAINER.id, label: CARD_TRAINER.name },
  { value: COURSE_SHELF.id, label: COURSE_SHELF.name },
  { value: BOARD_HOST.id, label: BOARD_HOST.name },
  { value: FORM_HOST.id, label: FORM_HOST.name },
];

/** What was taken, as those meet it who play it. */
function Shown({ shown: { title, play, live }, onEnd }: { shown: Show; onEnd: () => void }) {
  if ('cards' in play) {
    return <TurnCards cards={play.cards} onEnd={onEnd} />;
  }
  if ('squares' in play) {
    return <TeamBoard squares={play.squares} onEnd={onEnd} />;
  }
  if ('course' in play) {
    return <ShelfCourse questions={play.course} onEnd={onEnd} />;
  }
  if ('form' in play) {
    return <FillForm title={title} questions={play.form} onEnd={onEnd} />;
  }
  return live ? (
    <LiveRound title={title} questions={play.questions} onEnd={onEnd} />
  ) : (
    <Play title={title} questions={play.questions} onEnd={onEnd} />
  );
}

export default function RehearsePlace() {
  const [id, setId] = useState('live-host');
  const { host, loaded } = useHost(id);
  const [taken, setTaken] = useState<Taken>();
  const [shown, setShown] = useState<Show>();
  const take: Take = async (name, bytes) => setTaken({ name, answer: await loaded!.take(bytes) });
  if (shown) {
    return <Shown shown={shown} onEnd={() => setShown(undefined)} />;
  }
  return (
    <>
      <PlaceHead
        title={i18n._('Rehearse')}
        facts={i18n._('stand-in receivers, simulated and shipped with this program')}
        main={playAct(taken, setShown)}
      >
        {liveAct(taken, setShown)}
      </PlaceHead>
      <SegmentedControl
        aria-label={i18n._('Stand-in receiver')}
        style={{ alignSelf: 'flex-start', flex: 'none' }}
        value={id}
        data={NAMES}
        onChange={(next) => {
          setId(next);
          setTaken(undefined);
        }}
      />
      {taken && <Answered taken={taken} />}
      {loaded && (
        <SimpleGrid cols={{ base: 1, md: 2 }} style={{ flex: 'none' }}>
          <HostRules host={loaded} />
          <Stack gap="md">
            <HandIn host={loaded} accept={host.accept} take={take} />
            <Preview onShow={setShown} />
          </Stack>
        </SimpleGrid>
      )}
    </>
  );
}
