<?php

declare(strict_types=1);

// Kata berkas kalender; layar punya katalognya sendiri.

return [
    'calendar' => 'Zolbek: perawatan',
    'potting_day' => 'Hari ganti pot: :name',
    'task' => [
        'first_water' => 'air pertama, luka sudah menutup',
        'shade' => 'keluar dari teduh?',
        'morning_sun' => 'dari matahari pagi ke lebih banyak?',
        'final_place' => 'tahankah ia di tempatnya sendiri?',
        'first_weeks' => 'masih siram bola akar dan campuran masing-masing?',
        'mist_moss' => 'semprot lumut',
        'lower_surface' => 'turunkan permukaan sedikit',
        'leave_alone' => 'tajuk dan kawat boleh disentuh lagi?',
        'cover' => 'buka sungkup, berhenti mengabut?',
        'out_of_storms' => 'sudah kokoh?',
        'no_frost' => 'tak lagi dijaga dari embun beku',
        'first_feed' => 'pupuk pertama',
        'feed' => 'pupuk',
        'slow_release_ends' => 'pupuk lepas lambat sudah habis',
        'treat_again' => 'tangani hama lagi, menurut label',
        'check_wires' => 'periksa kawat pengikat',
        'stones_off' => 'angkat batunya',
        'next_look' => 'lihat',
        'after_six_weeks' => 'bagaimana jadinya, setelah enam minggu?',
        'after_a_year' => 'bagaimana jadinya, setelah setahun?',
    ],
    'until' => [
        'shoots_lengthen' => 'Berakhir saat tunas memanjang, bukan menurut hari.',
        'leaves_stand' => 'Berakhir saat daun tegak di siang hari, bukan menurut hari.',
        'holds_firm' => 'Berakhir saat berdiri kokoh, bukan menurut hari.',
    ],
];
