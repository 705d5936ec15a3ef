import type { words as english } from './words';

export const words: Record<keyof typeof english, string> = {
  'app.name': 'Zolbek',
  'app.skip': 'Langsung ke isi',
  'keys.start': 'Buka pertanyaan pertama',
  'keys.title': 'Bantuan dan pengaturan',
  'keys.keyboard': 'Papan ketik',
  'reader.title': 'Bahasa dan satuan',
  'reader.language': 'Bahasa',
  'reader.units': 'Satuan',
  'reader.metric': 'Metrik: L, m³, cm, kg, °C',
  'reader.us': 'AS: gal, qt, cu ft, in, lb, °F',
  'reader.hint':
    'Untuk perangkat ini. Angka disimpan dalam satuan metrik; satuan lain boleh diketik di belakang angka ("2 gal", "3 in", "8 cm").',
  'keys.help': 'Tampilkan daftar ini',
  'keys.blend': 'Ke Racik',
  'keys.bins': 'Ke Wadah',
  'keys.collection': 'Ke Pot & tanaman',
  'keys.log': 'Ke Catatan',
  'keys.undo': 'Urungkan perubahan campuran terakhir',
  'keys.redo': 'Ulangi lagi',
  'keys.add': 'Tambah bahan ke campuran',
  'keys.batch': 'Hitung takaran adukan',
  'keys.save': 'Simpan resep',
  'keys.step': 'Di kolom bagian: satu bagian lebih atau kurang',
  'keys.halfStep': 'Di kolom bagian: setengah bagian lebih atau kurang',
  'keys.search': 'Cari di daftar',
  'keys.new': 'Tambah ke daftar',
  'problem.nowhere': 'Tak ada apa-apa di {path}.',
  'keys.bench': 'Ke Uji',
  'keys.write': 'Tulis campuran dengan kata',
  'keys.tub': 'Tambahi yang ada di bak',
  'keys.extras': 'Campuran dasar dengan tambahan',
  'keys.today': 'Ke Hari ini',
  'keys.days': 'Ke Hari ganti pot',
  'news.title': 'Campuran Anda mulai sekarang dinilai lain',
  'news.water':
    'Air dinilai menurut hari terik dan seberapa kurang bagi tanaman, untuk pot yang berdiri sendiri dan tak pernah terisi penuh: kebanyakan pot memerlukan air lebih sering dari yang dikatakan dulu.',
  'news.ph':
    'pH mengikuti air, pupuk dan yang dibilas hujan: kebanyakan campuran tetap lebih rendah dari yang dikatakan dulu.',
  'news.years':
    'Tahun menghitung embun beku yang sungguh membekukan pot, debu yang hanyut, dan remahan yang melunak; hasilnya suatu rentang.',
  'news.fit':
    'Yang mematikan tanaman tak bisa lagi diimbangi, dan berat, mengapung serta stok ialah catatan: kata keseluruhan lebih dulu, lalu mengapa.',
  'news.records':
    'Takaran, riwayat dan tempat berdiri tanaman menyimpan angka saat dibuat; hari jatuh tempo tanaman dihitung lagi.',
  'news.understood': 'Mengerti',
};
