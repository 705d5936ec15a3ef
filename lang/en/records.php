<?php

declare(strict_types=1);

// Names that the application gives to records of its own making.

return [
    'potted_again' => 'Potted again',
    'potted_already' => ':number potted',
    'reclaimed' => 'Reclaimed: :mix, :years years',
    'reclaimed_screened' => 'Reclaimed, screened: :mix, :years years',
    'living_soil' => 'Living soil: :mix, :years years',
    'living_moss' => 'Living moss',
    'living_note' => 'Living: keep it damp, shaded and airy; use by :until.',
    'living_from' => ':number (:health), use by :until',
    'health_well' => 'well',
    'health_weak' => 'weak',
    'health_sick' => 'sick',
    'rinsed' => ':component rinsed at :mm mm',
    'layer_task' => 'Look at the layer',
    'layer_put' => 'Layer put on: :wrap, :litres L.',
    'layer_look' => 'Layer looked at: :roots.',
    'layer_off' => 'Layer taken off.',
    'layer_separated' => 'Layer separated: :number.',
    'roots_none' => 'no roots yet',
    'roots_few' => 'first roots',
    'roots_enough' => 'roots enough',
    'leftover' => 'Left: :recipe, :day',
];
