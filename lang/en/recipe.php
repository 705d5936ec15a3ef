<?php

declare(strict_types=1);

// Words in which recipes are written down, as App\Blend\Writing\ReadRecipe reads them. The longer ones of a list are tried first.

return [
    'numbers' => ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'a' => 1, 'an' => 1],
    'half' => ['half'],
    'equal' => ['equal parts', 'equal amounts', 'same of each', 'evenly'],
    'rest' => ['the rest', 'rest'],
    'little' => ['little', 'bit', 'touch', 'pinch'],
    'handful' => ['handful'],
    // what may stand before "little" and between an amount and a name
    'some' => ['a', 'some', 'just'],
    'of' => ['of', 'is'],
    'and' => ['and'],
    'percent' => ['%', 'percent', 'per cent'],
    'litres' => ['l', 'litre', 'litres', 'liter', 'liters'],
    'scoops' => ['scoop', 'scoops'],
    'parts' => ['part', 'parts'],
];
