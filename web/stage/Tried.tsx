/** What trials found out, on stage: told to the audience, and made into a finale while the show goes on. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import type { StoredRun } from '../../contract/stage';
import type { TrialSlotBody } from '../../contract/trials';
import type { Slot } from '../../core/brief/types';
import { claimText } from '../../core/stage/screen';
import { triedNow } from '../../core/stage/tried';
import type { Live, RunClaim, RunPlan } from '../../core/stage/types';
import { evidenceWords } from '../../core/trials/evidence';
import { send } from '../app/api';
import { useMay } from '../app/me';
import { useAction } from '../parts/useAction';
import { SizeFinale } from '../trials/SizeFinale';
import { useTrialSeries } from '../trials/useTrial';
import { Ask, askButton } from './Ask';
import type { LiveRun } from './liveRun';
import { Labelled } from './StageParts';

interface LineProps {
  plan: RunPlan;
  live: Live;
  onOpen: () => void;
}

/** One line on stage; nothing where nothing was tried. */
export function TriedLine({ plan, live, onOpen }: LineProps) {
  const { claims, here } = triedNow(plan, live);
  const [claim] = claims;
  if (!here) return null;
  return (
    <Labelled label="Tried">
      <ButtonBase
        onClick={onOpen}
        sx={{
          minHeight: 48,
          px: 1.5,
          border: '2px solid var(--control)',
          borderRadius: 1.5,
          fontSize: { xs: 17, md: 22 },
          lineHeight: 1.2,
          textAlign: 'left',
        }}
      >
        {claim ? claim.words : 'What it found, and a finale from it'}
      </ButtonBase>
    </Labelled>
  );
}

interface DialogProps extends Omit<LineProps, 'onOpen'> {
  runId: string;
  showId: string;
  press: LiveRun['press'];
  onClose: () => void;
}

/** What a claim says, and a press that shows it to the audience or takes it off again. */
function Told({
  claim: { words, evidence, reasoning },
  on,
  onShow,
}: {
  claim: Pick<RunClaim, 'words' | 'evidence' | 'reasoning'>;
  on: boolean;
  onShow: () => void;
}) {
  return (
    <>
      <Box sx={{ font: '700 28px/32px Bricolage' }}>{words}</Box>
      <Box sx={{ fontSize: 20, mt: 0.5 }}>{evidence}</Box>
      {reasoning && <Box sx={{ fontSize: 20, mt: 0.5 }}>“{reasoning}”</Box>}
      <ButtonBase
        aria-pressed={on}
        onClick={onShow}
        sx={{ ...askButton, mt: 1, px: 2, ...(on && { borderColor: 'var(--ember)' }) }}
      >
        {on ? 'On the audience’s screen: take it off' : 'Show it to the audience'}
      </ButtonBase>
    </>
  );
}

export function TriedDialog({ runId, showId, plan, live, press, onClose }: DialogProps) {
  const { claims, series } = triedNow(plan, live);
  const isOn = (trialId: string): boolean =>
    live.screen.mode === 'claim' && live.screen.claim === trialId;
  const show = (trialId: string): void =>
    press('screen', {
      slot: null,
      step: null,
      go: null,
      text: isOn(trialId) ? 'auto' : claimText(trialId),
      value: null,
    });
  return (
    <Ask title="What was tried" onClose={onClose}>
      <Box sx={{ display: 'grid', gap: 2.5 }}>
        {claims.length === 0 && series.length === 0 && (
          <Box sx={{ fontSize: 22 }}>No trial has found out anything about this yet.</Box>
        )}
        {series.map((id) => (
          <FromSeries
            key={id}
            trialId={id}
            runId={runId}
            showId={showId}
            on={isOn(id)}
            onShow={() => show(id)}
          />
        ))}
        {claims.map((claim) => (
          <Box key={claim.trialId} component="section" aria-label={claim.words}>
            <Told claim={claim} on={isOn(claim.trialId)} onShow={() => show(claim.trialId)} />
          </Box>
        ))}
        <ButtonBase onClick={onClose} sx={{ ...askButton, borderColor: 'transparent' }}>
          Done
        </ButtonBase>
      </Box>
    </Ask>
  );
}

interface SeriesProps {
  trialId: string;
  runId: string;
  showId: string;
  on: boolean;
  onShow: () => void;
}

/** What a series of this run has come to say, and a finale from it at the end of this show. */
function FromSeries({ trialId, runId, showId, on, onShow }: SeriesProps) {
  const { open, error } = useTrialSeries(trialId);
  const act = useAction();
  const may = useMay('presenter');
  const [put, setPut] = useState(false);
  if (error) return <Box sx={{ fontSize: 20 }}>△ The series can’t be read just now.</Box>;
  if (!open) return <Box aria-busy="true" sx={{ minHeight: 200 }} />;
  const { trial, claim, analysis, naming } = open;
  const told = {
    words: claim.words,
    evidence: trial.evidence || evidenceWords(analysis, claim, naming),
    reasoning: trial.reasoning,
  };
  const into = (size: NonNullable<TrialSlotBody['size']>): Promise<boolean> =>
    act(async () => {
      const slot = await send<Slot>('POST', `/trials/${trialId}/slots`, { showId, size });
      await send<StoredRun>('POST', `/runs/${runId}/slots`, { slotId: slot.id });
      setPut(true);
    });
  return (
    <Box component="section" aria-label={trial.name}>
      <Box sx={{ fontSize: 18, color: 'var(--muted)' }}>{trial.name}</Box>
      <Told
        claim={told}
        on={on}
        onShow={() =>
          // The audience sees what was found with what they have just seen.
          void act(() => send<StoredRun>('POST', `/runs/${runId}/claims`)).then(onShow)
        }
      />
      <Box sx={{ mt: 2 }}>
        {put ? (
          <Box role="status" sx={{ fontSize: 22 }}>
            ✓ It is the last in this show now, and in the kit.
          </Box>
        ) : (
          <SizeFinale
            open={open}
            put={(size) =>
              may && (
                <ButtonBase
                  onClick={() => void into(size)}
                  sx={{ ...askButton, width: '100%', mt: 1 }}
                >
                  Put it in at the end of this show
                </ButtonBase>
              )
            }
          />
        )}
      </Box>
    </Box>
  );
}
