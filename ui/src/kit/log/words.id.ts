import type { words as english } from './words';

export const words: Record<keyof typeof english, string> = {
  'log.nav.done': 'Yang sudah dikerjakan',
  'log.nav.mixes': 'Hasil tiap campuran',
  'log.nav.trials': 'Percobaan',
  'log.nav.right': 'Seberapa tepat kita',
  'log.nav.trainer': 'Latihan',
};
