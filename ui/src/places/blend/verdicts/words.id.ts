import type { words as english } from './words';

export const words: Record<keyof typeof english, string> = {
  'level.close': 'tipis',
  'level.closeHint': 'Yang tidak diketahui bisa memindahkannya ke tingkat lain.',
  'note.title': 'Seberapa pasti ini?',
  'note.typical': 'Angka ialah yang lazim bila tak diukur; air ialah setelah disiram sampai jenuh.',
  'note.compressible':
    '{share} dari campuran bisa mampat atau remah (gambut, serat, kompos, lempung): air dan udara perkiraan yang lebih kasar. Uji pot ditiriskan menjawabnya.',
  'note.pan':
    'Sehalus apa debu dalam {components} hanya diandaikan, dan itu menentukan pori. Mengayak juga dengan ayakan 0,5 mm menjawabnya.',
  'note.measured': 'Terukur, setidaknya sebagian: {components}.',
  'note.doSieve': 'Kerjakan analisis ayakan',
  'note.doDrain': 'Kerjakan pot ditiriskan',
  'note.segregation':
    'Bahan terkasar {ratio} kali ukuran terhalus: keduanya memisah bila digoyang. Campur lembap dan isi dengan tangan.',
  'note.segregates_dry':
    'Bagian halusnya begitu sedikit ({share}) sehingga tak ada yang mengikat ukurannya: campur lembap.',
  'note.salts_high': '{component} terukur bergaram: bilas sebelum dipakai, atau kurangi pupuk.',
  'note.salts_harmful':
    '{component} terukur sangat bergaram: bilas baik-baik, atau tinggalkan; ganti pot yang berdiri di dalamnya.',
  'note.water_salts_high':
    'Airnya bergaram ({ec} mS/cm): siram sampai sebagian mengalir keluar, kurangi pupuk, lebih cepat ganti pot.',
  'note.water_salts_harmful': 'Airnya asin ({ec} mS/cm): kebanyakan tanaman menderita. Ambil air hujan atau air lain.',
  'note.orifice': 'Udara terperangkap kira-kira menyeparuhkan laju tembus.',
  'supply.title': 'Di sampingnya',
  'supply.cost': 'Campuran satu pot berharga {cost}.',
  'supply.costOver': 'Campuran satu pot berharga {cost}; boleh {budget}.',
  'supply.stock': 'Stok mengisi {pots, plural, other {# pot}} dari {wanted} yang diinginkan.',
  'supply.stockAll': 'Stok mengisi {pots, plural, other {# pot}}.',
  'sure.title': 'Seberapa pasti: ± satu ketidakpastian baku',
  'sure.line': '{figure} {value} ± {u}',
  'sure.lineWide': '{figure} {value}, mungkin {u}',
  'sure.most': 'terutama dari {property} pada {component}',
  'sure.mostModel': 'terutama dari {property}',
  'ranges.title': 'Dari mana sampai mana, dalam dua dari tiga kejadian',
  'ranges.text':
    'Semua yang tidak diketahui, pada bahan, tajuk, cuaca dan model, digeser sekaligus. Beberapa angka lebih jauh ke satu sisi.',
  'ranges.line': '{figure} {from} sampai {to}',
  'ranges.years': 'Tahun sampai gagal',
  'ranges.interval_h': 'Jam di antara siraman pada hari terik',
  'ranges.drought': 'Kekurangan air saat terik',
  'ranges.run_through_s': 'Laju tembus, s',
  'ranges.yield_share': 'Liter memadat dari satu liter lepas',
  'ranges.later_ph': 'pH saat ganti pot',
  'ranges.float_share': 'Hanyut dari permukaan',
  'ranges.air': 'Udara',
  'ranges.water_l': 'Air',
  'ranges.use_l_day': 'Dipakai pada hari terik',
  'ranges.given_l_year': 'Diberikan setahun',
  'ranges.level_drop_cm': 'Permukaan turun',
  'ranges.scooped_l': 'Disekop untuk satu pot',
  'ranges.cost': 'Campuran satu pot',
  'sure.more': 'Apa penyebabnya, dan apa yang akan mempersempitnya',
  'sure.part': '{share} dari {property} pada {component}.',
  'sure.partModel': '{share} dari {property}.',
  'sure.narrow': '{test} ({minutes} menit: {tools}) akan membuatnya ± {u}',
  'sure.settle': '{test} akan mempersempitnya',
  'property.bulk_density': 'berat lepas',
  'property.particle_density': 'berat butir',
  'property.internal_water': 'air di dalam butir',
  'property.unavailable_water': 'air yang tetap terkunci',
  'property.internal_median_cm': 'seerat apa butir menahan air',
  'property.sphericity': 'kebulatan',
  'property.hydraulic_size_mm': 'pori serat',
  'property.ph': 'pH',
  'property.split': 'banyaknya tiap isi di dalamnya',
  'property.fines_weight': 'lekatnya bagian halus',
  'property.model_head': 'setinggi apa air berdiri dalam pori begitu',
  'property.model_run_through': 'secepat apa air menembus',
  'property.model_compaction': 'sejauh apa campuran ini memadat',
  'property.model_canopy': 'lebar tajuk',
  'property.model_hot_day': 'seterik apa hari terik',
  'property.model_refill': 'sebaik apa siraman mengisinya',
  'property.model_leaching': 'berapa yang mengalir keluar lagi',
  'property.model_pco2': 'napas akar',
  'property.model_ageing': 'secepat apa ia menua',
  'property.model_wash_out': 'secepat apa debu hanyut',
  'property.sieve': 'debu di dasar ayakan',
  'reaction.title': 'Reaksi, permukaan, hujan panjang',
  'reaction.text':
    '{buffered, select, yes {pH {ph} saat dicampur; menyangga {buffer} mmol per L per satuan pH, menahan {cec} cmol/L hara.} other {Tak ada yang menyangga: ia mengikuti airnya, mulai di {ph}, dan dibetulkan dengan air dan pupuk. Menahan {cec} cmol/L hara.}}',
  'reaction.later':
    'Dengan {alkalinity} mg/L kapur{rain, select, none {} other { dengan {rain} hujan}}, pupuk berisi {feed} mmol asam per L per tahun, dan {drained} per L yang mengalir keluar: {month} setelah sebulan, {later} setelah {years} tahun.',
  'reaction.dose':
    '{agent, select, sulphur {Belerang murni} other {Kapur giling}}, {grams} g/L, menggesernya ke {ph}: takaran awal untuk bak uji, diukur lagi setelah beberapa minggu, jangan pernah di pot yang ditanami. Label, sarung tangan dan kacamata lebih dulu.',
  'tipped.text': 'Dimiringkan {degrees}° ia melepaskan {litres} lagi: udara {air}.',
  'quarrel.title': 'Di mana para penanam berbeda',
  'quarrel.organic_share': 'Bagian organik',
  'quarrel.organic_share.text':
    'Tidak ada, sebab membusuk dan menyumbat; atau sedikit, demi air, hara, asam dan harga. Di sini dengan {share}: {years} tahun dan {interval} jam di antara siraman. {has, select, yes {Tanpa} other {Dengan seperempat}}: {otherYears} tahun dan {otherInterval} jam.',
  'quarrel.loam_base': 'Tanah atau lempung',
  'quarrel.loam_base.text':
    'Murah, pemaaf dan setempat; atau batuan saja. Untuk pot dan kebiasaan ini cocok {fit}; {has, select, yes {tanpa tanah} other {dengan seperempat lempung}} {otherFit}, air cukup {otherInterval} jam, bukan {interval} jam.',
  'quarrel.soft_clay': 'Butiran liat lunak',
  'quarrel.soft_clay.text':
    'Dasar klasik; atau lumpur setelah musim dingin keras. Membeku {frost} kali setahun, udara berubah dari {air} ke {laterAir} dalam {planned} tahun.',
  'quarrel.light_filler': 'Pengisi ringan',
  'quarrel.light_filler.text':
    'Ringan dan murah; atau hanyut mengapung. Dari permukaan ini {bare} hilang bila terbuka, {stone} di bawah batu, {moss} di bawah lumut.',
  'quarrel.pumice': 'Batu apung',
  'quarrel.pumice.text':
    'Ringan, lembap dan awet; atau mahal dan langka. Pot ini seberat {kg} basah, dengan batu lava sebagai gantinya {otherKg}, dan bertahan {interval} terhadap {otherInterval} jam.',
  'quarrel.all_lava': 'Semua batu lava',
  'quarrel.all_lava.text':
    'Tak pernah hancur; atau berat, haus dan panas. Air cukup {interval} jam dalam iklim ini, {otherInterval} jam bila separuhnya batu apung.',
  'quarrel.drainage_layer': 'Lapisan drainase',
  'quarrel.drainage_layer.text':
    'Ia menjaga lubang terbuka; atau mengambil ruang akar dan mengangkat zona basah. Dengan {cm}: udara {air} dalam {litres}. Tanpa: udara {otherAir} dalam {otherLitres}.',
  'quarrel.sieve_all': 'Ayak semuanya',
  'quarrel.sieve_all.text':
    'Debu itu musuh; atau bagian halus menahan air. Sebagaimana adanya: udara {air}, {interval} jam. Semua diayak pada 1 mm: udara {otherAir}, {otherInterval} jam, dan {lost} dari yang dibeli terbuang.',
  'quarrel.pack_it': 'Padatkan',
  'quarrel.pack_it.text':
    'Kuat, agar tak ada yang bergerak; atau jangan pernah sesak. Ditekan: udara {air}, air {water}. Dimasukkan lepas: udara {otherAir}, air {otherWater}.',
  'quarrel.mix_wet': 'Campur basah atau kering',
  'quarrel.mix_wet.text':
    'Dibasahi dulu agar debu tenang; atau kering agar mengalir di antara akar. {share} campuran ini menolak air bila kering: bagaimanapun basahi bagian itu dulu.',
  'quarrel.watering_in': 'Siraman pertama',
  'quarrel.watering_in.text':
    '{waits, select, yes {Segera; atau setelah 5 sampai 10 hari, ketika akar berdaging yang dipotong sudah menutup: lazim bagi golongan ini.} other {Segera dan menyeluruh, lazim bagi golongan ini; atau tunggu bila akar berdaging dipotong.}}',
  'quarrel.how_wet': 'Sebasah apa dijaga',
  'quarrel.how_wet.text':
    'Jangan pernah kekurangan; atau biarkan mengering di antaranya. Menunggu sampai tanaman mulai menderita ({limit}) memakai {litres} dari pot; sampai seperempat tarikan itu memakai {otherLitres}.',
  'quarrel.roots_off': 'Pangkas akar',
  'quarrel.roots_off.text':
    'Setiap kali separuhnya; atau hanya yang dituntut pot. Dengan {cut} dipotong mula-mula ia minum {recovery} dari biasanya, dengan separuh dipotong {otherRecovery}, dan semuanya lagi setelah enam minggu.',
  'quarrel.wash_roots': 'Cuci akar',
  'quarrel.wash_roots.text':
    'Bersih, agar semua terlihat; atau dicungkil kering, agar jamurnya tetap. Dicuci, {litres} campuran baru masuk ke bola akar, diurai {otherLitres}.',
  'quarrel.old_soil': 'Tanah lama',
  'quarrel.old_soil.text':
    'Semua dibuang; atau sebagian dipertahankan demi hidupnya. Bola akar menahan air {ball}, campuran baru di sampingnya {around}; perlu {litres} campuran baru, bukan {otherLitres}.',
  'quarrel.crown_and_root': 'Tajuk dan akar pada satu hari',
  'quarrel.crown_and_root.text':
    'Memotong keduanya mengimbangi yang hilang dan menghemat setahun; atau satu per satu. Dengan {cut} akar hilang, tanaman lemah hanya tahan salah satu.',
  'quarrel.fit_mix_or_watering': 'Sesuaikan campuran atau siraman',
  'quarrel.fit_mix_or_watering.text':
    'Pilih campuran menurut cara Anda menyiram; atau siram menurut kebutuhan campuran. Cukup {interval} jam pada hari terik, seseorang datang setelah {habit} jam, dan {drought} dari kebutuhannya tak terpenuhi. Keduanya ada di antara perbaikan.',
  'quarrel.watering_rule': 'Kaidah menyiram',
  'quarrel.watering_rule.text':
    'Setiap hari; atau menurut kebutuhan, atau menurut tusuk. Perkirakan {interval} jam di bulan terpanas dan {spring} jam tiga bulan sebelumnya; tusuk yang memutuskan.',
  'quarrel.feeding_rhythm': 'Irama memupuk',
  'quarrel.feeding_rhythm.text':
    'Sedikit dan sering; atau butiran untuk setengah tahun. Campuran ini menahan {cec} cmol/L: {holds, select, little {sedikit, jadi pupuk cair hanyut dalam beberapa hari} other {cukup untuk menahan sebagian pupuk cair}}. Jangan pernah melebihi label.',
  'quarrel.feed_where': 'Di mana menaruh pupuk',
  'quarrel.feed_where.text':
    'Di atas, agar terlihat dan bisa diangkat; atau di campuran atas, tempat akar menemukannya.',
  'quarrel.ball_lifted': 'Bola akar saat diangkat',
  'quarrel.ball_lifted.text':
    'Kering, agar tanah lama lepas; atau lembap, agar akar rambut hidup. Bola akar ini menahan air {ball} sesudah disiram.',
  'quarrel.planting_depth': 'Kedalaman tanam',
  'quarrel.planting_depth.text':
    'Dalam selama dilatih, demi kesehatan; atau terangkat, agar akar tampak. Leher akar dipasang {collar} di atas bola akar.',
  'quarrel.fixing': 'Pengikatan',
  'quarrel.fixing.text':
    'Kawat melalui lubang; atau batu selama beberapa minggu; atau tidak sama sekali. Pot seberat {kg} basah dan akan dipindah.',
  'quarrel.fertiliser': 'Pupuk saat menanam',
  'quarrel.fertiliser.text':
    'Segera, sebagai lepas lambat; atau kelak, lembut dan cair. {litres} campuran menahan {cec} cmol/L. Ikuti label dan liter ini, jangan perasaan.',
  'quarrel.seal_cuts': 'Menutup luka',
  'quarrel.seal_cuts.text': 'Pasta pada luka besar; atau luka bersih dibiarkan. Tak ada angka yang memutuskan ini.',
  'quarrel.cover_collected': 'Menyungkup tanaman kumpulan',
  'quarrel.cover_collected.text':
    'Tenda; atau teduh terbuka. Ia minum {recovery} dari biasanya: makin sedikit akar dan makin banyak daun, makin tenda menolong; batang penyimpan air busuk di dalamnya.',
  'quarrel.when': 'Kapan ganti pot',
  'quarrel.when.text':
    '{stage, select, none {} rest {Ia istirahat: tunggu kuncupnya, kecuali terpaksa. } buds_moving {Kuncup bergerak: kebanyakan aliran akan mulai. } leaf_break {Daun membuka: minggu terakhir bagi kebanyakan. } growing {Ia tumbuh: hanya yang terpaksa. } hardened {Tumbuhnya mengeras: awal musim gugur suatu aliran tersendiri. } other {Daun gugur: tunggu. }}{day, select, none {Tanpa tempat tak ada perkiraan; kuncup yang memutuskan.} other {Menurut tempatnya sekitar {day}; kuncup yang memutuskan, dengan embun beku yang masih akan datang.}}',
  'quarrel.new_or_reused': 'Campuran baru atau bekas',
  'quarrel.new_or_reused.text':
    'Selalu baru; atau campuran setahun masih berguna. Yang ini berudara {air} sekarang dan {otherAir} setelah setahun, turun {drop}.',
  'quarrel.oversize_pot': 'Pot yang terlalu besar',
  'quarrel.oversize_pot.text':
    'Lebih lambat kering, berisiko; atau tumbuh lebih cepat dan kurang tertekan. Di sini air cukup {interval} jam dengan udara {air}; setengah kali lebih besar, {otherInterval} jam dengan {otherAir}.',
  'verdict.goodOnes': 'Baik: {criteria}',
  'note.fitted': 'Model disesuaikan dengan uji kebun ini sendiri.',
  'note.toRight': 'Seberapa tepat kita',
};
