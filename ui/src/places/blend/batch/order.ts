import type { Schemas } from '../../../api/client';
import { rules } from '../../../api/meta';
import { typedNumber } from '../../../i18n/numbers';

const KEPT_AS = 'zolbek.order';
export type Gaps = keyof Schemas['Rules']['gap_shares'];

export interface Order {
  pots: string;
  ball: string;
  gaps: Gaps;
  objects: string;
  spare: string;
  tub: string;
  scoop: string;
}

const FIRST: Order = { pots: '10', ball: '30', gaps: 'teased', objects: '0', spare: '8', tub: '20', scoop: '1' };

/** The order as the API takes it; null while a field holds no number. */
export function orderOf(order: Order): Schemas['BatchOrder'] | null {
  const [pots, ball, objects, spare, tub, scoop] = [
    order.pots,
    order.ball,
    order.objects,
    order.spare,
    order.tub,
    order.scoop,
  ].map((text) => typedNumber(text));
  if (pots == null || ball == null || objects == null || spare == null || tub == null || scoop == null) {
    return null;
  }

  return {
    pots,
    ball_share: ball / 100,
    gap_share: rules.gap_shares[order.gaps],
    objects_l: objects,
    spare: spare / 100,
    tub_l: tub,
    scoop_l: scoop,
  };
}

/** As it was filled in last on this device. */
export function keptOrder(): Order {
  try {
    const order = { ...FIRST, ...(JSON.parse(localStorage.getItem(KEPT_AS) ?? '{}') as Partial<Order>) };

    return order.gaps in rules.gap_shares ? order : FIRST;
  } catch {
    return FIRST;
  }
}

export function keepOrder(order: Order): void {
  localStorage.setItem(KEPT_AS, JSON.stringify(order));
}
