/** The methods of a demonstration as strips on one time axis: what one costs against the other. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useMemo } from 'react';
import type { MarkShape } from '../../core/brief/types';
import { type MethodRecord, recordWords } from '../../core/after/review';
import { type MethodStrip, methodStrip, type StripPart } from '../../core/lineup/methodStrip';
import { goesInWords, methodFactsOf } from '../../core/lineup/recipe';
import type { Method } from '../../core/repertoire/types';
import { formatDuration } from '../../core/time/clock';
import { counted } from '../../core/words';
import { HazardGlyph } from '../parts/HazardGlyph';
import { pinked, tapeFill } from '../parts/tapeShape';
import { HAZARD } from '../parts/words';
import { type StripScale, stripScale } from './stripScale';

const ROW = 24;
const THIN_ROW = 20;
/** At the left, where a method’s name stands; beneath it on a phone. */
const NAMES = 190;

interface StripsProps {
  methods: readonly Method[];
  records: readonly MethodRecord[];
  chosen: string;
  onChoose: (id: string) => void;
  /** In whose colour it is shown. */
  mark: MarkShape | null;
}

interface DrawnProps {
  strip: MethodStrip;
  scale: StripScale;
  mark: MarkShape | null;
}

function Axis({ scale: { from, to, step, at } }: { scale: StripScale }) {
  const figures = Array.from(
    { length: Math.round((to - from) / step) + 1 },
    (_, i) => from + i * step,
  );
  const inMinutes = step % 60 === 0;
  return (
    <Box aria-hidden="true" sx={{ position: 'relative', height: 20, fontSize: 13 }}>
      {figures.map((seconds, i) => (
        <Box
          key={seconds}
          component="span"
          sx={{
            position: 'absolute',
            left: `${at(seconds)}%`,
            transform: i === 0 ? 'none' : `translateX(${i === figures.length - 1 ? -100 : -50}%)`,
            whiteSpace: 'nowrap',
            color: seconds === 0 ? 'var(--ink)' : 'var(--muted)',
            fontWeight: seconds === 0 ? 700 : 400,
            // On a phone every second one has room.
            display: { xs: Math.round(seconds / step) % 2 === 0 ? 'inline' : 'none', sm: 'inline' },
          }}
        >
          {seconds < 0 && '−'}
          {inMinutes ? Math.abs(seconds) / 60 : formatDuration(Math.abs(seconds))}
          {i === figures.length - 1 && ' min'}
        </Box>
      ))}
    </Box>
  );
}

const LOOKS = {
  prepare: { background: 'var(--card)', border: '1px solid var(--chore)', borderRadius: '3px' },
  reset: { background: 'var(--card)', border: '1px solid var(--chore)', borderRadius: '3px' },
  settle: { border: '1px dashed var(--chore)', borderRadius: '3px', color: 'var(--muted)' },
} as const;

function Part({
  part,
  scale,
  top,
  height,
}: {
  part: StripPart;
  scale: StripScale;
  top: number;
  height: number;
}) {
  const left = scale.at(part.from);
  const width = scale.at(part.to) - left;
  const cut = part.from < scale.from || part.to > scale.to;
  const words = cut ? `${part.name} ${formatDuration(part.to - part.from)}` : part.name;
  return (
    <Box
      title={`${part.name}, ${formatDuration(part.to - part.from)}`}
      sx={{
        position: 'absolute',
        left: `${left}%`,
        width: `max(3px, calc(${width}% - 1px))`,
        top,
        height,
        overflow: 'hidden',
        whiteSpace: 'nowrap',
        textOverflow: 'ellipsis',
        font: `500 13px/${height - 2}px Bricolage`,
        fontStretch: '80%',
        px: width > 4 ? 0.5 : 0,
        boxSizing: 'border-box',
        ...LOOKS[part.phase === 'perform' ? 'prepare' : part.phase],
      }}
    >
      {width > 4 && words}
    </Box>
  );
}

