<?php

declare(strict_types=1);

// Kata-kata untuk menulis resep, sebagaimana dibaca App\Blend\Writing\ReadRecipe. Yang lebih panjang dicoba lebih dulu.

return [
    'numbers' => ['satu' => 1, 'sebagian' => 1, 'dua' => 2, 'tiga' => 3, 'empat' => 4, 'lima' => 5, 'enam' => 6, 'tujuh' => 7, 'delapan' => 8, 'sembilan' => 9, 'sepuluh' => 10],
    'fractions' => [
        'setengah' => 1 / 2, 'separuh' => 1 / 2, 'sepertiga' => 1 / 3, 'dua pertiga' => 2 / 3, 'seperempat' => 1 / 4, 'tiga perempat' => 3 / 4, 'seperlima' => 1 / 5, 'dua perlima' => 2 / 5, 'tiga perlima' => 3 / 5, 'empat perlima' => 4 / 5,
        'sepersepuluh' => 1 / 10,
    ],
    'all' => ['semua', 'hanya', 'melulu', 'murni', '100 %', '100%'],
    // what people measure with, and the litres that it usually holds; 0 for what holds a pack of the component
    'vessels' => [
        'cangkir' => 0.25, 'gelas' => 0.25, 'gayung' => 1, 'pot' => 1, 'sekop besar' => 4, 'ember' => 10, 'gerobak' => 80, 'bak' => 40, 'karung' => 0, 'kantong' => 0,
    ],
    // words that say one of a vessel by themselves
    'ones' => ['secangkir' => 'cangkir', 'segelas' => 'gelas', 'segayung' => 'gayung', 'seember' => 'ember', 'segerobak' => 'gerobak', 'sekarung' => 'karung', 'sekantong' => 'kantong'],
    'equal' => ['sama banyak', 'sama rata', 'bagian sama', 'bagian yang sama', 'separuh-separuh', 'dengan bagian sama', 'masing-masing sama'],
    'rest' => ['sisanya', 'sisa'],
    'little' => ['sedikit', 'sejumput'],
    'handful' => ['genggam', 'segenggam'],
    // what may stand before "little" and between an amount and a name
    'some' => ['hanya'],
    'of' => ['dari', 'adalah'],
    'to' => ['sampai', 'hingga', 'atau'],
    'and' => ['dan'],
    'percent' => ['%', 'persen'],
    'litres' => ['l', 'liter'],
    'scoops' => ['sekop'],
    'parts' => ['bagian'],
];
