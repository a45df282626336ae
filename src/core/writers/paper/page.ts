// The frame of a printable page: no script, nothing fetched, no question torn between two sheets.
import { escapeMarkup } from '../../shared/markup';

/** The lines at the top and the foot of every page, as plain text. */
export type PageLines = { head?: string; foot?: string };

/** Text as a string of a style sheet (CSS Syntax, 4.3.7); what could end the string or the style is written by its number. */
const cssString = (text: string): string =>
  `"${text.replace(/["\\<>&\p{Cc}]/gu, (sign) => `\\${sign.codePointAt(0)!.toString(16)} `)}"`;

const box = (place: string, content: string): string =>
  `@${place} { content: ${content}; font: 9pt sans-serif; color: #444; }`;

const pageStyle = ({ head, foot }: PageLines): string =>
  `@page { size: A4; margin: 16mm 15mm 18mm; ${[
    ...(head ? [box('top-left', cssString(head))] : []),
    ...(foot ? [box('bottom-left', cssString(foot))] : []),
    box('bottom-right', 'counter(page) " / " counter(pages)'),
  ].join(' ')} }`;

const STYLE = `
* { box-sizing: border-box; }
body { font: 11pt/1.4 system-ui, sans-serif; color: #111; background: #fff; margin: 0 auto; max-width: 180mm; }
h1 { font-size: 15pt; margin: 0 0 2mm; }
h2 { font-size: 12pt; margin: 5mm 0 2mm; break-after: avoid; }
header { border-bottom: 1px solid #666; padding-bottom: 2mm; margin-bottom: 4mm; }
.line { display: flex; gap: 8mm; font-size: 10pt; }
.line span { flex: 1; border-bottom: 1px solid #666; padding-bottom: 4mm; }
.version { break-before: page; }
.version:first-of-type { break-before: auto; }
.two { columns: 2; column-gap: 9mm; }
.question { break-inside: avoid; margin: 0 0 5mm; position: relative; padding-left: 8mm; padding-right: 11mm; }
.question > .n { position: absolute; left: 0; font-weight: 600; }
.question > .points { position: absolute; right: 0; top: 0; font-size: 9pt; color: #444; }
.question ol, .question ul { list-style: none; margin: 1.5mm 0 0; padding: 0; }
.question li { margin: .8mm 0; padding-left: 7mm; text-indent: -7mm; }
.question .across li { display: inline-block; margin-right: 8mm; }
.box { display: inline-block; width: 3.4mm; height: 3.4mm; border: 1px solid #333; margin-right: 1.6mm; vertical-align: -.4mm; text-indent: 0; }
.letter { display: inline-block; width: 5mm; text-indent: 0; }
.blank { display: inline-block; min-width: 26mm; border-bottom: 1px solid #333; }
.room { border-bottom: 1px solid #999; height: 8mm; }
.answers { list-style: none; padding: 0; columns: 3; column-gap: 9mm; }
.answers li { break-inside: avoid; padding: 1.2mm 0; }
.answers .n { display: inline-block; min-width: 9mm; font-weight: 600; }
.answers .blank { min-width: 30mm !important; }
.tick { display: inline-block; margin-right: 3mm; }
.pairs { display: grid; grid-template-columns: 1fr 1fr; gap: 4mm; }
.small { font-size: 9pt; color: #444; margin: 1mm 0 0; }
img { max-width: 100%; max-height: 70mm; }
table { border-collapse: collapse; width: 100%; }
td, th { border: 1px solid #999; padding: 1mm 2mm; text-align: left; vertical-align: top; font-size: 10pt; }
tr { break-inside: avoid; }
.sheet { break-after: page; display: grid; grid-template-columns: 1fr 1fr; grid-template-rows: repeat(4, 64mm); gap: 0; }
.sheet:last-child { break-after: auto; }
.card { border: 1px dashed #888; padding: 5mm; display: flex; flex-direction: column; justify-content: center; text-align: center; overflow: hidden; }
.card .small { margin-top: auto; }
.card svg { width: 46mm; height: 46mm; margin: 0 auto; }
@media screen { body { padding: 8mm; } }
`;

/** A whole page with this in its body; the title and the lines of every page are text. */
export const printable = (title: string, body: string, lines: PageLines = {}): string =>
  `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${escapeMarkup(title)}</title><meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; img-src data:"><style>${pageStyle(lines)}${STYLE}</style></head>
<body>${body}</body></html>`;
