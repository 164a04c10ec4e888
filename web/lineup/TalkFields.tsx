import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useRef, useState } from 'react';
import { check } from '../../contract/validate';
import { TalkBody } from '../../contract/slot';
import type { Talk } from '../../core/brief/types';
import type { Estimate } from '../../core/repertoire/types';
import { withLikely } from '../../core/told/spread';
import { formatDuration } from '../../core/time/clock';
import { readTime } from '../../core/time/readTime';
import { NO_TIME } from '../parts/TimeFields';

interface TalkFieldsProps {
  talk: Talk;
  onChange: (talk: Talk) => void;
}

type Draft = Record<'title' | 'shortest' | 'likely' | 'longest' | 'say', string>;

const draftOf = ({ title, time, say }: Talk): Draft => ({
  title,
  say,
  shortest: formatDuration(time.shortest),
  likely: formatDuration(time.likely),
  longest: formatDuration(time.longest),
});

const TIMES = ['likely', 'shortest', 'longest'] as const;
const isTime = (key: keyof Draft): key is (typeof TIMES)[number] =>
  TIMES.some((one) => one === key);
const secondsOf = (text: string): number => readTime(text) ?? NaN;

const timeOf = (draft: Draft): Estimate => ({
  shortest: secondsOf(draft.shortest),
  likely: secondsOf(draft.likely),
  longest: secondsOf(draft.longest),
});

/** The likely time as it was typed, and its ends as they follow it. */
function withTyped(draft: Draft, from: Estimate, typed: string): Draft {
  const likely = readTime(typed);
  if (likely === null || Object.values(from).some(Number.isNaN)) return { ...draft, likely: typed };
  const { shortest, longest } = withLikely(from, likely, 'talk');
  return {
    ...draft,
    likely: typed,
    shortest: formatDuration(shortest),
    longest: formatDuration(longest),
  };
}

const LABELS: Record<keyof Draft, string> = {
  title: 'Title',
  say: 'What is said',
  shortest: 'Shortest',
  likely: 'Likely',
  longest: 'Longest',
};

/** A talk’s words and times; what does not fit stays in its field with the reason, and is not kept. */
export function TalkFields({ talk, onChange }: TalkFieldsProps) {
  const [draft, setDraft] = useState(draftOf(talk));
  // Ends follow what stood there when one began to type.
  const from = useRef(talk.time);
  const talkOf = (of: Draft): unknown => ({
    title: of.title,
    say: of.say,
    time: timeOf(of),
  });
  const checked = check(TalkBody, talkOf(draft));
  const faultOf = (key: keyof Draft): string | undefined => {
    if (isTime(key) && readTime(draft[key]) === null) return `${LABELS[key]} ${NO_TIME}`;
    if (checked.ok) return undefined;
    const path = key === 'title' || key === 'say' ? key : `time.${key}`;
    const fault = checked.faults.find((f) => f.path === path);
    return fault && `${LABELS[key]} ${fault.message}`;
  };
  const field = (key: keyof Draft, multiline = false) => (
    <TextField
      label={LABELS[key]}
      value={draft[key]}
      error={Boolean(faultOf(key))}
      helperText={faultOf(key)}
      {...(multiline && { multiline: true, minRows: 2 })}
      onFocus={() => {
        from.current = timeOf(draft);
      }}
      onBlur={() => {
        const seconds = isTime(key) ? readTime(draft[key]) : null;
        if (seconds !== null) setDraft({ ...draft, [key]: formatDuration(seconds) });
      }}
      onChange={(event) => {
        const typed = event.target.value;
        const next =
          key === 'likely' ? withTyped(draft, from.current, typed) : { ...draft, [key]: typed };
        setDraft(next);
        const now = check(TalkBody, talkOf(next));
        if (now.ok) onChange(JSON.parse(JSON.stringify(now.value)) as Talk);
      }}
    />
  );
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {field('title')}
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(3, 1fr)' }}>
        {field('likely')}
        {field('shortest')}
        {field('longest')}
      </Box>
      {field('say', true)}
    </Box>
  );
}
