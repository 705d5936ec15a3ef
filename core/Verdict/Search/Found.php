<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/** A recipe that is offered, why, how sure its word is, and what keeps it from being better in that. */
final readonly class Found
{
    /** @param non-empty-list<Reason> $reasons */
    public function __construct(public Confirmed $recipe, public array $reasons, public Sureness $sureness, public ?Binding $binding = null) {}

    public function with(Reason $reason): self
    {
        return new self($this->recipe, [...$this->reasons, $reason], $this->sureness, $this->binding);
    }

    public function boundBy(?Binding $binding): self
    {
        return new self($this->recipe, $this->reasons, $this->sureness, $binding);
    }
}
