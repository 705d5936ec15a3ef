<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\People\Models\Yard;
use App\People\OpenYard;
use App\People\PeopleFile;
use Zolbek\Core\Basis\Input\Refused;

/** Commands that work on one yard, by its name. */
trait OpensYard
{
    /** @throws Refused where none is called that */
    private function openYard(): void
    {
        $name = $this->option('yard');
        if (is_string($name)) {
            PeopleFile::prepare();
            OpenYard::of(Yard::query()->where('name', $name)->first() ?? throw Refused::because('yard', 'no_yard_called', $name, ['yards' => implode(', ', array_map(static fn(Yard $yard): string => $yard->name, Yard::here()))]));
        }
    }
}
