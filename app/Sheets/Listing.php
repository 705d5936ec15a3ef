<?php

declare(strict_types=1);

namespace App\Sheets;

/** A kind of file that is taken out: its columns, and what it holds. */
interface Listing
{
    /** @return list<Column> */
    public function columns(): array;

    /** @return iterable<array<string, mixed>> values of each row by field */
    public function all(): iterable;
}
