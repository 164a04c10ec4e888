/**
 * What finding by words costs among 40,000 things over 5,000, the kit of a tour of 64 shows over one of 8, and holding
 * 328 demonstrations against a booking over 41.
 */
import { blankVenue } from '../core/brief/blank';
import type { Person, ShowBundle } from '../core/brief/types';
import { bookedShow } from '../core/proposal/booking';
import type { ShowNeeds } from '../core/inventory/types';
import { tourKit } from '../core/kit/tourKit';
import { optionsFor } from '../core/proposal/fits';
import { whatLetsIn } from '../core/proposal/letIn';
import { USUAL_MATRIX } from '../core/repertoire/matrix';
import { HOUSEHOLD } from '../core/units/household';
import { dayAfter } from '../core/time/days';
import { LIBRARY_ITEMS } from '../library/all';
import { LIBRARY_DEMOS } from '../library/demos';
import { type Entry, findEntries } from '../web/find/entries';
import { median, round, TODAY } from './growing';

const ROUNDS = 9;
const TIMES = 8;
const KIT = 300;

const entries = (count: number): Entry[] =>
  Array.from({ length: count }, (_, i) => ({
    key: String(i),
    kind: 'thing',
    name: `${LIBRARY_ITEMS[i % LIBRARY_ITEMS.length]?.name ?? ''} ${i}`,
    about: `box ${i % 40}`,
    to: '/',
  }));

const tour = (shows: number): ShowNeeds[] =>
  Array.from({ length: shows }, (_, i) => ({
    showId: `s${i}`,
    audience: 80,
    unlike: [],
    swaps: [],
    title: `Show ${i}`,
    date: dayAfter(TODAY, i),
    from: 12 * 3600,
    until: 16 * 3600,
    way: 0,
    venueId: null,
    needs: Array.from({ length: KIT }, (_unused, k) => ({
      itemId: `i${k}`,
      base: 1 + ((i + k) % 5),
      perDay: k % 7 === 0 ? 1 : 0,
      uses: 0,
      demos: [],
      instead: [],
    })),
  }));

const THINGS = new Map(
  Array.from({ length: KIT }, (_, k) => {
    const kind = k % 2 === 0 ? ('consumable' as const) : ('equipment' as const);
    return [`i${k}`, { id: `i${k}`, name: `Thing ${k}`, kind, unit: 'piece' as const }];
  }),
);

const INES: Person = {
  id: 'ines',
  name: 'Ines',
  role: '',
  competences: ['flame'],
  heartDevice: 'no',
  wordsPerMinute: null,
  mayWaive: true,
  note: '',
};

function booking(): ShowBundle {
  const facts = { title: '', date: TODAY, start: '14:00', minutes: 40, audience: 80, youngest: 7 };
  const venue = { ...blankVenue('hall', 'Hall'), ceilingM: 4, frontRowM: 3 };
  const show = bookedShow('fits', { ...facts, zone: 'Etc/UTC' });
  return {
    show: { ...show, venueId: venue.id, crew: [INES.id] },
    venue,
    people: [INES],
    demos: [],
    items: LIBRARY_ITEMS,
    household: HOUSEHOLD,
    riskMatrix: USUAL_MATRIX,
  };
}

const demos = (times: number) =>
  Array.from({ length: times }, (_, i) =>
    LIBRARY_DEMOS.map((demo) => ({ ...demo, id: `${demo.id}-${i}` })),
  ).flat();

function took(work: () => unknown): number {
  const from = performance.now();
  work();
  return performance.now() - from;
}

export function findingGrowth(): object {
  const [few, many] = [entries(5000), entries(5000 * TIMES)];
  const [short, long] = [tour(8), tour(8 * TIMES)];
  const [some, all] = [demos(1), demos(TIMES)];
  const of = booking();
  const works = {
    finding: [() => findEntries(few, 'can hot 3'), () => findEntries(many, 'can hot 3')],
    tourKit: [() => tourKit(short, THINGS), () => tourKit(long, THINGS)],
    fitting: [() => whatLetsIn(optionsFor(of, some)), () => whatLetsIn(optionsFor(of, all))],
  } as const;
  return Object.fromEntries(
    Object.entries(works).flatMap(([name, [less, more]]) => {
      const times: [number[], number[]] = [[], []];
      for (let i = 0; i < ROUNDS; i++) {
        times[0].push(took(less));
        times[1].push(took(more));
      }
      return [
        [name, round(median(times[1]) / median(times[0]))],
        [`${name}Few`, round(median(times[0]))],
      ];
    }),
  );
}
