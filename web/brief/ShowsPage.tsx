import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useRef, useState } from 'react';
import { useInView } from 'react-intersection-observer';
import { Link, useNavigate } from 'react-router';
import type { ImportAnswer, ShowSummary } from '../../contract/api';
import type { Show } from '../../core/brief/types';
import { blankShow } from '../../core/brief/blank';
import { endingOf } from '../../core/lineup/outlook';
import { parseClock } from '../../core/time/clock';
import { counted } from '../../core/words';
import { ApiError, newId, send } from '../app/api';
import { useOutlook, useShows } from '../app/data';
import { useAction } from '../parts/useAction';
import { ListState, Page, Section } from '../parts/page';
import { awayWords, dayWords, today, zoneHere } from './dates';

const freshShow = (): Show => blankShow(newId(), 'New show', today(), zoneHere());

/** Makes a show and opens it. */
export function useNewShow(): () => Promise<boolean> {
  const navigate = useNavigate();
  const act = useAction();
  return () =>
    act(async () => {
      const show = await send<Show>('POST', '/shows', freshShow());
      await navigate(`/shows/${show.id}/brief`);
    });
}

/** Reads a show file in; a file with faults changes nothing, and each is listed by its path. */
export function ImportButton() {
  const input = useRef<HTMLInputElement>(null);
  const [error, setError] = useState<ApiError | null>(null);
  const { enqueueSnackbar } = useSnackbar();
  const navigate = useNavigate();
  const read = async (file: File): Promise<void> => {
    setError(null);
    try {
      const { showId, words } = await send<ImportAnswer>('POST', '/shows/file', await file.text());
      enqueueSnackbar(words);
      await navigate(`/shows/${showId}/brief`);
    } catch (thrown) {
      if (!(thrown instanceof ApiError)) throw thrown;
      setError(thrown);
    }
  };
  return (
    <>
      <Button variant="outlined" onClick={() => input.current?.click()}>
        Open a show file
      </Button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Show file"
        hidden
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void read(file);
        }}
      />
      {error && (
        <Alert
          severity="error"
          variant="outlined"
          onClose={() => setError(null)}
          sx={{ width: '100%' }}
        >
          {error.message}
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {error.fields
              .filter((fault) => fault.path)
              .slice(0, 10)
              .map((fault) => (
                <li key={`${fault.path} ${fault.message}`}>
                  <b>{fault.path}</b> {fault.message}
                </li>
              ))}
          </Box>
        </Alert>
      )}
    </>
  );
}

/** Room below the window in which cards ask for their end already. */
const ALMOST_SEEN = '200px';

/** When a coming show will end; asked for once its card is nearly in sight. */
function ShowEnd({ show }: { show: ShowSummary }) {
  const { ref, inView } = useInView({ rootMargin: ALMOST_SEEN, triggerOnce: true });
  const { data: outlook } = useOutlook(show.id, inView);
  const ending = outlook && endingOf(outlook, parseClock(show.start), show.slotCount);
  const trouble = ending?.level === 'over' || ending?.level === 'conflict';
  return (
    <Typography ref={ref} variant="body2" sx={{ minHeight: 20 }}>
      {ending && (
        <>
          {ending.headline}, {ending.by}
          {trouble && (
            <Box component="span" sx={{ color: 'var(--ember)', fontWeight: 600 }}>
              {' '}
              △ {ending.spare}
            </Box>
          )}
        </>
      )}
    </Typography>
  );
}

export const ShowCard = ({ show }: { show: ShowSummary }) => (
  <Box
    component={Link}
    to={`/shows/${show.id}/line-up`}
    sx={{
      display: 'grid',
      gridTemplateColumns: { xs: '1fr', sm: '110px 1fr auto' },
      gap: { xs: 0.25, sm: 2 },
      alignItems: 'center',
      p: 1.5,
      border: '1px solid var(--line)',
      borderRadius: 1.5,
      background: 'var(--card)',
      color: 'inherit',
      textDecoration: 'none',
      '&:hover': { borderColor: 'var(--ember)' },
    }}
  >
    <Box>
      <Typography variant="h3">{dayWords(show.date)}</Typography>
      <Typography variant="body2" color="textSecondary">
        {awayWords(show.date)}
      </Typography>
    </Box>
    <Box sx={{ minWidth: 0 }}>
      <Typography variant="h3">{show.title}</Typography>
      <Typography variant="body2" color="textSecondary">
        {show.venueName ?? 'No venue yet'} · {show.start}–{show.hardFinish} · {show.audience} people
      </Typography>
      {show.slotCount > 0 && show.performed === 0 && show.date >= today() && (
        <ShowEnd show={show} />
      )}
    </Box>
    <Typography variant="body2" color="textSecondary">
      {counted(show.slotCount, 'demo')}
      {show.performed > 0 ? ' · performed' : show.agreed ? ' · agreed' : ' · not agreed yet'}
    </Typography>
  </Box>
);

export default function ShowsPage() {
  const query = useShows();
  const { data } = query;
  const create = useNewShow();
  const day = today();
  const ahead = data?.filter((show) => show.date >= day) ?? [];
  const past = data?.filter((show) => show.date < day).reverse() ?? [];
  const list = (shows: ShowSummary[]) => (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {shows.map((show) => (
        <ShowCard key={show.id} show={show} />
      ))}
    </Box>
  );
  return (
    <Page
      title="Shows"
      actions={
        <>
          <ImportButton />
          <Button variant="contained" onClick={() => void create()}>
            New show
          </Button>
        </>
      }
    >
      <ListState query={query} emptyTitle="No shows yet">
        Make one for your next booking, or open a show file that somebody gave you.
      </ListState>
      {ahead.length > 0 && <Section title="Coming">{list(ahead)}</Section>}
      {past.length > 0 && <Section title="Past">{list(past)}</Section>}
    </Page>
  );
}
