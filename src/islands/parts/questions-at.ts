// How many questions have a finding of a level.
import type { Finding } from '../../core/model';

export function questionsAt(
  findings: ReadonlyMap<string, readonly Finding[]>,
  level: Finding['level'],
): number {
  let questions = 0;
  for (const list of findings.values()) {
    questions += Number(list.some((finding) => finding.level === level));
  }
  return questions;
}
