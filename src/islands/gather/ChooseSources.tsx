// Sources chosen from the computer's list of files.
import { ChooseFiles } from '../parts/ChooseFiles';
import { bringFiles } from '../state/gather';

const ACCEPTED =
  '.xlsx,.xlsm,.ods,.xls,.csv,.tsv,.tab,.txt,.md,.docx,.odt,.html,.htm,.json,.xml,.qti,.zip,.imscc';

export function ChooseSources({ label, isMain }: { label: string; isMain: boolean }) {
  return (
    <ChooseFiles
      label={label}
      accept={ACCEPTED}
      testId="source-file"
      isMain={isMain}
      onFiles={(files) => void bringFiles(files)}
    />
  );
}
