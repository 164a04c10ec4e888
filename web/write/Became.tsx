/** What a text became: the recipe, with where each part of it is from, what is asked, and the kit. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { handsInWords } from '../../core/lineup/recipe';
import type { Phase } from '../../core/repertoire/types';
import { formatDuration } from '../../core/time/clock';
import { guessedTimes, likelySum, stepsIn } from '../../core/told/sums';
import type { Question, Told, ToldMethod, ToldStep } from '../../core/told/types';
import { formatAmount } from '../../core/units/format';
import { counted } from '../../core/words';
import { PartHead } from './PartHead';

const SECTIONS: readonly { title: string; about: string; phases: readonly Phase[] }[] = [
  { title: 'Preparation', about: 'before the audience sees it', phases: ['prepare', 'settle'] },
  { title: 'Performance', about: 'what the audience sees', phases: ['perform'] },
  { title: 'Clearing', about: 'after the applause', phases: ['reset'] },
];

function Step({ step }: { step: ToldStep }) {
  const { time, hands, phase } = step;
  const pale = time.said === 'none';
  return (
    <Box
      component="li"
      data-became={step.line}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 54px', sm: '1fr 96px 54px 92px' },
        gap: 1,
        py: 0.5,
        alignItems: 'baseline',
      }}
    >
      <span>
        {step.name}
        {step.sign && (
          <Box component="span" sx={{ color: 'var(--muted)' }}>
            {' '}
            sign: {step.sign.watchFor}
            {step.sign.waitMost > 0 &&
              `, then wait ${formatDuration(step.sign.waitLeast)} to ${formatDuration(step.sign.waitMost)}`}
          </Box>
        )}
        {step.cue && (
          <Box
            component="span"
            sx={{
              background: 'var(--cue-tape)',
              color: 'var(--ink)',
              px: 1,
              ml: 1,
              fontWeight: 600,
            }}
          >
            {step.cue}
          </Box>
        )}
        {step.say && <Box sx={{ color: 'var(--muted)', fontSize: 14 }}>“{step.say}”</Box>}
        {step.careful && <Box sx={{ fontSize: 14 }}>Careful: {step.careful}</Box>}
        {step.gearOn.length + step.gearOff.length > 0 && (
          <Box sx={{ fontSize: 14 }}>
            {step.gearOn
              .map((one) => `+ ${one}`)
              .concat(step.gearOff.map((one) => `− ${one}`))
              .join(' ')}
          </Box>
        )}
      </span>
      <Box
        component="span"
        sx={{ color: 'var(--muted)', fontSize: 14, display: { xs: 'none', sm: 'block' } }}
      >
        {phase === 'settle' && hands.length === 0 ? 'by itself' : handsInWords(hands)}
      </Box>
      <Box
        component="b"
        sx={{
          textAlign: 'right',
          fontFamily: 'Bricolage',
          fontWeight: pale ? 400 : 700,
          color: pale ? 'var(--muted)' : 'inherit',
        }}
      >
        {formatDuration(time.likely)}
      </Box>
      <Box
        component="span"
        sx={{ color: 'var(--muted)', fontSize: 13, display: { xs: 'none', sm: 'block' } }}
      >
        {formatDuration(time.shortest)}–{formatDuration(time.longest)}
      </Box>
    </Box>
  );
}

function Asked({ question, onAnswer }: { question: Question; onAnswer: (text: string) => void }) {
  return (
    <Box
      component="li"
      data-became={question.line}
      data-asks="true"
      sx={{ background: 'var(--ember-wash)', borderRadius: 1.5, px: 1.5, py: 1, my: 0.5 }}
    >
      <Box component="b" sx={{ color: 'var(--ember)' }}>
        {question.ask}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, mt: 0.5, flexWrap: 'wrap' }}>
        {question.answers.map(({ label, text }) => (
          <Button key={label} size="small" variant="outlined" onClick={() => onAnswer(text)}>
            {label}
          </Button>
        ))}
      </Box>
    </Box>
  );
}

interface BecameProps {
  told: Told;
  onAnswer: (question: Question, text: string) => void;
}

export function Became({ told, onAnswer }: BecameProps) {
  const several = told.methods.length > 1;
  const asked = new Set<Question>();
  return (
    <>
      {told.methods.map((method, m) => {
        const lines = [
          ...method.steps.flatMap(({ line, more }) => [line, ...more]),
          ...method.kit.map(({ line }) => line),
        ];
        const last = Math.max(method.line, ...lines);
        const questions = told.questions.filter((one) => {
          if (asked.has(one) || (one.line > last && m < told.methods.length - 1)) return false;
          asked.add(one);
          return true;
        });
        return (
          <Box component="section" key={m} aria-label={method.name ?? 'What it became'}>
            {several && (
              <Box component="h2" sx={{ font: '700 19px Bricolage', m: 0, mt: 2 }}>
                {method.name}
              </Box>
            )}
            {SECTIONS.map(({ title, about, phases }) => {
              const steps = stepsIn(method, phases);
              if (steps.length === 0) return null;
              const guessed = steps.every(({ phaseGuessed }) => phaseGuessed);
              return (
                <Box key={title} sx={{ mt: 2 }}>
                  <PartHead title={title} about={`${about}${guessed ? ', guessed' : ''}`}>
                    <Box component="b" sx={{ fontFamily: 'Bricolage' }}>
                      {formatDuration(likelySum(steps))}
                    </Box>
                  </PartHead>
                  <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
                    {steps.map((step, i) => (
                      <Step key={`${step.line}/${i}`} step={step} />
                    ))}
                  </Box>
                </Box>
              );
            })}
            {questions.length > 0 && (
              <Box
                component="ul"
                aria-label="To be answered"
                sx={{ listStyle: 'none', p: 0, m: 0, mt: 1.5 }}
              >
                {questions.map((question) => (
                  <Asked
                    key={`${question.line}/${question.from}/${question.ask}`}
                    question={question}
                    onAnswer={(text) => onAnswer(question, text)}
                  />
                ))}
              </Box>
            )}
            {method.kit.length > 0 && (
              <Box sx={{ mt: 2 }}>
                <PartHead title="Kit" about="for one go; amounts grow with the goes" />
                <Box
                  component="ul"
                  sx={{
                    listStyle: 'none',
                    p: 0,
                    m: 0,
                    mt: 0.5,
                    display: 'grid',
                    gap: 0.5,
                    gridTemplateColumns: 'repeat(auto-fill, minmax(170px, 1fr))',
                  }}
                >
                  {method.kit.map((thing, i) => (
                    <li key={`${thing.name}/${i}`}>
                      <b>{formatAmount(thing.amount, thing.unit)}</b> {thing.name}
                      {thing.itemId === null && (
                        <Box component="span" sx={{ color: 'var(--muted)', fontSize: 13 }}>
                          {' '}
                          new
                        </Box>
                      )}
                    </li>
                  ))}
                </Box>
              </Box>
            )}
          </Box>
        );
      })}
      {told.methods.length === 0 && (
        <Box sx={{ color: 'var(--muted)', mt: 2 }}>
          What you type becomes a recipe here: steps with their times, waits, kit, what to say.
        </Box>
      )}
    </>
  );
}

/** “3 times are guessed” */
export const guessedWords = (method: Pick<ToldMethod, 'steps'>): string => {
  const guessed = guessedTimes(method);
  return guessed === 0
    ? ''
    : `${counted(guessed, 'time is', 'times are')} guessed. One rehearsal puts yours there.`;
};
