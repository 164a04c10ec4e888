import { jeffreys } from '../../chance/jeffreys';
import { goesFor, seenToWork } from '../../chance/spares';
import { wilson } from '../../chance/success';
import { number, step, sum, three } from '../sum';

const percent = (share: number): string => `${three(share * 100)} %`;
const between = ({ low, high }: { low: number; high: number }): string =>
  `${percent(low)} to ${percent(high)}`;

/** How many goes to plan for, from the record? */
export const enoughGoes = sum({
  id: 'enough-goes',
  family: 'chance',
  title: 'How many goes to plan for?',
  question:
    'From what worked and what didn’t: how likely is it to be seen, and how long do more goes take?',
  inputs: {
    worked: number({
      label: 'Worked',
      unit: 'piece',
      least: 0,
      most: 100_000,
      usual: 6,
      slide: [0, 40],
    }),
    failed: number({
      label: 'Didn’t',
      unit: 'piece',
      least: 0,
      most: 100_000,
      usual: 4,
      slide: [0, 40],
    }),
    goes: number({
      label: 'Goes planned for',
      unit: 'piece',
      least: 1,
      most: 50,
      usual: 2,
      slide: [1, 10],
    }),
    wanted: number({
      label: 'Wanted chance',
      unit: 'percent',
      least: 1,
      most: 99.9,
      usual: 95,
      slide: [50, 99],
    }),
    again: number({
      label: 'Until the next go',
      unit: 's',
      least: 0,
      most: 36_000,
      usual: 60,
      slide: [0, 600],
    }),
  },
  reckon: (v) => {
    const tries = { worked: v.worked, failed: v.failed };
    const goes = Math.max(1, Math.round(v.goes));
    const seen = seenToWork(tries, goes);
    const needed = goesFor(tries, v.wanted / 100, 50);
    const enough = seen * 100 >= v.wanted;
    const n = v.worked + v.failed;
    return {
      level: enough ? 'fits' : n < 5 ? 'watch' : 'fix',
      final: false,
      says: `${percent(seen)} to see it work at least once in ${goes}.`,
      figure: percent(seen),
      limit: `${three(v.wanted)} % wanted`,
      source: 'beta-binomial from the record; intervals Wilson and Jeffreys',
      todo: enough
        ? ''
        : `Plan for ${needed} goes, up to ${three((needed - 1) * v.again)} s more, or make it surer first.`,
      steps: [
        step(
          'One go',
          `${percent((v.worked + 0.5) / (n + 1))}; Wilson ${between(wilson(v.worked, n))}`,
          '(worked + ½) / (goes + 1)',
          'Wilson 1927; Newcombe 1998',
        ),
        step(
          'Jeffreys interval',
          between(jeffreys(v.worked, n)),
          'Beta(worked + ½, failed + ½), 2.5 % off each end',
          'Brown, Cai and DasGupta 2001',
        ),
        step('At least once', percent(seen), '1 − ∏ (b + i) / (a + b + i)', 'beta-binomial'),
        step('Goes it takes', String(needed), 'the least that reaches the wanted chance'),
      ],
    };
  },
  curve: {
    label: 'Seen to work',
    unit: '%',
    at: (v) =>
      seenToWork({ worked: v.worked, failed: v.failed }, Math.max(1, Math.round(v.goes))) * 100,
    limits: (v) => [{ label: 'wanted', value: v.wanted }],
  },
});
