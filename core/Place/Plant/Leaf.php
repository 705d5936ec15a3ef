<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Plant;

/** Leaves by what they lose: a factor on the crop coefficient, starting figures of practice. */
enum Leaf: string
{
    case Needle = 'needle';
    case Small = 'small';
    case Middling = 'middling';
    case Large = 'large';
    case Fleshy = 'fleshy';
    case None = 'none';

    public function factor(): float
    {
        return match ($this) {
            self::Needle => 0.8,
            self::Small => 0.9,
            self::Middling => 1.0,
            self::Large => 1.15,
            self::Fleshy => 0.4,
            self::None => 0.1,
        };
    }
}
