import { say } from '@bright-sprout/words/say';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type ShownPhoto } from './enteredSince';
import { Photos } from './Photos';

const photo = (part: Partial<ShownPhoto> = {}): ShownPhoto => ({
  id: 'p1',
  containerId: 'A1',
  day: '2026-03-19',
  teamId: 't1',
  picture: null,
  ...part,
});

test('nothing is shown where there is not a picture', () => {
  const { container } = render(<Photos photos={[]} code="A1" path="/photos" onTakeBack={null} />);
  expect(container).toBeEmptyDOMElement();
});

test('small ones in a row; a tap shows one whole, and it can be taken back', async () => {
  const onTakeBack = jest.fn();
  render(<Photos photos={[photo(), photo({ id: 'p2' })]} code="A1" path="/bench/photos" onTakeBack={onTakeBack} />);
  const small = screen.getAllByRole('img', { name: 'A1 on Thu 19 March' });
  expect(small.map((i) => i.getAttribute('src'))).toEqual(['/api/v1/bench/photos/p1/small', '/api/v1/bench/photos/p2/small']);
  await userEvent.click(screen.getAllByRole('button')[1]!);
  const dialog = await screen.findByRole('dialog');
  expect(within(dialog).getByRole('img')).toHaveAttribute('src', '/api/v1/bench/photos/p2');
  await userEvent.click(within(dialog).getByRole('button', { name: say('common.takeBack') }));
  expect(onTakeBack).toHaveBeenCalledWith('p2');
  await waitFor(() => expect(screen.queryByRole('dialog')).not.toBeInTheDocument());
});

test('a picture that waits on the device is shown from there, and its address is given back', () => {
  const revoke = jest.fn();
  Object.assign(URL, { createObjectURL: () => 'blob:here', revokeObjectURL: revoke });
  const { unmount } = render(
    <Photos photos={[photo({ picture: new Blob(['x']) })]} code="A1" path="/bench/photos" onTakeBack={null} />,
  );
  expect(screen.getByRole('img')).toHaveAttribute('src', 'blob:here');
  unmount();
  expect(revoke).toHaveBeenCalledWith('blob:here');
});