/** What the audience sees, one piece of tape with its steps on it. */
function Shown({ strip, scale, mark }: DrawnProps) {
  const left = scale.at(0);
  const width = scale.at(strip.show) - left;
  const steps = strip.parts.filter(({ phase }) => phase === 'perform');
  return (
    <Box
      sx={{
        position: 'absolute',
        left: `${left}%`,
        width: `max(8px, ${width}%)`,
        top: 0,
        height: ROW,
        clipPath: pinked(4, 3),
        background: tapeFill(mark),
        color: 'var(--on-tape)',
      }}
    >
      {steps.map((step) => {
        const wide = scale.at(step.to) - scale.at(step.from) > 5;
        return (
          <Box
            key={step.taskId}
            title={`${step.name}, ${formatDuration(step.to - step.from)}`}
            sx={{
              position: 'absolute',
              left: `${(100 * step.from) / strip.show}%`,
              width: `${(100 * (step.to - step.from)) / strip.show}%`,
              top: 4,
              bottom: 4,
              overflow: 'hidden',
              whiteSpace: 'nowrap',
              textOverflow: 'ellipsis',
              font: `500 13px/${ROW - 8}px Bricolage`,
              fontStretch: '80%',
              pl: wide ? 0.75 : 0,
              ...(step.from > 0 && { borderLeft: '1px solid var(--on-tape)' }),
            }}
          >
            {wide && step.name}
          </Box>
        );
      })}
    </Box>
  );
}

/** From when until when what was made ready can be used. */
const Window = ({
  from,
  to,
  within,
  top,
  scale,
}: NonNullable<StripPart['window']> & { top: number; scale: StripScale }) => (
  <Box
    sx={{
      position: 'absolute',
      left: `${scale.at(from)}%`,
      width: `${scale.at(to) - scale.at(from)}%`,
      top: top + 3,
      height: THIN_ROW - 6,
      borderLeft: '2px solid var(--ink)',
      ...(to <= scale.to && { borderRight: '2px solid var(--ink)' }),
      '&::after': {
        content: '""',
        position: 'absolute',
        insetInline: 0,
        top: '50%',
        borderTop: '2px dotted var(--muted)',
      },
    }}
  >
    <Box
      component="span"
      sx={{
        position: 'absolute',
        right: 6,
        top: -2,
        px: 0.5,
        zIndex: 1,
        background: 'var(--ground)',
        font: '500 13px/18px Bricolage',
        fontStretch: '80%',
        whiteSpace: 'nowrap',
      }}
    >
      use within {formatDuration(within)}
    </Box>
  </Box>
);

function Strip({ strip, scale, mark }: DrawnProps) {
  const topOf = (row: number): number =>
    row < strip.handRows
      ? row * (ROW + 2)
      : strip.handRows * (ROW + 2) + (row - strip.handRows) * (THIN_ROW + 2);
  const height = topOf(strip.rows) || ROW;
  return (
    <Box sx={{ position: 'relative', height, my: 0.5 }} aria-hidden="true">
      <Box
        sx={{
          position: 'absolute',
          inset: '-4px auto -4px 0',
          width: `${scale.at(0)}%`,
          background: 'var(--sunk)',
          borderRight: '1px solid var(--line-strong)',
        }}
      />
      {strip.parts
        .filter(({ phase }) => phase !== 'perform')
        .map((part) => (
          <Part
            key={part.taskId}
            part={part}
            scale={scale}
            top={topOf(part.row)}
            height={part.row < strip.handRows ? ROW : THIN_ROW}
          />
        ))}
      {strip.parts.flatMap(({ taskId, window, row }) =>
        window && scale.at(window.to) > scale.at(window.from)
          ? [<Window key={`${taskId} keeps`} {...window} top={topOf(row)} scale={scale} />]
          : [],
      )}
      {strip.show > 0 && <Shown strip={strip} scale={scale} mark={mark} />}
    </Box>
  );
}

