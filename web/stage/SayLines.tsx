/** What is said in a step: plain where one voice says it all; else line by line, who speaks before each. */
import Box from '@mui/material/Box';
import { linesOf, type Speaker } from '../../core/repertoire/script';
import { speakerName } from '../../core/ready/script/names';

interface SayProps {
  say: string;
  /** Whose screen it is: their lines stand out. */
  own: Speaker;
}

export function SayLines({ say, own }: SayProps) {
  const lines = linesOf(say);
  if (lines.every(({ speaker }) => speaker === own))
    return `“${lines.map(({ text }) => text).join(' ')}”`;
  return (
    <Box component="ul" aria-label="Lines" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {lines.map(({ speaker, text }, i) => (
        <Box
          component="li"
          key={i}
          sx={
            speaker === own ? {} : { color: 'var(--muted)', fontSize: '0.72em', lineHeight: 1.25 }
          }
        >
          {speaker === own ? (
            `“${text}”`
          ) : (
            <>
              <b>{speakerName({ personId: null, speaker }, () => '')}:</b> {text}
            </>
          )}
        </Box>
      ))}
    </Box>
  );
}
