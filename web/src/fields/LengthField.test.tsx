import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { emptyPlan } from '@aviarum/core';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { usePlan } from '../state/planStore';
import { LengthField } from './LengthField';

afterEach(cleanup);

function field(value: number, units: 'metric' | 'imperial' = 'metric') {
  usePlan.getState().open('home', emptyPlan('p', 'P', units));
  const onCommit = jest.fn<(value: number) => void>();
  render(<LengthField name="Depth" value={value} least={0.5} most={500} onCommit={onCommit} />);
  const input = screen.getByRole<HTMLInputElement>('textbox', { name: 'Depth' });
  const type = (text: string) => {
    fireEvent.change(input, { target: { value: text } });
    fireEvent.blur(input);
  };
  return { input, type, onCommit };
}

describe('a length field', () => {
  test('shows 2.40 m as 7′ 10½″, and left untouched changes nothing', () => {
    const { input, onCommit } = field(2.4, 'imperial');
    expect(input.value).toBe('7′ 10½″');
    fireEvent.focus(input);
    fireEvent.blur(input);
    fireEvent.change(input, { target: { value: '7′ 10½″' } });
    fireEvent.blur(input);
    expect(onCommit).not.toHaveBeenCalled();
  });
  test.each([
    ['3,6', 3.6],
    ["6'2", 1.8796],
    ['188 cm', 1.88],
  ])('takes %s', (text, value) => {
    const { type, onCommit } = field(2.4);
    type(text);
    expect(onCommit).toHaveBeenCalledWith(value);
  });
  test.each([
    ['', /Give a length/],
    ['six', /not a length/],
    ['1.2.3', /decimal sign/],
    ['-2', /negative/],
    ['0.2', /Between 0.50 m and 500.00 m/],
  ])('says what is wrong with %j and takes nothing', (text, message) => {
    const { type, input, onCommit } = field(2.4);
    type(text);
    expect(screen.getByRole('alert').textContent).toMatch(message);
    expect(input.getAttribute('aria-invalid')).toBe('true');
    expect(onCommit).not.toHaveBeenCalled();
  });
  test('Escape gives the old figure back', () => {
    const { type, input } = field(2.4);
    type('six');
    fireEvent.keyDown(input, { key: 'Escape' });
    expect(input.value).toBe('2.40 m');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
