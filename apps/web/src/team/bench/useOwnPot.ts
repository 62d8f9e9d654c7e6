import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { useState } from 'react';

const ALL = '*';

export interface OwnPot {
  /** Nobody has said yet whose device this is. */
  asks: boolean;
  /** Code of the pot that the device keeps to; null where it shows all of the team. */
  code: string | null;
  /** @param code null for all pots of the team */
  choose: (code: string | null) => void;
}

/**
 * With a pot for everyone at home, a device keeps to one: the pot whose label was scanned first, or the one that is chosen. It
 * is remembered on the device, per team.
 */
export function useOwnPot({ id, bench, containers }: InvestigationView, teamId: string, scanned: string | null): OwnPot {
  const key = `sprout own pot ${id} ${teamId}`;
  const known = (code: string | null) => containers.some((c) => c.code === code);
  const [kept, setKept] = useState(() => {
    const before = localStorage.getItem(key);
    if (before === null && known(scanned)) localStorage.setItem(key, scanned!);
    return localStorage.getItem(key);
  });
  return {
    asks: bench.atHome === true && kept !== ALL && !known(kept),
    code: bench.atHome && known(kept) ? kept : null,
    choose: (code) => {
      localStorage.setItem(key, code ?? ALL);
      setKept(code ?? ALL);
    },
  };
}
