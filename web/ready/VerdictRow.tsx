import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Mark } from '../../core/ready/go';
import { hasWorking, type Verdict } from '../../core/ready/verdict';
import { Gauge } from '../parts/Gauge';
import { Working } from '../parts/Working';
import { PlaceLink } from './PlaceLink';
import { TroubleRow } from './TroubleRow';

interface VerdictRowProps {
  verdict: Verdict;
  mark: Mark | undefined;
  by: string;
  onWaive: (() => void) | null;
  onTakeBack: () => void;
}

/** One thing judged: what, how far it is from its limit, what to do; its working opens below it. */
export function VerdictRow({ verdict, mark, by, onWaive, onTakeBack }: VerdictRowProps) {
  const [open, setOpen] = useState(false);
  const waived = mark?.state === 'waived' && !verdict.final;
  return (
    <TroubleRow level={verdict.level} waived={waived}>
      {verdict.gauge && (
        <Box sx={{ maxWidth: 420 }}>
          <Gauge gauge={verdict.gauge} />
        </Box>
      )}
      <Box>
        <b>{verdict.title}:</b> {verdict.message}
      </Box>
      {verdict.remedy && (
        <Typography variant="body2" color="textSecondary">
          {verdict.remedy}
        </Typography>
      )}
      {waived && (
        <Typography variant="body2">
          Waived: {mark.reason}, {by}
        </Typography>
      )}
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: 1,
          ml: -0.75,
          '& .MuiButton-root': { minHeight: { xs: 44, md: 32 } },
        }}
      >
        {verdict.place && !waived && verdict.level !== 'ok' && (
          <PlaceLink place={verdict.place} what={verdict.title} />
        )}
        {hasWorking(verdict) && (
          <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
            Why
          </Button>
        )}
        {waived ? (
          <Button size="small" onClick={onTakeBack}>
            Remove waiver
          </Button>
        ) : (
          onWaive && (
            <Button size="small" onClick={onWaive}>
              Waive
            </Button>
          )
        )}
      </Box>
      {open && <Working steps={verdict.steps} limit={verdict.limit} source={verdict.source} />}
    </TroubleRow>
  );
}
