<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

/** How a plan of scoops keeps the recipe. */
enum ScoopWay: string
{
    case Units = 'units';
    case SmallerScoop = 'smaller_scoop';
    case Nearest = 'nearest';
    case Millilitres = 'millilitres';
}
