<?php

declare(strict_types=1);

// Names that the application gives to records of its own making.

return [
    'potted_again' => 'Potted again',
    'leftover' => 'Left: :recipe, :day',
];
