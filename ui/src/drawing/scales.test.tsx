// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';

import { en } from '../catalogue';
import { ReaderProvider } from '../i18n/reader';
import { show } from '../testing/show';
import { PotSection } from './PotSection';
import { ProfileChart } from './ProfileChart';

afterEach(() => localStorage.clear());

const profile = Array.from({ length: 33 }, (_, i) => i / 32).map((along) => ({
  z_cm: 20.32 * along,
  saturation: 0.5,
  theta: 0.3,
  air: 0.2,
}));
const section = {
  depth_cm: 20.32,
  bottom_cm: 0,
  top_cm: 20,
  dressing_cm: 0,
  outline: [0, 1].map((along) => ({ z_cm: 20.32 * along, width_cm: 20 })),
  profile,
  layer: null,
};

function drawn(units: string) {
  localStorage.setItem('zolbek.units', units);
  const { container } = show(
    <ReaderProvider first="en" words={en} catalogueOf={() => Promise.resolve(en)}>
      <PotSection section={section} materials={[]} packing={0.6} wetFootCm={2} title="a pot" />
      <ProfileChart mix={profile} ball={null} depthCm={20.32} />
    </ReaderProvider>,
  );
  const [pot, course] = [...container.querySelectorAll('svg')].map((svg) => svg as unknown as HTMLElement);
  const words = (of: HTMLElement | undefined) =>
    [...(of?.querySelectorAll('text') ?? [])].map((each) => each.textContent);

  return {
    pot: words(pot),
    course: words(course),
    height: (text: string) =>
      within(pot as HTMLElement)
        .getAllByText(text)[0]
        ?.getAttribute('y'),
  };
}

test('a pot eight inches deep is ruled in inches for who reads inches', () => {
  const { pot, course, height } = drawn('us');
  expect(pot).toEqual(expect.arrayContaining(['0', '2', '4', '6', '8', 'in', 'wet foot 0.79 in']));
  expect(course).toEqual(expect.arrayContaining(['8', 'height above the floor, in']));
  expect(course).not.toContain('20');
  // evenly, from the floor to the rim
  const at = ['0', '4', '8'].map((text) => Number(height(text)));
  expect((at[0] ?? 0) - (at[1] ?? 0)).toBeCloseTo((at[1] ?? 0) - (at[2] ?? 0), 6);
  expect(screen.queryByText('cm')).toBeNull();
});

test('and in centimetres for who reads those', () => {
  const { pot, course } = drawn('metric');
  expect(pot).toEqual(expect.arrayContaining(['0', '5', '10', '15', '20', 'cm', 'wet foot 2 cm']));
  expect(course).toEqual(expect.arrayContaining(['20', 'height above the floor, cm']));
});
