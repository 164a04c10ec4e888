import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useState } from 'react';
import { Link, Navigate, NavLink, useNavigate, useParams } from 'react-router';
import { sumOf, SUMS } from '../../core/sums/catalogue';
import { inputFaults, usualValues } from '../../core/sums/inputs';
import { drawnFirst } from '../../core/sums/series';
import { type Sum, SUM_FAMILIES, type SumFamily } from '../../core/sums/sum';
import { Page } from '../parts/page';
import { Pick } from '../parts/Pick';
import { Working } from '../parts/Working';
import { isTrouble, levelOf } from '../ready/level';
import { SumInputs } from './SumInputs';

const SumChart = lazy(() => import('./SumChart'));

const FAMILY: Record<SumFamily, string> = {
  vapour: 'Vapour',
  reaction: 'Reactions',
  cold: 'Cold',
  air: 'Air in the room',
  sound: 'Sound',
  charge: 'Charge',
  motion: 'Motion',
  chance: 'Chance',
};

/** One sum by itself: a slider on each input, the verdict, the figure drawn with its limits, the working. */
function OneSum({ sum }: { sum: Sum }) {
  const [values, setValues] = useState(() => usualValues(sum));
  const [over, setOver] = useState(() => drawnFirst(sum));
  const faults = inputFaults(sum, values);
  const found = Object.keys(faults).length === 0 ? sum.reckon(values) : null;
  const numbers = Object.entries(sum.inputs).filter(([, input]) => input.kind === 'number');
  return (
    <Box component="article">
      <Typography variant="h2">{sum.title}</Typography>
      <Typography color="textSecondary" sx={{ mb: 2 }}>
        {sum.question}
      </Typography>
      <Box
        sx={{ display: 'grid', gap: { xs: 2, md: 4 }, gridTemplateColumns: { md: '340px 1fr' } }}
      >
        <Box>
          <SumInputs
            sum={sum}
            values={values}
            faults={faults}
            onChange={(id, value) => setValues({ ...values, [id]: value })}
          />
          <Button size="small" sx={{ mt: 1 }} onClick={() => setValues(usualValues(sum))}>
            Usual values
          </Button>
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Box
            aria-live="polite"
            sx={{
              font: { xs: '700 22px/28px Bricolage', md: '700 26px/32px Bricolage' },
              color: found && isTrouble(found.level) ? 'var(--ember)' : 'inherit',
              minHeight: 32,
            }}
          >
            {found
              ? `${levelOf(found.level).glyph} ${found.says}`
              : 'Put the figures right, and it is reckoned.'}
          </Box>
          {found && (
            <Typography variant="body2" color="textSecondary">
              {levelOf(found.level).word}; held against: {found.limit}
            </Typography>
          )}
          {found?.todo && <Typography sx={{ mt: 0.5 }}>{found.todo}</Typography>}
          {sum.curve && numbers.length > 0 && (
            <Box sx={{ mt: 2 }}>
              <Box sx={{ width: 220 }}>
                <Pick
                  label="Drawn over"
                  value={over}
                  options={numbers.map(([value, input]) => ({ value, label: input.label }))}
                  onChange={(value) => setOver(value ?? over)}
                />
              </Box>
              <Suspense fallback={<Box aria-busy="true" sx={{ height: 300 }} />}>
                <SumChart sum={sum} values={values} over={over} />
              </Suspense>
            </Box>
          )}
          {found && <Working steps={found.steps} limit={found.limit} source={found.source} />}
          <Typography variant="body2" color="textSecondary">
            It says what was reckoned, and from what. Local rules, the venue, the supplier’s safety
            data sheet and a competent person decide.
          </Typography>
        </Box>
      </Box>
    </Box>
  );
}

/** The bench: sums to try by themselves. */
export default function BenchPage() {
  const { sumId } = useParams();
  const navigate = useNavigate();
  const first = SUMS[0];
  if (sumId === undefined && first) return <Navigate to={`/bench/${first.id}`} replace />;
  const sum = sumOf(sumId ?? '');
  return (
    <Page title="Bench" below="Sums that judge, to try by themselves before a show is planned.">
      <Box
        sx={{ display: 'grid', gap: { xs: 2, md: 4 }, gridTemplateColumns: { md: '200px 1fr' } }}
      >
        <Box sx={{ display: { md: 'none' } }}>
          <Pick
            label="Sum"
            value={sum?.id ?? null}
            options={SUMS.map((one) => ({ value: one.id, label: one.title }))}
            onChange={(id) => void navigate(`/bench/${id ?? ''}`)}
          />
        </Box>
        <Box component="nav" aria-label="Sums" sx={{ display: { xs: 'none', md: 'block' } }}>
          {SUM_FAMILIES.map((family) => (
            <Box key={family} sx={{ mb: 1.5 }}>
              <Typography variant="body2" color="textSecondary">
                {FAMILY[family]}
              </Typography>
              {SUMS.filter((one) => one.family === family).map((one) => (
                <Box
                  key={one.id}
                  component={NavLink}
                  to={`/bench/${one.id}`}
                  sx={{
                    display: 'block',
                    py: 0.5,
                    lineHeight: '20px',
                    color: 'inherit',
                    textDecoration: 'none',
                    borderLeft: '3px solid transparent',
                    pl: 1,
                    '&.active': { borderColor: 'var(--ember)', fontWeight: 700 },
                    '&:hover': { background: 'var(--sunk)' },
                  }}
                >
                  {one.title}
                </Box>
              ))}
            </Box>
          ))}
        </Box>
        {sum ? (
          <OneSum key={sum.id} sum={sum} />
        ) : (
          <Box>
            There is no such sum. <Link to="/bench">To the first one</Link>
          </Box>
        )}
      </Box>
    </Page>
  );
}
