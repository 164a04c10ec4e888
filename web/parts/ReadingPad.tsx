/** A number typed on large keys, or yes and no, or that nothing was read: one press keeps it. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import { padded, padValue, type PadKey } from '../../core/readings/pad';
import { type Measure, mayBeNegative } from '../../core/repertoire/measure';
import { pinked } from './tapeShape';

const ROWS: readonly PadKey[] = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];
/** What other keys of a keyboard mean on the pad. */
const TYPED: Readonly<Record<string, PadKey>> = { ',': '.', '-': '−', Backspace: '⌫' };

const big = {
  minHeight: 60,
  borderRadius: 1.5,
  border: '1px solid var(--line-strong)',
  background: 'var(--card)',
  font: '700 24px/28px Bricolage',
};

interface Props {
  measure: Pick<Measure, 'name' | 'how' | 'quantity' | 'unit' | 'resolution'>;
  /** Something else has to be put right before it can be kept. */
  blocked?: boolean;
  /** Null: it was not read. */
  onKeep: (value: number | null) => void;
  /** Between what is read and the keys. */
  children?: ReactNode;
}

export function ReadingPad({ measure, blocked = false, onKeep, children }: Props) {
  const [text, setText] = useState('');
  const value = padValue(text);
  const yesNo = measure.quantity === 'yesNo';
  const unit = measure.unit && ` ${measure.unit}`;
  const negative = mayBeNegative(measure.quantity);
  const fraction = measure.resolution === null || !Number.isInteger(measure.resolution);
  const notRead = (
    <ButtonBase
      sx={{
        ...big,
        fontSize: 17,
        ...(yesNo || (fraction && !negative) ? { gridColumn: '1 / -1' } : {}),
        ...(fraction && negative && { gridColumn: 'span 2' }),
      }}
      onClick={() => onKeep(null)}
    >
      Not read
    </ButtonBase>
  );
  const press = (key: PadKey): void => setText((now) => padded(now, key));
  // Called with what is there when a key goes down.
  const act = useRef({ press, onKeep, value, blocked });
  act.current = { press, onKeep, value, blocked };
  useEffect(() => {
    // Figures were typed since something was last focused: Enter is theirs, and not the link’s that was pressed before.
    let typed = false;
    const onFocus = (): void => {
      typed = false;
    };
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target as HTMLElement;
      if (target.closest('input, textarea') || event.ctrlKey || event.metaKey || event.altKey)
        return;
      const now = act.current;
      if (event.key === 'Enter') {
        // On a button it presses that one.
        if ((!typed && target.closest('button, a')) || now.value === null || now.blocked) return;
        typed = false;
        now.onKeep(now.value);
      } else {
        const key = /^[0-9.]$/.test(event.key) ? (event.key as PadKey) : TYPED[event.key];
        if (!key) return;
        typed = true;
        now.press(key);
      }
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    window.addEventListener('focusin', onFocus);
    return () => {
      window.removeEventListener('keydown', onKey);
      window.removeEventListener('focusin', onFocus);
    };
  }, []);
  return (
    <>
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          justifyContent: 'space-between',
          gap: 1,
          my: 1.5,
          px: 2,
          minHeight: 68,
          border: '2px solid var(--ink)',
          borderRadius: 1.5,
          background: 'var(--card)',
        }}
      >
        <Box sx={{ fontSize: 14, lineHeight: '18px', color: 'var(--muted)' }}>
          {measure.how || measure.name}
          {measure.resolution !== null && (
            <div>
              to the nearest {measure.resolution}
              {unit}
            </div>
          )}
        </Box>
        {!yesNo && (
          <Box
            aria-live="polite"
            aria-label="Reading"
            sx={{ font: '800 44px/48px Bricolage', whiteSpace: 'nowrap' }}
          >
            {text || '–'}
            <Box component="span" sx={{ fontSize: 20, color: 'var(--muted)' }}>
              {unit}
            </Box>
          </Box>
        )}
      </Box>
      {children}
      {yesNo ? (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
          {(['Yes', 'No'] as const).map((word) => (
            <ButtonBase
              key={word}
              disabled={blocked}
              sx={{ ...big, minHeight: 110, font: '800 36px/40px Bricolage' }}
              onClick={() => onKeep(word === 'Yes' ? 1 : 0)}
            >
              {word}
            </ButtonBase>
          ))}
          <ButtonBase
            sx={{ ...big, gridColumn: '1 / -1', fontSize: 17 }}
            onClick={() => onKeep(null)}
          >
            Not read
          </ButtonBase>
        </Box>
      ) : (
        <>
          <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 1 }}>
            {ROWS.map((key) => (
              <ButtonBase key={key} sx={big} onClick={() => press(key)}>
                {key}
              </ButtonBase>
            ))}
            {fraction ? (
              <ButtonBase sx={big} onClick={() => press('.')} aria-label="Point">
                .
              </ButtonBase>
            ) : (
              notRead
            )}
            <ButtonBase sx={big} onClick={() => press('0')}>
              0
            </ButtonBase>
            <ButtonBase sx={{ ...big, fontSize: 17 }} onClick={() => press('⌫')}>
              Rub out
            </ButtonBase>
            {negative && (
              <ButtonBase sx={big} onClick={() => press('−')} aria-label="Below zero">
                −
              </ButtonBase>
            )}
            {fraction && notRead}
          </Box>
          <ButtonBase
            disabled={value === null || blocked}
            onClick={() => value !== null && onKeep(value)}
            sx={{
              width: '100%',
              mt: 1.5,
              minHeight: 64,
              font: '700 24px/28px Bricolage',
              color: 'var(--on-ember)',
              background: 'var(--ember-area)',
              clipPath: pinked(10, 4),
              '&.Mui-disabled': { opacity: 0.55 },
            }}
          >
            {value === null ? 'Type what you read' : `Keep ${text}${unit}`}
          </ButtonBase>
        </>
      )}
    </>
  );
}
