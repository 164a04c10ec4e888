/** What the audience is asked before it sees: the question, what may come of it, and what does. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useController, useFormContext, useWatch } from 'react-hook-form';
import type { Prediction } from '../../core/repertoire/cues';
import { EditInPlace } from '../parts/EditInPlace';
import { Many, Words } from '../parts/form';
import { Pick } from '../parts/Pick';
import { Heading, Nothing, type PartProps } from './partLayout';

const FRESH: Prediction = {
  ask: 'What will happen?',
  options: ['This', 'That'],
  answer: null,
  reveal: '',
};

function Answer({ at }: { at: string }) {
  const { field } = useController({ name: `${at}.prediction.answer` });
  const options = useWatch({ name: `${at}.prediction.options` }) as string[] | undefined;
  return (
    <Pick
      label="What comes true"
      value={field.value === null ? null : String(field.value)}
      none="Open"
      options={(options ?? []).map((label, i) => ({ value: String(i), label }))}
      onChange={(value) => field.onChange(value === null ? null : Number(value))}
    />
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
      <Answer at={at} />
      <Words name={`${at}.prediction.reveal`} label="Said with it" />
      <Button size="small" sx={{ justifySelf: 'start' }} onClick={() => set(null)}>
        No question
      </Button>
    </Box>
  );
}

export function QuestionPart({ at, method: { prediction } }: PartProps) {
  return (
    <EditInPlace
      what="the question to the audience"
      names={[`${at}.prediction`]}
      read={
        <>
          <Heading>Asked before</Heading>
          {prediction ? (
            <>
              <Box sx={{ fontSize: 17 }}>“{prediction.ask}”</Box>
              <Box component="ol" sx={{ m: 0, pl: 3 }}>
                {prediction.options.map((option, i) => (
                  <Box
                    component="li"
                    key={option}
                    sx={{ fontWeight: i === prediction.answer ? 700 : 400 }}
                  >
                    {option}
                    {i === prediction.answer && ', which it does'}
                  </Box>
                ))}
              </Box>
            </>
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
