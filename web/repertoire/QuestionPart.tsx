/** What the audience is asked before it sees: the question, what may come of it, and what does. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useController, useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { NO_ANSWERS, type Prediction } from '../../core/repertoire/cues';
import { EditInPlace } from '../parts/EditInPlace';
import { Many, Words } from '../parts/form';
import { Pick } from '../parts/Pick';
import { Heading, Nothing, type PartProps } from './partLayout';

/** So many are kept. */
const MOST_WRONG = 6;

const FRESH: Prediction = {
  ask: 'What will happen?',
  options: ['This', 'That'],
  answer: null,
  reveal: '',
  ...NO_ANSWERS,
};

function Answer({
  at,
  of,
  label,
  none,
}: {
  at: string;
  of: 'answer' | 'ifFails';
  label: string;
  none: string;
}) {
  const { field } = useController({ name: `${at}.prediction.${of}` });
  const options = useWatch({ name: `${at}.prediction.options` }) as string[] | undefined;
  return (
    <Pick
      label={label}
      value={field.value === null ? null : String(field.value)}
      none={none}
      options={(options ?? []).map((label, i) => ({ value: String(i), label }))}
      onChange={(value) => field.onChange(value === null ? null : Number(value))}
    />
  );
}

/** What is often said and is wrong, each with what to say then. */
function WrongAnswers({ at }: { at: string }) {
  const name = `${at}.prediction.wrong`;
  const { fields, append, remove } = useFieldArray({ name, keyName: 'key' });
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {fields.map(({ key }, i) => (
        <Box key={key} sx={{ display: 'grid', gap: 1 }}>
          <Words name={`${name}.${i}.answer`} label={`Often said ${i + 1}`} />
          <Words name={`${name}.${i}.then`} label={`Say then ${i + 1}`} multiline />
          <Button
            size="small"
            sx={{ justifySelf: 'start' }}
            onClick={() => remove(i)}
            aria-label={`Remove often said ${i + 1}`}
          >
            Remove
          </Button>
        </Box>
      ))}
      {fields.length < MOST_WRONG && (
        <Button
          size="small"
          sx={{ justifySelf: 'start' }}
          onClick={() => append({ answer: 'Often said', then: '' })}
        >
          Add what is often said
        </Button>
      )}
    </Box>
  );
}

function Fields({ at }: { at: string }) {
  const { setValue } = useFormContext();
  const asked = useWatch({ name: `${at}.prediction` }) as Prediction | null;
  const set = (value: Prediction | null): void =>
    setValue(`${at}.prediction`, value, { shouldValidate: true });
  if (!asked)
    return (
      <Button size="small" sx={{ justifySelf: 'start' }} onClick={() => set(FRESH)}>
        Ask the audience first
      </Button>
    );
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Words name={`${at}.prediction.ask`} label="Question" />
      <Many
        name={`${at}.prediction.options`}
        label="What may happen"
        help="Two to five; press Enter after each"
      />
      <Answer at={at} of="answer" label="What comes true" none="Open" />
      <Answer at={at} of="ifFails" label="What comes true if it fails" none="None of them" />
      <Words name={`${at}.prediction.reveal`} label="Said with it" />
      <Many
        name={`${at}.prediction.accepts`}
        label="Also right, in their words"
        help="Press Enter after each"
      />
      <WrongAnswers at={at} />
      <Button size="small" sx={{ justifySelf: 'start' }} onClick={() => set(null)}>
        No question
      </Button>
    </Box>
  );
}

/** A question with what may be said to it, and what to say then. */
export const QuestionRead = ({ prediction }: { prediction: Prediction }) => (
  <>
    <Box sx={{ fontSize: 17 }}>“{prediction.ask}”</Box>
    <Box component="ol" sx={{ m: 0, pl: 3 }}>
      {prediction.options.map((option, i) => (
        <Box component="li" key={option} sx={{ fontWeight: i === prediction.answer ? 700 : 400 }}>
          {option}
          {i === prediction.answer && ', which it does'}
        </Box>
      ))}
    </Box>
    {prediction.accepts.length > 0 && <Box>✓ {prediction.accepts.join(' · ')}</Box>}
    {prediction.wrong.map(({ answer, then }) => (
      <Box key={answer}>
        Often: “{answer}”{then && <Box sx={{ color: 'var(--muted)' }}>Then: “{then}”</Box>}
      </Box>
    ))}
  </>
);

export function QuestionPart({ at, method: { prediction } }: PartProps) {
  return (
    <EditInPlace
      what="the question to the audience"
      names={[`${at}.prediction`]}
      read={
        <>
          <Heading>Asked before</Heading>
          {prediction ? (
            <QuestionRead prediction={prediction} />
          ) : (
            <Nothing>No question to the audience.</Nothing>
          )}
        </>
      }
      edit={
        <>
          <Heading>Asked before</Heading>
          <Fields at={at} />
        </>
      }
    />
  );
}
