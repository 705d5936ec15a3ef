<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Inspection;

/** How a plant is, and what that adds to the risk of root work: a starting figure. */
enum Health: string
{
    case Well = 'well';
    case Weak = 'weak';
    case Sick = 'sick';

    public function risk(): float
    {
        return match ($this) {
            self::Well => 0.0,
            self::Weak => 0.2,
            self::Sick => 0.4,
        };
    }
}
