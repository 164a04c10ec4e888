import { expect, test } from '@jest/globals';
import { blankDemo, blankMethod } from './blank';
import { withoutMethod } from './change';
import { NO_HAND_OUT } from './handOut';

const demo = (methodId: string | null) => ({
  ...blankDemo('d', 'Demo', [blankMethod('a', 'one'), blankMethod('b', 'other')]),
  handOut: { ...NO_HAND_OUT, methodId, figures: [{ settingId: 's', value: 1 }] },
});

test('without the way that goes home its figures go too; without another they stay', () => {
  expect(withoutMethod(demo('b'), 'b').handOut).toMatchObject({ methodId: null, figures: [] });
  expect(withoutMethod(demo(null), 'a').handOut).toMatchObject({ methodId: null, figures: [] });
  expect(withoutMethod(demo('b'), 'a').handOut).toMatchObject({
    methodId: 'b',
    figures: [{ settingId: 's', value: 1 }],
  });
  expect(withoutMethod(demo('b'), 'a').methods.map(({ id }) => id)).toEqual(['b']);
});
