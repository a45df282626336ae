// A text with the little formatting that says something. The HTML is never put into the page: it is parsed apart, and
// only elements of this list are built from it.
import { VisuallyHidden } from '@mantine/core';
import { createElement, useMemo, type ReactNode } from 'react';
import type { Text } from '../../core/model';
import { i18n } from '../../languages';

const TAGS = new Set(['B', 'I', 'U', 'SUB', 'SUP']);

/** A gap of a sentence as a blank with its number, rather than as its sign in the text. */
function withGaps(text: string): ReactNode {
  if (!text.includes('{{')) {
    return text;
  }
  return text.split(/(\{\{\d+\}\})/).map((part, index) =>
    /^\{\{\d+\}\}$/.test(part) ? (
      <span key={index} className="gap">
        <VisuallyHidden>{i18n._('gap')} </VisuallyHidden>
        {part.slice(2, -2)}
      </span>
    ) : (
      part
    ),
  );
}

function build(node: Node, key: number): ReactNode {
  if (node.nodeType === Node.TEXT_NODE) {
    return withGaps(node.textContent ?? '');
  }
  if (!(node instanceof Element)) {
    return null;
  }
  const inner = [...node.childNodes].map(build);
  if (node.tagName === 'BR') {
    return ' ';
  }
  if (TAGS.has(node.tagName)) {
    return createElement(node.tagName.toLowerCase(), { key }, ...inner);
  }
  const href = node.getAttribute('href') ?? '';
  if (node.tagName === 'A' && /^(?:https?:|mailto:)/i.test(href)) {
    return (
      <a key={key} href={href} target="_blank" rel="noreferrer noopener">
        {inner}
      </a>
    );
  }
  return ['SCRIPT', 'STYLE', 'TEMPLATE'].includes(node.tagName) ? null : inner;
}

export function Rich({ text }: { text: Text }) {
  const { html } = text;
  const nodes = useMemo(
    () =>
      html
        ? [...new DOMParser().parseFromString(html, 'text/html').body.childNodes].map(build)
        : undefined,
    [html],
  );
  return <>{nodes ?? withGaps(text.plain)}</>;
}

/** The pictures of a question; a link is shown as a link, so that no other host is asked unless a person follows it. */
export function Pictures({
  media,
}: {
  media: readonly { href: string; alt?: string | undefined }[] | undefined;
}) {
  if (!media?.length) {
    return null;
  }
  return (
    <p className="pictures">
      {media.map(({ href, alt }, index) =>
        href.startsWith('data:image/') ? (
          <img key={index} src={href} alt={alt ?? i18n._('picture of the question')} />
        ) : (
          <a
            key={index}
            className="small"
            href={/^https?:/i.test(href) ? href : undefined}
            target="_blank"
            rel="noreferrer noopener"
          >
            {alt ?? href}
          </a>
        ),
      )}
    </p>
  );
}
