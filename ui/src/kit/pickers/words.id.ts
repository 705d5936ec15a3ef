import type { words as english } from './words';

export const words: Record<keyof typeof english, string> = {
  'pickers.nothing': 'Tak ada yang bernama begitu.',
  'blend.noComponent': 'Tak ada bahan bernama begitu.',
  'blend.inStock': 'persediaan {litres}',
  'blend.notInStock': 'tidak ada persediaan',
  'blend.plant': 'Tanaman',
  'blend.groups': 'Menurut golongan',
  'blend.library': 'Dari pustaka',
  'blend.unknowns': 'Tidak bisa disebut',
};
