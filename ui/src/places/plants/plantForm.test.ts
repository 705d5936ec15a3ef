import { describe, expect, test } from 'vitest';

import { formOf, inputOf, wrongNumbers } from './plantForm';

describe('the form of a plant', () => {
  test('says nothing where nothing was typed', () => {
    const input = inputOf(formOf(null));
    expect(input).toMatchObject({ name: '', height_cm: null, potted_on: null, pot_id: null, buried: [], plan: [] });
    expect(wrongNumbers(formOf(null))).toEqual([]);
  });

  test('takes a comma for a point, and marks what is no number', () => {
    const form = formOf(null);
    form.numbers.height_cm = '44,5';
    form.numbers.trunk_mm = 'thick';
    form.plan = [{ year: 'soon', what: 'look', note: '', potId: null }];
    expect(inputOf(form).height_cm).toBe(44.5);
    expect(wrongNumbers(form)).toEqual(['trunk_mm', 'plan.0.year']);
  });
});
