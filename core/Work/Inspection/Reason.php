<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Inspection;

/** One reason of a judgement: what it is, and the figures that its sentence names. The words are elsewhere. */
final readonly class Reason
{
    /** @param array<string, float|int|string> $figures */
    public function __construct(public string $code, public array $figures = []) {}
}
