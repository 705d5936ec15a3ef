// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, test, vi } from 'vitest';

import type { Schemas } from '../../api/client';
import { show } from '../../testing/show';
import { FindingTicks } from './FindingTicks';

const told = vi.fn();

function Bench() {
  const [findings, setFindings] = useState<Schemas['Finding'][]>([]);
  const [details, setDetails] = useState<Schemas['SeenDetail'][]>([]);

  return (
    <FindingTicks
      findings={findings}
      setFindings={setFindings}
      details={details}
      setDetails={(next) => {
        told(next);
        setDetails(next);
      }}
    />
  );
}

describe('what is seen at the roots', () => {
  test('is asked for how much only where it is nothing good, and forgotten with the tick', async () => {
    const { hand } = show(<Bench />);
    await hand.click(screen.getByRole('button', { name: /White tips/ }));
    expect(screen.queryByRole('radiogroup')).toBeNull();
    await hand.click(screen.getByRole('button', { name: /Circling/ }));
    const much = screen.getByRole('radiogroup', { name: 'Circling: how much' });
    await hand.click(within(much).getByText('strongly'));
    expect(told).toHaveBeenLastCalledWith([{ finding: 'circling', degree: 'strong', side: null }]);
    expect(screen.queryByRole('combobox', { name: /on which side/ })).toBeNull();
    await hand.click(screen.getByRole('button', { name: /Circling/ }));
    expect(told).toHaveBeenLastCalledWith([]);
    await hand.click(screen.getByRole('button', { name: /One-sided/ }));
    expect(screen.getByRole('combobox', { name: /One-sided: on which side/ })).toBeTruthy();
  });
});
