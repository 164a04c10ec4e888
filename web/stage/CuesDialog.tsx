/** The cues of the demo on stage: one that was missed is fired by hand, and what plays is stopped. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { StoredRun } from '../../contract/stage';
import { cueMoment } from '../../core/repertoire/cueWords';
import { cueList } from '../../core/stage/cues';
import type { Live } from '../../core/stage/types';
import { send } from '../app/api';
import { useAction } from '../parts/useAction';
import { CUE_KIND } from '../parts/words';
import { Ask, askButton } from './Ask';

interface Props {
  run: StoredRun;
  live: Live;
  onClose: () => void;
}

export function CuesDialog({ run: { id: runId, plan }, live, onClose }: Props) {
  const act = useAction();
  const on = plan.slots.find(({ id }) => id === live.slot);
  const cues = on ? cueList({ slots: [on] }) : [];
  return (
    <Ask title={on ? `Cues of ${on.name}` : 'Cues'} onClose={onClose}>
      {cues.length === 0 && (
        <Box sx={{ fontSize: 20, color: 'var(--muted)' }}>
          None are written for {on ? 'this demo' : 'what is on stage now'}.
        </Box>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {cues.map(({ slot, task, step, cue }) => (
          <Box
            component="li"
            key={`${task}/${cue.id}`}
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 2,
              py: 1,
              borderBottom: '1px solid var(--line)',
            }}
          >
            <Box sx={{ flex: 1, minWidth: 0, fontSize: 22, lineHeight: '28px' }}>
              {CUE_KIND[cue.kind]} <b>{cue.name}</b>
              <Box sx={{ fontSize: 17, lineHeight: '22px', color: 'var(--muted)' }}>
                {cueMoment(cue)}: {step.do}
              </Box>
            </Box>
            <ButtonBase
              aria-label={`Fire ${cue.name}`}
              onClick={() =>
                void act(() =>
                  send('POST', `/runs/${runId}/cues/fire`, { slot, task, cue: cue.id }),
                )
              }
              sx={askButton}
            >
              Fire
            </ButtonBase>
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: { sm: '1fr 1fr' }, gap: 1.5, mt: 2 }}>
        <ButtonBase onClick={() => void act(() => send('POST', '/cues/stop'))} sx={askButton}>
          Stop what plays
        </ButtonBase>
        <ButtonBase onClick={onClose} sx={{ ...askButton, borderColor: 'transparent' }}>
          Done
        </ButtonBase>
      </Box>
    </Ask>
  );
}
