/** It didn’t work: both ways on with their prices side by side, and why it was, with one tap. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { insteadOnStage } from '../../core/kit/instead';
import { ofTen } from '../../core/lineup/forecast/words';
import type { PriceTold, WindowTold } from '../../core/stage/replan/tell';
import type { Live, RunPlan, RunSlot } from '../../core/stage/types';
import { aboutMinute, formatDuration } from '../../core/time/clock';
import { usePreferences } from '../app/preferences';
import { timeOf } from '../brief/dates';
import type { OpenShow } from '../brief/useShow';
import { pinked } from '../parts/tapeShape';
import { setsLeftOf } from './setsLeft';
import { SlotHead } from './StageParts';
import { LOW, wide } from './type';

/** Ten pieces of tape, of which so many are there. */
export const Tens = ({ chance }: { chance: number }) => {
  const all = Number(/^\d+/.exec(ofTen(chance))?.[0] ?? 0);
  return (
    <Box
      component="span"
      aria-hidden="true"
      sx={{ display: 'inline-flex', gap: { xs: '4px', md: '6px' } }}
    >
      {Array.from({ length: 10 }, (_, i) => (
        <Box
          key={i}
          component="span"
          sx={{
            width: { xs: 16, md: 24 },
            height: { xs: 16, md: 24 },
            ...(i < all
              ? { background: 'var(--ink)', clipPath: pinked(4, 3) }
              : { border: '2px solid var(--control)', borderRadius: 0.5 }),
          }}
        />
      ))}
    </Box>
  );
};

/** Until when it keeps that is ready now, and when it is used: within the bracket, or past it. */
function OpenWindow({ window, number, now }: { window: WindowTold; number: number; now: number }) {
  const at = window.at ?? window.until;
  const late = at > window.until;
  const W = 240;
  const x = (ms: number): number =>
    14 + ((ms - now) / (Math.max(at, window.until) - now)) * (W - 34);
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1.5,
        color: late ? 'var(--ember)' : 'inherit',
        whiteSpace: 'nowrap',
      }}
    >
      <Box component="span" sx={{ overflow: 'hidden', textOverflow: 'ellipsis' }}>
        {window.of}
      </Box>
      <svg
        viewBox={`0 0 ${W} 30`}
        width={W}
        height={30}
        aria-hidden="true"
        style={{ flex: 'none' }}
      >
        <path
          d={`M10 3H4V27h6M${x(window.until) - 6} 3h6V27h-6`}
          fill="none"
          stroke="currentColor"
          strokeWidth={2.5}
        />
        <path d={`M12 15H${x(at)}`} stroke="currentColor" strokeWidth={2} strokeDasharray="2 5" />
        <rect x={x(at) - 13} y={2} width={26} height={26} rx={3} fill="var(--ink)" />
        <text
          x={x(at)}
          y={22}
          textAnchor="middle"
          style={{ font: '700 19px Bricolage' }}
          fill="var(--ground)"
        >
          {number}
        </text>
      </svg>
      <span>
        {late ? '△ only until' : 'keeps until'} <b>{timeOf(window.until)}</b>
      </span>
    </Box>
  );
}

interface WayProps {
  title: string;
  keys: string;
  main: boolean;
  price: PriceTold | null;
  /** “1 set left” */
  more: string;
  plan: RunPlan;
  /** Milliseconds since 1970. */
  now: number;
  onClick: () => void;
}

function Way({ title, keys, main, price, more, plan, now, onClick }: WayProps) {
  const wait = price ? Math.round((price.from - now) / 1000) : 0;
  const next = plan.slots.find(({ id }) => id === price?.slot);
  const over = price?.end.over ?? 0;
  const [drawn] = price?.open ?? [];
  const isOther = ({ slot, name }: WindowTold): boolean =>
    slot !== drawn?.slot || name !== drawn.name;
  return (
    <Box
      component="section"
      aria-label={title}
      sx={{ flex: '1 1 0', minWidth: { xs: '100%', md: 0 } }}
    >
      <ButtonBase
        onClick={onClick}
        sx={{
          width: '100%',
          minHeight: { xs: 64, md: 88 },
          px: { xs: 2, md: 4 },
          justifyContent: 'space-between',
          gap: 2,
          textAlign: 'left',
          background: main ? 'var(--ember-area)' : 'none',
          clipPath: main ? pinked(8, 6) : undefined,
          border: main ? 0 : '2px solid var(--control)',
          borderRadius: 1,
          [LOW]: { minHeight: 48 },
        }}
      >
        <Box component="span" sx={{ font: wide(56, 32, 800) }}>
          {title}
        </Box>
        <Box component="small" sx={{ fontSize: { xs: 15, md: 22 } }}>
          {keys}
        </Box>
      </ButtonBase>
      <Box sx={{ px: { xs: 1, md: 4 }, pt: 1, minHeight: { md: 216 } }} aria-live="polite">
        {!price ? (
          <Box sx={{ fontSize: { xs: 18, md: 28 }, color: 'var(--muted)' }}>
            working out its price …
          </Box>
        ) : (
          <>
            <Box sx={{ fontSize: { xs: 18, md: 28 }, lineHeight: 1.25, minHeight: { md: 36 } }}>
              {wait >= 5 ? (
                <>
                  <Box component="b" sx={{ color: 'var(--ember)' }}>
                    {formatDuration(wait)} of dead air
                  </Box>
                  {more && `, ${more}`}
                </>
              ) : next ? (
                <>
                  <b>{next.name}</b> {more ? `at once, ${more}` : 'is ready now'}
                </>
              ) : (
                'That was the last one'
              )}
            </Box>
            <Box
              sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap', my: 0.75 }}
            >
              <Box component="b" sx={{ font: wide(54, 34, 800), whiteSpace: 'nowrap' }}>
                ends {timeOf(aboutMinute(price.end.about / 1000) * 1000)}
              </Box>
              <Box
                component="span"
                sx={{
                  fontSize: { xs: 18, md: 28 },
                  color: over > 0 ? 'var(--ember)' : 'var(--muted)',
                }}
              >
                {formatDuration(Math.abs(over))} {over > 0 ? 'over' : 'to spare'}
              </Box>
            </Box>
            <Box
              sx={{ display: 'flex', alignItems: 'center', gap: 2, fontSize: { xs: 18, md: 28 } }}
            >
              <Tens chance={price.end.chance} />
              <span>
                <b>{ofTen(price.end.chance)}</b> in time
              </span>
            </Box>
            <Box
              sx={{
                mt: 1,
                pt: 1,
                borderTop: '1.5px solid var(--line)',
                fontSize: { xs: 17, md: 24 },
                lineHeight: 1.3,
              }}
            >
              {price.tasks.slice(0, 3).map((task) => (
                <div key={task.task}>
                  {task.people.map(({ name }) => name).join(', ')} <b>{task.name}</b> until{' '}
                  {timeOf(task.to)}
                </div>
              ))}
              {drawn && (
                <OpenWindow
                  window={drawn}
                  number={plan.slots.findIndex(({ id }) => id === drawn.slot) + 1}
                  now={now}
                />
              )}
              {price.missed.filter(isOther).map((window) => (
                <Box key={`${window.slot}/${window.name}`} sx={{ color: 'var(--ember)' }}>
                  △ {window.of}: {window.name} only until {timeOf(window.until)}
                </Box>
              ))}
            </Box>
          </>
        )}
      </Box>
    </Box>
  );
}

