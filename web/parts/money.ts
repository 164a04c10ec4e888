import { SETTINGS } from '../../contract/inventory';
import { useSettings } from '../app/data';

/** Minor units as money in the crew's currency. */
export function useMoney(): (minor: number) => string {
  const currency = useSettings().data?.currency ?? SETTINGS.currency;
  const format = new Intl.NumberFormat('en', { style: 'currency', currency });
  return (minor) => format.format(minor / 100);
}
