<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Support\Carbon;

/** Records that others may refer to are put into the archive instead of being deleted. */
trait Archivable
{
    public function isArchived(): bool
    {
        return $this->archived_at !== null;
    }

    public function setArchived(bool $archived): void
    {
        $this->archived_at = $archived ? Carbon::now() : null;
        $this->save();
    }
}
