<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

/** What could be changed, as remedies and screens call it. */
enum ChangeKind: string
{
    case More = 'more';
    case Less = 'less';
    case Add = 'add';
    case Deeper = 'deeper';
    case Shallower = 'shallower';
    case Holes = 'holes';
    case NoLayer = 'no_layer';
    case Layer = 'layer';
    case Rinse = 'rinse';
    case SieveOut = 'sieve_out';
    case Stone = 'stone';
    case Moss = 'moss';
    case Tip = 'tip';
    case Shade = 'shade';
    case Windbreak = 'windbreak';
    case Habit = 'habit';
    case Repot = 'repot';
    case Rain = 'rain';
    case Feed = 'feed';
    case Lime = 'lime';
    case Swap = 'swap';
    case Together = 'together';
    case WinterShelter = 'winter_shelter';
    case OtherPot = 'other_pot';
}
