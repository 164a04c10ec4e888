/** Hazards that the method may have: taken on with one press, or ruled out with a reason. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { becauseInWords, suggestions, type Suggestion } from '../../core/ready/hazards/suggest';
import { blankHazard } from '../../core/repertoire/blank';
import type { Method } from '../../core/repertoire/types';
import { useItemNames } from '../app/data';
import { HazardGlyph } from '../parts/HazardGlyph';
import { HAZARD } from '../parts/words';

interface OneProps {
  of: Suggestion;
  onTake: () => void;
  onRuleOut: (why: string) => void;
}

function One({ of, onTake, onRuleOut }: OneProps) {
  const [asking, setAsking] = useState(false);
  const [why, setWhy] = useState('');
  const missing = asking && why.trim() === '';
  return (
    <Box component="li" sx={{ borderBottom: '1px solid var(--line)', py: 1 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
        <Box sx={{ pt: '2px' }}>
          <HazardGlyph kind={of.kind} size={18} />
        </Box>
        <span>
          <b>{HAZARD[of.kind]}?</b>{' '}
          <Box component="span" sx={{ color: 'var(--muted)' }}>
            {becauseInWords(of)}
          </Box>
        </span>
      </Box>
      {asking ? (
        <Box sx={{ display: 'flex', gap: 1, mt: 1, alignItems: 'flex-start' }}>
          <TextField
            autoFocus
            size="small"
            fullWidth
            label="Why it is not there"
            value={why}
            onChange={(event) => setWhy(event.target.value)}
            onKeyDown={(event) => {
              // It stands in the form of the whole demo, and a form has no other in it.
              if (event.key !== 'Enter') return;
              event.preventDefault();
              if (!missing) onRuleOut(why.trim());
            }}
            slotProps={{ htmlInput: { maxLength: 200 } }}
          />
          <Button
            size="small"
            variant="outlined"
            disabled={missing}
            onClick={() => onRuleOut(why.trim())}
          >
            Rule out
          </Button>
          <Button size="small" onClick={() => setAsking(false)}>
            Cancel
          </Button>
        </Box>
      ) : (
        <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
          <Button size="small" variant="outlined" onClick={onTake}>
            Take it on
          </Button>
          <Button size="small" onClick={() => setAsking(true)}>
            It is not there
          </Button>
        </Box>
      )}
    </Box>
  );
}

/** What nobody has said yes or no to, and whether somebody has gone through the method at all. */
export function Suggestions({ at, method }: { at: string; method: Method }) {
  const { setValue } = useFormContext();
  const { data: items = [] } = useItemNames();
  const open = suggestions(method, items);
  const set = (part: 'hazards' | 'ruledOut' | 'hazardsReviewed', value: unknown): void =>
    setValue(`${at}.${part}`, value, { shouldDirty: true, shouldValidate: true });
  return (
    <Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {open.map((of) => (
          <One
            key={of.kind}
            of={of}
            onTake={() => set('hazards', [...method.hazards, blankHazard(of.kind)])}
            onRuleOut={(why) => set('ruledOut', [...method.ruledOut, { kind: of.kind, why }])}
          />
        ))}
      </Box>
      <Box
        sx={{
          mt: 1,
          display: 'flex',
          gap: 1.5,
          alignItems: 'center',
          flexWrap: 'wrap',
          color: method.hazardsReviewed ? 'var(--muted)' : 'var(--ember)',
        }}
      >
        {method.hazardsReviewed
          ? '✓ Gone through: what is not listed is not there.'
          : '? Nobody has gone through it for hazards yet.'}
        <Button
          size="small"
          variant={method.hazardsReviewed ? 'text' : 'outlined'}
          onClick={() => set('hazardsReviewed', !method.hazardsReviewed)}
        >
          {method.hazardsReviewed ? 'Go through it again' : 'I have gone through it'}
        </Button>
      </Box>
    </Box>
  );
}
