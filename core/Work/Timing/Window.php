<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Timing;

/** Whether the season is right to repot; nobody is refused by it. */
enum Window: string
{
    case Open = 'open';
    case WithShelter = 'with_shelter';
    case Early = 'early';
    case Late = 'late';
    case Unknown = 'unknown';

    public function isOpen(): bool
    {
        return $this === self::Open || $this === self::WithShelter;
    }
}
