<?php

declare(strict_types=1);

// Names that the application gives to records of its own making.

return [
    'potted_again' => 'Potted again',
    'potted_already' => ':number potted',
    'leftover' => 'Left: :recipe, :day',
];
