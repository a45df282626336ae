// A request under Draft waits for its reply, and a text came in here: it may be the reply, and is held against the
// request in one act.
import { useEffect } from 'react';
import { useLocation } from 'wouter';
import { Bar } from '../parts/Bar';
import { LinkButton } from '../parts/LinkButton';
import { openDrafting, setDrafting, takeReply, useDrafting } from '../state/drafting';
import { pastedText, putAway, useGather } from '../state/gather';
import { i18n } from '../../languages';

export function WaitingReply() {
  const { open } = useGather();
  const { sent } = useDrafting();
  const [, go] = useLocation();
  useEffect(() => void openDrafting(), []);
  const text = open === undefined ? undefined : pastedText(open);
  const waiting = sent.find(({ state }) => state === 'waiting');
  if (!text || !waiting || open === undefined) {
    return null;
  }
  const hold = (): void => {
    setDrafting({ bench: 'assistant' });
    void takeReply(waiting.id, text);
    putAway(open);
    go('/draft');
  };
  return (
    <Bar
      tone="note"
      role="status"
      acts={
        <LinkButton onClick={hold}>
          {i18n._('It is the reply: hold it against the request')}
        </LinkButton>
      }
    >
      {i18n._('A request to an assistant waits for its reply under Draft.')}
    </Bar>
  );
}
