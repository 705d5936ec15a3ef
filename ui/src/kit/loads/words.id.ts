import type { words as english } from './words';

export const words: Record<keyof typeof english, string> = {
  'loads.title': 'Isi setiap adukan',
  'loads.one': 'Adukan {number}',
  'loads.some': 'Adukan {from} sampai {to}',
  'loads.of': '{litres}',
  'loads.each': 'masing-masing {litres}',
  'loads.mixed': 'dicampur',
  'loads.component': 'Bahan',
  'loads.all': 'Seluruhnya',
  'loads.share': 'Bagian sebenarnya',
  'loads.off': '{more, select, more {lebih {share}} other {kurang {share}}}',
  'loads.scoopOf': 'sekop {litres}',
  'loads.warning.smaller_scoop': 'Dengan sekop lebih besar resepnya tidak tepat: ambil yang lebih kecil.',
  'loads.warning.nearest':
    'Takaran utuh resep ini terlalu banyak untuk bak atau kebutuhan: ini setengah sekop terdekat.',
  'loads.warning.millilitres':
    'Setengah sekop mengubah {names}: ukur mililiter di samping sekop, atau ambil sekop lebih kecil.',
  'loads.warning.off':
    '{names}: menyimpang dari resep lebih dari semestinya. Campur lebih banyak sekaligus, atau pakai takaran lebih halus.',
  'loads.warning.too_small': '{names}: terlalu sedikit untuk diukur. Campur lebih banyak sekaligus, atau tinggalkan.',
};
