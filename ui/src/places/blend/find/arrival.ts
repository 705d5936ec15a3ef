import { useMemo } from 'react';

import { useComponents } from '../../../api/components';
import type { Schemas } from '../../../api/client';
import { GROUPS } from '../../../kit/pickers/SpeciesPicker';
import { emptyMix, type Mix } from '../state/mix';
import { usualSituation } from '../state/situationState';
import type { About } from './wishes';

/** What comes with the address of somebody who was asked elsewhere. */
interface Arrival {
  group: Schemas['PlantGroup'];
  speciesId: number | null;
  potId: number | null;
  siteId: number | null;
  summer: number | null;
  only: number[];
}

const AT_ONCE = 200;

function arrivalOf(params: URLSearchParams): Arrival {
  const number = (name: string) => {
    const value = Number(params.get(name) ?? '');

    return Number.isFinite(value) && value > 0 ? value : null;
  };

  return {
    group: GROUPS.find((group) => group === params.get('group')) ?? emptyMix().group,
    speciesId: number('species'),
    potId: number('pot'),
    siteId: number('site'),
    summer: number('summer'),
    only: (params.get('only') ?? '')
      .split(',')
      .map(Number)
      .filter((id) => Number.isInteger(id) && id > 0),
  };
}

/** The same as a bench without a mix and as what is said of components; null until their names are known. */
export function useArrived(params: URLSearchParams): { mix: Mix; about: About[] } | null {
  const arrival = useMemo(() => arrivalOf(params), [params]);
  const wanted = arrival.only;
  const found = useComponents({ per_page: wanted.length === 0 ? 1 : AT_ONCE });
  const rows = found.data?.data;

  return useMemo(() => {
    if (rows === undefined) {
      return null;
    }
    const usual = usualSituation();
    const { group, speciesId, potId, siteId, summer, only } = arrival;

    return {
      mix: {
        ...emptyMix(),
        group,
        potId,
        situation: { ...usual, speciesId, siteId, hours: { ...usual.hours, summer: summer ?? usual.hours.summer } },
      },
      about: rows
        .filter((row) => only.includes(row.id))
        .map(({ id, name }) => ({ id, name, may: 'may' as const, least: '', most: '' })),
    };
  }, [arrival, rows]);
}
