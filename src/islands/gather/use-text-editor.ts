// The editor of the source's text: opened for a source, dressed as the source was, told what was found where.
import { useCallback, useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import type { LineRole } from '../../core/model';
import { editText, gatherState, useGather } from '../state/gather';
import { LINE_WORDS, type PointedLine } from './LineMenu';
import { pointedAt } from './text-pointing';
import { openTextEditor, type TextBlock, type TextEditor } from './text-editor';
import type { Beside } from './use-beside';
import { i18n } from '../../languages';

export type OpenEditor = {
  host: RefObject<HTMLDivElement | null>;
  editor: RefObject<TextEditor | undefined>;
  /** Counts up with every scroll and every change of height. */
  moved: number;
  onMove: () => void;
  /** The line of which a person wants to say what it is. */
  pointed: PointedLine | undefined;
  /** Points at the line of the cursor. */
  pointAtCursor: () => void;
  leavePointed: () => void;
};

export function useTextEditor(): OpenEditor {
  const { name } = useGather();
  const host = useRef<HTMLDivElement>(null);
  const editor = useRef<TextEditor | undefined>(undefined);
  const [moved, setMoved] = useState(0);
  const [pointed, setPointed] = useState<PointedLine | undefined>();
  const onMove = useCallback(() => setMoved((n) => n + 1), []);
  const pointAtCursor = useCallback(() => {
    const view = editor.current?.view;
    if (view) {
      setPointed(pointedAt(view, view.state.selection.main.head));
    }
  }, []);
  const leavePointed = useCallback(() => setPointed(undefined), []);
  useEffect(() => {
    const { edited, answer } = gatherState();
    const opened = openTextEditor(host.current!, {
      text: edited ?? answer?.text ?? '',
      label: i18n._('Text of {name}', { name }),
      onChange: editText,
      onMove,
      onPoint: setPointed,
    });
    editor.current = opened;
    onMove();
    return () => {
      editor.current = undefined;
      opened.view.destroy();
    };
  }, [name, onMove]);
  return { host, editor, moved, onMove, pointed, pointAtCursor, leavePointed };
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
  const { answer, findings, overrule } = useGather();
  const { lines } = overrule;
  useEffect(() => {
    const wordsOf = (is: LineRole): string => LINE_WORDS.find(([role]) => role === is)![2];
    editor.current?.note(
      (lines ?? []).map(({ line, is }) => ({
        line,
        words: i18n._('{wordsOf}, as you said', { wordsOf: wordsOf(is) }),
      })),
    );
  }, [editor, lines, answer]);
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
