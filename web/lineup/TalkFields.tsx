import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { check } from '../../contract/validate';
import { TalkBody } from '../../contract/slot';
import type { Talk } from '../../core/brief/types';

interface TalkFieldsProps {
  talk: Talk;
  onChange: (talk: Talk) => void;
}

type Draft = Record<'title' | 'shortest' | 'likely' | 'longest' | 'say', string>;

const draftOf = ({ title, time, say }: Talk): Draft => ({
  title,
  say,
  shortest: String(time.shortest),
  likely: String(time.likely),
  longest: String(time.longest),
});

const number = (text: string): number => (text.trim() === '' ? NaN : Number(text));

const LABELS: Record<keyof Draft, string> = {
  title: 'Title',
  say: 'What is said',
  shortest: 'Shortest (s)',
  likely: 'Likely (s)',
  longest: 'Longest (s)',
};

/** A talk’s words and times; what does not fit stays in its field with the reason, and is not kept. */
export function TalkFields({ talk, onChange }: TalkFieldsProps) {
  const [draft, setDraft] = useState(draftOf(talk));
  const talkOf = (from: Draft): unknown => ({
    title: from.title,
    say: from.say,
    time: {
      shortest: number(from.shortest),
      likely: number(from.likely),
      longest: number(from.longest),
    },
  });
  const checked = check(TalkBody, talkOf(draft));
  const faultOf = (key: keyof Draft): string | undefined => {
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
      onChange={(event) => {
        const next = { ...draft, [key]: event.target.value };
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
        {field('shortest')}
        {field('likely')}
        {field('longest')}
      </Box>
      {field('say', true)}
    </Box>
  );
}
