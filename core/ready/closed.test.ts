/** Cold liquid or dry ice that nothing gets out of is found, though nobody ticked it. */
import { describe, expect, test } from '@jest/globals';
import { blankHazard } from '../repertoire/blank';
import type { Item, Lid } from '../repertoire/item';
import type { Method } from '../repertoire/types';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { bound, HALL, judged } from '../testing/judged';
import { timelineOf } from '../lineup/timelineOf';
import { judge } from './judge';
import type { Verdict } from './verdict';

const ice = item('ice', 'consumable', { name: 'Dry ice', cold: 'dryIce', unit: 'g' });
const vessel = (name: string, lid: Lid = 'unknown'): Item =>
  item('vessel', 'equipment', { name, lid });

const closed = (verdicts: readonly Verdict[]): Verdict | undefined =>
  verdicts.find(({ key }) => key.startsWith('never:') && key.endsWith(':closedCryogen'));

const iced = (thing: Item, over: Partial<Method> = {}) =>
  closed(
    judged(
      { d: { kit: [line('ice', 50, 'g'), line('vessel', 1, 'piece')], ...over } },
      { items: [ice, thing] },
    ),
  );

test.each([
  'Capped bottle',
  'Bottle with screw cap',
  'Clip-top jar',
  'Flask with a stopper',
  'Soda bottle',
])('dry ice and a %s: a stop that can’t be waived', (name) => {
  expect(iced(vessel(name))).toMatchObject({ level: 'stop', final: true });
  // Said to be open, it is another thing.
  expect(iced(vessel(name, 'none'))).toBeUndefined();
  expect(iced(vessel(name, 'loose'))).toBeUndefined();
});

test('a vessel that is said to close tightly is closed, whatever its name', () => {
  expect(iced(vessel('Bowl', 'tight'))).toMatchObject({ level: 'stop', final: true });
  expect(iced(vessel('Bowl'))).toBeUndefined();
  // Without anything cold it may close as it likes.
  expect(
    closed(
      judged({ d: { kit: [line('vessel', 1, 'piece')] } }, { items: [vessel('Bottle', 'tight')] }),
    ),
  ).toBeUndefined();
});

test('a snap-on lid that is meant to pop off is no closed vessel, and is calculated as one', () => {
  expect(iced(vessel('Can with a lid', 'snapOn'))).toBeUndefined();
  expect(iced(vessel('Can with a lid'), { calculators: [bound('popping-lid')] })).toBeUndefined();
});

describe('from hazards and steps', () => {
  const cryogen = blankHazard('cryogen');
  const pressure = (control: string) => blankHazard('pressure', control);

  test('pressure beside the cold, with nothing said of the vessels', () => {
    expect(iced(vessel('Bowl'), { hazards: [cryogen, pressure('Stand back')] })).toMatchObject({
      level: 'stop',
    });
    expect(
      iced(vessel('Bowl', 'none'), { hazards: [cryogen, pressure('Stand back')] }),
    ).toBeUndefined();
    expect(iced(vessel('Bowl'), { hazards: [cryogen, pressure('Never closed')] })).toBeUndefined();
  });

  const step = (name: string) => {
    const made = bundle(
      [
        {
          id: 'd',
          tasks: [task('p', 'perform', 60, { name })],
          over: { kit: [line('ice', 50, 'g')] },
        },
      ],
      [ice],
    );
    const shown = { ...made, venue: HALL };
    return closed(judge(shown, timelineOf(shown)));
  };

  test('a step that shuts something', () => {
    expect(step('Screw the cap on')).toMatchObject({ level: 'stop', final: true });
    expect(step('Stopper it tightly')).toMatchObject({ level: 'stop' });
    expect(step('Pour it out, the vessel stays open')).toBeUndefined();
    expect(step('Ask for silence')).toBeUndefined();
  });
});

test('ticked by hand it is told once', () => {
  const found = judged(
    {
      d: {
        kit: [line('ice', 50, 'g'), line('vessel', 1, 'piece')],
        care: { disposal: '', extinguisher: 'none', heldBy: null, never: ['closedCryogen'] },
      },
    },
    { items: [ice, vessel('Capped bottle')] },
  );
  expect(found.filter(({ key }) => key.endsWith(':closedCryogen'))).toHaveLength(1);
});
