/** How the audience took a slot: one to five raised hands, and words. */
import BackHand from '@mui/icons-material/BackHand';
import BackHandOutlined from '@mui/icons-material/BackHandOutlined';
import Box from '@mui/material/Box';
import Rating from '@mui/material/Rating';
import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import { reactionWords } from '../../core/stage/reactions';
import type { Reaction } from '../../core/stage/types';
import type { Tell } from './tell';

interface Props {
  slotId: string;
  name: string;
  reaction: Reaction | undefined;
  tell: Tell;
}

export function ReactionField({ slotId, name, reaction, tell }: Props) {
  const [text, setText] = useState(reaction?.text ?? '');
  // Shown as it was pressed, before it is kept.
  const [picked, setPicked] = useState(reaction?.value ?? null);
  useEffect(() => setText(reaction?.text ?? ''), [reaction?.text]);
  useEffect(() => setPicked(reaction?.value ?? null), [reaction?.value]);
  const say = (value: number | null, words: string): void =>
    void tell('reaction', { slot: slotId, value, text: words.trim() || null });
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1.5,
        alignItems: 'center',
        gridColumn: '1 / -1',
      }}
    >
      <Box component="span" aria-hidden="true" sx={{ fontSize: 14, color: 'var(--muted)' }}>
        Audience
      </Box>
      <Rating
        name={`reaction-${slotId}`}
        aria-label={`How the audience took ${name}`}
        value={picked}
        onChange={(_, value) => {
          setPicked(value);
          say(value, text);
        }}
        getLabelText={(value) => `${value} of 5: ${reactionWords(value)}`}
        icon={<BackHand fontSize="small" />}
        emptyIcon={<BackHandOutlined fontSize="small" />}
        sx={{ color: 'var(--ink)', '& .MuiRating-iconEmpty': { color: 'var(--control)' } }}
      />
      {reaction && (
        <>
          <Box component="span" sx={{ fontSize: 14, color: 'var(--muted)', minWidth: 120 }}>
            {reactionWords(reaction.value)}
          </Box>
          <TextField
            variant="standard"
            placeholder="In words"
            value={text}
            onChange={(event) => setText(event.target.value)}
            onBlur={() => {
              if (text.trim() !== reaction.text) say(reaction.value, text);
            }}
            sx={{ flex: '1 1 200px', maxWidth: 420 }}
            slotProps={{
              htmlInput: { maxLength: 200, 'aria-label': `The audience at ${name}, in words` },
            }}
          />
        </>
      )}
    </Box>
  );
}
