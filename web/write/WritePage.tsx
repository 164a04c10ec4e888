/** A demonstration written as one would tell it: the text at the left, what each line became at the right. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useQuery } from '@tanstack/react-query';
import type { Versioned } from '../../contract/api';
import { MOST_TOLD } from '../../contract/repertoire';
import { usualMark } from '../../core/brief/blank';
import { suggestionsOf } from '../../core/ready/hazards/suggest';
import type { Demo } from '../../core/repertoire/types';
import { formatDuration } from '../../core/time/clock';
import { readTold } from '../../core/told/read';
import { retell } from '../../core/told/retell';
import { showSeconds } from '../../core/told/sums';
import type { Question } from '../../core/told/types';
import { counted } from '../../core/words';
import { send } from '../app/api';
import { useItemNames } from '../app/data';
import { FacePicker } from '../faces/ChooseFace';
import { Loading, Trouble, useTitle } from '../parts/page';
import { useAction } from '../parts/useAction';
import { MethodStrips } from '../repertoire/MethodStrips';
import { Became, guessedWords } from './Became';
import { Cords } from './Cords';
import { type Beside, draft, forgetDraft, NOTHING_BESIDE, useDraft } from './draft';
import { HazardsSeen } from './HazardsSeen';
import { keepTold, newThings, previewTold } from './keep';
import { STEP_COLUMNS, stepsFrom } from '../../contract/tables/told';
import type { Rows } from '../../contract/tables/file';
import { TableButton, useTablePaste } from '../tables/TableButton';
import { ToldText } from './ToldText';
import { useKnown, useKnownFor } from './useKnown';

const CORDS = 68;

interface WritingProps {
  text: string;
  beside: Beside;
  onChange: (more: { text?: string; beside?: Beside }) => void;
  /** It is kept: nothing of what was typed is needed any more. */
  onKept: () => void;
  old: Versioned<Demo> | null;
}

/** One line of a text in another’s place. */
const withLine = (text: string, number: number, line: string): string =>
  text
    .split('\n')
    .map((one, i) => (i + 1 === number ? line : one))
    .join('\n');

