import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { ImportAnswer, ShowSummary } from '../../contract/api';
import { counted } from '../../core/words';
import { ApiError, send } from '../app/api';
import { useShows } from '../app/data';
import { ListState, Page, Section } from '../parts/page';
import { dayWords, today } from './dates';
import { ShowCards } from './ShowCard';
import { Templates } from './Templates';

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

function Tours({ shows }: { shows: readonly ShowSummary[] }) {
  const names = [...new Set(shows.flatMap(({ tour }) => tour || []))];
  if (names.length === 0) return null;
  return (
    <Section title="Tours">
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {names.map((name) => {
          const of = shows.filter(({ tour }) => tour === name);
          const [first] = of;
          const last = of.at(-1);
          return (
            <Box component="li" key={name} sx={{ py: 0.5 }}>
              <Link to={`/tour?name=${encodeURIComponent(name)}`}>{name}</Link>{' '}
              <Box component="span" sx={{ color: 'var(--muted)' }}>
                {counted(of.length, 'show')}
                {first && last && `, ${dayWords(first.date)} to ${dayWords(last.date)}`}
              </Box>
            </Box>
          );
        })}
      </Box>
    </Section>
  );
}

export default function ShowsPage() {
  const query = useShows();
  const { data } = query;
  const day = today();
  const ahead = data?.filter((show) => show.date >= day) ?? [];
  const past = data?.filter((show) => show.date < day).reverse() ?? [];
  return (
    <Page
      wide
      title="Shows"
      actions={
        <>
          <ImportButton />
          <Button variant="contained" component={Link} to="/shows/new">
            New show
          </Button>
        </>
      }
    >
      <ListState query={query} emptyTitle="No shows yet">
        Make one for your next booking, or open a show file that somebody gave you.
      </ListState>
      {ahead.length > 0 && (
        <Section title="Coming">
          <ShowCards shows={ahead} />
        </Section>
      )}
      {data && <Tours shows={data} />}
      <Templates />
      {past.length > 0 && (
        <Section title="Past">
          <ShowCards shows={past} />
        </Section>
      )}
    </Page>
  );
}
