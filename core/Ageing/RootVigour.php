<?php

declare(strict_types=1);

namespace Zolbek\Core\Ageing;

/** How fast roots fill a pot, as a share of its volume a year that is taken from the air: starting figures. */
enum RootVigour: string
{
    case Slow = 'slow';
    case Middling = 'middling';
    case Vigorous = 'vigorous';

    public function fillPerYear(): float
    {
        return match ($this) {
            self::Slow => 0.015,
            self::Middling => 0.03,
            self::Vigorous => 0.05,
        };
    }
}
