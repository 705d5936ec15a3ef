<?php

declare(strict_types=1);

// Words in which recipes are written down, as App\Blend\Writing\ReadRecipe reads them. The longer ones of a list are tried first.

return [
    'numbers' => ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'a' => 1, 'an' => 1],
    'fractions' => [
        'half' => 1 / 2, 'a half' => 1 / 2, 'one half' => 1 / 2, 'third' => 1 / 3, 'a third' => 1 / 3, 'one third' => 1 / 3, 'two thirds' => 2 / 3, 'quarter' => 1 / 4, 'a quarter' => 1 / 4,
        'one quarter' => 1 / 4, 'three quarters' => 3 / 4, 'a fifth' => 1 / 5, 'one fifth' => 1 / 5, 'two fifths' => 2 / 5, 'three fifths' => 3 / 5, 'four fifths' => 4 / 5, 'a tenth' => 1 / 10, 'one tenth' => 1 / 10,
    ],
    'all' => ['all', 'only', 'just', 'pure', 'nothing but', '100 %', '100%', 'straight'],
    // what people measure with, and the litres that it usually holds; 0 for what holds a pack of the component
    'vessels' => [
        'cup' => 0.25, 'cups' => 0.25, 'mug' => 0.3, 'mugs' => 0.3, 'jug' => 1, 'jugs' => 1, 'pot' => 1, 'pots' => 1, 'shovel' => 4, 'shovels' => 4, 'trowel' => 0.3, 'trowels' => 0.3,
        'bucket' => 10, 'buckets' => 10, 'pail' => 10, 'pails' => 10, 'barrow' => 80, 'barrows' => 80, 'wheelbarrow' => 80, 'wheelbarrows' => 80, 'tub' => 40, 'tubs' => 40,
        'gallon' => 3.785, 'gallons' => 3.785, 'quart' => 0.946, 'quarts' => 0.946, 'bag' => 0, 'bags' => 0, 'sack' => 0, 'sacks' => 0,
    ],
    // words that say one of a vessel by themselves
    'ones' => [],
    'equal' => ['equal parts', 'equal amounts', 'same of each', 'evenly', 'half and half', 'in equal parts', 'in equal amounts', 'the same of each', 'in thirds', 'in halves', 'in quarters', 'each the same'],
    'rest' => ['the rest', 'rest'],
    'little' => ['little', 'bit', 'touch', 'pinch'],
    'handful' => ['handful'],
    // what may stand before "little" and between an amount and a name
    'some' => ['a', 'some', 'just', 'in', 'the', 'each'],
    'of' => ['of', 'is', 'of the', 'the'],
    'to' => ['to', 'or'],
    'and' => ['and'],
    'percent' => ['%', 'percent', 'per cent'],
    'litres' => ['l', 'litre', 'litres', 'liter', 'liters'],
    'scoops' => ['scoop', 'scoops'],
    'parts' => ['part', 'parts'],
];
