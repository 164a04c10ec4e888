/** The risk assessment: what it says, what keeps it a draft, and what has changed since it was signed. */
import { describe, expect, test } from '@jest/globals';
import { blankVenue } from '../../brief/blank';
import { NO_CONDITIONS, type ShowBundle } from '../../brief/types';
import { kitList } from '../../kit/kit';
import { timelineOf } from '../../lineup/timelineOf';
import { blankHazard } from '../../repertoire/blank';
import { NO_CARE } from '../../repertoire/care';
import type { Item } from '../../repertoire/item';
import type { Hazard, Method } from '../../repertoire/types';
import { task } from '../../testing/build';
import { bundle, item, line } from '../../testing/bundle';
import { mark } from '../../testing/mark';
import { type Mark, NOTHING_AROUND, readiness } from '../go';
import { riskAssessment } from './assess';
import { changedParts, risksMarkdown, signedMarkdown } from './markdown';
import { signatureAt } from './signature';
import type { RiskAssessment } from './types';

const RATED = { before: { likelihood: 3, severity: 4 }, after: { likelihood: 1, severity: 4 } };
const rated = (kind: Hazard['kind'], control: string, over: Partial<Hazard> = {}): Hazard => ({
  ...blankHazard(kind, control),
  ...RATED,
  ...over,
});

const HALL = {
  ...blankVenue('hall', 'Hall'),
  frontRowM: 3,
  emergencyNumber: '112',
  emergencyNote: 'Meet at the flagpole.',
};

const show = (
  over: Partial<Method> = {},
  more: Partial<ShowBundle['show']> = {},
  items: Item[] = [],
): ShowBundle => {
  const plain = bundle([{ id: 'dome', tasks: [task('p', 'perform', 60)], over }], items, more);
  const people = plain.people.map((one) => ({
    ...one,
    competences: one.id === 'jo' ? ['firstAid' as const] : [],
  }));
  return { ...plain, people, venue: HALL };
};

const assess = (of: ShowBundle, marks: Mark[] = []): RiskAssessment =>
  riskAssessment(of, timelineOf(of), { ...NOTHING_AROUND, marks });

const HOT = show(
  {
    hazards: [rated('hot', 'Tongs only', { atRisk: ['performer', 'audience'] })],
    care: { ...NO_CARE, disposal: 'Down the sink', extinguisher: 'blanket', heldBy: 'helper' },
    tasks: [
      task('p', 'perform', 60, {
        gearOn: ['Goggles', 'Heat gloves'],
        hands: [
          { role: 'performer', count: 1, competence: null },
          { role: 'helper', count: 1, competence: null },
        ],
      }),
    ],
    warning: 'It is hot | very.',
    ruledOut: [{ kind: 'splash', why: 'Nothing is wet.' }],
  },
  { conditions: { ...NO_CONDITIONS, temperature: 20 } },
);

describe('what it says', () => {
  test('what could hurt whom, what is done and what answers it, before and after, and first aid', () => {
    expect(assess(HOT).demos).toMatchObject([
      {
        name: 'dome',
        none: null,
        rows: [
          {
            hazard: 'Hot',
            who: 'performer and audience',
            control: 'Tongs only',
            before: '3 × 4 = 12, high',
            after: '1 × 4 = 4, low',
            firstAid: expect.stringContaining('cool running water'),
          },
        ],
      },
    ]);
    expect(assess(HOT).demos[0]?.lines).toEqual([
      'Ines wears: Goggles and heat gloves.',
      'Jo wears: Goggles and heat gloves.',
      'Said before: “It is hot | very.”',
      'Not there: splashes, because nothing is wet.',
      'Afterwards: Down the sink',
    ]);
    expect(assess(HOT).defers).toContain('Local rules, the venue, the supplier’s safety data');
  });

  test('a house may count risks in its own steps', () => {
    const strict = { ...HOT, riskMatrix: { medium: 3, high: 4, extreme: 12 } };
    const found = assess(strict);
    expect(found.demos[0]?.rows[0]).toMatchObject({
      before: '3 × 4 = 12, extreme',
      after: '1 × 4 = 4, high',
    });
    expect(found.rating).toContain('medium from 3, high from 4, extreme from 12');
    // And what is left then is too much, for every page.
    const { verdicts } = readiness(strict, timelineOf(strict), NOTHING_AROUND);
    expect(verdicts.find(({ key }) => key === 'hazard:slot-dome:hot')).toMatchObject({
      level: 'fix',
      message: 'Hot: the remaining risk is rated high.',
    });
  });

  test('who stands beside which extinguisher, by name and time', () => {
    expect(assess(HOT).fire).toEqual([
      { what: 'fire blanket', who: 'Jo', when: '14:00–14:01', demo: 'dome' },
    ]);
    const alone = show({
      hazards: [rated('openFlame', 'Small')],
      care: { ...NO_CARE, extinguisher: 'blanket', heldBy: 'helper' },
    });
    expect(assess(alone).fire).toMatchObject([{ who: 'nobody there at every moment of it' }]);
  });

  test('emergency number, meeting place, who is trained in first aid', () => {
    expect(assess(HOT).emergency).toEqual([
      'Emergency number: 112.',
      'Meet at the flagpole.',
      'First aid: Jo.',
    ]);
  });

  test('volunteers and the way there', () => {
    const of = show(
      { volunteers: 2 },
      {
        journeys: [
          {
            id: 'van',
            name: 'Van',
            by: 'vehicle',
            volumeM3: 8,
            airChanges: null,
            minutes: 40,
            people: 2,
            mostKg: null,
          },
        ],
      },
    );
    expect(assess(of).volunteers[0]).toContain('dome: 2 volunteers');
    expect(assess(of).journeys[0]).toBe('Van (vehicle, 40 min, 8 m³ of air, 2 people beside it).');
  });
});

