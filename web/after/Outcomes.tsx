import AddIcon from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import type { ReviewRow } from '../../core/after/review';
import type { Go, Live } from '../../core/stage/types';
import { formatDuration } from '../../core/time/clock';
import { Pick } from '../parts/Pick';
import { CAUSES, options, OUTCOME } from '../parts/words';
import { ReactionField } from './ReactionField';
import type { Tell } from './tell';

/** One go: how it went and why, to be set right where a press on stage was wrong. */
function GoFields({ go, onJudge }: { go: Go; onJudge: (go: Go) => void }) {
  const causes = [...new Set([...CAUSES, ...(go.cause ? [go.cause] : [])])];
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, width: '100%' }}>
      <Pick
        label={`Go ${go.go}`}
        value={go.outcome}
        options={options(OUTCOME)}
        onChange={(outcome) => {
          if (outcome) onJudge({ ...go, outcome, cause: outcome === 'worked' ? null : go.cause });
        }}
        sx={{ flex: '0 1 170px' }}
      />
      {go.outcome !== 'worked' && (
        <Pick
          label="Because"
          value={go.cause}
          none="Not said"
          options={causes.map((cause) => ({ value: cause, label: cause }))}
          onChange={(cause) => onJudge({ ...go, cause })}
          sx={{ flex: '0 1 190px' }}
        />
      )}
    </Box>
  );
}

function Times({ row }: { row: ReviewRow }) {
  return (
    <Typography variant="body2">
      planned {formatDuration(row.plannedSeconds)}
      {row.actualSeconds !== null && (
        <>
          , took <b>{formatDuration(row.actualSeconds)}</b> ({(row.difference ?? 0) > 0 ? '+' : ''}
          {formatDuration(row.difference ?? 0)})
        </>
      )}
      {row.signs.map(({ task, go, seconds }) => (
        <Box component="span" key={`${task}/${go}`}>
          , acted {formatDuration(seconds)} after the sign
        </Box>
      ))}
      {row.status === 'leftOut' && ', left out'}
      {row.status === 'skipped' && ', skipped'}
    </Typography>
  );
}

/** Plan against fact, demonstration by demonstration. */
export function Outcomes({
  rows,
  reactions,
  tell,
}: {
  rows: readonly ReviewRow[];
  reactions: Live['reactions'];
  tell: Tell;
}) {
  return (
    <Box component="ol" aria-label="Outcomes" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {rows.map((row, i) => {
        const judge = ({ go, outcome, cause }: Go): void =>
          void tell('judge', { slot: row.slotId, go, outcome, cause });
        const next = Math.max(0, ...row.goes.map((go) => go.go)) + 1;
        return (
          <Box
            component="li"
            key={row.slotId}
            sx={{
              display: 'grid',
              gap: 1,
              alignItems: 'center',
              gridTemplateColumns: { xs: '1fr', sm: '1.4fr 1fr 2fr' },
              borderBottom: '1px solid var(--line)',
              py: 1.25,
            }}
          >
            <Box>
              <b>
                {i + 1} {row.name}
              </b>{' '}
              <Typography variant="body2" component="span" color="textSecondary">
                {row.methodName}
              </Typography>
            </Box>
            <Times row={row} />
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-end' }}>
              <Box sx={{ display: 'grid', gap: 1.25, flex: 1, justifyItems: 'start' }}>
                {row.goes.map((go) => (
                  <GoFields key={go.go} go={go} onJudge={judge} />
                ))}
              </Box>
              <IconButton
                aria-label={`Add a go of ${row.name}`}
                title="Add a go"
                onClick={() => judge({ go: next, outcome: 'worked', cause: null })}
              >
                <AddIcon fontSize="small" />
              </IconButton>
            </Box>
            {row.goes.length > 0 && (
              <ReactionField
                slotId={row.slotId}
                name={row.name}
                reaction={reactions[row.slotId]}
                tell={tell}
              />
            )}
          </Box>
        );
      })}
    </Box>
  );
}
