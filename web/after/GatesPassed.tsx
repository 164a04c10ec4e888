/** Gates that somebody went past: which, before what, who and when. It stays, whatever comes of it. */
import Box from '@mui/material/Box';
import type { Live, RunPlan } from '../../core/stage/types';
import { timeOf } from '../brief/dates';
import { useOpenShow } from '../brief/useShow';
import { Section } from '../parts/page';

export function GatesPassed({ plan, passed }: { plan: RunPlan; passed: Live['passed'] }) {
  const { bundle } = useOpenShow();
  if (passed.length === 0) return null;
  const slotName = (id: string): string => plan.slots.find((slot) => slot.id === id)?.name ?? '';
  const personName = (id: string | null): string =>
    bundle.people.find((person) => person.id === id)?.name ?? 'somebody who is no longer listed';
  return (
    <Section title="Begun past a closed gate">
      <Box
        component="ul"
        aria-label="Begun past a closed gate"
        sx={{ m: 0, p: 0, listStyle: 'none' }}
      >
        {passed.map(({ slot, rule, at, by }) => (
          <Box
            component="li"
            key={`${slot}/${rule}/${at}`}
            sx={{ py: 0.75, borderBottom: '1px solid var(--line)' }}
          >
            <Box component="span" sx={{ color: 'var(--ember)' }}>
              △{' '}
            </Box>
            {timeOf(at)}, <b>{slotName(slot)}</b>: {rule}. <b>{personName(by)}</b>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
