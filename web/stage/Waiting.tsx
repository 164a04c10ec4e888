/** The audience has nothing to watch: what the slot waits for, who has it, and until when. */
import Box from '@mui/material/Box';
import type { MissingTold } from '../../core/stage/replan/tell';
import type { Situation } from '../../core/stage/situation';
import type { RunPlan } from '../../core/stage/types';
import { formatDuration } from '../../core/time/clock';
import { timeOf } from '../brief/dates';
import { Labelled, SlotHead } from './StageParts';
import { wide } from './type';

const KIND_WORDS: Record<MissingTold['kind'], string> = {
  work: '',
  blocked: 'can’t be done now: ',
  early: 'not ready yet: ',
  spent: 'no good any more: ',
  position: '',
  equipment: '',
  people: '',
  residue: 'still about: ',
};

/** “Table drying, Jo, until 14:38” */
export const missingWords = ({ kind, words, people, until }: MissingTold, now: number) => (
  <>
    <b>
      {KIND_WORDS[kind]}
      {words}
    </b>
    {people.length > 0 && `, ${people.join(', ')}`}
    {until !== null &&
      (kind === 'spent'
        ? ` since ${timeOf(until)}`
        : until > now && `, ${formatDuration((until - now) / 1000)} more`)}
  </>
);

/** It stops the slot, rather than being on its way. */
export const isStop = ({ kind, gate }: MissingTold): boolean =>
  gate || kind === 'spent' || kind === 'blocked';

export const MissingList = ({ missing, now }: { missing: readonly MissingTold[]; now: number }) => (
  <Box
    component="ul"
    sx={{ m: 0, p: 0, listStyle: 'none', fontSize: { xs: 19, md: 28 }, lineHeight: 1.3 }}
  >
    {missing.map((one) => (
      <Box
        component="li"
        key={`${one.kind}/${one.words}`}
        sx={{ color: isStop(one) ? 'var(--ember)' : 'inherit' }}
      >
        {isStop(one) ? '△ ' : '◐ '}
        {missingWords(one, now)}
      </Box>
    ))}
  </Box>
);

interface Props {
  plan: RunPlan;
  situation: Extract<Situation, { kind: 'waiting' }>;
  reason: string;
  /** Milliseconds since 1970. */
  now: number;
  /** In half the width. */
  narrow: boolean;
}

export function Waiting({ plan, situation, reason, now, narrow }: Props) {
  const { slot, ready, until, own } = situation;
  const others = ready.missing.filter((one) => own === null || one.work?.task !== own.task);
  return (
    <Box component="section" aria-label="Now" sx={{ flex: '1 1 560px', minWidth: 0 }}>
      <SlotHead plan={plan} slot={slot} narrow={narrow}>
        not begun
      </SlotHead>
      {own ? (
        <Labelled label="Do">
          <Box sx={{ font: wide(64, 36, 800), letterSpacing: '-1px' }}>{own.name}</Box>
        </Labelled>
      ) : null}
      <Labelled label="Wait">
        <Box
          role="timer"
          sx={{ font: own ? wide(44, 28, 800) : wide(76, 48, 800), color: 'var(--ember)' }}
        >
          {formatDuration(Math.max(0, until - now) / 1000)}
        </Box>
        <Box sx={{ fontSize: { xs: 17, md: 26 }, color: 'var(--muted)' }}>
          begins at {timeOf(until)} by the plan
          {ready.missing.length === 0 && reason ? `: ${reason}` : ''}
        </Box>
      </Labelled>
      {others.length > 0 && (
        <Labelled label="For">
          <MissingList missing={others} now={now} />
        </Labelled>
      )}
      <Labelled label="Then">
        <Box sx={{ fontSize: { xs: 19, md: 28 }, color: 'var(--muted)' }}>{slot.steps[0]?.do}</Box>
      </Labelled>
    </Box>
  );
}
