import { type WayInView } from '@bright-sprout/contracts/answers/wayIn';
import { isLoopback } from '@bright-sprout/core/wayIn/ownAddresses';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from '../api/client';

const CHOSEN = 'reach-address';

/** Where a team's device reaches this server: all that is known of it, and the one that goes on paper and on the board. */
export interface WayIn {
  /** True until the server has said it. */
  asked: boolean;
  addresses: string[];
  /** Null where only this machine can open it. */
  address: string | null;
  choose: (address: string) => void;
}

export function useWayIn(): WayIn {
  const { data, isPending } = useQuery({ queryKey: ['way-in'], queryFn: () => request<WayInView>('GET', '/way-in') });
  const [chosen, setChosen] = useState(() => localStorage.getItem(CHOSEN));
  // Behind a proxy the server cannot know its name; the page that was opened by it does.
  const here = isLoopback(location.hostname) ? [] : [location.origin];
  const told = data?.addresses ?? [];
  const addresses = told.length > 0 ? told : here;
  const known = [chosen, ...here].find((a) => a !== null && addresses.includes(a));
  return {
    asked: isPending,
    addresses,
    address: known ?? addresses[0] ?? null,
    choose: (address) => {
      localStorage.setItem(CHOSEN, address);
      setChosen(address);
    },
  };
}
