// The team board: squares by lane and worth, teams by turns, scores that can be put right.
import {
  Button,
  Group,
  NumberInput,
  Paper,
  SimpleGrid,
  Stack,
  Table,
  Text,
  TextInput,
  Title,
} from '@mantine/core';
import { useState } from 'react';
import { BOARD_HOST } from '../../stand-ins/board-host/rules';
import type { Square } from '../../stand-ins/board-host/take';
import { MainButton } from '../parts/PlaceHead';
import { i18n } from '../../languages';

type Team = { name: string; score: number };
const team = (n: number): Team => ({ name: i18n._('Team {n, number}', { n }), score: 0 });

/** Who plays, whose turn it is, which squares are done, and the one that is open. */
function useBoard() {
  const [teams, setTeams] = useState<readonly Team[]>([team(1), team(2)]);
  const [turn, setTurn] = useState(0);
  const [done, setDone] = useState<ReadonlySet<string>>(new Set());
  const [open, setOpen] = useState<Square>();
  const change = (at: number, to: Partial<Team>): void =>
    setTeams(teams.map((one, n) => (n === at ? { ...one, ...to } : one)));
  return {
    teams,
    turn,
    done,
    open,
    change,
    show: setOpen,
    resize: (many: number): void => {
      setTeams(Array.from({ length: many }, (_, n) => teams[n] ?? team(n + 1)));
      setTurn(Math.min(turn, many - 1));
    },
    /** The square is done; the team gets what it is worth where it was right, and the next one has its turn. */
    close(isRight: boolean): void {
      if (open) {
        setDone(new Set([...done, open.cell]));
        change(turn, { score: teams[turn]!.score + (isRight ? open.worth : 0) });
        setTurn((turn + 1) % teams.length);
        setOpen(undefined);
      }
    },
  };
}
type Board = ReturnType<typeof useBoard>;

function Teams({ board }: { board: Board }) {
  const { teams, turn } = board;
  return (
    <SimpleGrid cols={{ base: 2, md: teams.length > 3 ? 3 : teams.length }}>
      {teams.map(({ name, score }, n) => (
        <Group key={n} gap={6} wrap="nowrap" align="flex-end">
          <TextInput
            label={n === turn ? i18n._('has the turn') : ' '}
            aria-label={i18n._('Name of team {n, number}', { n: n + 1 })}
            value={name}
            onChange={(event) => board.change(n, { name: event.currentTarget.value })}
          />
          <NumberInput
            w={84}
            aria-label={i18n._('Score of {name}', { name })}
            allowDecimal={false}
            value={score}
            onChange={(value) => board.change(n, { score: Number(value) || 0 })}
          />
        </Group>
      ))}
    </SimpleGrid>
  );
}

function Opened({ square, board }: { square: Square; board: Board }) {
  const [isShown, setShown] = useState(false);
  const name = board.teams[board.turn]!.name;
  return (
    <Stack gap="sm">
      <Text c="dimmed" size="sm">
        {i18n._('{lane}, worth {worth, number}, {name}', {
          lane: BOARD_HOST.lanes[square.lane],
          worth: square.worth,
          name,
        })}
      </Text>
      <Title order={2} fz={24}>
        {square.question}
      </Title>
      <Text role="status" fz={20} mih={30}>
        {isShown && square.answer}
      </Text>
      <Group gap="xs">
        {isShown ? (
          <>
            <MainButton
              act={{
                label: i18n._('Right: {worth, number} for {name}', { worth: square.worth, name }),
                run: () => board.close(true),
              }}
            />
            <Button onClick={() => board.close(false)}>{i18n._('Not right')}</Button>
          </>
        ) : (
          <MainButton act={{ label: i18n._('Show the answer'), run: () => setShown(true) }} />
        )}
        <Button onClick={() => board.show(undefined)}>{i18n._('Back to the board')}</Button>
      </Group>
    </Stack>
  );
}

function Squares({ squares, board }: { squares: readonly Square[]; board: Board }) {
  const { lanes, worths } = BOARD_HOST;
  const at = (lane: number, worth: number): Square | undefined =>
    squares.find((one) => one.lane === lane && one.worth === worth);
  return (
    <Table withTableBorder withColumnBorders aria-label={i18n._('Board')}>
      <Table.Thead>
        <Table.Tr>
          {lanes.map((lane) => (
            <Table.Th key={lane} ta="center">
              {lane}
            </Table.Th>
          ))}
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {worths.map((worth) => (
          <Table.Tr key={worth}>
            {lanes.map((lane, n) => {
              const square = at(n, worth);
              const isDone = square && board.done.has(square.cell);
              return (
                <Table.Td key={lane} ta="center">
                  {square && (
                    <Button
                      fullWidth
                      disabled={isDone ?? false}
                      aria-label={i18n._(
                        '{lane}, worth {worth, number}{isDone, select, true {, done} other {}}',
                        { lane, worth, isDone },
                      )}
                      onClick={() => board.show(square)}
                    >
                      {isDone ? '–' : worth}
                    </Button>
                  )}
                </Table.Td>
              );
            })}
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}

export function TeamBoard({ squares, onEnd }: { squares: readonly Square[]; onEnd: () => void }) {
  const board = useBoard();
  const { teamsMin, teamsMax } = BOARD_HOST;
  const isOver = board.done.size === squares.length;
  const best = Math.max(...board.teams.map(({ score }) => score));
  return (
    <Paper component="section" aria-label={i18n._('Team board')} p="lg" style={{ flex: 'none' }}>
      <Stack gap="md">
        <Group justify="space-between">
          <Title order={2}>{BOARD_HOST.name}</Title>
          <Group gap="xs">
            <NumberInput
              aria-label={i18n._('How many teams')}
              w={84}
              min={teamsMin}
              max={teamsMax}
              allowDecimal={false}
              value={board.teams.length}
              onChange={(many) =>
                board.resize(Math.min(teamsMax, Math.max(teamsMin, Number(many) || teamsMin)))
              }
            />
            <Text size="sm">{i18n._('teams')}</Text>
            <Button onClick={onEnd}>{i18n._('Stop')}</Button>
          </Group>
        </Group>
        <Teams board={board} />
        {isOver && (
          <Text role="status" fw={600}>
            {i18n._('All squares are done. {teams} with {best, number}.', {
              teams: board.teams
                .filter(({ score }) => score === best)
                .map(({ name }) => name)
                .join(' and '),
              best,
            })}
          </Text>
        )}
        {board.open ? (
          <Opened key={board.open.cell} square={board.open} board={board} />
        ) : (
          <Squares squares={squares} board={board} />
        )}
      </Stack>
    </Paper>
  );
}
