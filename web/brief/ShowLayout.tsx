import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { NavLink, Outlet, useLocation, useParams } from 'react-router';
import { finishOf } from '../../core/lineup/finish';
import { dayChecks } from '../../core/ready/checks';
import { goNoGo } from '../../core/ready/go';
import { parseClock } from '../../core/time/clock';
import { counted } from '../../core/words';
import { ApiError } from '../app/api';
import { queryClient } from '../app/data';
import { EditingNotices, SaveBar } from '../parts/editing';
import { Loading, Page, Trouble, useTitle } from '../parts/page';
import { tapePath } from '../parts/tape';
import { dayWords } from './dates';
import { type OpenShow, useShow } from './useShow';

interface Stage {
  to: string;
  name: string;
  state: string;
  trouble?: boolean;
}

function stagesOf({ show, timeline, bundle, answer }: OpenShow): Stage[] {
  const finish = finishOf(timeline, parseClock(show.start));
  const ready = goNoGo(dayChecks(bundle, timeline).checks, answer.marks);
  const conflicts = timeline.conflicts.length;
  return [
    { to: 'brief', name: 'Brief', state: show.agreed ? '✓ agreed' : 'not agreed yet' },
    {
      to: 'line-up',
      name: 'Line-up',
      state: conflicts
        ? counted(conflicts, 'conflict')
        : timeline.gaps.length
          ? `${timeline.gaps.length} dead air`
          : show.slots.length
            ? finish.headline.toLowerCase()
            : 'empty',
      trouble: conflicts > 0 || timeline.gaps.length > 0,
    },
    { to: 'kit', name: 'Kit', state: 'one list' },
    {
      to: 'ready',
      name: 'Ready',
      state: ready.holding.length ? `${ready.holding.length} hold it` : `${ready.open.length} open`,
    },
    { to: 'on-stage', name: 'On stage', state: `${dayWords(show.date).slice(0, 3)} ${show.start}` },
    { to: 'after', name: 'After', state: 'write-up' },
  ];
}

function Stepper({ open }: { open: OpenShow }) {
  const { pathname } = useLocation();
  return (
    <Box
      component="nav"
      aria-label="Stages of work"
      sx={{ display: 'flex', gap: { xs: 3, md: 4.5 }, overflowX: 'auto', py: 1, px: 2, mx: -2 }}
    >
      {stagesOf(open).map(({ to, name, state, trouble }) => {
        const here = pathname.endsWith(`/${to}`);
        const width = name.length * 8.6 + 28;
        return (
          <Box
            key={to}
            component={NavLink}
            to={`/shows/${open.show.id}/${to}`}
            sx={{
              textDecoration: 'none',
              color: 'var(--muted)',
              flex: 'none',
              position: 'relative',
            }}
          >
            {here && (
              <svg
                width={width}
                height={28}
                style={{ position: 'absolute', left: -14, top: -2 }}
                aria-hidden="true"
              >
                <path d={tapePath(0, 0, width, 28)} fill="var(--ember-area)" />
              </svg>
            )}
            <Box
              sx={{
                position: 'relative',
                font: '600 16px/24px Bricolage',
                color: here ? 'var(--on-ember)' : 'inherit',
              }}
            >
              {name}
            </Box>
            <Box
              sx={{
                fontSize: 12,
                lineHeight: '16px',
                ...(trouble && { color: 'var(--ember)', fontWeight: 600 }),
              }}
            >
              {state}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

export default function ShowLayout() {
  const { showId = '' } = useParams();
  const { open, error, editing } = useShow(showId);
  useTitle(open?.show.title ?? 'Show');
  if (!open) {
    return (
      <Page title="Show">
        {error ? <Trouble error={error} /> : <Loading />}
        {error instanceof ApiError && error.status === 410 && (
          <Button
            variant="contained"
            onClick={() =>
              void editing.store.bringBack().then(async () => {
                await editing.store.load();
                await queryClient.invalidateQueries();
              })
            }
          >
            Bring it back
          </Button>
        )}
      </Page>
    );
  }
  const { show, bundle } = open;
  return (
    <Box component="main" sx={{ px: { xs: 2, md: 3 }, pb: 4 }}>
      <Box
        component="header"
        sx={{
          display: 'flex',
          gap: { xs: 0, md: 4 },
          alignItems: 'center',
          flexWrap: 'wrap',
          borderBottom: '1px solid var(--line)',
          minHeight: 72,
          pt: { xs: 1, md: 0 },
        }}
      >
        <Box sx={{ flex: '1 1 300px', minWidth: 0 }}>
          <Typography variant="h1">{show.title}</Typography>
          <Typography variant="body2" color="textSecondary">
            {bundle.venue?.name ?? 'No venue yet'} · {dayWords(show.date)} {show.start}–
            {show.hardFinish} · {show.audience} people
          </Typography>
        </Box>
        <Box sx={{ minWidth: 0, flex: '0 1 auto', maxWidth: '100%' }}>
          <Stepper open={open} />
        </Box>
      </Box>
      <Box sx={{ display: 'flex', justifyContent: 'flex-end', mt: 0.5 }}>
        <SaveBar editing={editing} />
      </Box>
      <EditingNotices editing={editing} noun="show" />
      <Outlet context={open} />
    </Box>
  );
}
