<?php

declare(strict_types=1);

// Nama yang diberikan aplikasi kepada catatan buatannya sendiri.

return [
    'potted_again' => 'Ganti pot lagi',
    'potted_already' => ':number ditanam',
    'reclaimed' => 'Bekas: :mix, :years tahun',
    'reclaimed_screened' => 'Bekas, diayak: :mix, :years tahun',
    'living_soil' => 'Tanah hidup: :mix, :years tahun',
    'living_moss' => 'Lumut hidup',
    'living_note' => 'Hidup: jaga tetap lembap, teduh dan berudara; pakai sebelum :until.',
    'living_from' => ':number (:health), pakai sebelum :until',
    'health_well' => 'sehat',
    'health_weak' => 'lemah',
    'health_sick' => 'sakit',
    'rinsed' => ':component dibilas pada :mm mm',
    'layer_task' => 'Lihat cangkoknya',
    'layer_put' => 'Cangkok dipasang: :wrap, :litres L.',
    'layer_look' => 'Cangkok dilihat: :roots.',
    'layer_off' => 'Cangkok dilepas.',
    'layer_separated' => 'Cangkok dipisahkan: :number.',
    'roots_none' => 'belum ada akar',
    'roots_few' => 'akar pertama',
    'roots_enough' => 'akar cukup',
    'leftover' => 'Sisa: :recipe, :day',
];
