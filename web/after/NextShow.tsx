/** The next show with these demonstrations: when it ends with the plan as it is, and with all that was learned. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { LearnedFigure } from '../../core/after/learned';
import { nextShow, withTaken } from '../../core/after/nextShow';
import type { MethodRecord } from '../../core/after/review';
import { lineupInput } from '../../core/lineup/fromBundle';
import { timelineOf } from '../../core/lineup/timelineOf';
import type { ShowAnswer } from '../../contract/api';
import { formatClock, formatDuration, parseClock } from '../../core/time/clock';
import { useShowAnswer, useShows } from '../app/data';
import { dayWords, today } from '../brief/dates';
import { useForecast } from '../lineup/useForecast';

interface Props {
  /** The show that was performed. */
  showId: string;
  figures: readonly LearnedFigure[];
  /** As they were before its run, and with it. */
  before: readonly MethodRecord[];
  after: readonly MethodRecord[];
}

const planOf = (answer: ShowAnswer, figures: readonly LearnedFigure[]) => {
  const bundle = figures.length === 0 ? answer : withTaken(answer, figures);
  return { bundle, input: lineupInput(bundle), timeline: timelineOf(bundle) };
};

/** The earliest show from today on, but this one. */
export function NextShow({ showId, ...more }: Props) {
  const { data: shows = [] } = useShows();
  const next = shows
    .filter(({ id, date, slotCount }) => id !== showId && date >= today() && slotCount > 0)
    .toSorted((a, b) => `${a.date} ${a.start}`.localeCompare(`${b.date} ${b.start}`))[0];
  if (!next) return null;
  return <Ends nextId={next.id} {...more} />;
}

function Ends({ nextId, figures, before, after }: Omit<Props, 'showId'> & { nextId: string }) {
  const { data: answer } = useShowAnswer(nextId);
  const [old, now] = useMemo(() => {
    if (!answer) return [null, null];
    const others = (known: readonly MethodRecord[]): MethodRecord[] => [
      ...known,
      ...answer.records.filter(
        (one) => !known.some((own) => own.demoId === one.demoId && own.methodId === one.methodId),
      ),
    ];
    return [
      { ...planOf(answer, []), answer: { records: others(before) } },
      { ...planOf(answer, figures), answer: { records: others(after) } },
    ];
  }, [answer, figures, before, after]);
  const was = useForecast(old)?.ending ?? null;
  const ends = useForecast(now)?.ending ?? null;
  const written = useMemo(() => answer && nextShow(answer, figures), [answer, figures]);
  if (!answer) return null;
  const start = parseClock(answer.show.start);
  const clock = (seconds: number): string => formatClock(start + seconds);
  const { show } = answer;
  const same = was?.headline === ends?.headline;
  return (
    <Box component="section" aria-label="The next show">
      <Typography variant="h3" component="h2">
        Next: {show.title}
      </Typography>
      <Typography variant="body2" color="textSecondary">
        {dayWords(show.date)}, {show.start} to {show.hardFinish}
      </Typography>
      <Box aria-live="polite" sx={{ my: 1.5, minHeight: 96 }}>
        {was && !same && (
          <Box component="s" sx={{ color: 'var(--muted)', fontSize: 17 }}>
            {was.headline.replace('Ends ', '')}
          </Box>
        )}
        <Box sx={{ font: '800 30px/34px Bricolage', letterSpacing: '-0.5px' }}>
          {ends?.headline ?? 'Working it out …'}
        </Box>
        {ends && (
          <>
            <div>
              {ends.by}
              {was && was.by !== ends.by && `, was ${was.by.replace(/ in .*/, '')}`}
            </div>
            <div>
              {ends.odds}
              {was && was.odds !== ends.odds && `, was ${was.odds.replace(/ by .*/, '')}`}
            </div>
          </>
        )}
      </Box>
      {written && (
        <Typography variant="body2" color="textSecondary">
          If everything goes as written {clock(written.after.end)}
          {clock(written.before.end) !== clock(written.after.end) &&
            `, was ${clock(written.before.end)}`}
          . Dead air {formatDuration(written.after.deadAir)}
          {written.before.deadAir !== written.after.deadAir &&
            `, was ${formatDuration(written.before.deadAir)}`}
          .
        </Typography>
      )}
    </Box>
  );
}
