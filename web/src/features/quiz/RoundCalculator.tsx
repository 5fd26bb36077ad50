import { lazy, Suspense, useState } from 'react';
import { Button } from '../../ui/Button';

const CalculatorSlip = lazy(() => import('../calculator/CalculatorSlip'));

/** The calculator, on items that allow it. */
export function RoundCalculator({ data }: { data: string[] }) {
  const [open, setOpen] = useState(false);
  return open ? (
    <Suspense fallback={<p className="text-soft">Opening the calculator.</p>}>
      <CalculatorSlip data={data} onClose={() => setOpen(false)} />
    </Suspense>
  ) : (
    <Button className="w-fit" onClick={() => setOpen(true)}>
      Calculator
    </Button>
  );
}
