<?php

declare(strict_types=1);

namespace App\Common;

use JsonSerializable;

/** What is kept as JSON in one column and read as an object of its own: it never changes, another one takes its place. */
interface Kept extends JsonSerializable
{
    /** @param array<string, mixed> $kept as it stands in the column, from whatever version wrote it */
    public static function fromKept(array $kept): static;

    /** @return array<string, mixed> */
    public function jsonSerialize(): array;
}
