/** What the amounts follow from, besides the line-up: a sentence whose words change. */
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { ShowBody } from '../../contract/brief';
import type { SpareWish } from '../../core/brief/types';
import { allSeen, ofHundred, setsForShow } from '../../core/kit/sets';
import { resolveSlots } from '../../core/lineup/fromBundle';
import { listInWords } from '../../core/words';
import { usePreferences } from '../app/preferences';
import { useOpenShow, useShowEditing } from '../brief/useShow';
import { AutoForm } from '../parts/form';
import { FigureGap, OneGap } from '../parts/formGaps';
import { PriceGap } from '../parts/Price';

const WISHES: { value: SpareWish; label: string }[] = [
  { value: 'each', label: 'so that each demo works' },
  { value: 'show', label: 'so that the whole show works' },
  { value: 'none', label: 'without spares' },
];

export function Basis() {
  const editing = useShowEditing();
  const { show, bundle, answer } = useOpenShow();
  const { system, setSystem } = usePreferences();
  const { wish, mostCost, mostGrams } = show.sparePolicy;
  const sets = setsForShow(bundle, answer.records);
  const resolved = resolveSlots(bundle).flatMap(({ slot, demo }) => {
    const own = sets.get(slot.id);
    return own ? [{ name: demo.name, chance: own.chance }] : [];
  });
  const all = ofHundred(allSeen(resolved));
  const seldom = resolved
    .filter(({ chance }) => chance * 100 < show.wantedChance)
    .sort((a, b) => a.chance - b.chance)
    .map(({ name, chance }) => `${name} ${ofHundred(chance)}`);
  return (
    <AutoForm editing={editing} type={ShowBody}>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start', mt: 1 }}>
        <Box sx={{ flex: '1 1 420px' }}>
          <Box sx={{ font: '400 17px/32px Atkinson' }}>
            For {show.audience} people and <FigureGap name="rehearsals" label="Rehearsals" />{' '}
            {show.rehearsals === 1 ? 'rehearsal' : 'rehearsals'},{' '}
            <OneGap name="sparePolicy.wish" label="Spare sets" options={WISHES} />
            {wish !== 'none' && (
              <>
                {' '}
                <FigureGap name="wantedChance" label="Times of 100" /> times of 100. Spares may cost{' '}
                <PriceGap
                  name="sparePolicy.mostCost"
                  label="Spares may cost"
                  unsaid="what they do"
                />{' '}
                and weigh{' '}
                <FigureGap
                  name="sparePolicy.mostGrams"
                  label="Spares may weigh, in grams"
                  unsaid="what they do"
                  optional
                />
                {mostGrams !== null && ' g'}
              </>
            )}
            .
          </Box>
          {resolved.length > 1 && (
            <Box sx={{ color: 'var(--muted)', mt: 0.5 }}>
              All {resolved.length} are seen in <b>{all} of 100</b> shows
              {wish === 'show' && all < Math.floor(show.wantedChance)
                ? mostCost !== null || mostGrams !== null
                  ? ': more spares would cost or weigh more than they may'
                  : ': more would take more retries than the line-up gives'
                : ''}
              {seldom.length > 0 && `; least often ${listInWords(seldom.slice(0, 3))}`}.
            </Box>
          )}
        </Box>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={system}
          onChange={(_event, value: typeof system | null) => value && setSystem(value)}
          aria-label="Amounts in"
        >
          <ToggleButton value="metric">Metric</ToggleButton>
          <ToggleButton value="us">US</ToggleButton>
        </ToggleButtonGroup>
      </Box>
    </AutoForm>
  );
}
