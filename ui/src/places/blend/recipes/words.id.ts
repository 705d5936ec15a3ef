import type { words as english } from './words';

export const words: Record<keyof typeof english, string> = {
  'compare.pageTitle': 'Bandingkan',
  'compare.now': 'Campuran di meja',
  'compare.addRecipe': 'Tambah resep',
  'compare.addVersion': 'Tambah versi',
  'compare.addPot': 'Tambah yang sama di pot lain',
  'compare.addSite': 'Tambah yang sama di tempat lain',
  'compare.inPot': '{mix}, dalam {pot}',
  'compare.atSite': '{mix}, di {site}',
  'compare.habitThere': 'Di sana seseorang datang',
  'compare.remove': 'Keluarkan {name} dari perbandingan',
  'compare.need': 'Tambah sesuatu untuk disandingkan.',
  'compare.full': 'Paling banyak empat bersanding.',
  'compare.first': 'Yang paling berbeda, terhadap {name}',
  'compare.same': 'Tak ada beda yang berarti.',
  'compare.says.air': '{name}: udara {more, select, yes {lebih banyak} other {lebih sedikit}}, {to}, bukan {from}.',
  'compare.says.water_l': '{name}: air {more, select, yes {lebih banyak} other {lebih sedikit}}, {to}, bukan {from}.',
  'compare.says.interval_h':
    '{name}: air cukup {more, select, yes {lebih lama} other {lebih singkat}}, {to}, bukan {from} jam.',
  'compare.says.drought':
    '{name}: {more, select, yes {lebih} other {kurang}} kekurangan air saat terik, {to}, bukan {from}.',
  'compare.says.later_ph':
    '{name}: {more, select, yes {kurang asam} other {lebih asam}} saat ganti pot, pH {to}, bukan {from}.',
  'compare.says.run_through_s':
    '{name}: air menembus {more, select, yes {lebih lambat} other {lebih cepat}}, {to}, bukan {from} s.',
  'compare.says.ph': '{name}: {more, select, yes {kurang asam} other {lebih asam}}, pH {to}, bukan {from}.',
  'compare.says.wet_kg': '{name}: {more, select, yes {lebih berat} other {lebih ringan}}, {to}, bukan {from}, basah.',
  'compare.says.cost': '{name}: {more, select, yes {lebih mahal} other {lebih murah}}, {to}, bukan {from} per pot.',
  'compare.says.years':
    '{name}: bertahan {more, select, yes {lebih lama} other {lebih singkat}}, {to}, bukan {from} tahun.',
  'version.title': 'Versi {name}',
  'version.now': 'sekarang',
  'version.noReason': 'yang pertama',
  'version.changed': '{name}: {from} → {to}',
  'version.in': '{name} masuk, {to}',
  'version.out': '{name} keluar (tadinya {from})',
  'version.prepared': '{name} disiapkan lain',
  'version.open': 'Buka',
  'version.compare': 'Apa akibatnya bagi pot?',
  'version.none': 'Resep ini belum berubah.',
  'card.title': 'Kartu resep',
  'card.inPot': 'dalam {pot}',
  'card.amount': 'Banyaknya',
  'card.share': 'Bagian',
  'card.where': 'Di mana dan bagaimana',
  'card.needMix': 'Tak ada campuran di meja untuk dibuatkan kartu.',
};
