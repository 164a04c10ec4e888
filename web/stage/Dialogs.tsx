/** What is asked on stage: why it failed, and where to go. Each answer is one tap. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Dialog from '@mui/material/Dialog';
import DialogTitle from '@mui/material/DialogTitle';
import type { Live, RunPlan } from '../../core/stage/types';
import { CAUSES } from '../parts/words';

interface AskProps {
  open: boolean;
  onClose: () => void;
}

export function CauseDialog({
  open,
  onClose,
  onCause,
}: AskProps & { onCause: (cause: string) => void }) {
  return (
    <Dialog transitionDuration={0} open={open} onClose={onClose} aria-labelledby="cause-title">
      <DialogTitle id="cause-title" sx={{ fontSize: 28 }}>
        What was it?
      </DialogTitle>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5, p: 3, pt: 0 }}>
        {CAUSES.map((cause) => (
          <ButtonBase
            key={cause}
            onClick={() => onCause(cause)}
            sx={{
              minHeight: 64,
              px: 2,
              border: '2px solid var(--control)',
              borderRadius: 1.5,
              fontSize: 22,
            }}
          >
            {cause}
          </ButtonBase>
        ))}
      </Box>
    </Dialog>
  );
}

interface GoToProps extends AskProps {
  plan: RunPlan;
  live: Live;
  onGo: (kind: 'goTo' | 'bringBack', slot: string) => void;
}

export function GoToDialog({ open, onClose, plan, live, onGo }: GoToProps) {
  return (
    <Dialog transitionDuration={0} open={open} onClose={onClose} aria-labelledby="goto-title">
      <DialogTitle id="goto-title">Go to</DialogTitle>
      <Box sx={{ display: 'grid', gap: 1, p: 3, pt: 0 }}>
        {plan.slots.map((slot, i) => {
          const status = live.slots[slot.id]?.status;
          const out = status === 'leftOut' || status === 'skipped';
          const here = slot.id === live.slot;
          const words = here
            ? 'on stage'
            : out
              ? 'bring back'
              : status === 'performed'
                ? 'done'
                : '';
          return (
            <ButtonBase
              key={slot.id}
              disabled={here}
              onClick={() => onGo(out ? 'bringBack' : 'goTo', slot.id)}
              sx={{
                minHeight: 48,
                px: 2,
                justifyContent: 'space-between',
                textAlign: 'left',
                gap: 3,
                border: '1.5px solid var(--control)',
                borderRadius: 1.5,
                fontSize: 20,
              }}
            >
              <span>
                {i + 1} {slot.name}
              </span>
              <Box component="span" sx={{ color: 'var(--muted)' }}>
                {words}
              </Box>
            </ButtonBase>
          );
        })}
      </Box>
    </Dialog>
  );
}
