<?php

declare(strict_types=1);

namespace App\Instruments;

use Zolbek\Core\Basis\Input\Refused;

/** Of a simulated instrument: what the panel can set, such as what lies on the pan. */
interface Panel
{
    /** @return array<string, bool|float|string|null> what is set now, by field */
    public function settings(): array;

    /**
     * @param array<mixed> $input some of the settings
     *
     * @throws Refused naming each field and what it may be
     */
    public function set(array $input): void;
}
