<?php

declare(strict_types=1);

return [
    'decimal' => ',',
    'models' => [
        'Component' => 'bahan',
        'Pot' => 'pot',
        'Recipe' => 'resep',
        'Batch' => 'takaran adukan',
        'Lot' => 'kiriman',
        'BenchTest' => 'uji',
        'Vessel' => 'sekop atau bak',
        'SieveSet' => 'set ayakan',
        'Site' => 'tempat',
        'Species' => 'jenis tanaman',
        'Plant' => 'tanaman',
        'Photo' => 'gambar',
        'Fertiliser' => 'pupuk',
        'PottingDay' => 'hari ganti pot',
        'DayPlant' => 'entri hari',
        'DayLoad' => 'adukan',
        'CareTask' => 'tugas',
    ],
    'given' => [
        'nothing' => 'kosong',
        'empty' => 'kosong',
        'list' => 'daftar atau objek',
        'infinite' => 'angka yang terlalu besar',
    ],
    'no_front_end' => 'Antarmuka belum dibangun: jalankan npm run build.',
    'not_found' => 'Tak ada :what dengan id :id.',
    'no_such_address' => 'Tak ada apa-apa di :path.',
    'database' => [
        'read_only' => 'Data tak bisa ditulis: folder atau berkasnya hanya-baca. Tak ada yang berubah; yang Anda ketik masih di sini.',
        'disk_full' => 'Cakram penuh. Tak ada yang berubah; kosongkan sedikit, lalu kirim lagi: yang Anda ketik masih di sini.',
        'disk_fault' => 'Cakram tidak menjawab semestinya. Tak ada yang berubah; periksa cakramnya, dan simpan salinan data di tempat lain.',
        'damaged' => 'Data rusak dan tidak ditulis lagi. Hentikan Zolbek dan mulai lagi: ia menyebut salinan terakhir yang bisa dikembalikan.',
        'no_file' => 'Data tak ada di tempatnya. Lihat apakah foldernya masih ada, lalu mulai Zolbek lagi.',
    ],
    'status' => [
        403 => 'Hanya halaman Zolbek sendiri yang boleh mengubah sesuatu di sini.',
        413 => 'Berkas ini terlalu besar.',
        415 => 'Isi harus JSON, dikirim sebagai application/json; impor CSV, dikirim sebagai text/csv.',
        419 => 'Halaman ini dibuka dalam sesi yang sudah berakhir. Muat ulang; tak ada yang berubah.',
        405 => 'Alamat ini tidak menerima permintaan semacam itu.',
        429 => 'Terlalu banyak permintaan sekaligus; coba lagi sebentar lagi.',
        500 => 'Ada yang salah di sini; sudah ditulis ke log.',
        'other' => 'Ini tidak berhasil (:status).',
    ],
    'evaluate' => [
        'no_file' => 'Tak ada berkas :file; berikan berkas, atau - untuk masukan baku.',
        'not_json' => 'bukan JSON: :why',
    ],
];
