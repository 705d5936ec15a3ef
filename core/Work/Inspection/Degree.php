<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Inspection;

/** How much there is of a finding. */
enum Degree: string
{
    case Slight = 'slight';
    case Clear = 'clear';
    case Strong = 'strong';

    /** 0, 1, 2. */
    public function step(): int
    {
        return match ($this) {
            self::Slight => 0,
            self::Clear => 1,
            self::Strong => 2,
        };
    }
}
