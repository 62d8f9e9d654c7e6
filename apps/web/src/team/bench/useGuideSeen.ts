import { type BenchProtocol } from '@bright-sprout/core/bench/benchProtocol';
import { useState } from 'react';

/** Whether this device has shown how this protocol is measured; a device is shared, so once is enough for all teams. */
export function useGuideSeen({ measures, heightRule, sprouted }: BenchProtocol) {
  const key = `sprout guide ${[...measures].sort().join(' ')} ${heightRule} ${sprouted}`;
  const [open, setOpen] = useState(() => localStorage.getItem(key) === null);
  return {
    open,
    show: () => setOpen(true),
    close: () => {
      localStorage.setItem(key, 'seen');
      setOpen(false);
    },
  };
}
