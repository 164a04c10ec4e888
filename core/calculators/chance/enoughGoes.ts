import { jeffreys } from '../../chance/jeffreys';
import { goesFor, seenToWork } from '../../chance/spares';
import { sayDuration } from '../../time/clock';
import { wilson } from '../../chance/success';
import { number, workingStep, calculator, toThreeFigures } from '../calculator';

/** Goes that are looked at, the most. */
const GOES_MOST = 50;

const percent = (share: number): string => `${toThreeFigures(share * 100)} %`;
const between = ({ low, high }: { low: number; high: number }): string =>
  `${percent(low)} to ${percent(high)}`;

/** How many goes to plan for, from the record? */
export const enoughGoes = calculator({
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
  grounds: {
    formula: '1 − ∏ (b + i)/(a + b + i), a = worked + ½, b = failed + ½',
    validity: 'Goes that do not depend on each other; a damp evening makes all of them fail.',
    source: 'beta-binomial; Wilson 1927; Brown, Cai and DasGupta 2001',
    check:
      '81 of 263 lie within 0.255 to 0.366, Newcombe 1998; 0.6 gives 0.84, 0.936, 0.974 in 2, 3, 4 goes',
  },
  evaluate: (v) => {
    const tries = { worked: v.worked, failed: v.failed };
    const goes = Math.max(1, Math.round(v.goes));
    const seen = seenToWork(tries, goes);
    const needed = goesFor(tries, v.wanted / 100, GOES_MOST);
    // The most that is looked at may not be enough: then what it does reach is told.
    const reached = seenToWork(tries, needed);
    const reaches = reached * 100 >= v.wanted;
    const enough = seen * 100 >= v.wanted;
    const n = v.worked + v.failed;
    return {
      level: enough ? 'ok' : n < 5 ? 'watch' : 'fix',
      final: false,
      message: `${percent(seen)} to see it work at least once in ${goes}.`,
      figure: percent(seen),
      limit: `${toThreeFigures(v.wanted)} % wanted`,
      source: 'beta-binomial from the record; intervals Wilson and Jeffreys',
      remedy: enough
        ? ''
        : reaches
          ? `Plan for ${needed} goes, up to ${sayDuration((needed - 1) * v.again)} more, or make it surer first.`
          : `Even ${needed} goes reach ${percent(reached)} only: make it surer first, or leave it out.`,
      steps: [
        workingStep(
          'One go',
          `${percent((v.worked + 0.5) / (n + 1))}; Wilson ${between(wilson(v.worked, n))}`,
          '(worked + ½) / (goes + 1)',
          'Wilson 1927; Newcombe 1998',
        ),
        workingStep(
          'Jeffreys interval',
          between(jeffreys(v.worked, n)),
          'Beta(worked + ½, failed + ½), 2.5 % off each end',
          'Brown, Cai and DasGupta 2001',
        ),
        workingStep('At least once', percent(seen), '1 − ∏ (b + i) / (a + b + i)', 'beta-binomial'),
        workingStep(
          'Goes it takes',
          reaches ? String(needed) : `more than ${needed}, which reach ${percent(reached)}`,
          'the least that reaches the wanted chance',
        ),
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
