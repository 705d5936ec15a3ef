<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/** A recipe that is offered, why, how sure its word is, and what keeps it from being better in that. */
final readonly class Found
{
    /** @param non-empty-list<Merit> $merits */
    public function __construct(public Confirmed $recipe, public array $merits, public Sureness $sureness, public ?Binding $binding = null) {}

    public function with(Merit $merit): self
    {
        return new self($this->recipe, [...$this->merits, $merit], $this->sureness, $this->binding);
    }

    public function boundBy(?Binding $binding): self
    {
        return new self($this->recipe, $this->merits, $this->sureness, $binding);
    }
}
