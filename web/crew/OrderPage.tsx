/** The running order to read: what is on when, who does what behind it, and where the show is just now. */
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { type Call, callSheet } from '../../core/lineup/callSheet';
import { resolveSlots } from '../../core/lineup/fromBundle';
import { fold } from '../../core/stage/fold';
import { type OpenShow, useShow } from '../brief/useShow';
import { useForecast } from '../lineup/useForecast';
import { Empty, Loading, Page, Trouble } from '../parts/page';
import { Tape } from '../parts/tape';
import { dayWords } from '../brief/dates';
import { useOpenRun } from '../stage/useOpenRun';
import { facesOf } from './faces';
import { tapeFill } from '../parts/tapeShape';

const Calls = ({ calls }: { calls: readonly Call[] }) => (
  <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, fontSize: 15, lineHeight: '22px' }}>
    {calls.map(({ time, who, what, forSlot }) => (
      <li key={`${time}/${what}/${forSlot}`}>
        <Box component="span" sx={{ color: 'var(--muted)' }}>
          {time}
        </Box>{' '}
        {who}: {what}
        <Box component="span" sx={{ color: 'var(--muted)' }}>
          {' '}
          for {forSlot}
        </Box>
      </li>
    ))}
  </Box>
);

function Order({ open }: { open: OpenShow }) {
  const outlook = useForecast(open)?.outlook;
  const run = useOpenRun(open.show.id);
  const live = useMemo(() => run && fold(run.plan, run.events), [run]);
  const { bundle, input, timeline } = open;
  const faceOf = useMemo(
    () =>
      facesOf(
        resolveSlots(bundle).map(({ slot, demo, position }) => ({
          id: slot.id,
          name: demo.name,
          position: position && { name: position.name, mark: position.mark },
        })),
      ),
    [bundle],
  );
  if (timeline.blocks.length === 0)
    return <Empty title="Nothing in the line-up yet">It is planned under Line-up.</Empty>;
  if (!outlook) return <Loading />;
  const sheet = callSheet(bundle, { input, timeline, outlook });
  return (
    <>
      <p>
        <b>{sheet.ending.headline}</b>, {sheet.ending.by}: {sheet.ending.spare}. Hard finish{' '}
        {sheet.hardFinish}.
      </p>
      {sheet.before.length > 0 && (
        <Box component="section" aria-label="Before the start" sx={{ mb: 2 }}>
          <Box component="h2" sx={{ font: '600 18px Bricolage', m: 0, mb: 0.5 }}>
            Before the start
          </Box>
          <Calls calls={sheet.before} />
        </Box>
      )}
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, maxWidth: 720 }}>
        {sheet.slots.map((slot, i) => {
          const id = timeline.blocks[i]?.slot ?? '';
          const on = live?.slot === id;
          const out = ['skipped', 'leftOut'].includes(live?.slots[id]?.status ?? '');
          const mark = faceOf(id)?.position?.mark;
          return (
            <Box
              component="li"
              key={id}
              aria-current={on ? 'step' : undefined}
              sx={{
                display: 'grid',
                gridTemplateColumns: '52px 40px minmax(0,1fr)',
                columnGap: 1.25,
                py: 1.25,
                borderTop: '1px solid var(--line)',
                ...(on && { background: 'var(--ember-wash)', mx: -1, px: 1 }),
                ...(out && { color: 'var(--muted)', textDecoration: 'line-through' }),
              }}
            >
              <Box component="b" sx={{ font: '600 18px/30px Bricolage' }}>
                {slot.time}
              </Box>
              <Tape width={38} height={30} size={18} fill={tapeFill(mark ?? null)}>
                {slot.number}
              </Tape>
              <Box sx={{ minWidth: 0 }}>
                <Box component="b" sx={{ font: '600 18px/24px Bricolage' }}>
                  {slot.name}
                </Box>
                {on && <b> · on stage now</b>}
                <Box sx={{ fontSize: 15, color: 'var(--muted)' }}>
                  {[slot.method, slot.performer, slot.position, slot.length]
                    .filter(Boolean)
                    .join(' · ')}
                </Box>
                {slot.deadAir && (
                  <Box sx={{ fontSize: 15, color: 'var(--ember)' }}>
                    after {slot.deadAir} of dead air
                  </Box>
                )}
                <Calls calls={slot.calls} />
              </Box>
            </Box>
          );
        })}
      </Box>
      {sheet.after.length > 0 && (
        <Box component="section" aria-label="Afterwards" sx={{ mt: 2 }}>
          <Box component="h2" sx={{ font: '600 18px Bricolage', m: 0, mb: 0.5 }}>
            Afterwards
          </Box>
          <Calls calls={sheet.after} />
        </Box>
      )}
    </>
  );
}

export default function OrderPage() {
  const { showId = '' } = useParams();
  const { open, error } = useShow(showId);
  return (
    <Page
      title={open ? `Running order: ${open.show.title}` : 'Running order'}
      below={open && `${dayWords(open.show.date)}, start ${open.show.start}`}
    >
      <Trouble error={error} />
      {open ? <Order open={open} /> : !error && <Loading />}
    </Page>
  );
}
