/** One demonstration on the hand-out: what was seen and why, whether it may be tried at home, and how. */
import Box from '@mui/material/Box';
import { type SheetEntry, mayBeTried } from '../../core/ready/atHome/sheet';
import { ALLOWED_WORDS, thingWords } from '../../core/ready/atHome/words';
import { useMoney } from '../parts/money';
import { pinked } from '../parts/tapeShape';
import { Shown } from '../pictures/Shown';

/** What is beneath the heading of trying it at home. */
function AtHome({ entry }: { entry: SheetEntry }) {
  const money = useMoney();
  const { judged, steps, things, mind, cost, whyNot } = entry;
  if (!mayBeTried(judged.allowed)) return whyNot ? <Box>{whyNot}</Box> : null;
  return (
    <>
      <Box>
        <b>You need</b> {things.map(thingWords).join(', ')}
        {cost !== null && cost > 0 && (
          <Box component="span" sx={{ color: 'var(--muted)' }}>
            {' '}
            · about {money(cost)}
          </Box>
        )}
        {judged.conditions.length > 0 && <> · {judged.conditions.join(', ')}</>}
      </Box>
      <Box component="ol" sx={{ m: 0, pl: 3 }}>
        {steps.map((step, i) => (
          <li key={i}>{step}</li>
        ))}
      </Box>
      {mind.length > 0 && (
        <Box sx={{ fontSize: 14 }}>
          <b>Careful:</b> {mind.join(' ')}
        </Box>
      )}
    </>
  );
}

/** `unnamed`: on the demonstration’s own page. */
export function Entry({ entry, unnamed = false }: { entry: SheetEntry; unnamed?: boolean }) {
  const { name, picture, saw, why, judged, questions } = entry;
  const may = mayBeTried(judged.allowed);
  return (
    <Box
      component="article"
      aria-label={name}
      sx={{ breakInside: 'avoid', fontSize: 16, lineHeight: '23px' }}
    >
      {!unnamed && (
        <Box component="h3" sx={{ font: '700 20px/26px Bricolage', m: 0 }}>
          {name}
        </Box>
      )}
      {picture && (
        <Box sx={{ my: 1 }}>
          <Shown picture={picture} of={name} width="100%" height={140} />
        </Box>
      )}
      {saw && <Box sx={{ fontWeight: 600 }}>{saw}</Box>}
      {why && <Box>{why}</Box>}
      {judged.allowed !== 'unknown' && (
        <Box sx={{ mt: 0.75 }}>
          <Box
            component="b"
            sx={{
              display: 'inline-block',
              font: '600 15px/24px Bricolage',
              px: 1.25,
              ml: -0.5,
              clipPath: pinked(3, 3),
              ...(may
                ? { background: 'var(--cue-tape)' }
                : { background: 'var(--ink)', color: 'var(--ground)' }),
            }}
          >
            {ALLOWED_WORDS[judged.allowed]}
          </Box>
          <AtHome entry={entry} />
        </Box>
      )}
      {questions.length > 0 && (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 0.75, p: 0 }}>
          {questions.map((question) => (
            <Box component="li" key={question} sx={{ display: 'flex', gap: 1 }}>
              <Box component="b" aria-hidden="true" sx={{ color: 'var(--ember)' }}>
                ?
              </Box>
              {question}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
