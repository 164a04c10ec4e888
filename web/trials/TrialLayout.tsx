/** One series: its question, its goes, its answer, with where each stands. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link, Outlet, useLocation, useParams } from 'react-router';
import { levelWords } from '../../core/trials/claim';
import { counted } from '../../core/words';
import { useDemos } from '../app/data';
import { dayWords } from '../brief/dates';
import { EditingNotices, SaveBar, useRemove } from '../parts/editing';
import { Guarded } from '../parts/Guarded';
import { NotOpen } from '../parts/NotOpen';
import { useTitle } from '../parts/page';
import { type Stage, Stepper } from '../parts/Stepper';
import { type OpenTrial, useTrialSeries } from './useTrial';

const usedWords = (shows: number, pinned: boolean): string =>
  shows > 0 ? `in ${counted(shows, 'show')}` : pinned ? 'pinned' : 'in no show yet';

function stagesOf({ trial, plan, goes, claim, levels, shows }: OpenTrial): Stage[] {
  const left = plan.filter(({ go }) => !goes.some((one) => one.go === go)).length;
  const level = levels.find(({ id }) => id === claim.level);
  const answers: Partial<Record<typeof claim.kind, string>> = {
    thin: 'too early to say',
    none: 'no difference seen',
    unsettled: 'not settled',
    alike: 'can’t be told apart',
  };
  return [
    {
      to: 'question',
      name: 'Question',
      state: `${trial.variable.name.toLowerCase()}, ${levels.length} levels`,
    },
    {
      to: 'goes',
      name: 'Goes',
      state: left === 0 ? `✓ all ${plan.length} done` : `${plan.length - left} of ${plan.length}`,
    },
    {
      to: 'answer',
      name: 'Answer',
      state:
        answers[claim.kind] ??
        (level ? levelWords(level, { factor: '', levelUnit: trial.variable.unit }) : ''),
    },
    { to: 'use', name: 'Use', state: usedWords(shows.length, trial.pinned) },
  ];
}

export default function TrialLayout() {
  const { trialId = '' } = useParams();
  const { open, error, editing } = useTrialSeries(trialId);
  const { pathname } = useLocation();
  const { data: demos = [] } = useDemos();
  const remove = useRemove();
  useTitle(open?.trial.name ?? 'Trial');
  if (!open) return <NotOpen title="Trial" error={error} store={editing.store} />;
  const { trial } = open;
  const demo = demos.find(({ id }) => id === trial.demoId);
  const phone = pathname.endsWith('/goes');
  return (
    <Box sx={{ px: { xs: 2, md: 3 }, pb: 6, maxWidth: 1240 }}>
      <Box
        component="header"
        sx={{
          display: { xs: phone ? 'none' : 'flex', md: 'flex' },
          flexWrap: 'wrap',
          alignItems: 'center',
          columnGap: 3,
          borderBottom: '1px solid var(--line)',
          py: 1,
        }}
      >
        <Box sx={{ flex: '1 1 320px', minWidth: 0 }}>
          <Typography variant="h1">{trial.name}</Typography>
          <Typography variant="body2" color="textSecondary">
            <Link to="/bench/trials">All trials</Link>
            {demo && ` · ${demo.name}`}
            {trial.place && ` · ${trial.place}`}
            {trial.date && ` · ${dayWords(trial.date)}`}
          </Typography>
        </Box>
        <Stepper
          label="Parts of the trial"
          root={`/bench/trials/${trial.id}`}
          stages={stagesOf(open)}
        />
        <Box sx={{ display: 'flex', alignItems: 'center' }}>
          <SaveBar editing={editing} />
          <Button
            onClick={() =>
              void remove({
                path: `/trials/${trial.id}`,
                name: trial.name,
                version: () => editing.store.versionNow(),
                then: '/bench/trials',
              })
            }
          >
            Remove
          </Button>
        </Box>
      </Box>
      <EditingNotices editing={editing} noun="trial" />
      <Guarded key={pathname}>
        <Outlet context={open} />
      </Guarded>
    </Box>
  );
}
