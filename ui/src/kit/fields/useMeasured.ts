import { useState } from 'react';

import { fieldUnit, kept, type Measure, shownIn, split, type Units } from '../../i18n/measures';
import { plain, typedNumber } from '../../i18n/numbers';
import { useReader } from '../../i18n/reader';

/** Units of fields that measure something for which the reader may have units of his own. */
export const MEASURE_OF: Record<string, Measure> = {
  L: 'L',
  cm: 'cm',
  m: 'm',
  kg: 'kg',
  g: 'g',
  ml: 'ml',
  '°C': 'degC',
  'g/L': 'rate',
};

interface Measured {
  text: string;
  unit: string | undefined;
  /** In which the figure is kept, and refused. */
  keptUnit: string | undefined;
  write: (text: string) => void;
}

/**
 * The text of a field in the reader's units, over a text that is in the units in which figures are kept. Another unit may be typed behind the number ("2 gal",
 * "3 in"). Where an instrument shows its own unit, the field stays in that. What cannot be read goes on as it was typed, so that it is refused and not lost.
 */
export function useMeasured(
  value: string,
  unit: string | undefined,
  onChange: (text: string) => void,
  measure: Measure | undefined = unit === undefined ? undefined : MEASURE_OF[unit],
  as?: Units,
): Measured {
  const reader = useReader();
  const units = as ?? reader.units;
  const [typed, setTyped] = useState({ text: value, gave: value, units: 'metric' });
  if (measure === undefined) {
    return { text: value, unit, keptUnit: unit, write: onChange };
  }
  const own = fieldUnit(measure, units);
  // what was typed here stands as it was typed until somebody else changes the value
  const text =
    typed.gave === value && typed.units === units ? typed.text : units === 'metric' ? value : inUnits(value, measure);

  function inUnits(keptText: string, of: Measure): string {
    const number = typedNumber(keptText);

    return number === null ? keptText : plain(Number(shownIn(number, fieldUnit(of, units)).toPrecision(4)));
  }

  return {
    text,
    unit: own.word,
    keptUnit: fieldUnit(measure, 'metric').word,
    write: (next) => {
      const [number, suffix] = split(next);
      const amount = typedNumber(number);
      const metric = amount === null ? null : kept(amount, suffix, measure, units);
      const gives = metric === null || (units === 'metric' && suffix === '') ? next : plain(metric);
      setTyped({ text: next, gave: gives, units });
      onChange(gives);
    },
  };
}
