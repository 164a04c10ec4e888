import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Mark } from '../../core/ready/go';
import { hasWorking, type Verdict } from '../../core/ready/verdict';
import { Working } from '../parts/Working';
import { isTrouble, levelOf } from './level';
import { PlaceLink } from './PlaceLink';

interface VerdictRowProps {
  verdict: Verdict;
  mark: Mark | undefined;
  by: string;
  onWaive: (() => void) | null;
  onTakeBack: () => void;
}

/** One thing judged: what, how it stands, what to do; its working opens below it. */
export function VerdictRow({ verdict, mark, by, onWaive, onTakeBack }: VerdictRowProps) {
  const [open, setOpen] = useState(false);
  const waived = mark?.state === 'waived' && !verdict.final;
  const { glyph, word } = levelOf(verdict.level);
  return (
    <Box component="li" sx={{ borderBottom: '1px solid var(--line)', py: 0.75 }}>
      <Box
        sx={{
          display: 'flex',
          columnGap: 1,
          alignItems: 'flex-start',
          flexWrap: { xs: 'wrap', sm: 'nowrap' },
        }}
      >
        <Box
          title={word}
          role="img"
          aria-label={word}
          sx={{
            width: 28,
            flex: 'none',
            textAlign: 'center',
            font: '700 18px/26px Bricolage',
            color: isTrouble(verdict.level) && !waived ? 'var(--ember)' : 'inherit',
          }}
        >
          {glyph}
        </Box>
        <Box sx={{ flex: { xs: '1 1 calc(100% - 40px)', sm: 1 }, minWidth: 0 }}>
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
        </Box>
        <Box sx={{ display: 'flex', flex: 'none', ml: 'auto' }}>
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
      </Box>
      {open && (
        <Box sx={{ pl: { xs: 0, sm: 4.5 } }}>
          <Working steps={verdict.steps} limit={verdict.limit} source={verdict.source} />
        </Box>
      )}
    </Box>
  );
}
