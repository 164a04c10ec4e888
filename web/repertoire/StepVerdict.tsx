import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { AloneVerdict } from '../../core/ready/methodAlone';
import { hasWorking } from '../../core/ready/verdict';
import { Working } from '../parts/Working';
import { isTrouble, levelOf } from '../ready/level';

/** What a calculator says of a step, right after it: by the method alone, as the day’s figures are not known yet. */
export function StepVerdict({
  judged: { verdict, usually, calculator },
}: {
  judged: AloneVerdict;
}) {
  const [open, setOpen] = useState(false);
  const { glyph, word } = levelOf(verdict.level);
  return (
    <Box
      role="note"
      sx={{
        ml: { sm: '104px' },
        mt: 0.75,
        px: 1.5,
        py: 0.75,
        background: 'var(--sunk)',
        fontSize: 15,
        lineHeight: '21px',
      }}
    >
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Box
          role="img"
          aria-label={word}
          title={word}
          sx={{
            font: '700 17px/21px Bricolage',
            color: isTrouble(verdict.level) ? 'var(--ember)' : 'inherit',
          }}
        >
          {glyph}
        </Box>
        <Box sx={{ flex: 1, minWidth: 0 }}>
          {usually === null ? (
            <b>{verdict.message}</b>
          ) : (
            <>
              <b>{usually}</b>{' '}
              <Box component="span" sx={{ color: 'var(--muted)' }}>
                On a usual day; the day’s own figures decide.
              </Box>
            </>
          )}{' '}
          <Box component="span" sx={{ color: 'var(--muted)' }}>
            {verdict.remedy}
          </Box>{' '}
          <Link to={`/bench/calculators/${calculator}`}>Calculator</Link>
        </Box>
        {hasWorking(verdict) && (
          <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
            Why
          </Button>
        )}
      </Box>
      {open && <Working steps={verdict.steps} limit={verdict.limit} source={verdict.source} />}
    </Box>
  );
}
