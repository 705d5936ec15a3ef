<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Input;

/** Gathers refusals while input is read, so that a form learns of all its faults at once. */
final class Refusals
{
    /** @var list<Refusal> */
    private array $found = [];

    public function add(Refusal $refusal): void
    {
        $this->found[] = $refusal;
    }

    /**
     * Runs a reading that may refuse, and keeps its refusals under a path.
     *
     * @template T
     *
     * @param callable(): T $read
     *
     * @return T|null null when it refused
     */
    public function during(string $path, callable $read): mixed
    {
        try {
            return $read();
        } catch (Refused $refused) {
            array_push($this->found, ...$refused->under($path)->refusals);

            return null;
        }
    }

    /** @return list<Refusal> */
    public function all(): array
    {
        return $this->found;
    }

    public function any(): bool
    {
        return $this->found !== [];
    }

    /** @throws Refused when anything was refused */
    public function throwIfAny(): void
    {
        if ($this->found !== []) {
            throw new Refused($this->found);
        }
    }
}
