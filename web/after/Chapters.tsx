/** Chapters for the recording of a performance, as a file that players read. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { readTime } from '../../core/time/readTime';
import { Section } from '../parts/page';

/** Seconds; a minus sign for after the show began. Null for no time. */
function readBefore(text: string): number | null {
  const plain = text.trim();
  const late = /^[-−]/u.test(plain);
  const seconds = readTime(late ? plain.slice(1) : plain);
  return seconds === null ? null : late ? -seconds : seconds;
}

export function Chapters({ runId }: { runId: string }) {
  const [text, setText] = useState('0:00');
  const before = readBefore(text);
  return (
    <Section title="Recording">
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <TextField
          label="It began before the show by"
          value={text}
          onChange={(event) => setText(event.target.value)}
          error={before === null}
          helperText={
            before === null
              ? 'Give a time, such as 1:20; −0:30 if the camera was late'
              : 'Such as 1:20; −0:30 if the camera was late'
          }
          sx={{ width: 300 }}
        />
        <Button
          variant="outlined"
          component="a"
          href={`/api/runs/${runId}/chapters.vtt?before=${before ?? 0}`}
          download
          disabled={before === null}
          sx={{ minHeight: 44, mt: 0.5 }}
        >
          Chapters for it (WebVTT)
        </Button>
      </Box>
    </Section>
  );
}
