<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Input;

/**
 * One figure that cannot be used: which, what it was, and what it may be.
 *
 * The words are not here: `rule` names a sentence in the catalogue of whoever reports it, `limits` fills its gaps.
 */
final readonly class Refusal
{
    /**
     * @param string                              $field  dotted path of the field, e.g. "pot.depth" or "components.2.sieve.4"
     * @param string                              $rule   name of the rule that it breaks, e.g. "between"
     * @param mixed                               $given  what stood there
     * @param array<string, float|int|string|null> $limits what the field may be, by the gap's name in the sentence
     */
    public function __construct(
        public string $field,
        public string $rule,
        public mixed $given = null,
        public array $limits = [],
    ) {}

    public function under(string $path): self
    {
        return new self(Path::join($path, $this->field), $this->rule, $this->given, $this->limits);
    }
}
