/** A running order typed or pasted, a line each: what every line stands for is shown before anything is changed. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import type { Bookable } from '../../core/brief/freshSlot';
import type { Show } from '../../core/brief/types';
import { hasIt } from '../../core/library/take';
import { firstSeconds } from '../../core/library/browse';
import type { Demo } from '../../core/repertoire/types';
import { type KnownDemo, type OrderEntry, readOrder } from '../../core/told/order';
import { demoToWrite, differs, orderedShow, type OrderedShow } from '../../core/told/orderShow';
import type { Question } from '../../core/told/types';
import { formatDuration } from '../../core/time/clock';
import { counted } from '../../core/words';
import { newId, send } from '../app/api';
import type { Rows } from '../../contract/tables/file';
import { ORDER_COLUMNS, orderFrom } from '../../contract/tables/told';
import { TableButton, useTablePaste } from '../tables/TableButton';
import { useDemos, useLibrary, usePeople } from '../app/data';
import { useAction } from '../parts/useAction';
import { takeAll } from '../repertoire/takeAll';

type Known = KnownDemo & Bookable & { isOwn: boolean; seconds: number | null };

/** One’s own demonstrations, and those of the library that one doesn’t have. */
function useKnown(): Known[] {
  const { data: own } = useDemos();
  const { data: library } = useLibrary();
  return useMemo(() => {
    const mine = (own ?? []).map(({ id, name, usualPosition, methods, showSeconds }): Known => ({
      ...{ id, name, usualPosition, methods },
      isOwn: true,
      seconds: showSeconds,
    }));
    const others = (library?.demos ?? [])
      .filter(({ id }) => !hasIt(own ?? [], id))
      .map((demo): Known => ({
        ...{ id: demo.id, name: demo.name, usualPosition: demo.usualPosition },
        methods: demo.methods,
        isOwn: false,
        seconds: firstSeconds(demo),
      }));
    return [...mine, ...others];
  }, [own, library]);
}

/** What a line becomes, in words. */
function becomes(entry: OrderEntry, demo: Known | undefined): string {
  const written = entry.seconds === null ? '' : formatDuration(entry.seconds);
  if (entry.kind === 'talk') return written ? `words, ${written}` : 'words, 1:00 is guessed';
  if (!demo) return `new: to be written, ${written || '3:00 is guessed'}`;
  const from = demo.isOwn ? '' : 'from the library, ';
  const { seconds } = demo;
  if (seconds === null) return `${from}nothing of it is timed yet`;
  return `${from}${formatDuration(seconds)} by its steps${differs(entry, seconds) ? `, written as ${written}` : ''}`;
}

const replaced = (text: string, { line }: Question, by: string): string =>
  text
    .split('\n')
    .map((one, i) => (i + 1 === line ? by : one))
    .join('\n');

/** Takes from the library, puts in what is still to be written, and answers with the slots of all of it. */
async function made(
  entries: readonly OrderEntry[],
  known: readonly Known[],
  show: Pick<Show, 'positions' | 'crew'>,
): Promise<OrderedShow> {
  const wanted = entries.flatMap(({ demoId }) => {
    const demo = known.find(({ id }) => id === demoId);
    return demo && !demo.isOwn ? demo.id : [];
  });
  const taken = wanted.length > 0 ? (await takeAll(wanted)).demos : [];
  const own = new Map(taken.map(({ libraryId, id }) => [libraryId, id]));
  const fresh = new Map<string, Demo>();
  const named: OrderEntry[] = [];
  for (const entry of entries) {
    if (entry.kind !== 'fresh') {
      named.push({ ...entry, demoId: own.get(entry.demoId ?? '') ?? entry.demoId });
      continue;
    }
    const demo =
      fresh.get(entry.name) ?? (await send<Demo>('POST', '/demos', demoToWrite(entry, newId)));
    fresh.set(entry.name, demo);
    named.push({ ...entry, kind: 'demo', demoId: demo.id });
  }
  const all: (Bookable & { id: string })[] = [
    ...known.map((demo) => ({ ...demo, id: own.get(demo.id) ?? demo.id })),
    ...fresh.values(),
  ];
  return orderedShow(named, show, (id) => all.find((demo) => demo.id === id), newId);
}

interface TypeOrderProps {
  show: Pick<Show, 'positions' | 'crew'>;
  /** On the button, with how many there are. */
  words: (slots: string) => string;
  onTake: (ordered: OrderedShow) => Promise<void> | void;
}

