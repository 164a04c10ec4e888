/** The text itself: a line beneath another, numbered; what was understood is heavy, what is doubtful is underlined. */
import Box from '@mui/material/Box';
import type { Mark } from '../../core/told/types';

const LINE = 30;
const LETTERS = '400 16px/30px Atkinson';

/** A line cut at its marks. */
function parts(
  text: string,
  marks: readonly Mark[],
): { text: string; kind: Mark['kind'] | null }[] {
  const found: { text: string; kind: Mark['kind'] | null }[] = [];
  let at = 0;
  for (const mark of marks.toSorted((a, b) => a.from - b.from)) {
    if (mark.from < at) continue;
    found.push({ text: text.slice(at, mark.from), kind: null });
    found.push({ text: text.slice(mark.from, mark.to), kind: mark.kind });
    at = mark.to;
  }
  found.push({ text: text.slice(at), kind: null });
  return found.filter((part) => part.text !== '');
}

const LOOK: Readonly<Record<Mark['kind'], object>> = {
  // Weight would move the letters away from those that are typed over them: ink and underlines don’t.
  time: {
    color: 'var(--ink)',
    textDecoration: 'underline',
    textDecorationColor: 'var(--line-strong)',
  },
  amount: {
    color: 'var(--ink)',
    textDecoration: 'underline',
    textDecorationColor: 'var(--line-strong)',
  },
  person: {
    color: 'var(--ink)',
    textDecoration: 'underline',
    textDecorationColor: 'var(--line-strong)',
  },
  word: { color: 'var(--muted)' },
  doubt: {
    color: 'var(--ink)',
    textDecoration: 'underline dashed 2px',
    textDecorationColor: 'var(--ember)',
  },
};

interface ToldTextProps {
  text: string;
  marks: readonly Mark[];
  onChange: (text: string) => void;
  onPaste?: (event: React.ClipboardEvent) => void;
}

export function ToldText({ text, marks, onChange, onPaste }: ToldTextProps) {
  const lines = text.split('\n');
  return (
    <Box
      sx={{
        position: 'relative',
        background: 'var(--card)',
        border: '1px solid var(--control)',
        borderRadius: 1.5,
        py: 1.5,
        minHeight: LINE * 13,
        '&:focus-within': { outline: '2px solid var(--ember)', outlineOffset: 1 },
      }}
    >
      <Box aria-hidden="true" sx={{ font: LETTERS, pointerEvents: 'none', pl: '48px', pr: 1.5 }}>
        {lines.map((line, i) => (
          <Box
            key={i}
            data-line={i + 1}
            sx={{
              position: 'relative',
              minHeight: LINE,
              whiteSpace: 'pre-wrap',
              overflowWrap: 'anywhere',
              '&::before': {
                content: `"${i + 1}"`,
                position: 'absolute',
                left: -36,
                width: 22,
                textAlign: 'right',
                color: 'var(--muted)',
                fontSize: 13,
              },
            }}
          >
            {parts(
              line,
              marks.filter((mark) => mark.line === i + 1),
            ).map((part, k) => (
              <Box component="span" key={k} sx={part.kind ? LOOK[part.kind] : {}}>
                {part.text}
              </Box>
            ))}
          </Box>
        ))}
      </Box>
      <Box
        component="textarea"
        aria-label="The demonstration as you would tell it, a step a line"
        value={text}
        onPaste={onPaste}
        spellCheck={false}
        onChange={(event: React.ChangeEvent<HTMLTextAreaElement>) => onChange(event.target.value)}
        placeholder={
          'Crushed can\n0:10 pour 12 mL water into the can\nput it on the hot plate, wait about 3 min\nwhen steam -> 70-85 s\nsay: Call out when you see the steam.'
        }
        sx={{
          position: 'absolute',
          inset: 0,
          width: '100%',
          height: '100%',
          font: LETTERS,
          color: 'transparent',
          caretColor: 'var(--ink)',
          background: 'none',
          border: 0,
          p: 0,
          py: 1.5,
          pl: '48px',
          pr: 1.5,
          resize: 'none',
          overflow: 'hidden',
          overflowWrap: 'anywhere',
          outline: 'none',
          '&::placeholder': { color: 'var(--muted)', opacity: 1 },
          '&::selection': { background: 'var(--line-strong)' },
        }}
      />
    </Box>
  );
}
