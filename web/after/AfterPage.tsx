import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { RunSummary, StoredRun } from '../../contract/stage';
import { learnedFigures } from '../../core/after/learned';
import { reviewOf, reviewWords } from '../../core/after/review';
import { fold } from '../../core/stage/fold';
import { counted } from '../../core/words';
import { useRun, useRuns } from '../app/data';
import { whenOf } from '../brief/dates';
import { useOpenShow } from '../brief/useShow';
import { useRemove } from '../parts/editing';
import { Empty, Loading, Trouble } from '../parts/page';
import { Pick } from '../parts/Pick';
import { SaveAs } from '../parts/SaveAs';
import { Causes } from './Causes';
import { Chapters } from './Chapters';
import { FollowUpList } from './FollowUpList';
import { GatesPassed } from './GatesPassed';
import { Notes } from './Notes';
import { Outcomes } from './Outcomes';
import { Photos } from './Photos';
import { Readings } from './Readings';
import { StepTimes } from './StepTimes';
import { TakeOut } from './TakeOut';
import { useTell } from './tell';
import { Votes } from './Votes';
import { TwoStrips } from './TwoStrips';

function RunReview({ run }: { run: StoredRun }) {
  const { show, bundle } = useOpenShow();
  const remove = useRemove();
  const tell = useTell(run.id);
  const live = fold(run.plan, run.events);
  const review = reviewOf(run.plan, live);
  return (
    <>
      <Box
        sx={{
          font: { xs: '800 26px/32px Bricolage', md: '800 32px/38px Bricolage' },
          letterSpacing: '-0.6px',
        }}
      >
        {reviewWords(review)}
      </Box>
      {live.phase !== 'finished' && (
        <p>
          Not finished yet: <Link to={`/shows/${show.id}/on-stage?run=${run.id}`}>go on</Link>.
        </p>
      )}
      <TwoStrips review={review} run={run} live={live} tell={tell} />
      <LearnedLink runId={run.id} />
      <Outcomes rows={review.rows} reactions={live.reactions} tell={tell} />
      <Votes plan={run.plan} live={live} />
      <Readings plan={run.plan} live={live} tell={tell} />
      <StepTimes plan={run.plan} rows={review.rows} tell={tell} />
      <Causes rows={review.rows} />
      <GatesPassed plan={run.plan} passed={live.passed} />
      <Notes plan={run.plan} notes={live.notes} questions={live.questions} tell={tell} />
      <Photos slots={review.rows} />
      <Chapters runId={run.id} />
      {run.kind === 'performance' && <TakeOut />}
      <Box sx={{ mt: 3 }}>
        <SaveAs
          label="One page for the venue"
          files={[
            [`/api/runs/${run.id}/report.pdf`, 'PDF, to print'],
            [`/api/runs/${run.id}/report.md`, 'Text, to send'],
          ]}
        />
      </Box>
      <FollowUpList showId={show.id} demos={bundle.demos} />
      <Button
        sx={{ mt: 3 }}
        onClick={() => void remove({ path: `/runs/${run.id}`, name: 'The run' })}
      >
        Remove this run
      </Button>
    </>
  );
}

/** How many figures the record offers by now. */
function LearnedLink({ runId }: { runId: string }) {
  const { show, bundle, answer } = useOpenShow();
  const offered = useMemo(
    () =>
      learnedFigures(bundle.demos, answer.records).filter(({ state }) => state === 'offered')
        .length,
    [bundle.demos, answer.records],
  );
  return (
    <Box sx={{ my: 1.5 }}>
      {offered === 0
        ? 'The plan goes by what the goes say: '
        : `The goes say otherwise than the plan in ${counted(offered, 'figure')}: `}
      <Link to={`/shows/${show.id}/after/learned?run=${runId}`}>look at what was learned</Link>
    </Box>
  );
}

/** The run as it was chosen; one that can’t be read says so, and can be removed. */
function ChosenRun({ run }: { run: RunSummary }) {
  const { data, error } = useRun(run.id);
  const remove = useRemove();
  if (data) return <RunReview run={data} />;
  if (!error) return <Loading />;
  return (
    <>
      <Trouble error={error} />
      <Button onClick={() => void remove({ path: `/runs/${run.id}`, name: 'The run' })}>
        Remove this run
      </Button>
    </>
  );
}

/** What those who were there take home, or do themselves. */
const ForThem = ({ showId }: { showId: string }) => (
  <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, my: 1.5 }}>
    <Button variant="outlined" component={Link} to={`/shows/${showId}/hand-out`}>
      Hand-out
    </Button>
    <Button variant="outlined" component={Link} to={`/shows/${showId}/class`}>
      In class
    </Button>
  </Box>
);

export default function AfterPage() {
  const { show, bundle } = useOpenShow();
  const { data: runs } = useRuns(show.id);
  const [search, setSearch] = useSearchParams();
  if (!runs) return <Loading />;
  // The one that was just finished says so; otherwise the last that was.
  const listed =
    runs.find((r) => r.id === search.get('run')) ?? runs.findLast((r) => r.finished) ?? runs.at(-1);
  if (!listed)
    return (
      <Box sx={{ maxWidth: 900 }}>
        <Empty title="Not performed yet">
          After the show this page sets the plan against what happened.{' '}
          <Link to={`/shows/${show.id}/on-stage`}>Go on stage</Link>, or rehearse there.
        </Empty>
        <ForThem showId={show.id} />
        <FollowUpList showId={show.id} demos={bundle.demos} />
      </Box>
    );
  return (
    <Box sx={{ maxWidth: 1000 }}>
      {runs.length > 1 && (
        <Pick
          label="Run"
          value={listed.id}
          options={runs.map((r) => ({
            value: r.id,
            label: `${r.kind === 'rehearsal' ? 'Rehearsal' : 'Show'}, ${whenOf(r.createdAt)}`,
          }))}
          onChange={(id) => setSearch(id === null ? {} : { run: id }, { replace: true })}
          sx={{ maxWidth: 320, mb: 2 }}
        />
      )}
      <ForThem showId={show.id} />
      <ChosenRun key={listed.id} run={listed} />
    </Box>
  );
}
