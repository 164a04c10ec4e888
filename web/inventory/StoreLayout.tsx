import { Outlet } from 'react-router';
import { PartsNav } from '../parts/PartsNav';

const PARTS = [
  ['/store', 'Items'],
  ['/store/shopping', 'Shopping'],
  ['/store/boxes', 'Boxes'],
  ['/store/bring-in', 'Bring in'],
  ['/store/units', 'Units, money, risk'],
] as const;

/** The parts of the store, above whichever is open. */
export default function StoreLayout() {
  return (
    <>
      <PartsNav label="Parts of the store" parts={PARTS} root="/store" />
      <Outlet />
    </>
  );
}
