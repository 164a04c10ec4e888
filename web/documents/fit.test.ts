/** What of a form can be saved while something in it is not right yet. */
import { describe, expect, test } from '@jest/globals';
import { DemoBody } from '../../contract/repertoire';
import { check } from '../../contract/validate';
import type { Demo } from '../../core/repertoire/types';
import { DEMOS } from '../../season/repertoire';
import { fitting } from './fit';
import { pathWords } from './pathWords';

const stored = JSON.parse(JSON.stringify(DEMOS[0])) as Demo & DemoBody;
const copy = (): Demo & DemoBody => JSON.parse(JSON.stringify(stored)) as Demo & DemoBody;
const fit = (typed: Demo & DemoBody) => fitting((one) => check(DemoBody, one), typed, stored);

describe('what can be saved', () => {
  test('is everything, when everything is right', () => {
    const typed = { ...copy(), hook: 'Another hook' };
    expect(fit(typed)).toEqual({ value: typed, unfit: [] });
  });

  test('is all but a kit line whose item is not chosen; another method’s edit is saved', () => {
    const typed = copy();
    const method = typed.methods[0]!;
    const line = { ...method.kit[0]!, id: 'new', itemId: '' };
    method.kit.push(line);
    method.summary = 'Edited while a kit line is incomplete';
    typed.hook = 'And this';
    const { value, unfit } = fit(typed);
    expect(value.hook).toBe('And this');
    expect(value.methods[0]?.summary).toBe('Edited while a kit line is incomplete');
    expect(value.methods[0]?.kit).toEqual(stored.methods[0]?.kit);
    expect(unfit).toHaveLength(1);
    expect(pathWords(unfit[0]!, typed)).toContain('kit line');
  });

  test('is the stored figure where a figure makes no sense, and the rest of its entry', () => {
    const typed = copy();
    const task = typed.methods[0]!.tasks[0]!;
    task.name = 'Renamed';
    (task.time as { likely: unknown }).likely = 'soon';
    const { value } = fit(typed);
    expect(value.methods[0]?.tasks[0]).toEqual({
      ...stored.methods[0]?.tasks[0],
      name: 'Renamed',
    });
  });

  test('is what was stored before, where nothing else would do', () => {
    const typed = { ...copy(), name: '' };
    expect(fit(typed).value).toEqual(stored);
  });
});
