/** What the record says of the plan by now: each figure with its evidence, taken or kept one by one, or all. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { type ReactNode, useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { countedOn, sparesMoved } from '../../core/after/countedOn';
import { learnedFigures, type LearnedFigure, moves, recordsBefore } from '../../core/after/learned';
import { evidenceWords, movesWords } from '../../core/after/learnedWords';
import { recordWords } from '../../core/after/review';
import type { Sets } from '../../core/kit/sets';
import type { Method } from '../../core/repertoire/types';
import { fold } from '../../core/stage/fold';
import { formatDuration } from '../../core/time/clock';
import { counted, listInWords } from '../../core/words';
import { useRun, useRuns } from '../app/data';
import { useOpenShow } from '../brief/useShow';
import { Loading } from '../parts/page';
import { pinked } from '../parts/tapeShape';
import { axisOf, FigurePlot } from './FigurePlot';
import { KeptChance } from './KeptChance';
import { NextShow } from './NextShow';
import { type Decide, useFigures } from './useFigures';

const SPELLED = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
const spelled = (n: number): string => SPELLED[n] ?? String(n);
const figureWord = (n: number): string => `${spelled(n)} ${n === 1 ? 'figure' : 'figures'}`;

interface RowProps {
  figure: LearnedFigure;
  axis: ReturnType<typeof axisOf>;
  run: number | null;
  performer: string | null;
  onDecide: (figure: LearnedFigure, what: Decide) => void;
}

function FigureRow({ figure, axis, run, performer, onDecide }: RowProps) {
  const { demo, task, planned, learned, state } = figure;
  const named = `${demo}, ${task.name}`;
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '176px minmax(220px, 1fr) 148px 52px 160px' },
        columnGap: 1.5,
        alignItems: 'center',
        borderBottom: '1px solid var(--line)',
        py: 0.75,
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <b>{demo}</b>
        <Box sx={{ fontSize: 14, lineHeight: '18px', color: 'var(--muted)' }}>
          {task.name}
          {performer && ` · ${performer}’s`}
        </Box>
      </Box>
      <FigurePlot figure={figure} axis={axis} run={run} />
      <Box>
        <s style={{ color: 'var(--muted)' }}>{formatDuration(planned.likely)}</s>{' '}
        <Box component="b" sx={{ fontSize: 19 }}>
          {formatDuration(Math.round(learned.mean))}
        </Box>
        <Box sx={{ fontSize: 13, color: 'var(--muted)' }}>
          {formatDuration(Math.round(learned.meanLow))} to{' '}
          {formatDuration(Math.round(learned.meanHigh))}, {evidenceWords(learned)}
        </Box>
      </Box>
      <Box component="b" sx={{ whiteSpace: 'nowrap' }}>
        {movesWords(figure)}
      </Box>
      <Box sx={{ display: 'flex', gap: 0.5, '& button': { whiteSpace: 'nowrap', px: 0.75 } }}>
        <Button
          size="small"
          aria-label={`Take it: ${named}`}
          onClick={() => onDecide(figure, 'taken')}
        >
          Take it
        </Button>
        {state === 'offered' && (
          <Button
            size="small"
            color="inherit"
            aria-label={`Keep mine: ${named}`}
            onClick={() => onDecide(figure, 'mine')}
          >
            Keep mine
          </Button>
        )}
      </Box>
    </Box>
  );
}

const Head = ({ title, of }: { title: string; of: string }) => (
  <Box
    sx={{
      display: 'flex',
      gap: 1,
      alignItems: 'baseline',
      borderBottom: '1px solid var(--line-strong)',
      mt: 3,
    }}
  >
    <Typography variant="h3" component="h3">
      {title}
    </Typography>
    <Typography variant="body2" color="textSecondary">
      {of}
    </Typography>
  </Box>
);

interface Changed {
  id: string;
  name: string;
  was: string;
  now: string;
  more: string;
  action?: ReactNode;
}

const Changes = ({ rows }: { rows: readonly Changed[] }) => (
  <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
    {rows.map(({ id, name, was, now, more, action }) => (
      <Box
        component="li"
        key={id}
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          gap: 1.5,
          alignItems: 'baseline',
          borderBottom: '1px solid var(--line)',
          py: 0.75,
        }}
      >
        <b style={{ flex: '0 1 210px' }}>{name}</b>
        <span>
          <s style={{ color: 'var(--muted)' }}>{was}</s> <b>{now}</b>
        </span>
        <Box component="span" sx={{ fontSize: 14, color: 'var(--muted)' }}>
          {more}
        </Box>
        {action}
      </Box>
    ))}
  </Box>
);

export default function LearnedPage() {
  const { show, bundle, answer } = useOpenShow();
  const { data: runs } = useRuns(show.id);
  const [search] = useSearchParams();
  const listed =
    runs?.find(({ id }) => id === search.get('run')) ?? runs?.findLast((r) => r.finished);
  const { data: run } = useRun(listed?.id ?? null);
  const decide = useFigures();
  const live = useMemo(() => (run ? fold(run.plan, run.events) : null), [run]);
  const startedAt = live?.startedAt ?? null;
  const { records } = answer;
  const figures = useMemo(() => learnedFigures(bundle.demos, records), [bundle.demos, records]);
  const before = useMemo(
    () => (startedAt === null ? records : recordsBefore(records, startedAt)),
    [records, startedAt],
  );
  const open = useMemo(
    () =>
      figures
        .filter(({ state }) => state === 'offered')
        .toSorted((a, b) => Math.abs(moves(b)) - Math.abs(moves(a))),
    [figures],
  );
  if (!runs) return <Loading />;
  const other = figures.filter(({ state }) => state === 'kept' || state === 'frozen');
  const thin = figures.filter(({ state, performerId }) => state === 'thin' && performerId === null);
  const held = figures.filter(({ state }) => state === 'held').length;
  const axis = axisOf(open);
  const person = (id: string | null): string | null =>
    id === null ? null : (bundle.people.find((one) => one.id === id)?.name ?? 'somebody');
  const onDecide = (figure: LearnedFigure, what: Decide): void =>
    void decide([figure], what, what === 'mine' ? 'The guess is kept' : 'Taken');

  const methodOf = (
    demoId: string,
    methodId: string,
    draw: (method: Method) => ReactNode,
  ): ReactNode => {
    const demo = bundle.demos.find(({ id }) => id === demoId);
    const method = demo?.methods.find(({ id }) => id === methodId);
    return method && draw(method);
  };
  const counts = run && live ? countedOn(run, live, records) : [];
  const chances = counts.map(
    ({ demoId, methodId, name, before: was, now, low, high }): Changed => ({
      id: `${demoId}/${methodId}`,
      name,
      was: recordWords(was),
      now: recordWords(now),
      more: `between ${Math.round(low * 100)} and ${Math.round(high * 100)} of 100, in 95 cases of 100`,
      action: methodOf(demoId, methodId, (method) => (
        <KeptChance demoId={demoId} method={method} record={now} name={name} />
      )),
    }),
  );
  const setsWords = ({ planned, spare }: Sets): string => counted(planned + spare, 'set');
  const spares = sparesMoved(bundle, counts).map(({ slotId, name, before: was, now }): Changed => ({
    id: slotId,
    name,
    was: setsWords(was),
    now: setsWords(now),
    more: now.words,
  }));
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 4,
        gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1fr) 312px' },
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Link
          to={`/shows/${show.id}/after${listed ? `?run=${listed.id}` : ''}`}
          style={{ color: 'inherit' }}
        >
          Back to After
        </Link>
        <Box
          component="h2"
          sx={{
            font: { xs: '800 26px/32px Bricolage', md: '800 32px/38px Bricolage' },
            letterSpacing: '-0.6px',
            m: 0,
            mt: 1,
          }}
        >
          {open.length === 0
            ? 'The plan goes by what the goes say.'
            : `The goes say otherwise than the plan in ${figureWord(open.length)}.`}
        </Box>
        <Typography color="textSecondary">
          Grey bracket: the guess. Black: what the goes say.{' '}
          <Box component="span" sx={{ color: 'var(--ember)' }}>
            ●
          </Box>{' '}
          this show ● earlier ○ rehearsed. Offered from five goes on.
        </Typography>
        {open.length > 0 && (
          <>
            <Head
              title="Times"
              of={`a go, from ${formatDuration(Math.round(axis.from))} to ${formatDuration(Math.round(axis.until))}`}
            />
            <Box component="ul" aria-label="Times offered" sx={{ listStyle: 'none', p: 0, m: 0 }}>
              {open.map((figure) => (
                <FigureRow
                  key={`${figure.demoId}/${figure.methodId}/${figure.task.id}/${figure.performerId}`}
                  figure={figure}
                  axis={axis}
                  run={startedAt}
                  performer={person(figure.performerId)}
                  onDecide={onDecide}
                />
              ))}
            </Box>
          </>
        )}
        {chances.length > 0 && (
          <>
            <Head title="Chances" of="counted: forecast and spares go by them" />
            <Changes rows={chances} />
          </>
        )}
        {spares.length > 0 && (
          <>
            <Head title="Spares" of="as the kit list has them now" />
            <Changes rows={spares} />
          </>
        )}
      </Box>
      <Box sx={{ borderLeft: { lg: '1px solid var(--line)' }, pl: { lg: 3 } }}>
        <NextShow showId={show.id} figures={open} before={before} after={records} />
        {open.length > 0 && (
          <>
            <Button
              variant="contained"
              size="large"
              fullWidth
              sx={{ clipPath: pinked(8, 4), my: 2, minHeight: 56 }}
              onClick={() => void decide(open, 'taken', `${figureWord(open.length)} taken`)}
            >
              {open.length === 1 ? 'Take it' : `Take all ${spelled(open.length)}`}
            </Button>
            <Typography variant="body2" color="textSecondary">
              Demos and coming shows go by them; Undo brings yours back.
            </Typography>
          </>
        )}
        {other.length > 0 && (
          <Box component="section" aria-label="Decided otherwise" sx={{ mt: 3 }}>
            <Typography variant="h3" component="h2">
              Decided otherwise
            </Typography>
            {other.map((figure) => (
              <Box
                key={`${figure.demoId}/${figure.task.id}/${figure.performerId}`}
                sx={{ borderTop: '1px solid var(--line)', py: 0.75 }}
              >
                <b>{figure.demo}</b>, {figure.task.name.toLowerCase()}: you{' '}
                {figure.state === 'kept' ? 'kept' : 'froze'} {formatDuration(figure.planned.likely)}
                ; {evidenceWords(figure.learned)} say{' '}
                {formatDuration(Math.round(figure.learned.mean))}.{' '}
                <Button size="small" onClick={() => onDecide(figure, 'taken')}>
                  Take it
                </Button>
              </Box>
            ))}
          </Box>
        )}
        {(thin.length > 0 || held > 0) && (
          <Box component="section" aria-label="Thin evidence" sx={{ mt: 3 }}>
            <Typography variant="h3" component="h2">
              Nothing to decide
            </Typography>
            <Typography variant="body2" color="textSecondary">
              {held > 0 &&
                `${counted(held, 'figure')} as the plan has ${held === 1 ? 'it' : 'them'}. `}
              {thin.length > 0 &&
                `Thin evidence, fewer than five goes: ${listInWords([...new Set(thin.map(({ demo }) => demo))])}.`}
            </Typography>
          </Box>
        )}
      </Box>
    </Box>
  );
}
