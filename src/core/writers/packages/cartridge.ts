// QTI 1.2 as Common Cartridge 1.3 profiles it: one assessment with its items. Element names and profiles are from memory,
// and so is what the tests beside hold: it is our reading of the standard.
import type { Item, Text } from '../../model';
import { escapeMarkup, escapeXml } from '../../shared/markup';
import { pictureHref, type Media } from './content';
import { HEAD, identifierOf } from './xml';

const PROFILES: Partial<Record<Item['kind'], string>> = {
  'choice-one': 'cc.multiple_choice.v0p1',
  'choice-many': 'cc.multiple_response.v0p1',
  'true-false': 'cc.true_false.v0p1',
  short: 'cc.fib.v0p1',
  open: 'cc.essay.v0p1',
};
const field = (label: string, entry: string): string =>
  `<qtimetadatafield><fieldlabel>${label}</fieldlabel><fieldentry>${escapeXml(entry)}</fieldentry></qtimetadatafield>`;
const htmlOf = ({ plain, html }: Text): string =>
  html ?? plain.split('\n').map(escapeMarkup).join('<br>');
const material = (html: string): string =>
  `<material><mattext texttype="text/html">${escapeXml(html)}</mattext></material>`;
const score = '<setvar action="Set" varname="SCORE">100</setvar>';
const equal = (value: string, response = 'response1', more = ''): string =>
  `<varequal respident="${response}"${more}>${escapeXml(value)}</varequal>`;

/** The conditions of the scoring, and those that only show feedback, which go on to the next one. */
function processing(item: Item, right: string[], all: string[]): string {
  const feedback = (item.options ?? []).flatMap((option, index) =>
    option.feedback?.plain
      ? [
          `<respcondition continue="Yes"><conditionvar>${equal(all[index]!)}</conditionvar><displayfeedback feedbacktype="Response" linkrefid="${all[index]}_fb"/></respcondition>`,
        ]
      : [],
  );
  const general = item.explanation?.plain
    ? [
        '<respcondition continue="Yes"><conditionvar><other/></conditionvar><displayfeedback feedbacktype="Response" linkrefid="general_fb"/></respcondition>',
      ]
    : [];
  const condition =
    item.kind === 'choice-many'
      ? `<and>${all.map((id) => (right.includes(id) ? equal(id) : `<not>${equal(id)}</not>`)).join('')}</and>`
      : right
          .map((id) => equal(id, 'response1', item.kind === 'short' ? ' case="No"' : ''))
          .join('');
  const scored =
    item.kind === 'open'
      ? ''
      : `<respcondition continue="No"><conditionvar>${condition}</conditionvar>${score}</respcondition>`;
  return `<resprocessing><outcomes><decvar maxvalue="100" minvalue="0" varname="SCORE" vartype="Decimal"/></outcomes>${general.join('')}${feedback.join('')}${scored}</resprocessing>`;
}

function response(item: Item): { xml: string; right: string[]; all: string[] } {
  if (item.kind === 'open') {
    return {
      xml: '<response_str ident="response1" rcardinality="Single"><render_fib prompt="Box"/></response_str>',
      right: [],
      all: [],
    };
  }
  if (item.kind === 'short') {
    return {
      xml: '<response_str ident="response1" rcardinality="Single"><render_fib prompt="Dashline"/></response_str>',
      right: item.accepted ?? [],
      all: [],
    };
  }
  const options = item.options ?? [];
  const all = options.map((_, index) => `a${index + 1}`);
  const labels = options
    .map(
      (option, index) =>
        `<response_label ident="${all[index]}">${material(htmlOf(option.text))}</response_label>`,
    )
    .join('');
  return {
    xml: `<response_lid ident="response1" rcardinality="${item.kind === 'choice-many' ? 'Multiple' : 'Single'}"><render_choice shuffle="${item.shuffle ? 'Yes' : 'No'}">${labels}</render_choice></response_lid>`,
    right: all.filter((_, index) => options[index]!.right),
    all,
  };
}

function itemXml(item: Item, ident: string, media: Media): string {
  const { xml, right, all } = response(item);
  const pictures = (item.media ?? [])
    .filter(({ at }) => at === 'stem')
    .map(({ href, alt }) => {
      const path = pictureHref(href, media);
      return `<img src="${escapeMarkup(path.startsWith('media/') ? `$IMS-CC-FILEBASE$/${path}` : path)}" alt="${escapeMarkup(alt ?? '')}">`;
    })
    .join('');
  const metadata = [
    field('cc_profile', PROFILES[item.kind] ?? ''),
    ...(item.points !== undefined ? [field('cc_weighting', String(item.points))] : []),
    ...(item.category?.length ? [field('cc_question_category', item.category.join(' > '))] : []),
  ].join('');
  const feedback = (item.options ?? []).flatMap((option, index) =>
    option.feedback?.plain
      ? [
          `<itemfeedback ident="${all[index]}_fb"><flow_mat>${material(htmlOf(option.feedback))}</flow_mat></itemfeedback>`,
        ]
      : [],
  );
  const general = item.explanation?.plain
    ? [
        `<itemfeedback ident="general_fb"><flow_mat>${material(htmlOf(item.explanation))}</flow_mat></itemfeedback>`,
      ]
    : [];
  return `<item ident="${ident}"${item.title ? ` title="${escapeXml(item.title)}"` : ''}><itemmetadata><qtimetadata>${metadata}</qtimetadata></itemmetadata><presentation>${material(htmlOf(item.stem) + pictures)}${xml}</presentation>${processing(item, right, all)}${general.join('')}${feedback.join('')}</item>`;
}

/** The assessment of a cartridge. */
export function cartridgeXml(title: string, items: readonly Item[], media: Media): string {
  const taken = new Set<string>(['assessment-1', 'root_section']);
  const body = items
    .map((item) => itemXml(item, identifierOf(item.ref || 'item', taken), media))
    .join('');
  return `${HEAD}<questestinterop xmlns="http://www.imsglobal.org/xsd/ims_qtiasiv1p2"><assessment ident="assessment-1" title="${escapeXml(title)}"><qtimetadata>${field('cc_profile', 'cc.exam.v0p1')}${field('qmd_assessmenttype', 'Examination')}</qtimetadata><section ident="root_section">${body}</section></assessment></questestinterop>`;
}
