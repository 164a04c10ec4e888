/** What calculators say of the season’s methods before there is a show. */
import { expect, test } from '@jest/globals';
import { LIBRARY_DEMOS } from '../../library/demos';
import { DEMOS, MORE_DEMOS } from '../../season/repertoire';
import { HOUSEHOLD } from '../units/household';
import { aloneVerdicts, stepJudged } from './methodAlone';

const SEASON = [...DEMOS, ...MORE_DEMOS];

const demo = (id: string) => {
  const found = SEASON.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};

test('foam is judged where it is poured: its height in the cylinder comes from its settings', () => {
  const foam = demo('foam-fountain');
  const [method] = foam.methods;
  if (!method) throw new Error('no method');
  const [judged] = aloneVerdicts(foam, method, HOUSEHOLD);
  expect(method.tasks.find(({ id }) => id === judged?.taskId)?.phase).toBe('perform');
  // The room’s temperature is not known yet: what it comes to on a usual day is no pass.
  expect(judged?.verdict.level).toBe('unknown');
  expect(judged?.usually).toMatch(/cm/);
});

test('every binding of the library and the season has a step, and nothing of the day passes unknown', () => {
  let bound = 0;
  for (const one of [...LIBRARY_DEMOS, ...SEASON])
    for (const method of one.methods) {
      const judged = aloneVerdicts(one, method, HOUSEHOLD);
      expect(judged).toHaveLength(method.calculators.length);
      for (const { taskId } of judged) expect(method.tasks.map(({ id }) => id)).toContain(taskId);
      bound += judged.length;
    }
  expect(bound).toBeGreaterThan(10);
});

test('what needs the day is not known before it', () => {
  const asked = LIBRARY_DEMOS.flatMap((one) =>
    one.methods.flatMap((method) => aloneVerdicts(one, method, HOUSEHOLD)),
  ).filter(({ verdict }) => verdict.remedy.match(/measure|temperature|humidity|room/i));
  expect(asked.length).toBeGreaterThan(0);
  for (const { verdict } of asked) expect(verdict.level).not.toBe('ok');
});

test('no words in common: the last step that is seen; no step at all: none', () => {
  const method = demo('foam-fountain').methods[0];
  if (!method) throw new Error('no method');
  const binding = { id: 'b', calculator: 'no-such-calculator', inputs: [] };
  const shown = method.tasks.filter(({ phase }) => phase === 'perform');
  expect(stepJudged(method, binding)?.id).toBe(shown.at(-1)?.id);
  expect(stepJudged({ ...method, tasks: [] }, binding)).toBeNull();
});
