import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { GearPlan } from '../../core/ready/gear';
import { formatClock } from '../../core/time/clock';
import { lowerFirst, thingsInWords } from '../../core/words';

/** For each of the crew, what goes on and comes off before which step, and what is worn from then on. */
export function GearPart({
  plans,
  startOfDay,
  nameOf,
}: {
  plans: readonly GearPlan[];
  startOfDay: number;
  nameOf: (id: string) => string;
}) {
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 3,
        gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 270px), 1fr))',
      }}
    >
      {plans.map(({ personId, steps }) => (
        <Box key={personId} component="section" aria-label={`Gear of ${nameOf(personId)}`}>
          <Box component="h3" sx={{ font: '600 17px/24px Bricolage', m: 0 }}>
            {nameOf(personId)}
          </Box>
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {steps.map((step) => (
              <Box
                component="li"
                key={`${step.at}/${step.slotId}/${step.taskName}/${step.when}`}
                sx={{ display: 'flex', gap: 1, borderTop: '1px solid var(--line)', py: 0.75 }}
              >
                <Box
                  component="b"
                  sx={{ width: 48, flex: 'none', font: '600 15px/22px Bricolage' }}
                >
                  {formatClock(startOfDay + step.at)}
                </Box>
                <Box sx={{ minWidth: 0 }}>
                  {step.off.length > 0 && (
                    <Box>
                      Off: <b>{thingsInWords(step.off)}</b>
                    </Box>
                  )}
                  {step.on.length > 0 && (
                    <Box>
                      On: <b>{thingsInWords(step.on)}</b>
                    </Box>
                  )}
                  <Typography variant="body2" color="textSecondary">
                    {step.when === 'before' ? 'for' : 'after'} “{step.taskName}”, {step.demoName}
                    {step.worn.length > step.on.length &&
                      ` · wears ${lowerFirst(thingsInWords(step.worn))} then`}
                  </Typography>
                </Box>
              </Box>
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
