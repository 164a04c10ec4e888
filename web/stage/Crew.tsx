/** Who else is here while a run is on: who drives, who asks to, who was called, what others pressed beside it. */
import ButtonBase from '@mui/material/ButtonBase';
import { type ReactNode, useState } from 'react';
import { deviceName } from '../../contract/share';
import type { Aside, Settled } from '../../core/stage/driving';
import { asideWords } from '../../core/stage/asideWords';
import { taskKey } from '../../core/keys';
import type { Live, RunPlan } from '../../core/stage/types';
import { formatDuration } from '../../core/time/clock';
import { usePeople } from '../app/data';
import { usePresent } from '../app/live';
import { useMay, useThisDevice } from '../app/me';
import { useAction } from '../parts/useAction';
import { useWheel } from '../share/useDriving';

/** How this device stands to driving. */
export interface Seat {
  /** Presses for the running order count from here. */
  drives: boolean;
  /** Who drives, in words; empty while it is this device, or nobody. */
  driver: string;
  /** For how long the driver’s device has been gone, in ms; 0 while it is here. */
  goneFor: number;
}

export function useSeat(settled: Settled | null, now: number): Seat {
  const me = useThisDevice();
  const present = usePresent((state) => state.present);
  const { data: people = [] } = usePeople();
  const driver = settled?.driver ?? null;
  const device = present.find(({ id }) => id === driver);
  const drives = driver === null || driver === me;
  return {
    drives,
    driver: drives ? '' : device ? deviceName(device, people) : 'A device that is gone',
    goneFor:
      drives || device?.connected
        ? 0
        : device
          ? Math.max(0, now - (device.heardAt ?? 0))
          : Infinity,
  };
}

const Press = ({ label, onPress }: { label: string; onPress: () => void }) => (
  <ButtonBase
    onClick={onPress}
    sx={{
      flex: 'none',
      minHeight: 44,
      px: 1.5,
      border: '1.5px solid var(--control)',
      borderRadius: 1,
      fontSize: { xs: 16, md: 20 },
      whiteSpace: 'nowrap',
      color: 'var(--ink)',
    }}
  >
    {label}
  </ButtonBase>
);

interface Props {
  runId: string | null;
  plan: RunPlan | undefined;
  live: Live | null;
  settled: Settled | null;
  seat: Seat;
  now: number;
  onTake: (aside: Aside) => void;
}

/** What a helper’s trouble is told for, in ms; then it is one of the things in the background. */
const TOLD_FOR = 60_000;
const TROUBLE_WORDS = { late: 'is late', spoiled: 'is spoiled', blocked: 'can’t be done' } as const;

/** What is to be told of the others in one line, the most important; null for nothing. */
export function useCrewLine({ runId, plan, live, settled, seat, now, onTake }: Props): ReactNode {
  const me = useThisDevice();
  const mayDrive = useMay('presenter');
  const goneAfter = usePresent((state) => state.goneAfter);
  const present = usePresent((state) => state.present);
  const { data: people = [] } = usePeople();
  const wheel = useWheel(runId);
  const act = useAction();
  const [seen, setSeen] = useState<readonly string[]>([]);
  if (!plan || !live || !settled) return null;
  const nameOf = (id: string | null): string => {
    const device = present.find((one) => one.id === id);
    return device ? deviceName(device, people) : 'Another device';
  };
  const see = (what: string) => (): void => setSeen([...seen, what]);
  const [asks] = wheel.asking;
  if (seat.drives && asks !== undefined && settled.driver === me)
    return (
      <>
        <span>
          <b>{nameOf(asks)}</b> asks to drive
        </span>
        <Press label="Hand over" onPress={() => void act(() => wheel.give(asks))} />
        <Press label="Keep driving" onPress={() => void act(() => wheel.keep(asks))} />
      </>
    );
  // Told to who drives, and to whose presses they were.
  const aside = settled.asides.find(
    ({ id, device }) => !seen.includes(id) && (seat.drives || device === me),
  );
  if (aside)
    return (
      <>
        <span>
          {asideWords(aside, plan, aside.device === me ? 'You' : nameOf(aside.device))}{' '}
          {seat.drives ? 'It moved nothing.' : `${seat.driver} drives: it moved nothing.`}
        </span>
        {seat.drives && aside.canBeTaken && (
          <Press label="Take it instead" onPress={() => onTake(aside)} />
        )}
        {!seat.drives && mayDrive && !wheel.asked && seat.goneFor === 0 && (
          <Press label="Ask to drive" onPress={() => void act(() => wheel.ask())} />
        )}
        <Press label="Leave it" onPress={see(aside.id)} />
      </>
    );
  if (!seat.drives && seat.goneFor > 0 && live.phase !== 'finished') {
    const left = Math.ceil(goneAfter - seat.goneFor / 1000);
    return (
      <>
        <span>
          △ <b>{seat.driver}</b> drives and is not here
          {left > 0 && mayDrive && `: you can take it in ${formatDuration(left)}`}
        </span>
        {mayDrive && me !== null && left <= 0 && (
          <Press label="Take driving" onPress={() => void act(() => wheel.give(me))} />
        )}
      </>
    );
  }
  const trouble = Object.entries(live.jobs).find(
    ([key, { trouble: said, at }]) =>
      said !== null && now - at < TOLD_FOR && !seen.includes(`${key} ${at}`),
  );
  if (!trouble) return null;
  const [key, { trouble: what, at, by }] = trouble;
  if (by === null || what === null) return null;
  const job = plan.jobs.find((one) => taskKey(one) === key);
  const who = people.find(({ id }) => id === by)?.name.split(' ')[0] ?? 'Somebody';
  const why = live.notes.findLast((note) => note.by === by && Math.abs(note.at - at) < 5000)?.text;
  return (
    <>
      <span>
        △ <b>{who}:</b> {job?.name ?? 'a piece of work'} {TROUBLE_WORDS[what]}
        {why && `, “${why}”`}
      </span>
      <Press label="Seen" onPress={see(`${key} ${at}`)} />
    </>
  );
}
