// A finding where it belongs: its sign, its sentence, its mend.
import { Alert, Group, VisuallyHidden } from '@mantine/core';
import type { Finding } from '../../core/model';
import { COLOURS } from './Bar';
import { LinkButton } from './LinkButton';
import { i18n } from '../../languages';

type Level = Finding['level'];
export const SIGNS: Record<Level, string> = { note: 'i', warn: '!', block: '✕' };
export const LEVEL_WORDS: Record<Level, string> = {
  note: i18n._('note'),
  warn: i18n._('wants a look'),
  block: i18n._('blocked'),
};

export function FindingNote({
  finding,
  onMend,
}: {
  finding: Finding;
  onMend?: (finding: Finding) => void;
}) {
  return (
    <Alert color={COLOURS[finding.level]} mt={5} px="xs" py={4} radius="sm" role="note">
      <Group justify="space-between" align="flex-start" wrap="nowrap" fz={13.5}>
        <span>
          <span className="sign" aria-hidden>
            {SIGNS[finding.level]}
          </span>
          <VisuallyHidden>{LEVEL_WORDS[finding.level]}: </VisuallyHidden> {finding.message}
        </span>
        {finding.mend && onMend && (
          <LinkButton maw="45%" style={{ flex: 'none' }} onClick={() => onMend(finding)}>
            {finding.mend.label}
          </LinkButton>
        )}
      </Group>
    </Alert>
  );
}

const WORST_FIRST: readonly Level[] = ['block', 'warn', 'note'];

/** The worst level of some findings; undefined where there is none. */
export const worst = (findings: readonly Finding[]): Level | undefined =>
  WORST_FIRST.find((level) => findings.some((finding) => finding.level === level));

/** The worst level that people must act on; notes are left aside. */
export const worstToSee = (findings: readonly Finding[]): Exclude<Level, 'note'> | undefined => {
  const level = worst(findings);
  return level === 'note' ? undefined : level;
};
