<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Plant;

/**
 * How roots fill a pot: r(t) = r_max (1 - exp(-t/3)) of bulk volume, r_max 0.06 slow, 0.10 middling, 0.14 vigorous.
 *
 * They take the room of air and of free water alike, see AgedPot. Source: model revision (b), judged. Check: middling after three years: 0.0632.
 */
enum RootVigour: string
{
    case Slow = 'slow';
    case Middling = 'middling';
    case Vigorous = 'vigorous';

    private const YEARS = 3.0;

    public function share(float $years): float
    {
        return $this->most() * (1.0 - exp(-$years / self::YEARS));
    }

    private function most(): float
    {
        return match ($this) {
            self::Slow => 0.06,
            self::Middling => 0.10,
            self::Vigorous => 0.14,
        };
    }
}
