import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { DayInput } from './DayInput';

function Held({ first }: { first: string }) {
  const [day, setDay] = useState(first);
  return <DayInput aria-label="Sown on" value={day} onChange={setDay} />;
}

test('the chosen day stands written out in its field, and nothing stands in an empty one', () => {
  render(<Held first="2026-02-12" />);
  expect(screen.getByText('Thu 12 Feb')).toBeInTheDocument();
  fireEvent.change(screen.getByLabelText('Sown on'), { target: { value: '2026-12-02' } });
  expect(screen.getByText('Wed 2 Dec')).toBeInTheDocument();
  fireEvent.change(screen.getByLabelText('Sown on'), { target: { value: '' } });
  expect(screen.queryByText(/Dec/)).not.toBeInTheDocument();
});
