// The head of a column of the blank: what it takes, why, and what else it may take.
import type { KeptLayout, Role } from '../../../core/model';
import { roleWords } from '../../../core/shared/roles';
import { RoleHead } from '../../parts/RoleHead';
import { changeColumn } from '../../state/layouts';
import { labelOf } from './marks';
import { i18n } from '../../../languages';

export function RolePicker({ kept, letters }: { kept: KeptLayout; letters: string }) {
  const column = kept.layout.columns.find((candidate) => candidate.column === letters);
  const role: Role = column?.role ?? 'ignore';
  const because = kept.because[`columns.${letters}`];
  const pick = (next: Role): void => {
    void changeColumn(kept, { ...(column ?? { column: letters }), role: next });
  };
  return (
    <RoleHead
      letters={letters}
      role={role}
      label={labelOf(column)}
      isUnsure={kept.unsure.includes(`columns.${letters}`)}
      title={because ? i18n._('because {because}', { because }) : undefined}
      because={
        because && i18n._('{roleWords}, because {because}', { roleWords: roleWords(role), because })
      }
      onPick={pick}
    />
  );
}
