import { Navigate, Outlet, useParams } from 'react-router';
import { PartsNav } from '../parts/PartsNav';

const PARTS = [
  ['/bench/calculators', 'Calculators'],
  ['/bench/trials', 'Trials'],
] as const;

/** The two halves of the bench: what is calculated, and what was tried. */
export default function BenchLayout() {
  return (
    <>
      <PartsNav label="Parts of the bench" parts={PARTS} />
      <Outlet />
    </>
  );
}

/** An address of a calculator from before the bench had two halves. */
export function FormerAddress() {
  const { calculatorId = '' } = useParams();
  return <Navigate to={`/bench/calculators/${calculatorId}`} replace />;
}
