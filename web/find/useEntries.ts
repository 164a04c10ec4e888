import { useMemo } from 'react';
import { CALCULATORS } from '../../core/calculators/catalogue';
import { hasIt } from '../../core/library/take';
import { FAMILY_WORDS } from '../../core/repertoire/families';
import { counted } from '../../core/words';
import {
  useDemos,
  useItemNames,
  useLibrary,
  usePeople,
  useShows,
  useTrials,
  useVenues,
} from '../app/data';
import { useMay } from '../app/me';
import { dayWords } from '../brief/dates';
import type { Entry, EntryKind } from './entries';

const entry = (kind: EntryKind, to: string, name: string, about = '', words = ''): Entry => ({
  key: `${kind} ${to}`,
  kind,
  to,
  name,
  about,
  words,
});

const PAGES: readonly Entry[] = [
  entry('page', '/', 'Today'),
  entry('page', '/shows', 'Shows', '', 'tours templates calendar'),
  entry('page', '/demos', 'Demos', 'and the starter library', 'repertoire'),
  entry('page', '/store', 'Store', '', 'stock inventory kit'),
  entry('page', '/store/shopping', 'Shopping list', '', 'buy order'),
  entry('page', '/store/boxes', 'Boxes', '', 'packing'),
  entry('page', '/store/units', 'Units and money', '', 'settings household'),
  entry('page', '/bench/calculators', 'Calculators'),
  entry('page', '/bench/trials', 'Trials'),
  entry('page', '/venues', 'Venues', '', 'places halls'),
  entry('page', '/people', 'People', '', 'crew'),
];
const OWNER_PAGES: readonly Entry[] = [
  entry('page', '/backups', 'Backups', '', 'restore damaged'),
  entry('page', '/share', 'Let the crew in', '', 'share devices code'),
  entry('page', '/light-and-sound', 'Light and sound', '', 'cues outputs media'),
];
const ACTIONS: readonly Entry[] = [
  entry('action', '/shows/new', 'New show', 'with an order proposed'),
  entry('action', '/demos/write', 'Write a demo', 'as you would tell it', 'new add'),
  entry('action', '/store/bring-in', 'Bring in a spreadsheet of kit', '', 'import csv table'),
];

/** All there is to go to; lists are read where they are not there already. */
export function useEntries(): Entry[] {
  const { data: shows = [] } = useShows();
  const { data: demos = [] } = useDemos();
  const { data: items = [] } = useItemNames();
  const { data: people = [] } = usePeople();
  const { data: venues = [] } = useVenues();
  const { data: trials = [] } = useTrials();
  const { data: library } = useLibrary();
  const isOwner = useMay('owner');
  return useMemo(() => {
    const tours = [...new Set(shows.flatMap(({ tour }) => tour || []))];
    return [
      ...shows.map(({ id, title, date, venueName, tour }) =>
        entry(
          'show',
          `/shows/${id}`,
          title,
          [dayWords(date), venueName].filter(Boolean).join(', '),
          tour,
        ),
      ),
      ...demos.map(({ id, name, hook, text }) => entry('demo', `/demos/${id}`, name, hook, text)),
      ...items.map(({ id, name }) => entry('thing', `/store/items/${id}`, name)),
      ...people.map(({ id, name, role }) => entry('person', `/people?open=${id}`, name, role)),
      ...venues.map(({ id, name, address }) => entry('place', `/venues?open=${id}`, name, address)),
      ...trials.map(({ id, name }) => entry('trial', `/bench/trials/${id}`, name)),
      ...tours.map((name) =>
        entry(
          'tour',
          `/tour?name=${encodeURIComponent(name)}`,
          name,
          counted(shows.filter(({ tour }) => tour === name).length, 'show'),
        ),
      ),
      ...(library?.demos ?? [])
        .filter(({ id }) => !hasIt(demos, id))
        .map(({ id, name, hook, family }) =>
          entry(
            'library',
            `/demos/library/${id}`,
            name,
            hook,
            family === null ? '' : FAMILY_WORDS[family],
          ),
        ),
      ...CALCULATORS.map(({ id, title }) => entry('calculator', `/bench/calculators/${id}`, title)),
      ...ACTIONS,
      ...PAGES,
      ...(isOwner ? OWNER_PAGES : []),
    ];
  }, [shows, demos, items, people, venues, trials, library, isOwner]);
}
