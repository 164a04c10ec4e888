/** How far from the plan, when it will end, the connection, and the clock: each in a place of its own. */
import PanToolOutlined from '@mui/icons-material/PanToolOutlined';
import VideocamOutlined from '@mui/icons-material/VideocamOutlined';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { ON_TIME } from '../../core/stage/pace';
import type { EndTold, Telling } from '../../core/stage/replan/tell';
import { aboutMinute, byMinute, formatDuration } from '../../core/time/clock';
import { useOutputs, usePresent } from '../app/live';
import { timeOf } from '../brief/dates';
import { LOW, wide } from './type';

/** Later than this is said of the booking, in seconds. */
const LATE = 60;

export const endWords = ({ about, by, shareWords }: EndTold): string =>
  `ends about ${timeOf(aboutMinute(about / 1000) * 1000)}, by ${timeOf(byMinute(by / 1000) * 1000)} in ${shareWords}`;

interface Props {
  telling: Telling | null;
  fresh: boolean;
  /** Milliseconds since 1970. */
  now: number;
  /** Pressed here and not yet stored. */
  pending: number;
  up: boolean;
  /** Who drives, where it is not this device; empty otherwise. */
  driver: string;
  onMoveFinish: (() => void) | null;
  onDevice: () => void;
  onScreen: () => void;
  /** Some slot of the show has a question to the audience. */
  asks: boolean;
}

export function TopLine(props: Props) {
  const { telling, fresh, now, pending, up, driver, onMoveFinish, onDevice, onScreen, asks } =
    props;
  const audience = usePresent(({ present }) =>
    present.some(({ role, connected }) => role === 'audience' && connected),
  );
  const quiet = useOutputs(({ outputs }) => outputs)
    .filter(({ state }) => state === 'quiet')
    .map(({ name }) => name);
  const here = usePresent(({ present }) => present.filter(({ connected }) => connected).length);
  const late = (telling?.late ?? 0) >= LATE;
  const behind = telling?.behind ?? 0;
  return (
    <Box
      component="section"
      aria-label="Pace"
      sx={{
        display: 'flex',
        alignItems: 'center',
        columnGap: { xs: 0.5, md: 2 },
        flexWrap: { xs: 'wrap', md: 'nowrap' },
        minHeight: { xs: 72, md: 48 },
        fontSize: { xs: 17, md: 24 },
        whiteSpace: { md: 'nowrap' },
        overflow: 'hidden',
        [LOW]: { minHeight: 34, flexWrap: 'nowrap', whiteSpace: 'nowrap' },
        // Of a moment ago: what was pressed since is not in it yet.
        '& .told': { opacity: fresh ? 1 : 0.6 },
      }}
    >
      <Box
        component="b"
        className="told"
        sx={{
          font: wide(34, 24, 800),
          color: behind >= ON_TIME || late ? 'var(--ember)' : 'inherit',
        }}
      >
        {behind >= ON_TIME ? '« ' : behind <= -ON_TIME ? '» ' : ''}
        {late ? `${formatDuration(telling?.late ?? 0)} behind the booking` : telling?.paceWords}
        {!telling && '…'}
      </Box>
      <Box
        className="told"
        sx={{
          order: { xs: 1, md: 0 },
          flexBasis: { xs: '100%', md: 'auto' },
          minWidth: 0,
          minHeight: { xs: 44, md: 0 },
          lineHeight: { xs: '22px', md: 'inherit' },
          overflow: 'hidden',
          textOverflow: 'ellipsis',
          [LOW]: { order: 0, flexBasis: 'auto', minHeight: 0 },
        }}
      >
        {telling ? (
          <>
            {late ? `${telling.paceWords} on the plan’s pace; ` : ''}
            {endWords(telling.end)},{' '}
            <Box component="b" sx={{ color: telling.end.over > 0 ? 'var(--ember)' : 'inherit' }}>
              {telling.end.overWords}
            </Box>
          </>
        ) : (
          'working out when it ends'
        )}
      </Box>
      {late && onMoveFinish && (
        <ButtonBase
          onClick={onMoveFinish}
          sx={{
            order: { xs: 1, md: 0 },
            minHeight: 44,
            px: 1,
            border: '1.5px solid var(--control)',
            borderRadius: 1.5,
            font: 'inherit',
          }}
        >
          Move the hard finish too (F)
        </ButtonBase>
      )}
      <Box
        role="status"
        sx={{
          ml: { md: 'auto' },
          // On a phone a line of its own, kept for it.
          order: { xs: 2, md: 0 },
          flexBasis: { xs: '100%', md: 'auto' },
          minHeight: 20,
          lineHeight: '20px',
          [LOW]: { order: 0, flexBasis: 'auto', ml: 'auto' },
          color: pending > 0 || !up || quiet.length > 0 ? 'var(--ember)' : 'var(--muted)',
          fontSize: { xs: 15, md: 20 },
          whiteSpace: 'nowrap',
        }}
      >
        {[
          up ? '' : '△ Cut off',
          quiet.length > 0 && up ? `△ ${quiet.join(', ')} quiet` : '',
          pending > 0
            ? `on this device, ${pending} unsent`
            : up && (driver !== '' || here > 1)
              ? [driver && `${driver} drives`, here > 1 && `${here} here`]
                  .filter(Boolean)
                  .join(', ')
              : '',
        ]
          .filter(Boolean)
          .join(': ')}
      </Box>
      {(audience || asks) && (
        <ButtonBase
          onClick={onScreen}
          aria-label={
            audience ? 'What the audience’s screen shows' : 'The question to the audience'
          }
          sx={{ minWidth: 48, minHeight: 48, color: 'var(--muted)', [LOW]: { minHeight: 34 } }}
        >
          {audience ? <VideocamOutlined /> : <PanToolOutlined />}
        </ButtonBase>
      )}
      <ButtonBase
        onClick={onDevice}
        aria-label="This device: size of the words, sound, screen; who is here"
        sx={{
          ml: { xs: 'auto', md: 0 },
          minWidth: 48,
          minHeight: 48,
          color: 'var(--muted)',
          fontSize: 22,
          [LOW]: { minHeight: 34 },
        }}
      >
        Aa
      </ButtonBase>
      <Box component="time" sx={{ font: wide(40, 28, 700) }}>
        {timeOf(now)}
      </Box>
    </Box>
  );
}
