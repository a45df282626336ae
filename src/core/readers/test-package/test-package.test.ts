// Packages written by the standard's rules: QTI 3.0 and 2.1 (element names as an independent implementation uses them;
// 2.1 is also taken through an independent converter to 3.0), and QTI 1.2 in a Common Cartridge, whose names are from memory.
import { convertQti2toQti3 } from '@citolab/qti-convert/qti-convert-node';
import { strToU8, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { gatherSource } from '../../pipeline';
import { counter } from '../../../../tests/make';
import { answersOf, brief } from '../../../../tests/say';

const read = (name: string, parts: Record<string, string | Uint8Array>) =>
  gatherSource(
    {
      name,
      bytes: zipSync(
        Object.fromEntries(
          Object.entries(parts).map(([path, content]) => [
            path,
            typeof content === 'string' ? strToU8(content) : content,
          ]),
        ),
      ),
    },
    {},
    { id: counter() },
  );
const item3 = (id: string, declarations: string, body: string, more = ''): string =>
  `<?xml version="1.0"?><qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="${id}" title="Title of ${id}" adaptive="false" time-dependent="false">${declarations}<qti-item-body>${body}</qti-item-body>${more}</qti-assessment-item>`;
const declare = (cardinality: string, type: string, ...values: string[]): string =>
  `<qti-response-declaration identifier="RESPONSE" cardinality="${cardinality}" base-type="${type}"><qti-correct-response>${values.map((value) => `<qti-value>${value}</qti-value>`).join('')}</qti-correct-response></qti-response-declaration>`;
const choices = (...texts: string[]): string =>
  texts
    .map((text, n) => `<qti-simple-choice identifier="${'ABCDE'[n]}">${text}</qti-simple-choice>`)
    .join('');
const one3 = async (...parts: Parameters<typeof item3>) =>
  await read('pack.zip', { 'items/one.xml': item3(...parts) });

describe('QTI 3.0', () => {
  it.each([
    [
      'one right',
      declare('single', 'identifier', 'B'),
      `<p>What opens?</p><qti-choice-interaction response-identifier="RESPONSE" max-choices="1">${choices('Wall', 'Gate')}</qti-choice-interaction>`,
      'choice-one: What opens? [Wall / *Gate]',
    ],
    [
      'the question as a prompt',
      declare('single', 'identifier', 'B'),
      `<qti-choice-interaction response-identifier="RESPONSE" max-choices="1"><qti-prompt>What is H<sub>2</sub>O?</qti-prompt>${choices('Fire', 'Water')}</qti-choice-interaction>`,
      'choice-one: What is H<sub>2</sub>O? [Fire / *Water]',
    ],
    [
      'several right',
      declare('multiple', 'identifier', 'A', 'C'),
      `<qti-choice-interaction response-identifier="RESPONSE" max-choices="0"><qti-prompt>Which float?</qti-prompt>${choices('Cork', 'Brick', 'Boat')}</qti-choice-interaction>`,
      'choice-many: Which float? [*Cork / Brick / *Boat]',
    ],
    [
      'true or false',
      declare('single', 'identifier', 'B'),
      `<p>Stones float.</p><qti-choice-interaction response-identifier="RESPONSE" max-choices="1">${choices('True', 'False')}</qti-choice-interaction>`,
      'true-false: Stones float. [True / *False]',
    ],
    [
      'pairs',
      declare('multiple', 'directedPair', 'A X', 'B Y'),
      '<qti-match-interaction response-identifier="RESPONSE"><qti-prompt>Match.</qti-prompt><qti-simple-match-set><qti-simple-associable-choice identifier="A" match-max="1">pound</qti-simple-associable-choice><qti-simple-associable-choice identifier="B" match-max="1">cill</qti-simple-associable-choice></qti-simple-match-set><qti-simple-match-set><qti-simple-associable-choice identifier="Y" match-max="1">step</qti-simple-associable-choice><qti-simple-associable-choice identifier="X" match-max="1">water</qti-simple-associable-choice></qti-simple-match-set></qti-match-interaction>',
      'match: Match. [pound=water / cill=step]',
    ],
    [
      'steps',
      declare('ordered', 'identifier', 'C', 'A', 'B'),
      `<qti-order-interaction response-identifier="RESPONSE"><qti-prompt>Order.</qti-prompt>${choices('second', 'third', 'first')}</qti-order-interaction>`,
      'order: Order. [first > second > third]',
    ],
    [
      'a short answer',
      declare('single', 'string', 'windlass'),
      '<p>What turns a paddle?</p><p><qti-text-entry-interaction response-identifier="RESPONSE"/></p>',
      'short: What turns a paddle? [windlass]',
    ],
    [
      'a number',
      declare('single', 'float', '4.3'),
      '<p>How wide?</p><p><qti-text-entry-interaction response-identifier="RESPONSE"/> m</p>',
      'number: How wide?\nm [4.3±0]',
    ],
    [
      'gaps',
      '<qti-response-declaration identifier="R1" cardinality="single" base-type="string"><qti-correct-response><qti-value>gates</qti-value></qti-correct-response></qti-response-declaration><qti-response-declaration identifier="R2" cardinality="single" base-type="identifier"><qti-correct-response><qti-value>P</qti-value></qti-correct-response></qti-response-declaration>',
      '<p>A lock has <qti-text-entry-interaction response-identifier="R1"/> and <qti-inline-choice-interaction response-identifier="R2"><qti-inline-choice identifier="P">paddles</qti-inline-choice><qti-inline-choice identifier="Q">sails</qti-inline-choice></qti-inline-choice-interaction>.</p>',
      'gap: A lock has {{1}} and {{2}}. [gates / paddles]',
    ],
    [
      'words moved into gaps',
      declare('multiple', 'directedPair', 'W G1'),
      '<qti-gap-match-interaction response-identifier="RESPONSE"><qti-gap-text identifier="W" match-max="1">water</qti-gap-text><qti-gap-text identifier="S" match-max="1">sand</qti-gap-text><p>A pound is <qti-gap identifier="G1"/>.</p></qti-gap-match-interaction>',
      'gap: A pound is {{1}}. [water]',
    ],
    [
      'an open answer',
      '',
      '<p>Say why.</p><qti-extended-text-interaction response-identifier="RESPONSE" expected-lines="5"/>',
      'open: Say why. []',
    ],
    [
      'an upload',
      '',
      '<p>Hand in your log.</p><qti-upload-interaction response-identifier="RESPONSE"/>',
      'upload: Hand in your log. []',
    ],
  ])('%s', async (_, declarations, body, expected) => {
    expect((await one3('i1', declarations, body)).items.map(brief)).toEqual([expected]);
  });

  it('partial credit becomes weights, feedback stays at its option, general feedback explains', async () => {
    const mapping =
      '<qti-response-declaration identifier="RESPONSE" cardinality="multiple" base-type="identifier"><qti-correct-response><qti-value>A</qti-value><qti-value>B</qti-value></qti-correct-response><qti-mapping lower-bound="0" upper-bound="4" default-value="0"><qti-map-entry map-key="A" mapped-value="3"/><qti-map-entry map-key="B" mapped-value="1"/><qti-map-entry map-key="C" mapped-value="-2"/></qti-mapping></qti-response-declaration>';
    const { items } = await one3(
      'i1',
      mapping,
      '<qti-choice-interaction response-identifier="RESPONSE" max-choices="0" shuffle="true" orientation="horizontal"><qti-prompt>Which?</qti-prompt><qti-simple-choice identifier="A">a<qti-feedback-inline outcome-identifier="F" identifier="A" show-hide="show">Yes.</qti-feedback-inline></qti-simple-choice><qti-simple-choice identifier="B">b</qti-simple-choice><qti-simple-choice identifier="C">c</qti-simple-choice></qti-choice-interaction>',
      '<qti-modal-feedback outcome-identifier="G" identifier="general" show-hide="show"><qti-content-body><p>Because.</p></qti-content-body></qti-modal-feedback>',
    );
    expect(answersOf(items[0]!)).toBe('*a{75} / *b{25} / c{-50}');
    expect(items[0]).toMatchObject({
      points: 4,
      shuffle: true,
      across: true,
      explanation: { plain: 'Because.' },
      title: 'Title of i1',
    });
    expect(items[0]!.options![0]!.feedback).toEqual({ plain: 'Yes.' });
  });
  it('the test gives order, sections, time, attempts and points; pictures come along', async () => {
    const choice = (id: string) =>
      item3(
        id,
        declare('single', 'identifier', 'A'),
        `<p>${id}? <img src="../media/lock.png" alt="a lock"/></p><qti-choice-interaction response-identifier="RESPONSE" max-choices="1">${choices('yes it is', 'no it is not')}</qti-choice-interaction>`,
      );
    const test =
      '<qti-assessment-test xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="T" title="Evening"><qti-test-part identifier="P" navigation-mode="linear" submission-mode="individual"><qti-assessment-section identifier="S" title="Locks" visible="true"><qti-assessment-item-ref identifier="r2" href="items/two.xml"><qti-item-session-control max-attempts="2"/><qti-time-limits max-time="45"/><qti-weight identifier="W" value="3"/></qti-assessment-item-ref><qti-assessment-item-ref identifier="r1" href="items/one.xml"/></qti-assessment-section></qti-test-part></qti-assessment-test>';
    const { items } = await read('pack.zip', {
      'items/one.xml': choice('one'),
      'items/two.xml': choice('two'),
      'test.xml': test,
      'media/lock.png': Uint8Array.of(137, 80, 78, 71),
    });
    expect(
      items.map(({ ref, category, seconds, attempts, points }) => [
        ref,
        category,
        seconds,
        attempts,
        points,
      ]),
    ).toEqual([
      ['two', ['Locks'], 45, 2, 3],
      ['one', ['Locks'], undefined, undefined, undefined],
    ]);
    expect(items[0]!.media).toEqual([
      { at: 'stem', href: 'data:image/png;base64,iVBORw==', alt: 'a lock' },
    ]);
  });
  it('an interaction that no kind can hold is told, and the rest is read', async () => {
    const { items, findings } = await read('pack.zip', {
      'a.xml': item3('a', '', '<qti-hotspot-interaction response-identifier="RESPONSE"/>'),
      'b.xml': item3(
        'b',
        declare('single', 'string', 'x'),
        '<p>Q?</p><p><qti-text-entry-interaction response-identifier="RESPONSE"/></p>',
      ),
      'c.xml': '<qti-assessment-item><broken',
    });
    expect(items.map(({ ref }) => ref)).toEqual(['b']);
    expect(findings.map(({ rule, level }) => [rule, level])).toEqual(
      expect.arrayContaining([
        ['interaction-unknown', 'warn'],
        ['part-damaged', 'warn'],
      ]),
    );
  });
  it('scripts and handlers are left out of texts', async () => {
    const { items } = await one3(
      'i1',
      declare('single', 'string', 'x'),
      '<p onclick="x()">Q<script>alert(1)</script>? <a href="javascript:alert(1)">link</a></p><p><qti-text-entry-interaction response-identifier="RESPONSE"/></p>',
    );
    expect(JSON.stringify(items)).not.toMatch(/script|alert|onclick/);
  });
});

const item21 = (id: string, body: string, declarations: string): string =>
  `<?xml version="1.0" encoding="UTF-8"?><assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" xmlns:xsi="http://www.w3.org/2001/XMLSchema-instance" identifier="${id}" title="${id}" adaptive="false" timeDependent="false">${declarations}<outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"><defaultValue><value>0</value></defaultValue></outcomeDeclaration><itemBody>${body}</itemBody><responseProcessing template="http://www.imsglobal.org/question/qti_v2p1/rptemplates/match_correct"/></assessmentItem>`;
const declare21 = (cardinality: string, type: string, ...values: string[]): string =>
  `<responseDeclaration identifier="RESPONSE" cardinality="${cardinality}" baseType="${type}"><correctResponse>${values.map((value) => `<value>${value}</value>`).join('')}</correctResponse></responseDeclaration>`;

describe('QTI 2.1', () => {
  it.each([
    [
      'choice',
      '<choiceInteraction responseIdentifier="RESPONSE" shuffle="false" maxChoices="1"><prompt>What opens?</prompt><simpleChoice identifier="A">Wall</simpleChoice><simpleChoice identifier="B">Gate</simpleChoice></choiceInteraction>',
      declare21('single', 'identifier', 'B'),
      'choice-one: What opens? [Wall / *Gate]',
    ],
    [
      'match',
      '<matchInteraction responseIdentifier="RESPONSE" shuffle="false" maxAssociations="2"><prompt>Match.</prompt><simpleMatchSet><simpleAssociableChoice identifier="A" matchMax="1">pound</simpleAssociableChoice></simpleMatchSet><simpleMatchSet><simpleAssociableChoice identifier="X" matchMax="1">water</simpleAssociableChoice></simpleMatchSet></matchInteraction>',
      declare21('multiple', 'directedPair', 'A X'),
      'match: Match. [pound=water]',
    ],
    [
      'order',
      '<orderInteraction responseIdentifier="RESPONSE" shuffle="false"><prompt>Order.</prompt><simpleChoice identifier="A">second</simpleChoice><simpleChoice identifier="B">first</simpleChoice></orderInteraction>',
      declare21('ordered', 'identifier', 'B', 'A'),
      'order: Order. [first > second]',
    ],
    [
      'text entry',
      '<p>What turns a paddle?</p><p><textEntryInteraction responseIdentifier="RESPONSE"/></p>',
      declare21('single', 'string', 'windlass'),
      'short: What turns a paddle? [windlass]',
    ],
  ])(
    '%s, as it is and through an independent converter to 3.0',
    async (_, body, declarations, expected) => {
      const source = item21('i1', body, declarations);
      expect((await read('pack.zip', { 'i1.xml': source })).items.map(brief)).toEqual([expected]);
      expect(
        (await read('pack.zip', { 'i1.xml': await convertQti2toQti3(source) })).items.map(brief),
      ).toEqual([expected]);
    },
  );
});

describe('QTI 1.2 in a cartridge (from memory)', () => {
  const field = (name: string, value: string): string =>
    `<qtimetadatafield><fieldlabel>${name}</fieldlabel><fieldentry>${value}</fieldentry></qtimetadatafield>`;
  const item = (id: string, profile: string, presentation: string, processing: string): string =>
    `<item ident="${id}" title="T ${id}"><itemmetadata><qtimetadata>${field('cc_profile', profile)}${field('cc_weighting', '2')}</qtimetadata></itemmetadata><presentation><material><mattext texttype="text/html">&lt;p&gt;Which &lt;b&gt;one&lt;/b&gt;?&lt;script&gt;x()&lt;/script&gt;&lt;/p&gt;</mattext></material>${presentation}</presentation><resprocessing><outcomes><decvar varname="SCORE" vartype="Decimal" minvalue="0" maxvalue="100"/></outcomes>${processing}</resprocessing><itemfeedback ident="general_fb"><material><mattext>Because.</mattext></material></itemfeedback></item>`;
  const label = (id: string, text: string): string =>
    `<response_label ident="${id}"><material><mattext>${text}</mattext></material></response_label>`;
  const right = (...ids: string[]): string =>
    `<respcondition continue="No"><conditionvar><and>${ids.map((id) => `<varequal respident="R">${id}</varequal>`).join('')}<not><varequal respident="R">9</varequal></not></and></conditionvar><setvar varname="SCORE" action="Set">100</setvar></respcondition>`;
  const lid = (cardinality: string): string =>
    `<response_lid ident="R" rcardinality="${cardinality}"><render_choice>${label('1', 'Gate')}${label('2', 'Wall')}${label('9', 'Roof')}</render_choice></response_lid>`;
  it('choice, several, fill-in and essay, with points and explanation', async () => {
    const fib = '<response_str ident="R" rcardinality="Single"><render_fib/></response_str>';
    const xml = `<questestinterop xmlns="http://www.imsglobal.org/xsd/ims_qtiasiv1p2"><assessment ident="a" title="Evening"><section ident="root_section">${item('q1', 'cc.multiple_choice.v0p1', lid('Single'), right('1').replace(/<and>|<\/and>/g, ''))}${item('q2', 'cc.multiple_response.v0p1', lid('Multiple'), right('1', '2'))}${item('q3', 'cc.fib.v0p1', fib, '<respcondition><conditionvar><varequal respident="R">windlass</varequal></conditionvar><setvar varname="SCORE" action="Set">100</setvar></respcondition>')}${item('q4', 'cc.essay.v0p1', fib, '')}</section></assessment></questestinterop>`;
    const { items } = await read('course.imscc', {
      'imsmanifest.xml':
        '<manifest><resources><resource type="imsqti_xmlv1p2/imscc_xmlv1p1/assessment" href="a/quiz.xml"><file href="a/quiz.xml"/></resource></resources></manifest>',
      'a/quiz.xml': xml,
    });
    expect(items.map(brief)).toEqual([
      'choice-one: Which <b>one</b>? [*Gate / Wall / Roof]',
      'choice-many: Which <b>one</b>? [*Gate / *Wall / Roof]',
      'short: Which <b>one</b>? [windlass]',
      'open: Which <b>one</b>? []',
    ]);
    expect(items[0]).toMatchObject({ points: 2, explanation: { plain: 'Because.' }, ref: 'q1' });
  });
});
