/** Hands for each option: counted one by one, or estimated with two taps by whoever sees them best. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import { handsOf, type Round, ROUNDS, tallyText } from '../../core/stage/screen';
import type { Live, RunSlot } from '../../core/stage/types';
import { estimated, gainWords, shareOf } from '../../core/stage/votes';
import { askButton } from './Ask';
import type { LiveRun } from './liveRun';

/** Hands added at one press; the last takes one off. */
const STEPS = [1, 10, -1] as const;

/** What one sees with a look. */
const LOOKS = [
  [0, 'none'],
  [0.1, 'a few'],
  [0.25, 'a quarter'],
  [0.5, 'half'],
  [0.75, 'most'],
  [1, 'all'],
] as const;

const ROUND: Readonly<Record<Round, string>> = {
  before: 'Before it is seen',
  after: 'After it was seen',
};

interface CountProps {
  slot: RunSlot;
  live: Live;
  /** In the room, as counted or as booked. */
  people: number;
  press: LiveRun['press'];
}

/** How many have it right, and by how much that has grown. */
function Right({ slot, live }: Pick<CountProps, 'slot' | 'live'>) {
  const answer = slot.prediction?.answer ?? null;
  if (answer === null) return null;
  const words = gainWords(
    shareOf(handsOf(live, slot.id), answer),
    shareOf(handsOf(live, slot.id, 'after'), answer),
  );
  return words && <Box sx={{ fontSize: 20, fontWeight: 600 }}>{words}</Box>;
}

export function HandCount({ slot, live, people, press }: CountProps) {
  const [round, setRound] = useState<Round>(handsOf(live, slot.id, 'after') ? 'after' : 'before');
  const [looking, setLooking] = useState<number | null>(null);
  const hands = handsOf(live, slot.id, round);
  const add = (option: number, value: number): void =>
    press('tally', {
      slot: slot.id,
      step: null,
      go: null,
      text: tallyText(round, option),
      value,
    });
  return (
    <Box component="section" aria-label="Hands" sx={{ display: 'grid', gap: 1 }}>
      <Box role="group" aria-label="When" sx={{ display: 'flex', gap: 1 }}>
        {ROUNDS.map((one) => (
          <ButtonBase
            key={one}
            aria-pressed={one === round}
            onClick={() => setRound(one)}
            sx={{
              ...askButton,
              flex: 1,
              minHeight: 48,
              fontSize: 17,
              ...(one === round && { borderColor: 'var(--ember)', fontWeight: 700 }),
            }}
          >
            {ROUND[one]}
          </ButtonBase>
        ))}
      </Box>
      {(slot.prediction?.options ?? []).map((option, i) => (
        <Box key={option} sx={{ display: 'grid', gap: 0.75 }}>
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap' }}>
            <Box sx={{ flex: '1 1 120px', minWidth: 0, fontSize: 20 }}>{option}</Box>
            <Box
              component="b"
              sx={{ font: '700 28px Bricolage', minWidth: 48, textAlign: 'right' }}
            >
              {hands?.[i] ?? 0}
            </Box>
            {STEPS.map((step) => (
              <ButtonBase
                key={step}
                onClick={() => add(i, step)}
                aria-label={`${step > 0 ? `${step} more` : 'one less'}: ${option}`}
                sx={{ ...askButton, px: 1.5, minWidth: 52 }}
              >
                {step > 0 ? `+${step}` : '−1'}
              </ButtonBase>
            ))}
            <ButtonBase
              onClick={() => setLooking(looking === i ? null : i)}
              aria-expanded={looking === i}
              aria-label={`About how many: ${option}`}
              sx={{ ...askButton, px: 1.5, minWidth: 52 }}
            >
              ≈
            </ButtonBase>
          </Box>
          {looking === i && (
            <Box
              role="group"
              aria-label={`Of ${people} people`}
              sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}
            >
              {LOOKS.map(([share, words]) => (
                <ButtonBase
                  key={words}
                  onClick={() => {
                    add(i, estimated(share, people) - (hands?.[i] ?? 0));
                    setLooking(null);
                  }}
                  sx={{ ...askButton, flex: '1 1 84px', minHeight: 52, px: 1, fontSize: 17 }}
                >
                  {words}
                </ButtonBase>
              ))}
            </Box>
          )}
        </Box>
      ))}
      <Right slot={slot} live={live} />
    </Box>
  );
}
