// The editor of the source's text: opened for a source, dressed as the source was, told what was found where.
import { useCallback, useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import { editText, gatherState, useGather } from '../state/gather';
import { openTextEditor, type TextBlock, type TextEditor } from './text-editor';
import type { Beside } from './use-beside';

export type OpenEditor = {
  host: RefObject<HTMLDivElement | null>;
  editor: RefObject<TextEditor | undefined>;
  /** Counts up with every scroll and every change of height. */
  moved: number;
  onMove: () => void;
};

export function useTextEditor(): OpenEditor {
  const { name } = useGather();
  const host = useRef<HTMLDivElement>(null);
  const editor = useRef<TextEditor | undefined>(undefined);
  const [moved, setMoved] = useState(0);
  const onMove = useCallback(() => setMoved((n) => n + 1), []);
  useEffect(() => {
    const { edited, answer } = gatherState();
    const opened = openTextEditor(host.current!, {
      text: edited ?? answer?.text ?? '',
      label: `Text of ${name}`,
      onChange: editText,
      onMove,
    });
    editor.current = opened;
    onMove();
    return () => {
      editor.current = undefined;
      opened.view.destroy();
    };
  }, [name, onMove]);
  return { host, editor, moved, onMove };
}

/** Lines that were left out, set back in the text. */
export function useAside(): TextBlock[] {
  const { findings } = useGather();
  return useMemo(
    () =>
      findings.flatMap(({ rule, where }): TextBlock[] =>
        rule === 'line-left-out' && where?.line
          ? [{ from: where.line, to: where.line, state: 'aside', room: 0 }]
          : [],
      ),
    [findings],
  );
}

/** The formatting of the source, and the findings at their lines. */
export function useMarks(
  editor: RefObject<TextEditor | undefined>,
  besides: readonly Beside[],
): void {
  const { answer, findings } = useGather();
  useEffect(() => {
    editor.current?.dress(answer?.looks ?? []);
  }, [editor, answer]);
  useEffect(() => {
    const notes = findings
      .filter((finding) => finding.level !== 'note')
      .flatMap(({ level, message, where, item }) => {
        const line = where?.line ?? besides.find((beside) => beside.item.id === item)?.from;
        return line ? [{ line, level, message }] : [];
      });
    editor.current?.tell(notes);
  }, [editor, findings, besides]);
}
