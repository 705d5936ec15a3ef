<?php

declare(strict_types=1);

// Names that the application gives to records of its own making.

return [
    'potted_again' => 'Potted again',
    'potted_already' => ':number potted',
    'reclaimed' => 'Reclaimed: :mix, :years years',
    'reclaimed_screened' => 'Reclaimed, screened: :mix, :years years',
    'leftover' => 'Left: :recipe, :day',
];
