/** One box: what lies in it, seen from above, what is tested, and what is still open. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import { columnsOf, outlineOf } from '../../../core/kit/outline';
import { weightWords } from '../../../core/kit/labels';
import type { LineState, Way } from '../../../core/kit/packed';
import { type PackedBox, standsUpright } from '../../../core/kit/packing';
import { lowerFirst, ordinal } from '../../../core/words';
import { timeOf } from '../../brief/dates';
import type { OpenShow } from '../../brief/useShow';
import { Instead } from '../Instead';
import { Thing } from './Thing';

interface Props {
  open: OpenShow;
  packed: PackedBox;
  /** Which of those that are loaded, from 0; less than 0 for what has no box. */
  load: number;
  states: readonly LineState[];
  way: Way;
  /** What it stands beside, and must not touch: words; empty for none. */
  apart: string;
  /** The thing whose label was read; null for none. */
  found: string | null;
  shortOf: (itemId: string) => string;
  nameOf: (id: string | null) => string;
  onPress: (state: LineState) => void;
  onTest: (state: LineState) => void;
  /** Null where all of it is single pieces. */
  onHowMuch: (() => void) | null;
}

const titleOf = ({ box }: PackedBox): string =>
  box ? `${box.number} · ${box.name}` : 'By hand, in no box';

/** What stays open of a box, in one sentence. */
function openWords(states: readonly LineState[], way: Way): string {
  const open = states.filter(({ is }) => is !== 'all');
  const names = open
    .slice(0, 3)
    .map(({ line, words }) => `${lowerFirst(line.entry.name)}${words && ` (${words})`}`);
  const more = open.length > 3 ? [`${open.length - 3} more`] : [];
  return open.length === 0
    ? way === 'out'
      ? 'All of it is in.'
      : 'All of it is back.'
    : `${open.length} to go: ${[...names, ...more].join('; ')}.`;
}

function Tests({ states, nameOf, onTest }: Pick<Props, 'states' | 'nameOf' | 'onTest'>) {
  const tests = states.filter(({ line }) => line.item.functionTest !== '');
  if (tests.length === 0) return null;
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 1, p: 0 }}>
      {tests.map((state) => {
        const { item } = state.line;
        const done = state.tested;
        return (
          <li key={state.line.key}>
            <ButtonBase
              role="checkbox"
              aria-checked={done !== null}
              aria-label={`Tested: ${item.name}: ${item.functionTest}`}
              onClick={() => onTest(state)}
              sx={{
                display: 'flex',
                gap: 1.25,
                width: '100%',
                minHeight: 48,
                px: 1,
                justifyContent: 'flex-start',
                textAlign: 'left',
                borderRadius: 1,
                color: done ? 'var(--muted)' : 'inherit',
              }}
            >
              <Box
                aria-hidden
                sx={{
                  flex: 'none',
                  width: 24,
                  height: 24,
                  display: 'grid',
                  placeItems: 'center',
                  border: '2px solid',
                  borderColor: done ? 'var(--ink)' : 'var(--ember)',
                  borderRadius: 1,
                  background: done ? 'var(--ink)' : 'none',
                  color: 'var(--ground)',
                  font: '800 17px/1 Bricolage',
                }}
              >
                {done ? '✓' : ''}
              </Box>
              <span>
                <b>{item.name}:</b> {item.functionTest}
                {item.testHolds && !done && <b> · before the start</b>}
                {done && ` ${[nameOf(done.by), timeOf(done.at)].filter(Boolean).join(' ')}`}
              </span>
            </ButtonBase>
          </li>
        );
      })}
    </Box>
  );
}

/** What is not in yet, and may be done without. */
const LeftAtHome = ({ open, states }: Pick<Props, 'open' | 'states'>) =>
  states
    .filter(({ is, line }) => is !== 'all' && line.entry.instead.length > 0)
    .map(({ line: { key, entry } }) => (
      <Box key={key} sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', px: 1 }}>
        <Box component="span" sx={{ color: 'var(--muted)' }}>
          No {lowerFirst(entry.name)}?
        </Box>
        <Instead open={open} entry={entry} />
      </Box>
    ));

export function PackBox(props: Props) {
  const { open, packed, load, states, way, apart, found, shortOf, nameOf, onPress, onHowMuch } =
    props;
  const loose = packed.box === null;
  return (
    <Box component="section" aria-label={titleOf(packed)} sx={{ minWidth: 0 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, mb: 0.5 }}>
        <Typography variant="h2" sx={{ flex: 1, fontSize: { xs: 24, md: 22 } }}>
          {titleOf(packed)}
        </Typography>
        <Box sx={{ textAlign: 'right', whiteSpace: 'nowrap' }}>
          <b>{weightWords(packed)}</b>
          {way === 'out' && load >= 0 && (
            <Box sx={{ fontSize: 14, color: 'var(--muted)' }}>{ordinal(load + 1)} in</Box>
          )}
        </Box>
      </Box>
      {apart !== '' && (
        <Box sx={{ color: 'var(--ember)', fontWeight: 700, mb: 0.5 }}>△ {apart}</Box>
      )}
      <Box
        sx={{
          position: 'relative',
          p: 1,
          ...(loose
            ? { borderTop: '2px dashed var(--control)' }
            : {
                border: '2px solid var(--ink)',
                borderRadius: 1.5,
                background: 'var(--sunk)',
                outline: '1px solid var(--line-strong)',
                outlineOffset: '-6px',
                '&::before, &::after': {
                  content: '""',
                  position: 'absolute',
                  top: 'calc(50% - 26px)',
                  width: 7,
                  height: 52,
                  border: '2px solid var(--ink)',
                  borderRadius: 0.5,
                  background: 'var(--ground)',
                },
                '&::before': { left: -5 },
                '&::after': { right: -5 },
              }),
        }}
      >
        <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 0.5, rowGap: 0.5 }}>
          {states.map((state) => {
            const { entry, item } = state.line;
            const pieces = entry.dimension === 'count' ? state.want : 1;
            const share = columnsOf(outlineOf(item, entry), pieces) / 6;
            return (
              <Box
                key={state.line.key}
                sx={{ flex: `1 1 calc(${100 * share}% - 4px)`, minWidth: 0 }}
              >
                <Thing
                  found={found === item.id}
                  state={state}
                  label={`${way === 'out' ? 'Packed' : 'Home'}: ${entry.text} ${entry.name}`}
                  short={shortOf(item.id)}
                  upright={way === 'out' && standsUpright(state.line)}
                  nameOf={nameOf}
                  onPress={() => onPress(state)}
                />
              </Box>
            );
          })}
        </Box>
      </Box>
      {way === 'out' && <Tests states={states} nameOf={nameOf} onTest={props.onTest} />}
      {way === 'out' && <LeftAtHome open={open} states={states} />}
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, flexWrap: 'wrap', mt: 0.5 }}>
        <Box sx={{ flex: '1 1 200px' }}>{openWords(states, way)}</Box>
        {onHowMuch && (
          <Button
            size="small"
            onClick={onHowMuch}
            aria-label={`Only part of something: ${titleOf(packed)}`}
          >
            Only part of something
          </Button>
        )}
      </Box>
    </Box>
  );
}

export const boxId = ({ box }: PackedBox): string => box?.id ?? 'loose';
