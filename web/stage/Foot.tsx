/** What can be pressed now, the likeliest first and largest, each with what it costs. */
import Box from '@mui/material/Box';
import { ofTen } from '../../core/lineup/forecast/words';
import type { EndTold, PriceTold } from '../../core/stage/replan/tell';
import type { Situation } from '../../core/stage/situation';
import { partOnStage } from '../../core/stage/steps';
import type { Live } from '../../core/stage/types';
import { aboutMinute, formatDuration } from '../../core/time/clock';
import { timeOf } from '../brief/dates';
import { Gate } from './Gate';
import type { StageKeys } from './keys';
import { BigButton } from './StageParts';
import { LOW } from './type';

const endsWords = ({ about }: EndTold): string =>
  `ends ${timeOf(aboutMinute(about / 1000) * 1000)}`;

interface Props {
  situation: Situation;
  live: Live;
  byItself: boolean;
  keys: StageKeys;
  prices: ReadonlyMap<string, PriceTold>;
  /** Seconds to spare before the hard finish, against the share that is wanted. */
  spare: number | null;
  now: number;
  onPass: () => void;
  onBegin: () => void;
  onLeave: (after: boolean) => void;
}

/** “2:01 wait” before it, or the odds of ending in time with it. */
function priceWords(price: PriceTold | undefined, now: number): string {
  if (!price) return ' ';
  const wait = (price.from - now) / 1000;
  return wait >= 5 ? `${formatDuration(wait)} dead air` : `${ofTen(price.end.chance)} in time`;
}

const keyWords = (key: string, price: PriceTold | undefined): string =>
  price ? `${endsWords(price.end)} · ${key}` : key;

function mainLabel(situation: Situation, live: Live): string {
  if (situation.kind === 'waiting') return situation.own ? 'Done' : 'Begin now';
  if (situation.kind !== 'on') return 'Done';
  const part = partOnStage(situation.slot, live);
  switch (part) {
    case 'warn':
    case 'brief':
      return 'Said';
    case 'clear':
      return 'All clear';
    case 'gear':
      return 'On';
    case 'off':
      return 'Off';
    case 'letGo':
    case 'do':
      return 'Done';
  }
}

export function Foot({
  situation,
  live,
  byItself,
  keys,
  prices,
  spare,
  now,
  onPass,
  onBegin,
  onLeave,
}: Props) {
  const { kind } = situation;
  const gates = kind === 'waiting' && !situation.own ? situation.gates : [];
  const skip = prices.get('skip');
  const hold =
    spare === null || spare <= 0 ? 'nothing to spare' : `${formatDuration(spare)} to spare`;
  return (
    <Box
      component="footer"
      sx={{
        display: 'flex',
        gap: { xs: 1, md: 2 },
        flexWrap: { xs: 'wrap', md: 'nowrap' },
        py: 1,
        background: 'var(--ground)',
        [LOW]: { flexWrap: 'nowrap', py: 0.5 },
      }}
    >
      {kind === 'before' && (
        <>
          <BigButton
            main
            grow={3}
            label="Start clock"
            keys="Space or clicker forward"
            onClick={keys.forward}
          />
          <BigButton label="Not yet" keys="back to the checks" onClick={() => onLeave(false)} />
        </>
      )}
      {(kind === 'on' || kind === 'waiting') && (
        <>
          {gates.length > 0 ? (
            <Gate rules={gates.map(({ words }) => words)} onOpen={onPass} />
          ) : (
            <BigButton
              main
              grow={2.2}
              label={byItself && kind === 'on' ? 'Goes by itself' : mainLabel(situation, live)}
              keys={
                byItself && kind === 'on'
                  ? 'decide what is to be decided'
                  : 'Space or clicker forward'
              }
              disabled={byItself && kind === 'on'}
              onClick={keys.forward}
            />
          )}
          {kind === 'waiting' && situation.own && situation.gates.length === 0 && (
            <BigButton grow={1.3} label="Begin now" keys="without it" onClick={onBegin} />
          )}
          {kind === 'on' && (
            <>
              <BigButton
                grow={1.5}
                label="Again"
                price={priceWords(prices.get('again'), now)}
                keys={keyWords('R', prices.get('again'))}
                onClick={keys.again}
              />
              {!byItself && (
                <BigButton grow={1.5} label="Didn’t work" keys="X" onClick={keys.failed} />
              )}
            </>
          )}
          <BigButton
            grow={1.3}
            label="Skip"
            price={priceWords(skip, now)}
            keys={keyWords('S', skip)}
            onClick={keys.skip}
          />
          <BigButton grow={0.8} label="Back" keys="Page Up" onClick={keys.back} />
          <BigButton apart grow={1.3} label="Hold" price={hold} keys="H" onClick={keys.hold} />
        </>
      )}
      {kind === 'failed' && (
        <>
          <BigButton label="It did work" keys="Esc" onClick={keys.undo} />
          <BigButton label="Go to …" keys="G" onClick={keys.goTo} />
          <BigButton apart label="Hold" price={hold} keys="H" onClick={keys.hold} />
        </>
      )}
      {kind === 'held' && (
        <BigButton main label="Go on" keys="Space, or H" onClick={keys.forward} />
      )}
      {kind === 'curtain' && (
        <>
          <BigButton
            main
            grow={3}
            label="Finish"
            keys="Space or clicker forward"
            onClick={keys.forward}
          />
          <BigButton label="Go to …" keys="G" onClick={keys.goTo} />
          <BigButton label="Back" keys="Page Up" onClick={keys.back} />
        </>
      )}
      {kind === 'finished' && (
        <>
          <BigButton main grow={3} label="To the write-up" keys="" onClick={() => onLeave(true)} />
          <BigButton label="Not finished yet" keys="take Finish back" onClick={keys.back} />
        </>
      )}
    </Box>
  );
}
