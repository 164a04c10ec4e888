/** Held: show time stands still. What does not stand still is told, with what a longer hold costs. */
import Box from '@mui/material/Box';
import type { Telling } from '../../core/stage/replan/tell';
import { formatDuration } from '../../core/time/clock';
import { timeOf } from '../brief/dates';
import { Labelled } from './StageParts';
import { wide } from './type';

interface Props {
  heldFrom: number;
  /** Milliseconds since 1970. */
  now: number;
  name: string;
  telling: Telling | null;
  /** The sign that was seen in this step, and until when there is time to act; null for none. */
  sign: { words: string; until: number } | null;
}

export function Held({ heldFrom, now, name, telling, sign }: Props) {
  const windows = (telling?.windows ?? [])
    .filter(({ isReady, at }) => isReady && (at ?? 0) >= heldFrom)
    .sort((a, b) => a.until - b.until);
  const lines = [
    ...(sign ? [{ key: 'sign', words: sign.words, until: sign.until }] : []),
    ...windows.map((window) => ({
      key: `${window.slot}/${window.name}`,
      words: `${window.of}: ${window.name}`,
      until: window.until,
    })),
  ];
  return (
    <Box component="section" aria-label="Now" sx={{ flex: '1 1 560px', minWidth: 0 }}>
      <Box role="alert" sx={{ font: wide(76, 48, 800) }}>
        Held {formatDuration((now - heldFrom) / 1000)}
      </Box>
      <Box sx={{ font: wide(32, 22, 400), color: 'var(--muted)', mt: 1 }}>
        The show’s clock stands still{name ? ` in ${name}` : ''}. Space continues.
      </Box>
      {lines.length > 0 && (
        <Labelled label="Goes on">
          <Box
            component="ul"
            sx={{ m: 0, mt: 2, p: 0, listStyle: 'none', fontSize: { xs: 19, md: 30 } }}
          >
            {lines.map(({ key, words, until }) => (
              <Box
                component="li"
                key={key}
                sx={{ color: until < now ? 'var(--ember)' : 'inherit', lineHeight: 1.35 }}
              >
                {until < now ? '△ ' : '☑ '}
                {words}{' '}
                <b>
                  {until < now
                    ? `closed at ${timeOf(until)}`
                    : `closes in ${formatDuration((until - now) / 1000)}`}
                </b>
              </Box>
            ))}
          </Box>
        </Labelled>
      )}
    </Box>
  );
}
