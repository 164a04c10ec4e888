/** What to ask the host: what the line-up needs and nobody has said, each answered where it stands. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { HostQuestion } from '../../../core/brief/agreed';
import type { Venue } from '../../../core/brief/types';
import { type Asked, hostQuestions } from '../../../core/ready/ask/questions';
import { newId } from '../../app/api';
import { useDocument } from '../../documents/useDocument';
import { AddForm } from '../../parts/AddForm';
import { EditingNotices } from '../../parts/editing';
import { useSayUndoable } from '../../parts/undoable';
import { type OpenShow, useOpenShow } from '../useShow';
import { PartHead } from '../../parts/PartHead';

/** Figures of a place beyond these are slips of the finger. */
const MOST = 1000;
const button = { minHeight: { xs: 44, md: 36 }, minWidth: 44 } as const;

/** Keeps answers where they belong: facts with the venue, words with the show. */
interface Keep {
  /** Null while the venue is not here: there is none, or it can’t be read. */
  venue: ((change: Partial<Venue>) => void) | null;
  words: (question: Pick<Asked, 'key' | 'ask'>, answer: string) => void;
  remove: (key: string) => void;
}

const keepWords = ({ store }: OpenShow): Pick<Keep, 'words' | 'remove'> => ({
  words: ({ key, ask }, answer) =>
    store.change((show) => ({
      ...show,
      questions: [
        ...show.questions.filter(({ id }) => id !== key),
        { id: key, ask, answer } satisfies HostQuestion,
      ],
    })),
  remove: (key) =>
    store.change((show) => ({
      ...show,
      questions: show.questions.filter(({ id }) => id !== key),
    })),
});

function Typed({
  label,
  unit = '',
  before,
  onKeep,
}: {
  label: string;
  unit?: string;
  before: string;
  /** Answers what is wrong with it, in words. */
  onKeep: (text: string) => string | null;
}) {
  const [text, setText] = useState(before);
  const [fault, setFault] = useState('');
  return (
    <AddForm inForm label="Keep" onAdd={() => setFault(onKeep(text.trim()) ?? '')}>
      <TextField
        size="small"
        label={unit ? `${label} (${unit})` : label}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setFault('');
        }}
        error={fault !== ''}
        helperText={fault || undefined}
        slotProps={{ htmlInput: { maxLength: 300, ...(unit && { inputMode: 'decimal' }) } }}
        sx={{ flex: '1 1 140px' }}
      />
    </AddForm>
  );
}

/** What is put in to answer it; closes by itself once it is answered. */
function AnswerField({
  open,
  keep,
  question,
  onDone,
}: {
  open: OpenShow;
  keep: Keep;
  question: Asked;
  onDone: () => void;
}) {
  const { store, show, bundle } = open;
  const { venue } = keep;
  const { place, ask, answer } = question;
  const done = (): null => {
    onDone();
    return null;
  };
  const numbered = (keep: (value: number) => void) => (text: string) => {
    const value = Number(text.replace(',', '.'));
    if (text === '' || !Number.isFinite(value) || value < 0 || value > MOST)
      return `Must be a number from 0 to ${MOST}.`;
    keep(value);
    return done();
  };
  if ((place.of === 'known' || place.of === 'number' || place.of === 'words') && !venue)
    return (
      <Box sx={{ color: 'var(--muted)' }}>The venue isn’t here yet: it can’t be kept now.</Box>
    );
  if (place.of === 'known' || place.of === 'audience')
    return (
      <Box role="group" aria-label={ask} sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
        {(['yes', 'no'] as const).map((said) => (
          <Button
            key={said}
            variant="outlined"
            sx={button}
            onClick={() => {
              if (place.of === 'known') venue?.({ [place.fact]: said });
              else
                store.change((now) => ({
                  ...now,
                  audienceNeeds: { ...now.audienceNeeds, [place.need]: said },
                }));
              done();
            }}
          >
            {said === 'yes' ? 'Yes' : 'No'}
          </Button>
        ))}
      </Box>
    );
  if (place.of === 'venue')
    return (
      <Button component={Link} to={`/venues?open=${bundle.venue?.id ?? ''}`} sx={button}>
        Put it in with the venue
      </Button>
    );
  if (place.of === 'youngest')
    return (
      <Typed
        label="Answer"
        unit="years"
        before={String(show.youngest ?? '')}
        onKeep={numbered((youngest) => store.change((now) => ({ ...now, youngest })))}
      />
    );
  if (place.of === 'number')
    return (
      <Typed
        label="Answer"
        unit={place.unit || 'how many'}
        before={String(bundle.venue?.[place.fact] ?? '')}
        onKeep={numbered((value) => venue?.({ [place.fact]: value }))}
      />
    );
  return (
    <Typed
      label="Answer"
      before={answer ?? ''}
      onKeep={(text) => {
        if (place.of === 'words') venue?.({ [place.fact]: text });
        else keep.words(question, text);
        return done();
      }}
    />
  );
}

