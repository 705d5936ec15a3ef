<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Shelf\Models\Component;
use App\Shelf\Models\ComponentPart;
use Zolbek\Core\Mix\Substrate\Portion;

/** Litres of a mix as the litres of what was scooped into it: a premix by its parts, a reclaimed mix by what is still there of them. */
final readonly class TakenApart
{
    private Portions $shelf;

    /** @param list<int> $whole ids of the components that stay as they are */
    public function __construct(private array $whole = [])
    {
        $this->shelf = new Portions();
    }

    /** @return array<int, float> litres by id of the component */
    public function of(Component $component, float $litres): array
    {
        if (! $component->isMix() || in_array($component->id, $this->whole, true)) {
            return [$component->id => $litres];
        }
        Portions::load([$component]);

        return $component->source === 'reclaimed' ? $this->reclaimed($component, $litres) : $this->premix($component, $litres);
    }

    /**
     * @param iterable<array{Component, float}> $there components and litres of each
     *
     * @return array<int, float> litres by id of the component
     */
    public function all(iterable $there): array
    {
        $sums = [];
        foreach ($there as [$component, $litres]) {
            foreach ($this->of($component, $litres) as $id => $each) {
                $sums[$id] = ($sums[$id] ?? 0.0) + $each;
            }
        }

        return $sums;
    }

    /** @return array<int, float> */
    private function premix(Component $mix, float $litres): array
    {
        $portions = array_values($mix->mixParts->map(fn(ComponentPart $part): array => [$this->shelf->of($part->component), $part->parts])->all());
        assert($portions !== []);
        $scooped = $litres / Portion::pouredYield($portions) / (float) $mix->mixParts->sum('parts');

        return $this->all($mix->mixParts->map(static fn(ComponentPart $part): array => [$part->component, $scooped * $part->parts]));
    }

    /** @return array<int, float> */
    private function reclaimed(Component $mix, float $litres): array
    {
        $sums = [];
        foreach ($this->shelf->of($mix)->contents as [$content, $each]) {
            $id = ($this->shelf->record($content->key) ?? $mix)->id;
            $sums[$id] = ($sums[$id] ?? 0.0) + $litres * $each;
        }

        return $sums;
    }
}
