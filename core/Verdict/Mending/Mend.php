<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Mending;

use Zolbek\Core\Verdict\Change\Change;
use Zolbek\Core\Verdict\Fit\Criterion;

/** One single change and what it does to a criterion: the figure it would bring, and the criteria it would make worse. */
final readonly class Mend
{
    /**
     * @param Change          $change    what is changed
     * @param float|null      $value     the criterion's figure with the change
     * @param bool            $suffices  whether that lies in the band
     * @param list<Criterion> $worsens   criteria that leave their band, or move further out of it
     */
    public function __construct(
        public Change $change,
        public ?float $value,
        public bool $suffices,
        public array $worsens,
    ) {}
}
