import { type RunChangeView } from '@bright-sprout/contracts/answers/running';
import { type RunChangeRequest } from '@bright-sprout/contracts/running';
import { useRef } from 'react';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';

/** Makes a change of the running class. The same change pressed again after a lost answer keeps its id, so that it is made once. */
export function useRunChange() {
  const unsure = useRef<{ words: string; id: string } | null>(null);
  return useWrite(async (body: RunChangeRequest) => {
    const words = JSON.stringify(body);
    if (unsure.current?.words !== words) unsure.current = { words, id: v7() };
    const made = await request<RunChangeView>('PUT', `/run-changes/${unsure.current.id}`, body);
    unsure.current = null;
    return made;
  }, 'investigations');
}