describe('substances', () => {
  const label = { signal: 'danger' as const, hazards: ['H225', 'H319'], precautions: [] };
  const meths = item('meths', 'consumable', { unit: 'mL', substance: 'ethanol', label });
  const strong = { value: 96, kind: 'massShare' as const };
  const used = (over: Partial<Item> = {}): ShowBundle =>
    show({ kit: [line('meths', 7, 'mL', 'perGo', { strength: strong })] }, {}, [
      { ...meths, ...over },
      item('can', 'equipment', { label }),
    ]);

  test('amount as on the kit list, strength, and what the label says', () => {
    const [entry] = kitList(used(), timelineOf(used()), NOTHING_AROUND);
    expect(assess(used()).substances).toEqual([
      {
        name: 'meths (ethanol)',
        amount: entry?.text,
        strength: '96 % by mass',
        statements: [
          'Danger.',
          'H225 Highly flammable liquid and vapour.',
          'H319 Causes serious eye irritation.',
        ],
        usedIn: `dome (${entry?.parts[0]?.text})`,
      },
    ]);
  });

  test.each<[string, Partial<Item>, boolean, number]>([
    ['ethanol without a label', {}, true, 1],
    ['salt', { substance: 'salt' }, false, 1],
    ['cold liquid', { substance: null, cold: 'nitrogen' }, true, 1],
    ['water', { substance: null }, false, 0],
  ])('%s: whether its label is asked for', (_name, over, asked, listed) => {
    const found = assess(used({ label: { ...label, signal: 'none', hazards: [] }, ...over }));
    expect(found.open.some(({ what }) => what.includes('what its label says'))).toBe(asked);
    expect(found.substances).toHaveLength(listed);
  });

  test('weak peroxide carries no statement, and stronger does', () => {
    const of = (value: number): RiskAssessment => {
      const bare = { ...meths, label: { ...label, signal: 'none' as const, hazards: [] } };
      return assess(
        show(
          { kit: [line('meths', 7, 'mL', 'perGo', { strength: { value, kind: 'massShare' } })] },
          {},
          [{ ...bare, substance: 'peroxide' }],
        ),
      );
    };
    // The harmonised limit of eye irritation is 5 % (Regulation (EC) 1272/2008, Annex VI; from memory).
    expect(of(3).substances[0]?.statements).toEqual(['no statement at this strength']);
    expect(of(6).substances[0]?.statements).toEqual([
      'not known: copy them from the supplier’s label',
    ]);
  });
});

describe('a draft', () => {
  const settled = show({ kit: [line('pump', 1, 'piece')] }, {}, [
    item('pump', 'equipment', { functionTest: 'it runs' }),
  ]);
  const checked = (of: ShowBundle): Mark[] => [
    ...readiness(of, timelineOf(of), NOTHING_AROUND).checks.map(({ key }) => mark(key)),
    ...readiness(of, timelineOf(of), NOTHING_AROUND).verdicts.map(({ key }) =>
      mark(key, { state: 'waived', reason: 'seen to' }),
    ),
  ];

  test('until every check, verdict and control is settled', () => {
    expect(assess(settled, checked(settled))).toMatchObject({ draft: false, open: [] });
    const [one] = readiness(settled, timelineOf(settled), NOTHING_AROUND).checks;
    const left = assess(
      settled,
      checked(settled).filter(({ key }) => key !== one?.key),
    );
    expect(left).toMatchObject({
      draft: true,
      open: [{ what: `Check: ${one?.title}.`, when: 'day' }],
    });
    expect(risksMarkdown(left)).toContain('**DRAFT: not everything is answered.**');
    expect(risksMarkdown(assess(settled, checked(settled)))).not.toContain('DRAFT');
  });

  test.each<[string, ShowBundle, string]>([
    [
      'a hazard nobody rated',
      show({ hazards: [blankHazard('slip', 'Mopped')] }),
      'is not rated after',
    ],
    [
      'no emergency number',
      { ...settled, venue: { ...HALL, emergencyNumber: ' ' } },
      'Which number',
    ],
    ['an empty line-up', { ...settled, show: { ...settled.show, slots: [] } }, 'No demonstration'],
    ['no venue', { ...settled, venue: null }, 'Which number'],
    [
      'nobody trained in first aid',
      { ...settled, people: settled.people.map((one) => ({ ...one, competences: [] })) },
      'trained in first aid',
    ],
    ['nobody went through it', show({ hazardsReviewed: false }), 'Nobody has gone through'],
    ['a control that is missing', show({ hazards: [rated('slip', '')] }), 'no control'],
  ])('%s is an open question for the desk', (_name, of, words) => {
    const found = assess(of, []).open.filter(({ what }) => what.includes(words));
    expect(found).toMatchObject([{ when: 'desk', place: expect.anything() }]);
  });

  test('a waiver is told with who and why, and leaves no question', () => {
    const of = show({ hazardsReviewed: false });
    const marks = [mark('hazards:slot-dome', { state: 'waived', reason: 'A card trick' })];
    expect(assess(of, marks).waived).toEqual([
      'dome: Nobody has gone through it for hazards. Waived by Ines: A card trick',
    ]);
    expect(assess(of, marks).open.some(({ what }) => what.includes('gone through'))).toBe(false);
    // But the sheet still says that nobody has.
    expect(assess(of, marks).demos[0]?.none).toBe('Nobody has gone through it for hazards.');
  });

  test('what was gone through and has none says that, not that none is listed', () => {
    expect(assess(settled).demos[0]?.none).toBe('Gone through step by step: no hazard was found.');
  });
});

