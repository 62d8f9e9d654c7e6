import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';

/** Presses a ruled word, a treatment, or a thing that is alike for all; what it can be changed to hangs open. */
export async function openWord(name: RegExp): Promise<void> {
  await userEvent.click(screen.getByRole('button', { name }));
}
