// A finding where it belongs: its sign, its sentence, its mend.
import type { Finding } from '../../core/model';

export const SIGNS = { note: 'i', warn: '!', block: '✕' } as const;
export const LEVEL_WORDS = { note: 'note', warn: 'wants a look', block: 'blocks' } as const;
const TONE = { note: 'note-level', warn: 'warn', block: 'block' } as const;

export function FindingNote({
  finding,
  onMend,
}: {
  finding: Finding;
  onMend?: (finding: Finding) => void;
}) {
  return (
    <div className={`note ${TONE[finding.level]}`}>
      <span>
        <span className="sign" aria-hidden>
          {SIGNS[finding.level]}
        </span>
        <span className="visually-hidden">{LEVEL_WORDS[finding.level]}: </span> {finding.message}
      </span>
      {finding.mend && onMend && (
        <button type="button" className="link" onClick={() => onMend(finding)}>
          {finding.mend.label}
        </button>
      )}
    </div>
  );
}

/** The worst level of some findings; undefined where there is none. */
export const worst = (findings: readonly Finding[]): Finding['level'] | undefined =>
  findings.some((finding) => finding.level === 'block')
    ? 'block'
    : findings.some((finding) => finding.level === 'warn')
      ? 'warn'
      : findings.length
        ? 'note'
        : undefined;
