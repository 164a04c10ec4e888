/** What was read at each go: put in late, or put right. What was read first stays beside it. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { numberTyped } from '../../core/readings/pad';
import { readingFault } from '../../core/repertoire/measure';
import { readingInFull, readingWords } from '../../core/readings/words';
import { type Asked, readingsOfRun } from '../../core/stage/readings';
import type { Live, RunPlan } from '../../core/stage/types';
import { InlineForm } from './InlineForm';
import type { Tell } from './tell';

interface LineProps {
  asked: Asked;
  onTell: (value: number | null) => void;
}

function ReadingField({ asked, onTell, onClose }: LineProps & { onClose: () => void }) {
  const { result, taken } = asked;
  return (
    <InlineForm
      label={result.unit ? `${result.name} (${result.unit})` : result.name}
      value={taken?.value == null ? '' : String(taken.value)}
      decimal
      onSave={(text) => {
        const value = numberTyped(text);
        if (value === null) return `${result.name} ${text === '' ? 'is missing' : 'is no number'}`;
        const wrong = readingFault(result, value);
        if (wrong) return `${result.name} ${wrong}`;
        onTell(value);
        return null;
      }}
      onClose={onClose}
    />
  );
}

function ReadingRow({ asked, onTell }: LineProps) {
  const [open, setOpen] = useState(false);
  const { slot, result, go, taken } = asked;
  const of = `${slot.name}${slot.goes > 1 || go > 1 ? `, go ${go}` : ''}`;
  const yesNo = result.quantity === 'yesNo';
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1.5,
        alignItems: 'center',
        py: 0.5,
        borderBottom: '1px solid var(--line)',
      }}
    >
      <Box sx={{ flex: '1 1 320px' }}>
        {of}, {result.name}: <b>{taken ? readingInFull(result, taken.value) : 'not put in'}</b>
        {taken?.changed && `, first ${readingWords(result, taken.first)}`}
      </Box>
      {open ? (
        <ReadingField asked={asked} onTell={onTell} onClose={() => setOpen(false)} />
      ) : (
        <>
          {yesNo ? (
            <>
              <Button size="small" aria-label={`${of}: yes`} onClick={() => onTell(1)}>
                Yes
              </Button>
              <Button size="small" aria-label={`${of}: no`} onClick={() => onTell(0)}>
                No
              </Button>
            </>
          ) : (
            <Button
              size="small"
              aria-label={`${taken ? 'Put right' : 'Put in'}: ${of}, ${result.name}`}
              onClick={() => setOpen(true)}
            >
              {taken ? 'Put right' : 'Put in'}
            </Button>
          )}
          {!taken && (
            <Button
              size="small"
              aria-label={`Not read: ${of}, ${result.name}`}
              onClick={() => onTell(null)}
            >
              Not read
            </Button>
          )}
        </>
      )}
    </Box>
  );
}

export function Readings({ plan, live, tell }: { plan: RunPlan; live: Live; tell: Tell }) {
  const asked = readingsOfRun(plan, live);
  if (asked.length === 0) return null;
  return (
    <Box component="section" aria-label="Readings" sx={{ mt: 3 }}>
      <Typography variant="h3" component="h2">
        Readings
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {asked.map((one) => (
          <ReadingRow
            key={`${one.slot.id}/${one.result.id}/${one.go}`}
            asked={one}
            onTell={(value) =>
              void tell('reading', {
                slot: one.slot.id,
                go: one.go,
                text: one.result.id,
                value,
              })
            }
          />
        ))}
      </Box>
    </Box>
  );
}
