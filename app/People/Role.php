<?php

declare(strict_types=1);

namespace App\People;

/** What somebody may do, each all that the one before may: look; what is done at the bench; all of the job; people, copies and settings. */
enum Role: string
{
    case Reader = 'reader';
    case Helper = 'helper';
    case Grower = 'grower';
    case Owner = 'owner';

    public function mayAs(self $least): bool
    {
        return array_search($this, self::cases(), true) >= array_search($least, self::cases(), true);
    }
}