export function TypeOrder({ show, words, onTake }: TypeOrderProps) {
  const [text, setText] = useState('');
  /** Lines that are words, though they look like a demonstration. */
  const [talks, setTalks] = useState<ReadonlySet<string>>(new Set());
  const [busy, setBusy] = useState(false);
  const known = useKnown();
  const { data: people = [] } = usePeople();
  const act = useAction();
  const positions = show.positions.map(({ name }) => name);
  const told = useMemo(
    () => readOrder(text, { demos: known, people, positions }),
    [text, known, people, positions.join('\n')],
  );
  const entries = told.entries.map((entry): OrderEntry =>
    entry.kind === 'fresh' && talks.has(entry.name) ? { ...entry, kind: 'talk' } : entry,
  );
  const [strangers, setStrangers] = useState<readonly string[]>([]);
  const addRows = (rows: Rows): void => {
    const read = orderFrom(rows, { people, positions });
    setStrangers(read.strangers);
    setText((now) => [now.trimEnd(), read.text].filter((part) => part !== '').join('\n'));
  };
  const onPaste = useTablePaste(ORDER_COLUMNS, addRows);
  const asked = told.questions.filter(({ answers }) => answers.length > 0);
  const toggle = (name: string): void =>
    setTalks((now) => {
      const next = new Set(now);
      if (!next.delete(name)) next.add(name);
      return next;
    });
  return (
    <Box
      sx={{ display: 'grid', gap: 2, gridTemplateColumns: { md: '1fr 1fr' }, alignItems: 'start' }}
    >
      <Box>
        <TextField
          fullWidth
          multiline
          minRows={8}
          maxRows={24}
          label="A running order, a line each"
          placeholder={'1 Hello 1:00\n2 Foam 4:30 @centre\n3 forks 3 min, Mara'}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onPaste={onPaste}
          helperText="A number, a name, how long, @position, who; or a time of day in front. Rows of a spreadsheet can be pasted, too."
        />
        <TableButton columns={ORDER_COLUMNS} onRows={addRows} />
        {strangers.length > 0 && (
          <Box sx={{ color: 'var(--ember)', fontSize: 14 }}>
            △ Not known here, and left out of the lines: {strangers.join(', ')}
          </Box>
        )}
      </Box>
      <Box>
        <Box component="ol" aria-label="Understood" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {entries.map((entry, i) => {
            const demo = known.find(({ id }) => id === entry.demoId);
            const person = people.find(({ id }) => id === entry.personId);
            const question = asked.find(({ line }) => line === entry.line);
            return (
              <Box
                component="li"
                key={`${entry.line} ${entry.name}`}
                sx={{ borderBottom: '1px solid var(--line)', py: 0.75 }}
              >
                <b>
                  {i + 1} {entry.name}
                </b>{' '}
                <Box component="span" sx={{ color: 'var(--muted)', fontSize: 14 }}>
                  {[
                    becomes(entry, demo),
                    entry.goes !== null && `${entry.goes} goes`,
                    entry.position,
                    person?.name,
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </Box>
                {question && (
                  <Box sx={{ color: 'var(--ember)', fontSize: 14 }}>
                    {question.ask}
                    {question.answers.map((answer) => (
                      <Button
                        key={answer.label}
                        size="small"
                        onClick={() => setText(replaced(text, question, answer.text))}
                      >
                        {answer.label}
                      </Button>
                    ))}
                  </Box>
                )}
                {!demo && !question && !(entry.kind === 'talk' && !talks.has(entry.name)) && (
                  <Button size="small" onClick={() => toggle(entry.name)}>
                    {entry.kind === 'talk' ? 'A demo after all' : 'Only words'}
                  </Button>
                )}
              </Box>
            );
          })}
        </Box>
        <Button
          variant="contained"
          sx={{ mt: 2 }}
          disabled={entries.length === 0 || asked.length > 0 || busy}
          onClick={() => {
            setBusy(true);
            void act(async () => {
              await onTake(await made(entries, known, show));
              setText('');
            }).finally(() => setBusy(false));
          }}
        >
          {words(counted(entries.length, 'slot'))}
        </Button>
        {asked.length > 0 && (
          <Box sx={{ color: 'var(--ember)', mt: 1 }}>
            △ First say which {asked.length === 1 ? 'one is' : 'ones are'} meant.
          </Box>
        )}
      </Box>
    </Box>
  );
}
