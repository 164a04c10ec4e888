/** A tour: its shows in order, and the kit over all of them. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useSearchParams } from 'react-router';
import type { TourLine } from '../../core/kit/tourKit';
import { formatTotal } from '../../core/units/format';
import { counted } from '../../core/words';
import { useShows, useTour } from '../app/data';
import { usePreferences } from '../app/preferences';
import { Loading, Page, Section, Trouble } from '../parts/page';
import { SheetTable } from '../parts/SheetTable';
import { dayWords } from './dates';
import { ShowCards } from './ShowCard';

interface LinesProps {
  title: string;
  lines: readonly TourLine[];
  /** Over the column of what leaves home. */
  total: string;
  shows: readonly { id: string; title: string; date: string }[];
}

function Lines({ title, lines, total, shows }: LinesProps) {
  const system = usePreferences((state) => state.system);
  if (lines.length === 0) return null;
  return (
    <Section title={title}>
      <SheetTable
        label={title}
        heads={[
          'Thing',
          total,
          ...shows.map(({ date, title: show }) => `${dayWords(date)}, ${show}`),
        ]}
        minWidth={300 + 110 * shows.length}
        rows={lines.map(({ itemId, name, carried, perShow, dimension }) => {
          const amount = (base: number): string => formatTotal(base, dimension, 'piece', system);
          return {
            key: itemId,
            cells: [
              <Link key="n" to={`/store/items/${itemId}`} style={{ color: 'inherit' }}>
                {name}
              </Link>,
              <b key="c">{amount(carried)}</b>,
              ...perShow.map((base) => (base > 0 ? amount(base) : '–')),
            ],
          };
        })}
      />
    </Section>
  );
}

export default function TourPage() {
  const [search] = useSearchParams();
  const name = search.get('name') ?? '';
  const { data: all } = useShows();
  const { data: tour, error } = useTour(name);
  const of = all?.filter((show) => show.tour === name) ?? [];
  const ids = tour?.shows.map(({ id }) => id) ?? [];
  const gear = tour?.lines.filter(({ kind }) => kind !== 'consumable') ?? [];
  const used = tour?.lines.filter(({ kind }) => kind === 'consumable') ?? [];
  const [first] = of;
  const last = of.at(-1);
  return (
    <Page
      wide
      title={name || 'Tour'}
      below={
        <>
          <Link to="/shows">All shows</Link>
          {first && last && (
            <>
              {' '}
              · {counted(of.length, 'show')}, {dayWords(first.date)} to {dayWords(last.date)}
            </>
          )}
        </>
      }
      actions={
        ids.length > 0 && (
          <Button
            variant="contained"
            component={Link}
            to={`/store/shopping?shows=${ids.join(',')}`}
          >
            What to buy for it
          </Button>
        )
      }
    >
      <Trouble error={error} />
      {all && of.length === 0 && (
        <p>
          No show is part of a tour of this name. A show becomes part of one by “Play it again”, or
          under its Brief.
        </p>
      )}
      {of.length > 0 && (
        <Section title="Shows">
          <ShowCards shows={of} />
        </Section>
      )}
      {!tour && !error && <Loading />}
      {tour && tour.unread.length > 0 && (
        <Box role="alert" sx={{ color: 'var(--ember)', mt: 2 }}>
          △ Not counted, because something of it can’t be read: {tour.unread.join(', ')}.
        </Box>
      )}
      {tour && of.length > 0 && tour.shows.length === 0 && (
        <p>None of its shows is still to come: nothing is to be packed.</p>
      )}
      {tour && (
        <>
          <Lines
            title="Goes along, once for all shows"
            total="Take"
            lines={gear}
            shows={tour.shows}
          />
          <Lines title="Used up" total="In all" lines={used} shows={tour.shows} />
        </>
      )}
    </Page>
  );
}
