<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Input;

use DomainException;

/** Thrown by everything in the core that is given a figure it cannot use. Holds every refusal found, the first one first. */
final class Refused extends DomainException
{
    /** @param non-empty-list<Refusal> $refusals */
    public function __construct(public readonly array $refusals)
    {
        $first = $refusals[0];
        parent::__construct($first->field.': '.$first->rule);
    }

    /** @param array<string, float|int|string|null> $limits */
    public static function because(string $field, string $rule, mixed $given = null, array $limits = []): self
    {
        return new self([new Refusal($field, $rule, $given, $limits)]);
    }

    public function under(string $path): self
    {
        return new self(array_map(static fn(Refusal $refusal): Refusal => $refusal->under($path), $this->refusals));
    }
}
