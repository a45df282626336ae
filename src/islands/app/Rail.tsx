// The rail of places, each with the one count that matters now.
import { Link, useLocation } from 'wouter';
import { useBank } from '../state/bank';
import { useHandOver } from '../state/hand-over';

type Count = { text: string; look?: boolean };

function RailLink({
  to,
  name,
  count,
  words,
}: {
  to: string;
  name: string;
  count?: Count;
  words?: string;
}) {
  const [path] = useLocation();
  return (
    <Link href={to} aria-current={path.startsWith(to) ? 'page' : undefined}>
      {name}
      {count && (
        <span className={`count ${count.look ? 'look' : ''}`}>
          {count.text}
          {words && <span className="visually-hidden"> {words}</span>}
        </span>
      )}
    </Link>
  );
}

export function Rail() {
  const waiting = useBank((state) => state.waiting);
  const questions = useBank((state) => state.items.length);
  const blocking = useBank((state) => {
    let n = 0;
    for (const list of state.findings.values()) {
      if (list.some((finding) => finding.level === 'block')) {
        n++;
      }
    }
    return n;
  });
  const layouts = useBank((state) => state.layouts.length);
  const changing = useHandOver().columns.reduce((sum, column) => sum + column.counts[1], 0);
  const receipts = useBank((state) => state.receipts.length);
  const sources = useBank((state) => state.sources.length);
  return (
    <nav className="rail" aria-label="Places">
      <RailLink
        to="/gather"
        name="Gather"
        {...(waiting ? { count: { text: String(waiting), look: true }, words: 'to agree to' } : {})}
      />
      <RailLink
        to="/bank"
        name="Bank"
        count={{ text: String(questions), look: blocking > 0 }}
        words={blocking ? `questions, ${blocking} blocked` : 'questions'}
      />
      <RailLink to="/layouts" name="Layouts" count={{ text: String(layouts) }} words="layouts" />
      <RailLink
        to="/hand-over"
        name="Hand over"
        {...(changing
          ? { count: { text: String(changing), look: true }, words: 'questions with changes' }
          : {})}
      />
      <RailLink to="/rehearse" name="Rehearse" />
      <span className="rest" />
      <RailLink
        to="/records"
        name="Records"
        count={{ text: String(receipts + sources) }}
        words="sources and receipts"
      />
      <RailLink to="/help" name="Help" />
    </nav>
  );
}
