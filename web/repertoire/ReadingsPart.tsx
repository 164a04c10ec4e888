/** What was read at the goes of a method, in shows and on the Bench; put in and put right here. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import dayjs from 'dayjs';
import { type KeyboardEvent, lazy, Suspense, useState } from 'react';
import type { ReadingBody } from '../../contract/readings';
import type { MethodRecord } from '../../core/after/review';
import { CONDITION_FIGURES, type ConditionFigure } from '../../core/brief/types';
import { FACT_NAMES } from '../../core/ready/facts';
import { numberTyped } from '../../core/readings/pad';
import { readingSummary, type ReadingSummary, type ReadingTold } from '../../core/readings/record';
import { moreWords, summaryWords } from '../../core/readings/recordWords';
import { readingInFull, readingWords } from '../../core/readings/words';
import { type MethodResult, readingFault } from '../../core/repertoire/measure';
import { counted } from '../../core/words';
import { newId, send } from '../app/api';
import { queryClient } from '../app/data';
import { usePreferences } from '../app/preferences';
import { useRemove } from '../parts/editing';
import { Pick } from '../parts/Pick';
import { useAction } from '../parts/useAction';
import { grid } from './grid';

const ReadingChart = lazy(() => import('./ReadingChart'));

const conditionName = (name: string): string => FACT_NAMES[name as ConditionFigure] ?? name;
/** Figures of the day that are taken down beside a reading. */
const BESIDE = [
  ['temperature', '°C'],
  ['humidity', '%'],
] as const;

interface OfMethod {
  demoId: string;
  methodId: string;
}

/** One reading on the Bench, to be put in or put right. */
function ReadingForm({
  of,
  results,
  before,
  onClose,
}: {
  of: OfMethod;
  results: readonly MethodResult[];
  before: ReadingTold | null;
  onClose: () => void;
}) {
  const me = usePreferences((state) => state.me);
  const act = useAction();
  const [resultId, setResultId] = useState(before?.result ?? results[0]?.id ?? '');
  const result = results.find(({ id }) => id === resultId);
  const [value, setValue] = useState(before?.value == null ? '' : String(before.value));
  const [date, setDate] = useState(dayjs(before?.at).format('YYYY-MM-DD'));
  const [note, setNote] = useState(before?.of ?? '');
  const [day, setDay] = useState<Readonly<Record<string, string>>>(
    Object.fromEntries(
      Object.entries(before?.conditions ?? {}).map(([name, figure]) => [name, String(figure)]),
    ),
  );
  const [tried, setTried] = useState(false);
  if (!result) return null;
  const yesNo = result.quantity === 'yesNo';
  const read = numberTyped(value);
  const fault =
    read !== null
      ? readingFault(result, read)
      : value.trim() === ''
        ? 'is missing'
        : 'is no number';
  const dayFault = (name: string): boolean =>
    (day[name] ?? '').trim() !== '' && numberTyped(day[name] ?? '') === null;
  const at = dayjs(date);
  const save = async (): Promise<void> => {
    setTried(true);
    if (fault !== null || read === null || !at.isValid() || BESIDE.some(([name]) => dayFault(name)))
      return;
    const body: ReadingBody = {
      methodId: of.methodId,
      result: result.id,
      value: read,
      // One that is only put right keeps its hour.
      at: before && dayjs(before.at).isSame(at, 'day') ? before.at : at.hour(12).valueOf(),
      by: me,
      note: note.trim(),
      conditions: CONDITION_FIGURES.flatMap((name) => {
        const figure = numberTyped(day[name] ?? '');
        return figure === null ? [] : [{ name, value: figure }];
      }),
    };
    const kept = await act(() =>
      send('PUT', `/demos/${of.demoId}/readings/${before?.id ?? newId()}`, body),
    );
    if (!kept) return;
    await queryClient.invalidateQueries({ queryKey: ['/demos', of.demoId, 'records'] });
    onClose();
  };
  return (
    <Box
      // It stands within the demonstration’s own form, and is none in the page’s eyes.
      role="form"
      aria-label={before ? 'Put the reading right' : 'Add a reading'}
      onKeyDown={(event: KeyboardEvent) => {
        if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return;
        event.preventDefault();
        void save();
      }}
      sx={{ ...grid(150), maxWidth: 760, my: 1.5, alignItems: 'start' }}
    >
      {results.length > 1 && (
        <Pick
          label="What was read"
          value={resultId}
          options={results.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(id) => setResultId(id ?? '')}
        />
      )}
      {yesNo ? (
        <Pick
          label={result.name}
          value={value === '' ? null : value}
          options={[
            { value: '1', label: 'Yes' },
            { value: '0', label: 'No' },
          ]}
          onChange={(picked) => setValue(picked ?? '')}
          error={tried && fault !== null}
          helperText={tried && fault ? `${result.name} ${fault}` : undefined}
        />
      ) : (
        <TextField
          autoFocus
          label={result.unit ? `${result.name} (${result.unit})` : result.name}
          value={value}
          onChange={(event) => setValue(event.target.value)}
          error={tried && fault !== null}
          helperText={tried && fault ? `${result.name} ${fault}` : undefined}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
      )}
      <TextField
        label="On"
        type="date"
        value={date}
        onChange={(event) => setDate(event.target.value)}
        error={!at.isValid()}
        slotProps={{ inputLabel: { shrink: true } }}
      />
      {BESIDE.map(([name, unit]) => (
        <TextField
          key={name}
          label={`${conditionName(name)} (${unit})`}
          value={day[name] ?? ''}
          onChange={(event) => setDay({ ...day, [name]: event.target.value })}
          error={tried && dayFault(name)}
          helperText={tried && dayFault(name) ? 'must be a number' : undefined}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
      ))}
      <TextField
        label="Where, or what for"
        value={note}
        onChange={(event) => setNote(event.target.value)}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="contained" onClick={() => void save()}>
          Save
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </Box>
    </Box>
  );
}

