import Box from '@mui/material/Box';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import dayjs from 'dayjs';
import { lazy, Suspense, useMemo } from 'react';
import {
  byDayWords,
  type MethodRecord,
  recordWords,
  rehearsedWords,
} from '../../core/after/review';
import type { Outcome } from '../../core/stage/types';
import { formatDuration } from '../../core/time/clock';
import { counted, listInWords } from '../../core/words';
import { usePreferences } from '../app/preferences';
import { FACE, TOKENS } from '../app/tokens';
import { EditInPlace } from '../parts/EditInPlace';
import { Figure } from '../parts/form';
import { grid } from './grid';

const Chart = lazy(() => import('../parts/Chart'));

/** Filled: worked. Half: partly. Hollow: didn’t. */
const GLYPH: Record<Outcome, string> = { worked: '■', partly: '◧', failed: '□' };

/** Each time on stage against its planned time, with how every go went above it. */
function RecordChart({ record }: { record: MethodRecord }) {
  const mode = usePreferences((state) => state.mode);
  const option = useMemo(() => {
    const t = TOKENS[mode];
    const text = { color: t.ink, fontFamily: FACE.heading, fontSize: 13 };
    const known = record.performances;
    const longest = Math.max(...known.map((p) => Math.max(p.seconds ?? 0, p.plannedSeconds)));
    return {
      grid: { left: 52, right: 12, top: 12, bottom: 60 },
      tooltip: { show: false },
      xAxis: {
        type: 'category',
        data: known.map(
          (p) =>
            `${p.outcomes.map((outcome) => GLYPH[outcome]).join(' ')}\n${dayjs(p.at).format('D MMM')}${p.kind === 'rehearsal' ? '\nrehearsal' : ''}`,
        ),
        axisLabel: { ...text, lineHeight: 17 },
        axisLine: { lineStyle: { color: t.lineStrong } },
        axisTick: { show: false },
      },
      yAxis: {
        type: 'value',
        min: 0,
        axisLabel: { ...text, color: t.muted, formatter: formatDuration },
        splitLine: { lineStyle: { color: t.line } },
        interval: longest <= 240 ? 60 : longest <= 600 ? 120 : 300,
      },
      series: [
        {
          type: 'bar',
          barMaxWidth: 34,
          itemStyle: { color: t.personOnStage },
          data: known.map((p) => p.seconds ?? p.plannedSeconds),
        },
        {
          type: 'scatter',
          symbol: 'rect',
          symbolSize: [44, 3],
          itemStyle: { color: t.ink },
          data: known.map((p) => p.plannedSeconds),
        },
      ],
    };
  }, [record, mode]);
  const label = record.performances
    .map(
      (p) =>
        `${dayjs(p.at).format('D MMM')}: ${p.outcomes.join(', ')}${p.seconds === null ? '' : `, took ${formatDuration(p.seconds)} of ${formatDuration(p.plannedSeconds)}`}`,
    )
    .join('; ');
  return (
    <Suspense fallback={<Skeleton variant="rounded" height={210} animation={false} />}>
      <Chart option={option} height={210} label={label} />
    </Suspense>
  );
}

/** How it has gone so far: in words, time by time, and what was counted before there was a record. */
export function RecordPart({ at, record }: { at: string; record: MethodRecord }) {
  return (
    <EditInPlace
      what="what was counted before"
      names={[`${at}.priorWorked`, `${at}.priorFailed`]}
      read={
        <>
          <Typography variant="h3" component="h3">
            Record: {recordWords(record)}
            {rehearsedWords(record) && `; ${rehearsedWords(record)}`}
            {byDayWords(record) && `; ${byDayWords(record)}`}
          </Typography>
          {record.causes.length > 0 && (
            <Typography>
              Because:{' '}
              {listInWords(
                record.causes.map(
                  ({ cause, count }) => `${cause.toLowerCase()} (${counted(count, 'time')})`,
                ),
              )}
              .
            </Typography>
          )}
          {record.performances.length > 0 && (
            <Box sx={{ maxWidth: 640 }}>
              <RecordChart record={record} />
              <Typography variant="body2" color="textSecondary">
                Bars: time on stage; the line across: planned. ■ worked, ◧ partly, □ didn’t work.
              </Typography>
            </Box>
          )}
        </>
      }
      edit={
        <Box sx={{ ...grid(200), maxWidth: 460 }}>
          <Figure name={`${at}.priorWorked`} label="Worked before we counted" />
          <Figure name={`${at}.priorFailed`} label="Failed before we counted" />
        </Box>
      }
    />
  );
}
