/** What one has, in a sentence whose parts change: how long, where, for whom, with whom, and without what. */
import Box from '@mui/material/Box';
import { usePeople } from '../app/data';
import { FitWishFields } from '../start/FitWishFields';
import { ChoiceGap, Gap } from '../parts/Gap';
import { say, choose } from './browsing';
import type { Asked } from './useFits';

const WHERES = ['indoors', 'outdoors'] as const;

interface SentenceProps {
  asked: Asked;
  /** Ids of things that lie in the store. */
  atHand: ReadonlySet<string>;
  /** The place is known: it is one or the other. */
  hasVenue: boolean;
}

export function SettingSentence({
  asked: { said, faults, wishes },
  atHand,
  hasVenue,
}: SentenceProps) {
  const { data: people = [] } = usePeople();
  return (
    <Box
      sx={{
        font: { xs: '400 20px/48px Bricolage', md: '400 20px/38px Bricolage' },
        color: 'var(--muted)',
        letterSpacing: '-0.2px',
      }}
    >
      I have{' '}
      <Gap
        label="How long"
        value={said.length}
        placeholder="any time"
        onChange={(length) => say({ length })}
        fault={faults.length}
        least={7}
      />
      ,{' '}
      <ChoiceGap
        label="Where"
        value={said.where}
        options={WHERES}
        none={hasVenue ? null : 'anywhere'}
        onChange={(where) => say({ where })}
      />
      , for{' '}
      <Gap
        label="People"
        value={said.people}
        placeholder="any"
        onChange={(all) => say({ people: all })}
        fault={faults.people}
        least={1}
      />{' '}
      people from{' '}
      <Gap
        label="Youngest"
        value={said.youngest}
        placeholder="any"
        onChange={(youngest) => say({ youngest })}
        fault={faults.youngest}
        least={1}
      />{' '}
      years, with{' '}
      <Gap
        label="Who performs"
        value={said.crew}
        placeholder="anybody"
        onChange={(crew) => say({ crew })}
        fault={faults.crew}
        list={people.map(({ name }) => name)}
        least={7}
      />
      .
      <Box sx={{ ml: -0.75, mt: 0.5, letterSpacing: 0 }}>
        <FitWishFields
          wishes={wishes}
          onWishes={({ without, atHand: there }) => choose({ without, inHouse: there !== null })}
          atHand={atHand}
        />
      </Box>
    </Box>
  );
}
