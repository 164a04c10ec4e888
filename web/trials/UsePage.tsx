/** What a series is used for: its claim with evidence and reasoning, where it is told, and the shows it goes into. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { TrialBody } from '../../contract/trials';
import { besideWords } from '../../core/brief/stations';
import { evidenceWords } from '../../core/trials/evidence';
import { amountsOf } from '../../core/trials/design';
import { seriesInShow } from '../../core/trials/intoShow';
import { dayWords } from '../brief/dates';
import { AutoForm, Words, YesNoField } from '../parts/form';
import { Section } from '../parts/page';
import { PutInShow } from './PutInShow';
import { SizeFinale } from './SizeFinale';
import { type OpenTrial, useOpenTrial } from './useTrial';
import { WhatItTakes } from './WhatItTakes';

function Claim({ open }: { open: OpenTrial }) {
  const { trial, claim, analysis, naming, goes, editing } = open;
  const figures = evidenceWords(analysis, claim, naming);
  return (
    <Section title="What it found out">
      <Typography sx={{ font: '800 26px/30px Bricolage', mb: 1.5 }}>
        {goes.length === 0 ? 'Nothing is read yet.' : claim.words}
      </Typography>
      <AutoForm editing={editing} type={TrialBody}>
        <Box sx={{ display: 'grid', gap: 1.5, maxWidth: 640 }}>
          <Words
            name="evidence"
            label="Evidence"
            multiline
            help={figures === '' ? 'What was seen' : `Left empty, the figures: ${figures}`}
          />
          <Words
            name="reasoning"
            label="Reasoning"
            multiline
            help="Why it is so, in words for the audience"
          />
          <YesNoField name="pinned" label="Pinned to its demonstration" />
        </Box>
      </AutoForm>
      <Typography variant="body2" color={trial.pinned ? 'textPrimary' : 'textSecondary'}>
        {trial.demoId === null ? (
          <>
            It is of no demonstration in particular:{' '}
            <Link to={`/bench/trials/${trial.id}/question`}>say of which</Link>, and it can be
            pinned there.
          </>
        ) : trial.pinned && claim.kind === 'thin' ? (
          '△ It is told once it has something to say.'
        ) : trial.pinned ? (
          <>
            It stands on <Link to={`/demos/${trial.demoId}`}>the demonstration’s page</Link>, on
            stage, and can be shown on the audience’s screen, from the next start of a run on.
          </>
        ) : (
          'Pinned, it stands on the demonstration’s page, on stage, and can be shown on the audience’s screen.'
        )}
      </Typography>
    </Section>
  );
}

function Shows({ open: { shows } }: { open: OpenTrial }) {
  return (
    <Section title="In shows">
      {shows.length === 0 ? (
        <Typography color="textSecondary">In no show yet.</Typography>
      ) : (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {shows.map(({ showId, slotId, title, date, kind }) => (
            <Box component="li" key={slotId} sx={{ borderTop: '1px solid var(--line)', py: 1 }}>
              <Link to={`/shows/${showId}/line-up`}>{title}</Link>, {dayWords(date)}:{' '}
              {kind === 'series' ? 'the series itself' : 'a finale from it'}
            </Box>
          ))}
        </Box>
      )}
    </Section>
  );
}

/** Every level at a station of its own, each read once. */
function BeforeAnAudience({ open }: { open: OpenTrial }) {
  const { trial, levels } = open;
  if (levels.length < 2) return null;
  const amounts = amountsOf({ ...trial, rounds: 1 }).filter(({ amount }) => amount > 0);
  return (
    <Section title="Try it before an audience">
      <Typography>{besideWords(seriesInShow(trial))}: one reading at each.</Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
        What is read on stage comes in here as a round. Side by side from left to right, what
        changes from place to place can’t be told from {trial.variable.name.toLowerCase()}: say what
        is the same at all of them.
      </Typography>
      <Box sx={{ maxWidth: 420 }}>
        <WhatItTakes
          open={open}
          wanted={amounts.map(({ itemId, unit, amount }) => ({
            itemId,
            unit,
            amount,
            sum: `${levels.length} stations`,
          }))}
        />
        <PutInShow
          trialId={trial.id}
          demoId={trial.demoId}
          size={null}
          label="Put the series in a show"
        />
      </Box>
    </Section>
  );
}

export default function UsePage() {
  const open = useOpenTrial();
  return (
    <Box
      component="main"
      sx={{
        display: 'grid',
        columnGap: 4,
        pt: 1,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 300px' },
      }}
    >
      <Box>
        <Claim open={open} />
        <Shows open={open} />
        <BeforeAnAudience open={open} />
      </Box>
      <Box sx={{ borderLeft: { lg: '1px solid var(--line)' }, pl: { lg: 3 }, pt: 2 }}>
        <SizeFinale open={open} />
      </Box>
    </Box>
  );
}
