// What waits in Gather: several sources, each with its state, to be opened, put away or taken all at once.
import { useGather, openSource, putAway, agreeToAll, type TrayEntry } from '../state/gather';
import { say } from '../parts/say';

function words({ state, ready, blocked, problem }: TrayEntry): string {
  const stopped = blocked ? `, ${blocked} blocked` : '';
  switch (state) {
    case 'waiting':
      return 'waits';
    case 'reading':
      return 'reading …';
    case 'taken':
      return `in the bank${stopped}`;
    case 'problem':
      return problem ?? 'could not be read';
    case 'read':
      return `${ready} ${ready === 1 ? 'question' : 'questions'}${stopped}`;
  }
}

function Entry({ entry, isOpen }: { entry: TrayEntry; isOpen: boolean }) {
  return (
    <li className={isOpen ? 'open' : ''}>
      <button
        type="button"
        className="link"
        aria-current={isOpen ? 'true' : undefined}
        onClick={() => void openSource(entry.id)}
      >
        {entry.name}
      </button>{' '}
      <span className={entry.state === 'problem' ? 'problem' : 'soft'}>{words(entry)}</span>
      <button
        type="button"
        className="link small"
        aria-label={`Put ${entry.name} away`}
        onClick={() => putAway(entry.id)}
      >
        Put away
      </button>
    </li>
  );
}

const takeAll = async (): Promise<void> => {
  const { questions, sources } = await agreeToAll();
  say(
    `${questions} questions from ${sources} ${sources === 1 ? 'source' : 'sources'} are in the bank. Undo takes them back, source by source.`,
  );
};

/** Shown where more than one source waits; a single one has the whole place to itself. */
export function Tray() {
  const { tray, open, busy } = useGather();
  if (tray.length < 2) {
    return null;
  }
  const waiting = tray.filter(({ state }) => state === 'waiting' || state === 'reading').length;
  const ready = tray.reduce((sum, entry) => sum + entry.ready, 0);
  return (
    <section className="tray panel" aria-label="Sources that wait">
      <ul>
        {tray.map((entry) => (
          <Entry key={entry.id} entry={entry} isOpen={entry.id === open} />
        ))}
      </ul>
      <button
        type="button"
        className="button small"
        disabled={!ready || waiting > 0 || busy !== undefined}
        onClick={() => void takeAll()}
      >
        {waiting ? `${waiting} still to be read` : `Take all ${ready} questions`}
      </button>
    </section>
  );
}
