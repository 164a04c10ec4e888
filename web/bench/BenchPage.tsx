import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useState } from 'react';
import { Link, NavLink, useNavigate, useParams } from 'react-router';
import { findCalculator, CALCULATORS } from '../../core/calculators/catalogue';
import { edgesOf, passes } from '../../core/calculators/edge';
import { inputFaults, usualValues } from '../../core/calculators/inputs';
import { evaluateOver, type Ranges } from '../../core/calculators/range';
import { FAMILY_WORDS } from '../../core/calculators/table';
import { defaultCurveInput } from '../../core/calculators/curve';
import { type Calculator, CALCULATOR_FAMILIES } from '../../core/calculators/calculator';
import { Page } from '../parts/page';
import { Pick } from '../parts/Pick';
import { Working } from '../parts/Working';
import { isTrouble, levelOf } from '../ready/level';
import { CalculatorInputs } from './CalculatorInputs';
import { CalculatorTable } from './CalculatorTable';

const CalculatorChart = lazy(() => import('./CalculatorChart'));

/** One calculator by itself: a slider on each input, the verdict, the figure drawn with its limits, the working. */
function OneCalculator({ calculator }: { calculator: Calculator }) {
  const [values, setValues] = useState(() => usualValues(calculator));
  const [over, setOver] = useState(() => defaultCurveInput(calculator));
  const [ranges, setRanges] = useState<Ranges>({});
  const faults = inputFaults(calculator, values);
  const evaluated = evaluateOver(calculator, values, ranges);
  const found = evaluated.ok ? evaluated.assessment : null;
  const edges = found && Object.keys(ranges).length === 0 ? edgesOf(calculator, values, 4) : [];
  const numbers = Object.entries(calculator.inputs).filter(([, input]) => input.kind === 'number');
  return (
    <Box component="article">
      <Typography variant="h2">{calculator.title}</Typography>
      <Typography color="textSecondary" sx={{ mb: 2 }}>
        {calculator.question}
      </Typography>
      <Box
        sx={{ display: 'grid', gap: { xs: 2, md: 4 }, gridTemplateColumns: { md: '340px 1fr' } }}
      >
        <Box>
          <CalculatorInputs
            calculator={calculator}
            values={values}
            ranges={ranges}
            faults={evaluated.ok ? faults : { ...evaluated.faults, ...faults }}
            onChange={(id, value, most) => {
              setValues({ ...values, [id]: value });
              const { [id]: _before, ...others } = ranges;
              setRanges(most === undefined ? others : { ...others, [id]: [Number(value), most] });
            }}
          />
          <Button
            size="small"
            sx={{ mt: 1 }}
            onClick={() => {
              setValues(usualValues(calculator));
              setRanges({});
            }}
          >
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
              ? `${levelOf(found.level).glyph} ${found.message}`
              : 'Correct the figures, and it is calculated.'}
          </Box>
          {found && (
            <Typography variant="body2" color="textSecondary">
              {levelOf(found.level).word}; held against: {found.limit}
            </Typography>
          )}
          {found?.remedy && <Typography sx={{ mt: 0.5 }}>{found.remedy}</Typography>}
          {found && edges.length > 0 && (
            <Typography sx={{ mt: 0.5 }}>
              {passes(found.level) ? 'Until it no longer does: ' : 'Until it does: '}
              {edges.map(({ words }) => words).join('; ')}.
            </Typography>
          )}
          {calculator.curve && numbers.length > 0 && (
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
                <CalculatorChart calculator={calculator} values={values} over={over} />
              </Suspense>
            </Box>
          )}
          {found && <Working steps={found.steps} limit={found.limit} source={found.source} />}
          <Typography variant="body2" color="textSecondary" sx={{ my: 1 }}>
            {calculator.grounds.validity}{' '}
            <Link to="/bench/calculators/table">All calculators in a table</Link>
          </Typography>
          <Typography variant="body2" color="textSecondary">
            It tells what was calculated, and from what. Local rules, the venue, the supplier’s
            safety data sheet and a competent person decide.
          </Typography>
        </Box>
      </Box>
    </Box>
  );
}

/** The bench: calculators to try by themselves. */
export default function BenchPage() {
  const { calculatorId } = useParams();
  const navigate = useNavigate();
  if (calculatorId === 'table') return <CalculatorTable />;
  // Without a name it is the first, where one stands: who has pressed on to the trials by now is not called back.
  const calculator = calculatorId === undefined ? CALCULATORS[0] : findCalculator(calculatorId);
  return (
    <Page
      title="Calculators"
      below="Calculators that judge, to try by themselves before a show is planned."
    >
      <Box
        sx={{ display: 'grid', gap: { xs: 2, md: 4 }, gridTemplateColumns: { md: '200px 1fr' } }}
      >
        <Box sx={{ display: { md: 'none' } }}>
          <Pick
            label="Calculator"
            value={calculator?.id ?? null}
            options={CALCULATORS.map((one) => ({ value: one.id, label: one.title }))}
            onChange={(id) => void navigate(`/bench/calculators/${id ?? ''}`)}
          />
        </Box>
        <Box component="nav" aria-label="Calculators" sx={{ display: { xs: 'none', md: 'block' } }}>
          {CALCULATOR_FAMILIES.map((family) => (
            <Box key={family} sx={{ mb: 1.5 }}>
              <Typography variant="body2" color="textSecondary">
                {FAMILY_WORDS[family]}
              </Typography>
              {CALCULATORS.filter((one) => one.family === family).map((one) => (
                <Box
                  key={one.id}
                  component={NavLink}
                  to={`/bench/calculators/${one.id}`}
                  {...(one === calculator && { className: 'active', 'aria-current': 'page' })}
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
        {calculator ? (
          <OneCalculator key={calculator.id} calculator={calculator} />
        ) : (
          <Box>
            There is no such calculator. <Link to="/bench/calculators">To the first one</Link>
          </Box>
        )}
      </Box>
    </Page>
  );
}
