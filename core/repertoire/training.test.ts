import { expect, test } from '@jest/globals';
import { task } from '../testing/build';
import { bundle } from '../testing/bundle';
import { competencesOf, mayPerform } from './training';
import type { Competence, Hand, Method } from './types';

const hand = (role: Hand['role'], competence: Competence | null): Hand => ({
  role,
  count: 1,
  competence,
});

const needs = (...of: (Competence | null)[]) => ({
  ...task('a', 'perform', 60),
  hands: of.map((competence) => hand('performer', competence)),
});
const withMethods = (id: string, ...methods: Method['tasks'][]) => {
  const [demo] = bundle([{ id, tasks: [task('a', 'perform', 60)] }]).demos;
  const [method] = demo?.methods ?? [];
  if (!demo || !method) throw new Error('The show has its demo');
  return { ...demo, methods: methods.map((tasks, i) => ({ ...method, id: `${id}${i}`, tasks })) };
};

test('what hands of a role must be trained in, each once; helpers’ training is not the performer’s', () => {
  const demo = withMethods('a', [
    needs('flame', 'flame', null),
    { ...task('b', 'perform', 5), hands: [hand('helper', 'cryogen'), hand('anyone', 'driver')] },
  ]);
  const [method] = demo.methods;
  if (!method) throw new Error('It has one');
  expect(competencesOf(method, 'performer')).toEqual(['flame']);
  expect(competencesOf(method, 'helper')).toEqual(['cryogen']);
  expect(competencesOf(method, 'anyone')).toEqual(['driver']);
});

test('one method is enough; of the others the one that lacks least is told', () => {
  const demos = [
    withMethods('plain', [needs(null)]),
    withMethods('either', [needs('cryogen')], [needs('flame')]),
    withMethods('hard', [needs('cryogen', 'highVoltage')], [needs('flame', 'highVoltage')]),
    withMethods('unwritten'),
  ];
  const { may, not } = mayPerform(['flame'], demos);
  expect(may.map(({ id }) => id)).toEqual(['plain', 'either']);
  expect(not.map(({ demo, lacks }) => [demo.id, lacks])).toEqual([['hard', ['highVoltage']]]);
  expect(mayPerform([], demos).not.map(({ lacks }) => lacks)).toEqual([
    ['cryogen'],
    ['cryogen', 'highVoltage'],
  ]);
});
