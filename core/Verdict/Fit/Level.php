<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Fit;

/** Inside the band, in its soft margin, or beyond. */
enum Level: string
{
    case Good = 'good';
    case Mind = 'mind';
    case Stop = 'stop';
}