function Writing({ text, beside, onChange, onKept, old }: WritingProps) {
  const setText = (to: string): void => onChange({ text: to });
  const addRows = (rows: Rows, name = ''): void => {
    const [title = '', ...steps] = stepsFrom(rows, name || 'New demo').split('\n');
    // Where something is written already, its name stays, and the steps come after.
    setText(
      text.trim() === '' ? [title, ...steps].join('\n') : [text.trimEnd(), ...steps].join('\n'),
    );
  };
  const onPaste = useTablePaste(STEP_COLUMNS, addRows);
  const knows = useKnown();
  const { data: items = [] } = useItemNames();
  const told = useMemo(() => readTold(text, knows), [text, knows]);
  const [before, setBefore] = useState<string[]>([]);
  const [busy, setBusy] = useState(false);
  const box = useRef<HTMLDivElement>(null);
  const navigate = useNavigate();
  const act = useAction();
  const [first] = told.methods;
  const fresh = newThings(told);
  const steps = told.methods.flatMap((method) => method.steps);
  const missing =
    told.name === ''
      ? 'Its name first, on a line of its own.'
      : steps.length === 0
        ? 'A step, on the next line.'
        : null;
  const tooLong = text.length > MOST_TOLD ? 'That is too long for one demonstration.' : null;
  const answer = (question: Question, line: string): void => {
    setBefore([...before, text]);
    setText(withLine(text, question.line, line));
  };
  const keep = (): void => {
    setBusy(true);
    void act(async () => {
      const demo = await keepTold(text, beside, { knows, items }, old);
      onKept();
      await navigate(`/demos/${demo.id}`);
    }).finally(() => setBusy(false));
  };
  const guessed = first ? guessedWords(first) : '';
  const { demo, fresh: made } = useMemo(() => previewTold(text, knows, old), [text, knows, old]);
  const open = useMemo(() => suggestionsOf(demo, [...items, ...made]), [demo, items, made]);
  const [shown, setShown] = useState('');
  return (
    <Box component="main" sx={{ px: { xs: 2, md: 3 }, pb: 6 }}>
      <Box
        sx={{
          display: 'flex',
          gap: 2,
          alignItems: 'center',
          flexWrap: 'wrap',
          py: 2,
          borderBottom: '1px solid var(--line)',
        }}
      >
        <Box sx={{ flex: '1 1 260px' }}>
          <Box component="h1" sx={{ font: '800 26px/32px Bricolage', m: 0 }}>
            {old ? `${old.name}, as text` : 'Write a demo'}
          </Box>
          <Box sx={{ color: 'var(--muted)', fontSize: 14 }}>
            {old ? 'Kept when you say so.' : 'Kept on this device as you type.'}
          </Box>
        </Box>
        {before.length > 0 && (
          <Button
            onClick={() => {
              setText(before.at(-1) ?? text);
              setBefore(before.slice(0, -1));
            }}
          >
            Undo the answer
          </Button>
        )}
        <Box role="status" sx={{ fontSize: 14 }}>
          {tooLong ??
            missing ??
            [
              told.questions.length > 0 ? counted(told.questions.length, 'question') : '',
              fresh.length > 0
                ? `${counted(fresh.length, 'thing is', 'things are')} new in the store`
                : '',
            ]
              .filter(Boolean)
              .join(', ')}
        </Box>
        <Button
          variant="contained"
          onClick={keep}
          disabled={busy || missing !== null || tooLong !== null}
        >
          {old ? 'Keep the change' : 'Keep it'}
        </Button>
      </Box>
      <Box
        ref={box}
        sx={{
          position: 'relative',
          display: 'grid',
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: `minmax(300px, 0.85fr) ${CORDS}px minmax(0, 1.2fr)`,
          },
          pt: 2,
        }}
      >
        <Box>
          <ToldText text={text} marks={told.marks} onChange={setText} onPaste={onPaste} />
          <TableButton columns={STEP_COLUMNS} onRows={addRows} />
          <Box sx={{ color: 'var(--muted)', fontSize: 14, mt: 1, lineHeight: '21px' }}>
            <b>3 min</b> a time · <b>say:</b> words · <b>cue:</b> for the audience · <b>when</b>{' '}
            steam <b>-&gt;</b> 70–85 s · <b>wait</b> 4 min · <b>before: show: clear:</b> when ·{' '}
            <b>needs:</b> kit · “quoted” words are only words. Anything else is a step.
          </Box>
        </Box>
        <Box sx={{ display: { xs: 'none', md: 'block' }, position: 'relative' }}>
          <Box sx={{ position: 'absolute', top: -16, left: 0 }}>
            <Cords box={box} of={told} width={CORDS} />
          </Box>
        </Box>
        <Box sx={{ mt: { xs: 3, md: 0 } }}>
          <Box
            sx={{ display: 'flex', gap: 2, alignItems: 'center' }}
            data-became={told.name ? 1 : undefined}
          >
            <FacePicker
              face={beside.face ?? old?.face ?? null}
              words={text}
              width={84}
              onChoose={(face) => onChange({ beside: { ...beside, face } })}
            />
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Box component="h2" sx={{ font: '700 24px/28px Bricolage', m: 0 }}>
                {told.name || 'No name yet'}
              </Box>
              <Box sx={{ color: 'var(--muted)', fontSize: 14 }}>
                {told.people.length > 0
                  ? `with ${told.people.join(', ')}; who helps is chosen show by show`
                  : ''}
              </Box>
            </Box>
            {first && (
              <Box sx={{ textAlign: 'right' }}>
                <Box component="b" sx={{ font: '800 38px/42px Bricolage', letterSpacing: '-1px' }}>
                  {formatDuration(showSeconds(first))}
                </Box>
                <Box sx={{ color: 'var(--muted)', fontSize: 14 }}>the audience sees</Box>
              </Box>
            )}
          </Box>
          <Became told={told} onAnswer={answer} />
          {open.length > 0 && (
            <HazardsSeen
              open={open}
              taken={beside.hazards}
              onTake={(hazards) => onChange({ beside: { ...beside, hazards } })}
            />
          )}
          {guessed && <Box sx={{ mt: 2, color: 'var(--muted)', fontSize: 14 }}>{guessed}</Box>}
        </Box>
      </Box>
      {steps.length > 0 && (
        <Box component="section" aria-label="In time" sx={{ mt: 3 }}>
          <MethodStrips
            methods={demo.methods}
            records={[]}
            chosen={
              demo.methods.some(({ id }) => id === shown) ? shown : (demo.methods[0]?.id ?? '')
            }
            onChoose={setShown}
            mark={usualMark(demo.usualPosition)}
          />
        </Box>
      )}
    </Box>
  );
}

/** The text of a demonstration that is there already. */
function Known({ id }: { id: string }) {
  const knows = useKnownFor();
  const { data, error } = useQuery({
    queryKey: ['/demos', id, 'told'],
    queryFn: () => send<Versioned<Demo>>('GET', `/demos/${id}`),
    staleTime: 0,
  });
  const [typed, setTyped] = useState<{ text?: string; beside?: Beside }>({});
  const written = useMemo(
    () => (data && knows ? retell(data.told, data, knows) : null),
    [data, knows],
  );
  if (!data || written === null)
    return (
      <Box sx={{ p: 3 }}>
        <Trouble error={error} />
        {!error && <Loading />}
      </Box>
    );
  return (
    <Writing
      text={typed.text ?? written}
      beside={typed.beside ?? NOTHING_BESIDE}
      onChange={(more) => setTyped({ ...typed, ...more })}
      onKept={() => undefined}
      old={data}
    />
  );
}

const New = () => <Writing {...useDraft()} onChange={draft} onKept={forgetDraft} old={null} />;

export default function WritePage() {
  const { demoId } = useParams();
  useTitle('Write a demo');
  return demoId === undefined ? <New /> : <Known id={demoId} />;
}
