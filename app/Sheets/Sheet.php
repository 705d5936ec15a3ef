<?php

declare(strict_types=1);

namespace App\Sheets;

use Zolbek\Core\Basis\Input\Refused;

/** A kind of file that is taken out and in: how a row of it is taken in, beside what it holds. */
interface Sheet extends Listing
{
    /** Whether columns like "sieve 4 mm" and "sieve pan" belong to it, and in which unit; null where they do not. */
    public function sieveUnit(): ?string;

    /**
     * Takes in one row.
     *
     * @param array<string, mixed>  $values by field, empty cells left out; masses on sieves under "sieve"
     *
     * @return array{string, string} added, changed or same; and a name for the report
     *
     * @throws Refused naming fields
     */
    public function take(array $values): array;

    /**
     * What tells a row from others of the same file: two rows with one key are refused.
     *
     * @param array<string, mixed> $values
     */
    public function key(array $values): string;
}
