import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { roundedTo } from '../../core/statistics/rounded';
import { shareWords } from '../../core/trials/claim';
import { goWords } from './goWords';
import type { OpenTrial } from './useTrial';

/** Width of the chart’s axis, so that levels stand below their readings. */
const FIRST = '64px';

/** The readings as they were taken, round by round, below the levels. */
export function Rounds({ open }: { open: OpenTrial }) {
  const { trial, levels, plan, byGo, analysis, claim } = open;
  const rounds = Array.from({ length: trial.rounds }, (_, i) => i + 1);
  const asked = new Set(analysis.outliers.map(({ go }) => go));
  const put = plan.flatMap(({ go }) => {
    const one = byGo.get(go);
    return one && one.first !== null && one.value !== null && one.first !== one.value ? [one] : [];
  });
  const yesNo = trial.measure.quantity === 'yesNo';
  return (
    <>
      <Box
        component="table"
        sx={{
          width: '100%',
          tableLayout: 'fixed',
          borderCollapse: 'collapse',
          fontSize: 13,
          '& th, & td': { p: '3px 2px', textAlign: 'center', fontWeight: 400 },
          '& th[scope=row]': { textAlign: 'left', color: 'var(--muted)', width: FIRST },
        }}
      >
        <thead>
          <tr>
            <Box
              component="th"
              sx={{ width: FIRST, color: 'var(--muted)', textAlign: 'left !important' }}
            >
              {trial.variable.unit || trial.variable.name}
            </Box>
            {levels.map(({ id, label }) => (
              <th key={id} scope="col">
                <Box
                  component="span"
                  sx={{
                    font: '700 16px/24px Bricolage',
                    color: id === claim.level ? 'var(--ember)' : 'inherit',
                  }}
                >
                  {label}
                </Box>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">{yesNo ? 'came out' : 'bracket'}</th>
            {levels.map(({ id }) => {
              const found = analysis.levels.find(({ level }) => level.id === id);
              return (
                <td key={id}>
                  {!found
                    ? '–'
                    : yesNo
                      ? shareWords(found)
                      : found.low === null || found.high === null
                        ? 'n 1'
                        : bracketWords(found.low, found.high)}
                </td>
              );
            })}
          </tr>
          {rounds.map((round) => (
            <tr key={round}>
              <th scope="row">Round {round}</th>
              {levels.map(({ id }) => {
                const planned = plan.find((one) => one.round === round && one.levelId === id);
                const one = planned && byGo.get(planned.go);
                const look = planned && asked.has(planned.go);
                return (
                  <td key={id}>
                    <Box
                      sx={{
                        display: 'flex',
                        alignItems: 'baseline',
                        justifyContent: 'space-between',
                        gap: 0.5,
                        px: 0.75,
                        py: '1px',
                        borderRadius: 1,
                        border: '1px solid',
                        borderColor: look ? 'var(--ember)' : 'var(--line)',
                        background: look ? 'var(--ember-wash)' : 'var(--card)',
                      }}
                    >
                      <Box component="span" sx={{ color: 'var(--muted)', fontSize: 12 }}>
                        {planned?.go}
                      </Box>
                      {one ? (
                        <Box
                          component="span"
                          sx={{ fontWeight: 700, color: look ? 'var(--ember)' : 'inherit' }}
                        >
                          {one.first !== null && one.first !== one.value && one.value !== null && (
                            <Box
                              component="s"
                              sx={{ fontWeight: 400, color: 'var(--muted)', mr: 0.5 }}
                            >
                              {one.first}
                            </Box>
                          )}
                          {one.state === 'leftOut' ? (
                            <s>{goWords(trial, one)}</s>
                          ) : (
                            goWords(trial, one)
                          )}
                        </Box>
                      ) : (
                        <span aria-label="to come">…</span>
                      )}
                    </Box>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
        Small: number of the go.{' '}
        <a href={`/api/trials/${trial.id}/readings.csv`} download>
          Readings as a table
        </a>
        {put.map(({ go, first, value, reason }) => (
          <span key={go}>
            {' '}
            Go {go} first read {first}, put right to {value}
            {reason && `: ${reason}`}.
          </span>
        ))}
        {plan.map(({ go }) => {
          const one = byGo.get(go);
          return one && one.state !== 'read' && one.reason !== '' ? (
            <span key={go}>
              {' '}
              Go {go} {one.state === 'leftOut' ? 'left out' : 'not read'}: {one.reason}.
            </span>
          ) : null;
        })}
      </Typography>
    </>
  );
}

const bracketWords = (low: number, high: number): string => {
  const half = (high - low) / 2;
  return half === 0 ? `${low}` : `${roundedTo(low, half * 4)} to ${roundedTo(high, half * 4)}`;
};
