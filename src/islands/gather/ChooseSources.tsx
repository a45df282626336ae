// Sources chosen from the computer's list of files.
import { ChooseFiles } from '../parts/ChooseFiles';
import { bringFiles } from '../state/gather';

const ACCEPTED =
  '.xlsx,.xlsm,.ods,.xls,.csv,.tsv,.tab,.txt,.md,.docx,.odt,.html,.htm,.json,.xml,.qti,.zip,.imscc';

export function ChooseSources({
  label,
  isMain,
  testId = 'source-file',
}: {
  label: string;
  isMain: boolean;
  testId?: string;
}) {
  return (
    <ChooseFiles
      label={label}
      accept={ACCEPTED}
      testId={testId}
      isMain={isMain}
      onFiles={(files) => void bringFiles(files)}
    />
  );
}