interface AskedOf {
  open: OpenShow;
  keep: Keep;
}

function Question({ open, keep, question }: AskedOf & { question: Asked }) {
  const { ask, why, answer, place, key } = question;
  const [isOpen, setOpen] = useState(false);
  const own = place.of === 'show' && why === '';
  return (
    <Box
      component="li"
      aria-label={ask}
      sx={{
        borderTop: '1px solid var(--line)',
        py: 1,
        display: 'grid',
        gridTemplateColumns: '24px minmax(0, 1fr) auto',
        columnGap: 1,
      }}
    >
      <Box
        component="b"
        aria-hidden="true"
        sx={{
          font: '700 18px/24px Bricolage',
          color: answer === null ? 'var(--ember)' : 'inherit',
        }}
      >
        {answer === null ? '?' : '✓'}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        {answer === null ? (
          <>
            <Box sx={{ font: '600 17px/23px Bricolage' }}>{ask}</Box>
            {why && <Box sx={{ fontSize: 14, color: 'var(--muted)' }}>{why}</Box>}
          </>
        ) : (
          <>
            <Box sx={{ fontSize: 14, color: 'var(--muted)' }}>{ask}</Box>
            <Box sx={{ fontWeight: 700 }}>{answer}</Box>
          </>
        )}
        {isOpen && (
          <AnswerField open={open} keep={keep} question={question} onDone={() => setOpen(false)} />
        )}
      </Box>
      <Box sx={{ '@media print': { display: 'none' } }}>
        <Button
          size="small"
          aria-expanded={isOpen}
          aria-label={`${answer === null ? 'Answer' : 'Change'}: ${ask}`}
          onClick={() => setOpen(!isOpen)}
          sx={button}
        >
          {answer === null ? 'Answer' : 'Change'}
        </Button>
        {own && isOpen && (
          <Button
            size="small"
            aria-label={`Don’t ask: ${ask}`}
            onClick={() => keep.remove(key)}
            sx={button}
          >
            Don’t ask
          </Button>
        )}
      </Box>
    </Box>
  );
}

const Questions = ({ of, ...asked }: AskedOf & { of: readonly Asked[] }) => (
  <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
    {of.map((question) => (
      <Question key={question.key} question={question} {...asked} />
    ))}
  </Box>
);

function AskHost({ open, keep }: AskedOf) {
  const { bundle, timeline, ready } = open;
  const asked = useMemo(
    () => hostQuestions(bundle, timeline, ready.shortBy),
    [bundle, timeline, ready.shortBy],
  );
  const answered = asked.filter(({ answer }) => answer !== null).length;
  const [text, setText] = useState('');
  return (
    <section aria-label="Ask the host">
      <PartHead
        title="Ask the host"
        below={asked.length === 0 ? '' : `${answered} of ${asked.length} answered`}
      />
      {!bundle.venue && (
        <Box sx={{ color: 'var(--muted)' }}>What to ask follows from the venue: choose one.</Box>
      )}
      <Questions open={open} keep={keep} of={asked.filter(({ answer }) => answer === null)} />
      <AddForm
        inForm
        label="Add a question"
        onAdd={() => {
          if (text.trim() === '') return;
          keep.words({ key: newId(), ask: text.trim() }, '');
          setText('');
        }}
      >
        <TextField
          size="small"
          label="One more question"
          value={text}
          onChange={(event) => setText(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 160 } }}
          sx={{ flex: '1 1 160px' }}
        />
      </AddForm>
      {answered > 0 && (
        <Box component="details" sx={{ mt: 1 }}>
          <Box component="summary" sx={{ py: 1.25, cursor: 'pointer', fontWeight: 600 }}>
            {answered} answered
          </Box>
          <Questions open={open} keep={keep} of={asked.filter(({ answer }) => answer !== null)} />
        </Box>
      )}
    </section>
  );
}

function AskOf({ open, venueId }: { open: OpenShow; venueId: string }) {
  const editing = useDocument<Venue>('/venues', venueId);
  const sayUndoable = useSayUndoable();
  const { store, value } = editing;
  const venue: Keep['venue'] =
    value &&
    ((change) => {
      store.change((now) => ({ ...now, ...change }));
      sayUndoable(`Kept with ${value.name}`, () => store.undo());
    });
  return (
    <>
      <EditingNotices editing={editing} noun="venue" />
      <AskHost open={open} keep={{ venue, ...keepWords(open) }} />
    </>
  );
}

export function HostPart() {
  const open = useOpenShow();
  const { venue } = open.bundle;
  return venue ? (
    <AskOf key={venue.id} open={open} venueId={venue.id} />
  ) : (
    <AskHost open={open} keep={{ venue: null, ...keepWords(open) }} />
  );
}
