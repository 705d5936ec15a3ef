<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

/** What has to be said of a plan of scoops, and of which part where it is of one: smaller_scoop, nearest, millilitres, off, too_small. */
final readonly class ScoopWarning
{
    public function __construct(public string $code, public ?string $key) {}
}