function FactsLine({ method, record }: { method: Method; record: MethodRecord | undefined }) {
  const { show, lead, work, clear, people } = methodFactsOf(method);
  const said = [
    <>
      <b>{formatDuration(show)}</b> before the audience
    </>,
    lead > 0 ? (
      <>
        begin <b>{formatDuration(lead)}</b> before, {formatDuration(work)} of work
      </>
    ) : (
      'nothing to prepare'
    ),
    <>
      <b>{formatDuration(clear)}</b> to clear
    </>,
    <>
      <b>{people}</b> {people === 1 ? 'person' : 'people'} at once
      {method.volunteers > 0 && `, ${counted(method.volunteers, 'volunteer')}`}
    </>,
    goesInWords(method),
    <b key="r">{record ? recordWords(record) : 'not tried yet'}</b>,
  ];
  return (
    <Box
      component="ul"
      sx={{
        listStyle: 'none',
        m: 0,
        p: 0,
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 3,
        rowGap: 0.25,
        fontSize: 15,
      }}
    >
      {said.map((words, i) => (
        <li key={i}>{words}</li>
      ))}
      {method.hazards.map((hazard) => (
        <Box
          component="li"
          key={hazard.kind}
          sx={{ display: 'flex', gap: 0.75, alignItems: 'center' }}
        >
          <HazardGlyph kind={hazard.kind} control={hazard.control} size={18} />
          <Box component="span" aria-hidden="true" sx={{ color: 'var(--muted)' }}>
            {HAZARD[hazard.kind].toLowerCase()}
          </Box>
        </Box>
      ))}
      {method.hazards.length === 0 && (
        <Box component="li" sx={{ color: 'var(--muted)' }}>
          no hazards listed
        </Box>
      )}
    </Box>
  );
}

export function MethodStrips({ methods, records, chosen, onChoose, mark }: StripsProps) {
  const strips = useMemo(() => methods.map((method) => methodStrip(method)), [methods]);
  const scale = useMemo(() => stripScale(strips), [strips]);
  const several = methods.length > 1;
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: `${NAMES}px minmax(0, 1fr)` },
        columnGap: 3,
      }}
    >
      <Box sx={{ gridColumn: { md: 2 } }}>
        <Axis scale={scale} />
      </Box>
      {methods.map((method, i) => (
        <Box
          key={method.id}
          role="group"
          aria-label={method.name}
          sx={{
            display: 'contents',
            '& > *': { borderTop: i > 0 ? '1px solid var(--line)' : 0, pt: 0.75, pb: 1 },
          }}
        >
          <Box sx={{ pr: 1 }}>
            {several ? (
              <ButtonBase
                onClick={() => onChoose(method.id)}
                aria-pressed={method.id === chosen}
                sx={{
                  font: `${method.id === chosen ? 700 : 600} 18px/24px Bricolage`,
                  textAlign: 'left',
                  color: method.id === chosen ? 'inherit' : 'var(--muted)',
                  borderBottom: '3px solid',
                  borderColor: method.id === chosen ? 'var(--ember)' : 'transparent',
                  minHeight: 36,
                }}
              >
                {method.name}
              </ButtonBase>
            ) : (
              <Box sx={{ font: '700 18px/24px Bricolage', py: 0.5 }}>{method.name}</Box>
            )}
            <Box sx={{ fontSize: 14, lineHeight: '19px', color: 'var(--muted)' }}>
              {method.summary}
            </Box>
          </Box>
          <Box sx={{ minWidth: 0 }}>
            {strips[i] && <Strip strip={strips[i]} scale={scale} mark={mark} />}
            <FactsLine
              method={method}
              record={records.find(({ methodId }) => methodId === method.id)}
            />
          </Box>
        </Box>
      ))}
    </Box>
  );
}
