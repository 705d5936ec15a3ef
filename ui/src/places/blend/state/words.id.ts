import type { words as english } from './words';

export const words: Record<keyof typeof english, string> = {
  'mend.more':
    '{unit, select, percent {{by} %} litres {{by}} scoops {{by, plural, other {# sekop}}} other {{by, plural, other {# bagian}}}} lebih {component}',
  'mend.less':
    '{unit, select, percent {{by} %} litres {{by}} scoops {{by, plural, other {# sekop}}} other {{by, plural, other {# bagian}}}} kurang {component}',
  'mend.out': 'tanpa {component}',
  'mend.add':
    'tambah {unit, select, percent {{by} %} litres {{by}} scoops {{by, plural, other {# sekop}}} other {{by, plural, other {# bagian}}}} {component}',
  'mend.deeper': 'pot sedalam {depth}',
  'mend.shallower': 'pot sedalam {depth}',
  'mend.holes': '{count, plural, other {# lubang}} {diameter}',
  'mend.no_layer': 'tanpa lapisan drainase',
  'mend.layer': 'lapisan drainase {component}, {by}',
  'mend.rinse': 'bilas buang dari {component} yang lebih halus dari {by} mm',
  'mend.sieve_out': 'ayak buang dari {component} yang lebih kasar dari {by} mm',
  'mend.stone': 'tutup dengan batu ({by})',
  'mend.moss': 'tutup dengan lumut',
  'mend.tip': 'miringkan pot {by}° saat hujan panjang',
  'mend.shade': '{to, select, half_shade {setengah teduh} other {teduh}} di bulan-bulan terik',
  'mend.windbreak': 'penahan angin',
  'mend.habit': 'datang {habit} di {season}',
  'mend.repot': 'ganti pot setelah {by, plural, other {# tahun}}',
  'mend.rain': '{by, select, 100 {hujan sebagai satu-satunya air} other {{by}% hujan dalam air}}',
  'mend.feed':
    '{to, select, acid {pupuk asam (amonium, tanpa kapur)} usual {pupuk biasa} other {sementara tanpa pupuk}}',
  'mend.lime': 'kapuri {component} sampai pH {by} sebelum dicampur (bak uji dulu)',
  'mend.swap': '{component} sebagai ganti {replaced}, ukuran sama dan lebih ringan',
  'mend.together': 'tempatkan rapat di antara pot lain',
  'mend.winter_shelter': 'jaga pot dari embun beku di musim dingin',
  'mend.other_pot': 'pot {pot}',
};
