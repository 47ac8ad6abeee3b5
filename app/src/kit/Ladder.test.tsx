import { fireEvent, render, screen } from '@testing-library/react';
import { ThemeProvider } from '../theme/theme';
import { Ladder } from './Ladder';

const show = (onChoose: (rung: number) => void = () => undefined, chosenNow?: () => number) =>
  render(
    <ThemeProvider>
      <Ladder
        says="Spindle speed"
        unit="rpm"
        rungs={[42, 70, 118]}
        chosen={118}
        show={String}
        band={[400, 600]}
        target={9000}
        limit={600}
        onChoose={onChoose}
        {...(chosenNow && { chosenNow })}
      />
    </ThemeProvider>,
  );

test('the keys go from step to step, and no further than the last', () => {
  const chosen = jest.fn();
  show(chosen);
  const ladder = screen.getByRole('slider', { name: 'Spindle speed' });
  fireEvent.keyDown(ladder, { key: 'ArrowLeft' });
  expect(chosen).toHaveBeenCalledWith(70);
  fireEvent.keyDown(ladder, { key: 'ArrowRight' });
  expect(chosen).toHaveBeenCalledTimes(1);
});

test('Home and End take the ends', () => {
  const chosen = jest.fn();
  show(chosen);
  const ladder = screen.getByRole('slider', { name: 'Spindle speed' });
  fireEvent.keyDown(ladder, { key: 'Home' });
  fireEvent.keyDown(ladder, { key: 'End' });
  fireEvent.keyDown(ladder, { key: 'x' });
  expect(chosen.mock.calls).toEqual([[42], [118]]);
});

test('a quick second step goes on from the first, though the ladder is not drawn with that yet', () => {
  let chosen = 118;
  show(
    (rung) => (chosen = rung),
    () => chosen,
  );
  fireEvent.click(screen.getByRole('button', { name: 'One step down' }));
  expect(chosen).toBe(70);
  fireEvent.click(screen.getByRole('button', { name: 'One step down' }));
  expect(chosen).toBe(42);
});
