/** A show on a date: one sentence with gaps, and the running order that is proposed for it. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import type { StartBody } from '../../contract/start';
import type { Show, Slot } from '../../core/brief/types';
import { whyProposed, stillToAsk } from '../../core/proposal/why';
import { formatDuration } from '../../core/time/clock';
import { counted, listInWords } from '../../core/words';
import { send } from '../app/api';
import { useHealth, useVenues } from '../app/data';
import { useForecast } from '../lineup/useForecast';
import { usePlan } from '../lineup/usePlan';
import { pinked } from '../parts/tapeShape';
import { useAction } from '../parts/useAction';
import { Gap } from './Gap';
import { ProposedStrip } from './ProposedStrip';
import { bookingOf, faultsOf, firstSentence, namesOf, type Sentence } from './sentence';
import { type Stock, useNamed, useProposed, useProposedBundle } from './useProposed';

const NOTHING: ReadonlySet<string> = new Set();

interface Props {
  stock: Stock | null;
  /** Which ones are in the order now. */
  onOrder: (slots: readonly Slot[]) => void;
}

/** “Five of them fill it” */
const COUNTS = 'None One Two Three Four Five Six Seven Eight Nine Ten Eleven Twelve'.split(' ');

export function ShowOnADate({ stock, onOrder }: Props) {
  const [sentence, setSentence] = useState<Sentence>(firstSentence);
  const [shown, setShown] = useState<ReadonlySet<string>>(NOTHING);
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const act = useAction();
  const { data: venues = [] } = useVenues();
  const type =
    (gap: keyof Sentence) =>
    (value: string): void =>
      setSentence((now) => ({ ...now, [gap]: value }));
  const faults = faultsOf(sentence);
  const facts = bookingOf(sentence);
  const names = namesOf(sentence.crew);
  const { people, venue } = useNamed(names, sentence.place);
  const { booking, told, done, fresh } = useProposed(stock, { facts, people, venue, shown });
  const proposal = told?.found?.proposals[0] ?? null;
  const bundle = useProposedBundle(booking, stock, proposal);
  const { plan } = usePlan(bundle);
  const { data: health } = useHealth();
  const answer = useMemo(() => ({ records: stock?.records?.records ?? [] }), [stock]);
  const about = useMemo(() => plan && health && { ...plan, answer }, [plan, health, answer]);
  const foreseen = useForecast(about ?? null);
  const slots = proposal?.slots ?? [];
  const orderKey = slots.map(({ id }) => id).join();
  useEffect(() => onOrder(slots), [orderKey]);

  const take = (): void => {
    if (!facts || !stock) return;
    setBusy(true);
    const body: StartBody = {
      ...facts,
      venue: sentence.place.trim(),
      crew: names.length > 0 ? names : ['Me'],
      slots: slots.flatMap(({ demoId, methodId, performerId }) =>
        demoId === null || methodId === null
          ? []
          : [
              {
                from: stock.isOwn(demoId) ? ('own' as const) : ('library' as const),
                demoId,
                methodId,
                performer: Math.max(
                  0,
                  people.findIndex(({ id }) => id === performerId),
                ),
              },
            ],
      ),
    };
    void act(async () => {
      const show = await send<Show>('POST', '/shows/start', body);
      await navigate(`/shows/${show.id}/line-up`);
    }).finally(() => setBusy(false));
  };

  const outlook = foreseen?.outlook;
  const asked = bundle ? stillToAsk(bundle) : [];
  const letIn = told?.letIn.slice(0, 2) ?? [];
  return (
    <Box component="section" aria-label="A show on a date">
      <Box component="h2" sx={{ font: '700 17px Bricolage', m: 0, mb: 1.5 }}>
        A show on a date
      </Box>
      <Box
        sx={{
          font: { xs: '400 21px/42px Bricolage', md: '400 25px/46px Bricolage' },
          color: 'var(--muted)',
          letterSpacing: '-0.3px',
        }}
      >
        I have{' '}
        <Gap
          label="How long"
          value={sentence.length}
          onChange={type('length')}
          fault={faults.length}
        />{' '}
        on{' '}
        <Gap
          label="Day"
          type="date"
          value={sentence.date}
          onChange={type('date')}
          fault={faults.date}
        />{' '}
        at{' '}
        <Gap
          label="Start"
          type="time"
          value={sentence.start}
          onChange={type('start')}
          fault={faults.start}
        />{' '}
        in{' '}
        <Gap
          label="Place"
          value={sentence.place}
          placeholder="a place"
          onChange={type('place')}
          fault={faults.place}
          list={venues.map(({ name }) => name)}
          least={8}
        />{' '}
        for{' '}
        <Gap
          label="People"
          value={sentence.people}
          onChange={type('people')}
          fault={faults.people}
        />{' '}
        people, by{' '}
        <Gap
          label="Who performs"
          value={sentence.crew}
          placeholder="just me"
          onChange={type('crew')}
          fault={faults.crew}
          least={8}
        />
        .
      </Box>

      {!stock || (facts && !proposal && !done) ? (
        <LinearProgress sx={{ mt: 3 }} aria-label="Looking for a running order" />
      ) : proposal && bundle && plan ? (
        <Box sx={{ mt: 2, opacity: fresh ? 1 : 0.55 }}>
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
            <Box component="b" sx={{ font: '700 16px Bricolage' }}>
              {COUNTS[slots.length] ?? slots.length} fill it.
            </Box>
            <Button
              size="small"
              onClick={() =>
                setShown(new Set([...shown, ...slots.flatMap(({ demoId }) => demoId ?? [])]))
              }
            >
              Others
            </Button>
            {shown.size > 0 && (
              <Button size="small" onClick={() => setShown(NOTHING)}>
                The first ones
              </Button>
            )}
            {!done && <span role="status">Still looking for better …</span>}
          </Box>
          <Box
            sx={{
              font: { xs: '800 26px/32px Bricolage', md: '800 31px/38px Bricolage' },
              letterSpacing: '-0.8px',
            }}
          >
            {outlook
              ? `Takes about ${formatDuration(outlook.about)} of ${formatDuration(outlook.hardFinish)}`
              : 'Takes about …'}
            {outlook && (
              <Box component="span" sx={{ font: '500 18px Bricolage', letterSpacing: 0 }}>
                , under {formatDuration(outlook.by)} in {Math.round(outlook.share * 10)} of 10
              </Box>
            )}
          </Box>
          {outlook && (
            <Box sx={{ color: 'var(--muted)', fontSize: 14, mt: 0.5 }}>
              {formatDuration(outlook.written)} if everything goes as written. Its times are guesses
              until you have done it once.
            </Box>
          )}
          <ProposedStrip bundle={bundle} timeline={plan.timeline} foreseen={foreseen} />
          <Box sx={{ display: 'flex', gap: 2, mt: 2, alignItems: 'flex-end', flexWrap: 'wrap' }}>
            <Box sx={{ flex: '1 1 260px', fontSize: 15, lineHeight: '21px' }}>
              {whyProposed(bundle, plan.timeline).map((words) => (
                <div key={words}>{words}</div>
              ))}
              {asked.length > 0 && (
                <Box sx={{ color: 'var(--muted)' }}>
                  Still to ask the place: {listInWords(asked)}.
                </Box>
              )}
              {letIn.map(({ remedy, more }) => (
                <Box key={remedy} sx={{ color: 'var(--muted)' }}>
                  {remedy}: {counted(more, 'more fits', 'more fit')}.
                </Box>
              ))}
            </Box>
            <ButtonBase
              onClick={take}
              disabled={busy || !fresh}
              sx={{
                minWidth: 172,
                height: 48,
                px: 3,
                background: 'var(--ember-area)',
                color: 'var(--on-ember)',
                clipPath: pinked(6, 4),
                font: '600 17px Bricolage',
                '&.Mui-disabled': { opacity: 0.6 },
                '&:focus-visible': { outline: '3px solid var(--ink)', outlineOffset: -6 },
              }}
            >
              Take this order
            </ButtonBase>
          </Box>
        </Box>
      ) : (
        facts &&
        done && (
          <Box sx={{ mt: 2, fontSize: 16 }}>
            Nothing goes into that.{' '}
            {letIn.map(
              ({ remedy, more }) => `${remedy}: ${counted(more, 'more fits', 'more fit')}. `,
            )}
            <Button size="small" onClick={take} disabled={busy}>
              Begin it empty
            </Button>
          </Box>
        )
      )}
    </Box>
  );
}
