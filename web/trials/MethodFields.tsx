/** By which method it is done, and which of that method’s settings is changed. */
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { levelIn } from '../../core/brief/stations';
import type { Method } from '../../core/repertoire/types';
import type { TrialSeries } from '../../core/trials/series';
import { unitIn } from '../../core/trials/intoShow';
import { UNITS } from '../../core/units/units';
import { demoQuery } from '../app/data';
import { Choice } from '../parts/form';

const NONE: readonly Method[] = [];

/** Methods of the demonstration that is chosen; null until they are known. */
export function useMethods(): readonly Method[] | null {
  const demoId = useWatch<TrialSeries, 'demoId'>({ name: 'demoId' });
  const { data } = useQuery({ ...demoQuery(demoId ?? ''), enabled: demoId !== null });
  return demoId === null ? NONE : (data?.demo.methods ?? null);
}

/** What was chosen of another demonstration, or is gone, is let go of. */
function useForget(
  name: 'methodId' | 'variable.settingId',
  known: readonly { id: string }[] | null,
): void {
  const { setValue } = useFormContext<TrialSeries>();
  const chosen = useWatch<TrialSeries, typeof name>({ name });
  const gone = known !== null && chosen !== null && !known.some(({ id }) => id === chosen);
  useEffect(() => {
    if (gone) setValue(name, null, { shouldDirty: true });
  }, [gone, name, setValue]);
}

export function MethodChoice() {
  const methods = useMethods();
  useForget('methodId', methods);
  if (!methods || methods.length === 0) return null;
  return (
    <Choice
      name="methodId"
      label="Done by which method"
      none="By any of them"
      options={methods.map(({ id, name }) => ({ value: id, label: name }))}
    />
  );
}

export function SettingChoice() {
  const methods = useMethods();
  const methodId = useWatch<TrialSeries, 'methodId'>({ name: 'methodId' });
  const settings = methods && (methods.find(({ id }) => id === methodId)?.settings ?? []);
  useForget('variable.settingId', settings);
  const chosen = useWatch<TrialSeries, 'variable'>({ name: 'variable' });
  const setting = settings?.find(({ id }) => id === chosen.settingId);
  const unit = unitIn(chosen.unit);
  const unlike = setting && levelIn(setting.unit, { value: 1, unit }) === null;
  if (!settings || settings.length === 0) return null;
  return (
    <Choice
      name="variable.settingId"
      label="The method’s setting that it is"
      help={
        unlike
          ? `△ ${UNITS[setting.unit].label} can’t be worked out from ${chosen.unit}: a finale is judged by what the method says`
          : setting && unit === null
            ? `Levels are taken to be in ${UNITS[setting.unit].label}, and a finale is judged by it`
            : 'A finale is judged by it'
      }
      none="None of them"
      options={settings.map(({ id, name, unit }) => ({
        value: id,
        label: `${name}, ${UNITS[unit].label}`,
      }))}
    />
  );
}