/** Each reading on a line, the latest first. */
function AllReadings({ of, summary }: { of: OfMethod; summary: ReadingSummary }) {
  const [changing, setChanging] = useState<string | null>(null);
  const remove = useRemove();
  const { result, figures } = summary;
  return (
    <Box
      component="ul"
      aria-label={`All readings of ${result.name}`}
      sx={{ listStyle: 'none', p: 0, m: 0, maxWidth: 760 }}
    >
      {figures.toReversed().map(({ told }, i) => (
        <Box
          component="li"
          key={told.id ?? `${told.at}/${told.go}/${i}`}
          sx={{ borderBottom: '1px solid var(--line)', py: 0.5 }}
        >
          <Box
            sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center', minHeight: 36 }}
          >
            <Box sx={{ flex: '1 1 300px' }}>
              {dayjs(told.at).format('D MMM YYYY')}: <b>{readingInFull(result, told.value)}</b>
              {told.first !== told.value && `, first ${readingWords(result, told.first)}`}
              {told.go > 1 && `, go ${told.go}`}
              {told.of && ` · ${told.of}`}
              {told.kind === 'rehearsal' && ' (rehearsal)'}
              <Box component="span" sx={{ color: 'var(--muted)', fontSize: 14 }}>
                {BESIDE.flatMap(([name, unit]) =>
                  told.conditions[name] === undefined ? [] : ` · ${told.conditions[name]} ${unit}`,
                )}
              </Box>
            </Box>
            {told.id && changing !== told.id && (
              <>
                <Button size="small" onClick={() => setChanging(told.id)}>
                  Put right
                </Button>
                <Button
                  size="small"
                  onClick={() =>
                    void remove({
                      path: `/demos/${of.demoId}/readings/${told.id}`,
                      name: 'The reading',
                    })
                  }
                >
                  Remove
                </Button>
              </>
            )}
          </Box>
          {told.id && changing === told.id && (
            <ReadingForm
              of={of}
              results={[result]}
              before={told}
              onClose={() => setChanging(null)}
            />
          )}
        </Box>
      ))}
    </Box>
  );
}

function OneResult({ of, summary }: { of: OfMethod; summary: ReadingSummary }) {
  const [all, setAll] = useState(false);
  const { result, figures } = summary;
  return (
    <Box component="section" aria-label={result.name} sx={{ mt: 2 }}>
      <Typography component="h4" sx={{ font: '700 18px/24px Bricolage' }}>
        {result.name}
      </Typography>
      <Typography>{summaryWords(summary)}</Typography>
      {figures.length > 1 && result.quantity !== 'yesNo' && (
        <Box sx={{ maxWidth: 640 }}>
          <Suspense fallback={<Skeleton variant="rounded" height={190} animation={false} />}>
            <ReadingChart summary={summary} />
          </Suspense>
        </Box>
      )}
      {moreWords(summary, conditionName).map((words) => (
        <Typography key={words} variant="body2" color="textSecondary">
          {words}
        </Typography>
      ))}
      {figures.length > 0 && (
        <Button size="small" onClick={() => setAll((now) => !now)} aria-expanded={all}>
          {all ? 'Fewer lines' : counted(figures.length, 'reading')}
        </Button>
      )}
      {all && <AllReadings of={of} summary={summary} />}
    </Box>
  );
}

interface Props {
  results: readonly MethodResult[];
  record: MethodRecord;
}

export function ReadingsPart({ results, record }: Props) {
  const [adding, setAdding] = useState(false);
  if (results.length === 0) return null;
  const of = { demoId: record.demoId, methodId: record.methodId };
  return (
    <Box component="section" aria-label="What was read" sx={{ mt: 3 }}>
      <Typography variant="h3" component="h3">
        What was read
      </Typography>
      {results.map((result) => (
        <OneResult key={result.id} of={of} summary={readingSummary(result, record.readings)} />
      ))}
      {adding ? (
        <ReadingForm of={of} results={results} before={null} onClose={() => setAdding(false)} />
      ) : (
        <Button sx={{ mt: 1 }} variant="outlined" onClick={() => setAdding(true)}>
          Add a reading
        </Button>
      )}
    </Box>
  );
}
