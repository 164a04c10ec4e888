import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { dueBy } from '../../core/ready/whose';
import { counted, upperFirst } from '../../core/words';
import { useDemos, useFollowUps, useHealth, usePeople, useShows } from '../app/data';
import { useMay } from '../app/me';
import { dayName, today } from '../brief/dates';
import { ShowCards } from '../brief/ShowCard';
import { ImportButton } from '../brief/ShowsPage';
import { Empty, Loading, Page, Section, Trouble } from '../parts/page';
import { FirstOpen } from '../start/FirstOpen';
import { Due } from './Due';
import { NextShow } from './NextShow';
import { Orders, ToTakeOut } from './Orders';

export default function TodayPage() {
  const { data: shows, error } = useShows();
  const { data: followUps = [] } = useFollowUps();
  const { data: health } = useHealth();
  const { data: people = [] } = usePeople();
  const coming = shows?.filter((show) => show.date >= today()) ?? [];
  const [next, ...later] = coming;
  const open = followUps.filter((followUp) => !followUp.done);
  const { data: demos } = useDemos();
  const mayChange = useMay('presenter');
  if (mayChange && shows?.length === 0 && demos) return <FirstOpen hasDemos={demos.length > 0} />;
  return (
    <Page
      wide
      title={next ? `${upperFirst(dayName(next.date))}: ${next.title}` : 'Today'}
      below={
        health?.demo
          ? 'The demo season: a made-up crew on made-up islands. Change what you like.'
          : undefined
      }
    >
      <Trouble error={error} />
      {health && health.damaged > 0 && (
        <Alert severity="error" variant="outlined" icon={false} sx={{ mb: 2 }}>
          △ {counted(health.damaged, 'record')} can’t be read; everything else goes on without{' '}
          {health.damaged === 1 ? 'it' : 'them'}.{' '}
          <Link to="/backups">See which, under Backups</Link>
        </Alert>
      )}
      {!shows && !error && <Loading />}
      {next && <NextShow summary={next} followUps={open} />}
      {shows && !next && (
        <>
          <Empty title={shows.length === 0 ? 'No show yet' : 'No show coming up'}>
            <p>
              A show needs a date, a slot and a few demonstrations: say what you know, and an order
              is proposed; or open a show file that brings them along.
            </p>
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
              <Button variant="contained" component={Link} to="/shows/new">
                New show
              </Button>
              <ImportButton />
            </Box>
          </Empty>
          {open.length > 0 && (
            <Section title="Due">
              <Due showId={null} start={0} due={dueBy([], people, [], open)} markOf={() => null} />
            </Section>
          )}
        </>
      )}
      <Orders />
      {shows && <ToTakeOut shows={shows} />}
      {later.length > 0 && (
        <Section title="After that">
          <ShowCards shows={later} />
        </Section>
      )}
    </Page>
  );
}
