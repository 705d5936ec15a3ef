<?php

declare(strict_types=1);

// Kata-kata untuk menulis resep, sebagaimana dibaca App\Blend\Writing\ReadRecipe. Yang lebih panjang dicoba lebih dulu.

return [
    'numbers' => ['satu' => 1, 'dua' => 2, 'tiga' => 3, 'empat' => 4, 'lima' => 5, 'enam' => 6, 'tujuh' => 7, 'delapan' => 8, 'sembilan' => 9, 'sepuluh' => 10],
    'half' => ['setengah', 'separuh'],
    'equal' => ['sama banyak', 'sama rata', 'bagian sama'],
    'rest' => ['sisanya', 'sisa'],
    'little' => ['sedikit', 'sejumput'],
    'handful' => ['genggam', 'segenggam'],
    // what may stand before "little" and between an amount and a name
    'some' => ['hanya'],
    'of' => ['dari', 'adalah'],
    'and' => ['dan'],
    'percent' => ['%', 'persen'],
    'litres' => ['l', 'liter'],
    'scoops' => ['sekop'],
    'parts' => ['bagian'],
];
