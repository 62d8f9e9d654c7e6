import { say } from '@bright-sprout/words/say';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { BenchFoot } from './BenchFoot';

function show(closed = false) {
  const [onPicture, onNext] = [jest.fn(), jest.fn()];
  function Card() {
    const [note, setNote] = useState('');
    return <BenchFoot note={note} closed={closed} onNote={setNote} onPicture={onPicture} next="Next: B1" onNext={onNext} />;
  }
  render(<Card />);
  return { onPicture, onNext, note: screen.getByLabelText(say('bench.note')) };
}

test('beginnings of sentences are offered while a note is written, and are joined to what stands there', async () => {
  const { note } = show();
  expect(screen.queryByRole('group', { name: say('bench.beginSentence') })).not.toBeInTheDocument();
  await userEvent.type(note, 'One leaf is bent.');
  await userEvent.click(screen.getByRole('button', { name: /^We wonder why/ }));
  expect(note).toHaveValue('One leaf is bent. We wonder why ');
  expect(note).toHaveFocus();
});

test('the same picture can be chosen twice', async () => {
  const { onPicture } = show();
  const file = new File(['x'], 'a1.jpg', { type: 'image/jpeg' });
  for (let i = 0; i < 2; i++) await userEvent.upload(screen.getByLabelText(say('bench.takePicture')), file);
  expect(onPicture.mock.calls).toEqual([[file], [file]]);
});

test('a look that is closed takes no note, and the way on stays open', async () => {
  const { note, onNext } = show(true);
  expect(note).toBeDisabled();
  await userEvent.click(screen.getByRole('button', { name: 'Next: B1' }));
  expect(onNext).toHaveBeenCalled();
});
