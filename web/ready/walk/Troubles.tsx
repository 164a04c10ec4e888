/** What keeps the show from starting: how it stands in one word, then each trouble with its gauge and where it is seen to. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Readiness } from '../../../core/ready/go';
import type { Stop } from '../../../core/ready/walk/stops';
import { type Trouble, troublesOf } from '../../../core/ready/walk/trouble';
import type { Show } from '../../../core/brief/types';
import { counted } from '../../../core/words';
import { HoldsGlyph } from '../../parts/HoldsGlyph';
import { TroubleRow } from '../TroubleRow';
import { JudgedRow, type Judging } from '../VerdictList';
import { stopName } from './names';

/** Told at once; the rest by one press. */
const FIRST = 4;

interface TroublesProps extends Judging {
  readiness: Readiness;
  show: Show;
  stops: readonly Stop[];
  /** “49 min to the start”. */
  away: string | null;
  onTo: (key: string) => void;
}

const big = ({ go, performed, stop }: Readiness['state']): string =>
  performed ? 'Performed' : go ? 'Go' : stop.length > 0 ? 'No' : 'Not yet';

function Counts({ state }: Pick<Readiness, 'state'>) {
  const { stop, fix, wrong, unknown, holding, open } = state;
  const toFix = fix.length + wrong.length;
  const parts = [
    stop.length > 0 && (
      <b key="stop">
        ■ {stop.length} {stop.length === 1 ? 'stops' : 'stop'} it
      </b>
    ),
    toFix > 0 && <b key="fix">△ {toFix} to fix</b>,
    unknown.length > 0 && <span key="unknown">? {unknown.length} not known</span>,
    holding.length > 0 && (
      <Box
        key="holds"
        component="span"
        sx={{ display: 'inline-flex', alignItems: 'center', gap: 0.5 }}
      >
        <HoldsGlyph /> {holding.length} must be done
      </Box>
    ),
  ].filter((part) => part !== false);
  return parts.length > 0
    ? parts
    : open.length > 0
      ? `${counted(open.length, 'check')} still open`
      : 'Every check is done';
}

function WrongRow({
  trouble,
  onTo,
}: {
  trouble: Extract<Trouble, { kind: 'wrong' }>;
  onTo: (key: string) => void;
}) {
  const { check, what, stop } = trouble;
  return (
    <TroubleRow level="fix">
      <b>{check.title}:</b> {what}
      {stop && (
        <div>
          <Button size="small" onClick={() => onTo(stop.key)} sx={{ ml: -0.75, minHeight: 44 }}>
            At {stopName(stop)}
          </Button>
        </div>
      )}
    </TroubleRow>
  );
}

export function Troubles(props: TroublesProps) {
  const { readiness, show, stops, away, onTo, ...judging } = props;
  const { state } = readiness;
  const [isAll, setAll] = useState(false);
  const troubles = troublesOf(state, stops, show);
  const shown = isAll ? troubles : troubles.slice(0, FIRST);
  return (
    <section aria-label="May it begin?">
      <Box sx={{ display: 'flex', alignItems: 'baseline', flexWrap: 'wrap', columnGap: 2 }}>
        <Box
          sx={{
            font: { xs: '800 32px/40px Bricolage', md: '800 44px/52px Bricolage' },
            letterSpacing: '-1px',
            color: state.go || state.performed ? 'inherit' : 'var(--ember)',
            flex: 1,
            whiteSpace: 'nowrap',
          }}
        >
          {big(state)}
        </Box>
        {away && <Box sx={{ fontSize: 14 }}>{away}</Box>}
      </Box>
      <Box
        role="status"
        sx={{
          position: 'absolute',
          width: '1px',
          height: '1px',
          overflow: 'hidden',
          clipPath: 'inset(50%)',
          whiteSpace: 'nowrap',
        }}
      >
        {state.words}
      </Box>
      <Box
        aria-hidden="true"
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: 2,
          font: '600 15px/22px Bricolage',
          pb: 1,
          borderBottom: '1px solid var(--line)',
        }}
      >
        <Counts state={state} />
      </Box>
      <Box component="ul" aria-label="In the way" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {shown.map((trouble) =>
          trouble.kind === 'wrong' ? (
            <WrongRow key={trouble.check.key} trouble={trouble} onTo={onTo} />
          ) : (
            <JudgedRow key={trouble.verdict.key} verdict={trouble.verdict} {...judging} />
          ),
        )}
      </Box>
      {troubles.length > FIRST && (
        <Button onClick={() => setAll(!isAll)} aria-expanded={isAll} sx={{ minHeight: 44 }}>
          {isAll ? 'Fewer' : `${troubles.length - FIRST} more in the way`}
        </Button>
      )}
    </section>
  );
}
