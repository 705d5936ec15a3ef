import { rules } from '../../../api/meta';
import { typedNumber } from '../../../i18n/numbers';
import { amountOf, type Mix, type MixRow, type Notation, sumOf, withAmount } from './mix';

/** As much of each as of any other. */
export function equalled(mix: Mix): Mix {
  const amount = mix.notation === 'percent' ? 100 / Math.max(1, mix.rows.length) : 1;

  return { ...mix, rows: mix.rows.map((row) => withAmount(row, amount)) };
}

/** Only a little of one, against what the others come to. */
export function withLittle(mix: Mix, componentId: number): Mix {
  const others = mix.rows.filter((row) => row.componentId !== componentId);
  const sum = others.reduce((total, row) => total + Math.max(0, amountOf(row) ?? 0), 0);

  return withRow(mix, componentId, (row) => withAmount(row, sum * rules.little_share));
}

/** One of them takes what is missing to a hundred. */
export function filledUp(mix: Mix, componentId: number): Mix {
  const rest = 100 - sumOf(mix);

  return withRow(mix, componentId, (row) => withAmount(row, Math.max(0, (amountOf(row) ?? 0) + rest)));
}

/** All of them in proportion, to a hundred; a mix of nothing stays. */
export function scaled(mix: Mix): Mix {
  const sum = sumOf(mix);

  return sum <= 0 ? mix : { ...mix, rows: mix.rows.map((row) => withAmount(row, ((amountOf(row) ?? 0) * 100) / sum)) };
}

/** The same mix written in another way. A part is a scoop; ten per cent are a part. */
export function writtenAs(mix: Mix, notation: Notation): Mix {
  if (notation === mix.notation || mix.rows.some((row) => amountOf(row) === null)) {
    return { ...mix, notation };
  }
  const scoop = typedNumber(mix.scoop) ?? 1;
  const perPart = mix.notation === 'percent' ? 10 : mix.notation === 'litres' ? scoop : 1;
  const factor =
    notation === 'percent' ? 100 / Math.max(1e-9, sumOf(mix)) : (notation === 'litres' ? scoop : 1) / perPart;

  return { ...mix, notation, rows: mix.rows.map((row) => withAmount(row, (amountOf(row) ?? 0) * factor)) };
}

/** A premix replaced by what it is made of; what stands in the mix already is put together with it. */
export function expanded(mix: Mix, componentId: number, rows: MixRow[]): Mix {
  const kept = mix.rows.filter((row) => row.componentId !== componentId);
  const added = rows.filter((row) => !kept.some((other) => other.componentId === row.componentId));
  const joined = kept.map((row) => {
    const more = rows.find((other) => other.componentId === row.componentId);

    return more === undefined ? row : withAmount(row, (amountOf(row) ?? 0) + (amountOf(more) ?? 0));
  });

  return { ...mix, rows: [...joined, ...added] };
}

/** One row changed, the others as they are. */
export function withRow(mix: Mix, componentId: number, change: (row: MixRow) => MixRow): Mix {
  return { ...mix, rows: mix.rows.map((row) => (row.componentId === componentId ? change(row) : row)) };
}
