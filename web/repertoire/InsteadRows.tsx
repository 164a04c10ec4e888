/** What will do instead of a thing of the kit: how much of it, and which figures are others with it. */
import Box from '@mui/material/Box';
import { useController } from 'react-hook-form';
import { evenly } from '../../core/repertoire/substitute';
import type { KitLine, Method, Setting, SettingFigure } from '../../core/repertoire/types';
import { KIT_UNITS, UNITS } from '../../core/units/units';
import { Choice, Figure, Find } from '../parts/form';
import { Pick as PickField } from '../parts/Pick';
import { Rows } from './Rows';

const UNIT_CHOICES = KIT_UNITS.map((id) => ({ value: id, label: UNITS[id].label }));

type Said = 'none' | 'some';

const SAID_CHOICES: { value: Said; label: string }[] = [
  { value: 'none', label: 'They stay as they are' },
  { value: 'some', label: 'Some are others' },
];

const said = (figures: readonly SettingFigure[] | null): Said | null =>
  figures === null ? null : figures.length === 0 ? 'none' : 'some';

/** Asked where the method is reckoned with: the calculators judge by what is really taken. */
function FiguresField({ name, settings }: { name: string; settings: readonly Setting[] }) {
  const { field } = useController({ name });
  const figures = (field.value ?? null) as SettingFigure[] | null;
  const unitOf = new Map(settings.map(({ id, unit }) => [id, UNITS[unit].label]));
  const [first] = settings;
  if (!first) return null;
  const fresh = (): SettingFigure => ({ settingId: first.id, value: first.value });
  return (
    <Box sx={{ gridColumn: '1 / -1', display: 'grid', gap: 1.5 }}>
      <PickField
        label="Figures of the method"
        value={said(figures)}
        options={SAID_CHOICES}
        none="Not said yet"
        onChange={(value) =>
          field.onChange(value === null ? null : value === 'none' ? [] : [fresh()])
        }
      />
      {figures !== null && figures.length > 0 && (
        <Rows
          name={name}
          add="Another figure"
          fresh={fresh}
          row={(at, i) => (
            <>
              <Choice
                name={`${at}.settingId`}
                label="Figure"
                options={settings.map((one) => ({ value: one.id, label: one.name }))}
              />
              <Figure
                name={`${at}.value`}
                label={`Then, in ${unitOf.get(figures[i]?.settingId ?? '') ?? 'its unit'}`}
              />
            </>
          )}
        />
      )}
    </Box>
  );
}

interface Props {
  /** Path of the kit line in the form. */
  row: string;
  line: KitLine;
  choices: readonly { value: string; label: string }[];
  method: Pick<Method, 'settings' | 'calculators'>;
}

export function InsteadRows({ row, line, choices, method }: Props) {
  const others = choices.filter(({ value }) => value !== line.itemId);
  return (
    <Rows
      name={`${row}.instead`}
      add="What will do instead"
      fresh={() => evenly(line, others[0]?.value ?? '')}
      row={(at) => (
        <>
          <Find name={`${at}.itemId`} label="Instead" options={others} />
          <Figure name={`${at}.times`} label={`For one ${UNITS[line.unit].label}`} />
          <Choice name={`${at}.unit`} label="Counted in" options={UNIT_CHOICES} />
          {method.calculators.length > 0 && (
            <FiguresField name={`${at}.figures`} settings={method.settings} />
          )}
        </>
      )}
    />
  );
}