interface Props {
  plan: RunPlan;
  live: Live;
  slot: RunSlot;
  /** The show’s rule asks for another go. */
  ruleIsAgain: boolean;
  again: PriceTold | null;
  moveOn: PriceTold | null;
  causes: readonly string[];
  /** Null where the show itself is not known here: neither what is left nor what will do instead is. */
  open: OpenShow | null;
  now: number;
  onAgain: () => void;
  onMoveOn: () => void;
  onCause: (cause: string | null) => void;
}

export function Failed({
  plan,
  live,
  slot,
  ruleIsAgain,
  again,
  moveOn,
  causes,
  open,
  now,
  onAgain,
  onMoveOn,
  onCause,
}: Props) {
  const system = usePreferences((state) => state.system);
  const spares = open ? insteadOnStage(open.bundle, slot.id, system) : [];
  const setsLeft = setsLeftOf(open, slot, live);
  const cause = live.slots[slot.id]?.goes.find(({ go }) => go === live.go)?.cause ?? null;
  const left = slot.goesAllowed - live.go;
  const sets =
    setsLeft === null
      ? ''
      : setsLeft > 0
        ? `${setsLeft} ${setsLeft === 1 ? 'set' : 'sets'} left`
        : 'no set left';
  const rule = ruleIsAgain ? 'your rule says again' : 'your rule says no';
  return (
    <Box component="section" aria-label="Now" sx={{ flex: '1 1 100%', minWidth: 0 }}>
      <SlotHead plan={plan} slot={slot} said="didn’t work">
        {left > 0 ? `${left} more allowed` : 'no more allowed'}
      </SlotHead>
      <Box
        sx={{
          display: 'flex',
          gap: { xs: 1, md: 4 },
          mt: 1,
          flexWrap: { xs: 'wrap', md: 'nowrap' },
        }}
      >
        <Way
          title="Move on"
          keys="Space"
          main={!ruleIsAgain}
          price={moveOn}
          more=""
          plan={plan}
          now={now}
          onClick={onMoveOn}
        />
        <Way
          title="Again"
          keys={`${rule} · R`}
          main={ruleIsAgain}
          price={again}
          more={sets}
          plan={plan}
          now={now}
          onClick={onAgain}
        />
      </Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mt: 1 }}>
        <Box component="b" sx={{ fontSize: { xs: 18, md: 26 }, mr: 1 }}>
          Why?
        </Box>
        {causes.map((one, i) => (
          <ButtonBase
            key={one}
            aria-pressed={cause === one}
            onClick={() => onCause(one)}
            sx={{
              minHeight: { xs: 48, md: 60 },
              px: 1.5,
              border: `2px solid ${cause === one ? 'var(--ink)' : 'var(--control)'}`,
              background: cause === one ? 'var(--person-on-stage)' : 'none',
              borderRadius: 1,
              fontSize: { xs: 18, md: 25 },
            }}
          >
            {one}
            <Box component="small" sx={{ ml: 1, color: 'var(--muted)', fontSize: 20 }}>
              {i + 1}
            </Box>
          </ButtonBase>
        ))}
        <ButtonBase
          onClick={() => onCause(null)}
          sx={{
            minHeight: { xs: 48, md: 60 },
            px: 1.5,
            border: '2px solid var(--control)',
            borderRadius: 1,
            fontSize: { xs: 18, md: 25 },
          }}
        >
          {cause && !causes.includes(cause) ? cause : 'own words'}
        </ButtonBase>
      </Box>
      {spares.length > 0 && (
        <Box sx={{ mt: 1, fontSize: { xs: 17, md: 24 }, lineHeight: 1.3 }}>
          <b>Broken, or left at home?</b>{' '}
          {spares.map(({ of, words }) => `Instead of ${of}: ${words}.`).join(' ')}
        </Box>
      )}
    </Box>
  );
}
