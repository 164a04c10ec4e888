/** For which shows it is bought, and what each makes necessary. */
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import Typography from '@mui/material/Typography';
import type { ShoppingList } from '../../../core/inventory/shopping';
import { useShows } from '../../app/data';
import { dayWords, today } from '../../brief/dates';
import { useMoney } from '../../parts/money';
import { Loading } from '../../parts/page';

interface Props {
  list: ShoppingList;
  chosen: readonly string[] | null;
  onChoose: (ids: string[]) => void;
}

export function ShowsToBuyFor({ list, chosen, onChoose }: Props) {
  const money = useMoney();
  const { data: shows } = useShows();
  if (!shows) return <Loading rows={3} />;
  const coming = shows.filter((show) => show.date >= today());
  const ids = chosen ?? coming.map((show) => show.id);
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {coming.map((show) => {
        const cost = list.perShow.find((one) => one.showId === show.id);
        const on = ids.includes(show.id);
        return (
          <Box
            component="li"
            key={show.id}
            sx={{
              display: 'flex',
              gap: 1,
              alignItems: 'center',
              borderBottom: '1px solid var(--line)',
            }}
          >
            <Checkbox
              checked={on}
              slotProps={{ input: { 'aria-label': `Buy for ${show.title}` } }}
              onChange={() => onChoose(on ? ids.filter((id) => id !== show.id) : [...ids, show.id])}
            />
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <b>{show.title}</b>
              <Typography variant="body2" color="textSecondary">
                {dayWords(show.date)}
              </Typography>
            </Box>
            <Box sx={{ textAlign: 'right' }}>
              <b>{cost ? money(cost.cost) : '–'}</b>
              <Typography variant="body2" color="textSecondary">
                {cost?.perHead != null ? `${money(cost.perHead)} a head` : ''}
              </Typography>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
