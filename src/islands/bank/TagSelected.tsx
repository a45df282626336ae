// A tag for many questions at once, in one step.
import { Popover } from '@mantine/core';
import { useState } from 'react';
import { changeItems, itemById } from '../state/bank';

export function TagSelected({ ids }: { ids: readonly string[] }) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const add = (): void => {
    const pair = /^([^:]+):\s*(.+)$/.exec(text.trim());
    const tag = pair ? { name: pair[1]!.trim(), value: pair[2]! } : { value: text.trim() };
    if (!tag.value) {
      return;
    }
    const changed = ids.flatMap((id) => {
      const item = itemById(id);
      return item && !item.tags?.some((own) => own.name === tag.name && own.value === tag.value)
        ? [{ ...item, tags: [...(item.tags ?? []), tag] }]
        : [];
    });
    void changeItems(`Tag ${changed.length} questions`, changed);
    // The field is left at once, so that Ctrl+Z right behind Enter is the page's and not the closing field's.
    if (document.activeElement instanceof HTMLElement) {
      document.activeElement.blur();
    }
    setOpen(false);
    setText('');
  };
  return (
    <Popover opened={open} onChange={setOpen} trapFocus returnFocus position="bottom-end">
      <Popover.Target>
        <button type="button" className="button" onClick={() => setOpen(!open)}>
          Tag {ids.length} questions
        </button>
      </Popover.Target>
      <Popover.Dropdown>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            add();
          }}
          style={{ display: 'flex', gap: 8 }}
        >
          <input
            className="field"
            aria-label="Tag"
            placeholder="words, or level: beginner"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <button type="submit" className="button main small">
            Tag {ids.length}
          </button>
        </form>
      </Popover.Dropdown>
    </Popover>
  );
}
