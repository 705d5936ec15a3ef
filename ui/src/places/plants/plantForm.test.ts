import { describe, expect, test } from 'vitest';

import { yard } from '../../testing/yard';
import { formOf, inputOf, wrongNumbers } from './plantForm';

describe('the form of a plant', () => {
  test('says nothing where nothing was typed', () => {
    const input = inputOf(formOf(null));
    expect(input).toMatchObject({ name: '', height_cm: null, potted_on: null, pot_id: null, buried: [], plan: [] });
    expect(wrongNumbers(formOf(null))).toEqual([]);
  });

  test('takes a comma for a point, and marks what is no number', () => {
    const form = {
      ...formOf(null),
      height_cm: '44,5',
      trunk_mm: 'thick',
      plan: [{ year: 'soon', what: 'look' as const, note: '', pot_id: null }],
    };
    expect(inputOf(form).height_cm).toBe(44.5);
    expect(wrongNumbers(form)).toEqual(['trunk_mm', 'plan.0.year']);
  });

  test('gives back what it was opened with', () => {
    const plant = yard.plant().plant;
    const input = inputOf(formOf(plant));
    for (const [name, value] of Object.entries(input)) {
      expect(value, name).toEqual(plant[name as keyof typeof plant]);
    }
    expect(Object.keys(input)).toContain('trunk_mm');
  });
});
