/** What is on its way to the demo season, and what of it is borrowed. */
import { blankOrder, type Order } from '../core/inventory/orders';
import { dayAfter } from '../core/time/days';

export const ordersFor = (today: string): Order[] => [
  {
    ...blankOrder('order-cups', 'paper-cups', dayAfter(today, -1)),
    amount: 25,
    price: 220,
    supplier: 'Quay stores',
    expected: dayAfter(today, 1),
  },
  {
    ...blankOrder('order-lamp', 'lamp', dayAfter(today, -9)),
    terms: 'borrowed',
    supplier: 'Lighthouse keepers’ hall',
    expected: dayAfter(today, -6),
    come: dayAfter(today, -6),
    backBy: dayAfter(today, 15),
  },
];