describe('as Markdown', () => {
  test('nothing breaks its tables, and it never says safe', () => {
    const text = risksMarkdown(assess(HOT));
    expect(text).toContain('# Risk assessment: Show');
    expect(text).toContain('It is hot \\| very.');
    expect(text.replace(/safety data sheet/g, '')).not.toMatch(/\bsafe/i);
    const tables = text.split('\n').filter((one) => one.startsWith('| '));
    const widths = tables.map((row) => row.split(/(?<!\\)\|/).length);
    expect(new Set(widths)).toEqual(new Set([8, 6]));
  });

  test.each([
    ['<img src=x onerror="alert(1)">', '&lt;img src=x onerror="alert(1)"&gt;'],
    ['</td></table> & more', '&lt;/td&gt;&lt;/table&gt; &amp; more'],
    ['&lt;b&gt;', '&amp;lt;b&amp;gt;'],
    ['[a](javascript:b) ![c](d)', '\\[a\\](javascript:b) !\\[c\\](d)'],
    ['Wait\n\n# and go', 'Wait # and go'],
    ['# A heading', '\\# A heading'],
    ['1. A list', '1\\. A list'],
    ['2) A list', '2\\) A list'],
    ['- A list', '\\- A list'],
  ])('%j is written as it was typed, wherever it stands', (typed, written) => {
    const printed = (words: string): string => {
      const care = { ...NO_CARE, disposal: words };
      const named = show(
        {
          hazards: [rated('hot', words)],
          care,
          warning: words,
          ruledOut: [{ kind: 'splash', why: words }],
        },
        {
          title: words,
          audienceNote: words,
          journeys: [
            {
              id: 'j',
              name: words,
              by: 'foot',
              volumeM3: 1,
              airChanges: 1,
              minutes: 1,
              people: 0,
              mostKg: null,
            },
          ],
        },
      );
      const venue = { ...HALL, emergencyNumber: words, emergencyNote: words };
      return signedMarkdown(assess({ ...named, venue }), [{ name: words, role: words, when: '' }]);
    };
    const text = printed(typed);
    expect(text).toContain(`| ${written}. `);
    expect(text).not.toMatch(/[<>]/);
    // Nothing that was typed begins a line of its own, or a link.
    expect(text.split('\n')).toHaveLength(printed('Stand back').split('\n').length);
    expect(text).not.toMatch(/(?<!\\)\]\(/);
  });
});

describe('signed', () => {
  test('in the show’s own time, by its name; the others are still asked for', () => {
    const at = Date.UTC(2026, 10, 29, 12, 40);
    const signature = signatureAt({ name: 'Ines', role: 'presents' }, at, 'Europe/Athens');
    expect(signature.when).toBe('29 November 2026, 14:40');
    const text = signedMarkdown(assess(HOT), [signature]);
    expect(text).toContain('- Ines, presents: signed 29 November 2026, 14:40');
    expect(text).toContain('- Jo: ______________________');
    expect(text).not.toContain('- Ines: ____');
  });

  test('what has changed since is named by its heading', () => {
    const before = risksMarkdown(assess(HOT));
    expect(changedParts(before, before)).toEqual([]);
    const louder = show({ ...HOT.demos[0]?.methods[0], hazards: [rated('hot', 'Gloves')] });
    expect(changedParts(before, risksMarkdown(assess(louder)))).toContain('1. dome, m');
    const elsewhere = { ...HOT, venue: { ...HALL, emergencyNumber: '999' } };
    expect(changedParts(before, risksMarkdown(assess(elsewhere)))).toEqual(['In an emergency']);
    const many = { ...HOT, show: { ...HOT.show, audienceNote: 'children' } };
    expect(changedParts(before, risksMarkdown(assess(many)))).toContain('Show, crew and audience');
  });
});
