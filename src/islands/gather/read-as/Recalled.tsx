// What is remembered from an earlier source with the same headings, and how to forget it.
import { Text } from '@mantine/core';
import { LinkButton } from '../../parts/LinkButton';
import { forgetRecalled, useGather } from '../../state/gather';
import { i18n, locale } from '../../../languages';

const day = (at: string): string =>
  new Date(at).toLocaleDateString(locale(), { day: 'numeric', month: 'long' });

export function Recalled() {
  const { answer } = useGather();
  const recalled = answer?.reading.recalled;
  return recalled ? (
    <Text size="sm" mt={3} role="status">
      {i18n._('Read as you said for {from} on {day}.', {
        from: recalled.from,
        day: day(recalled.at),
      })}{' '}
      <LinkButton onClick={() => void forgetRecalled(recalled.id)}>
        {i18n._('Forget it')}
      </LinkButton>
    </Text>
  ) : null;
}
