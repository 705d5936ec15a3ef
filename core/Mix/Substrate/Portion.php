<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Substrate;

use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;

/**
 * What is scooped into the tub under one name: a component as it lies in its bin, a prepared one, or a mix that expands to several.
 *
 * keptShare is what preparation leaves of what is taken from the bin: to have one litre, 1 / keptShare litres are taken.
 * Where only a range of a part is known, the middle is taken; anywhere in it is as likely, so its standard uncertainty is half the width over the root of 3, and the
 * same mix with so much more and so much less of it stands beside (JCGM 100:2008, section 4.3.7).
 * Source: conservation of volume and mass. Check: one litre of a premix of equal parts that yields 0.95 poured holds 1 / 0.95 loose litres.
 */
final readonly class Portion
{
    /** kg in one scooped litre, dry. */
    public float $bulkDensity;

    /**
     * @param non-empty-list<array{Material, float}> $contents components, and loose litres of each in one scooped litre
     * @param list<array{self, self}>                $doubts   the same with a standard uncertainty more of a part that is known roughly, and less
     */
    private function __construct(public string $key, public array $contents, public float $keptShare, public array $doubts = [])
    {
        $this->bulkDensity = array_sum(array_map(static fn(array $content): float => $content[0]->bulkDensity * $content[1], $contents));
    }

    public static function of(Material $component, ?string $key = null, float $keptShare = 1.0): self
    {
        return new self($key ?? $component->key, [[$component, 1.0]], $keptShare);
    }

    /**
     * A mix as it lies poured: one litre of it holds 1 / yield(4.1) loose litres of its parts.
     *
     * @param non-empty-list<array{self, float}> $parts
     * @param list<float>                        $spreads half the width of the range in which each part lies; none where it is known
     *
     * @throws Refused where the parts are no blend
     */
    public static function mixed(string $key, array $parts, array $spreads = []): self
    {
        $blend = self::blend($parts);
        $yield = self::poured($blend);
        $contents = [];
        foreach ($blend->components as $i => $component) {
            $contents[] = [$component, $blend->shares[$i] / $yield];
        }

        return new self($key, $contents, 1.0, self::doubted($key, $parts, $spreads));
    }

    /**
     * @param non-empty-list<array{self, float}> $parts
     * @param list<float>                        $spreads
     *
     * @return list<array{self, self}>
     */
    private static function doubted(string $key, array $parts, array $spreads): array
    {
        $with = static function (int $i, self $portion, float $amount) use ($key, $parts): self {
            $parts[$i] = [$portion, $amount];

            return self::mixed($key, $parts);
        };
        $doubts = [];
        foreach ($parts as $i => [$portion, $amount]) {
            $step = count($parts) > 1 ? ($spreads[$i] ?? 0.0) / sqrt(3.0) : 0.0;
            if ($step > 0.0) {
                $doubts[] = [$with($i, $portion, $amount + $step), $with($i, $portion, max(0.0, $amount - $step))];
            }
            foreach ($portion->doubts as [$more, $less]) {
                $doubts[] = [$with($i, $more, $amount), $with($i, $less, $amount)];
            }
        }

        return $doubts;
    }

    /**
     * Litres of the mix as it lies poured in a tub, from one litre scooped of its parts: fines go between the grains.
     *
     * @param non-empty-list<array{self, float}> $portions
     *
     * @throws Refused where the parts are no blend
     */
    public static function pouredYield(array $portions): float
    {
        $blend = self::blend($portions);

        return $blend->totalParts / array_sum(array_column($portions, 1)) * self::poured($blend);
    }

    private static function poured(Blend $blend): float
    {
        return (new Substrate($blend, CompressiblePacking::POURED))->yield;
    }

    /** The same litres with one component in place of another of a key. */
    public function replaced(string $key, Material $by): self
    {
        return new self($this->key, array_map(static fn(array $content): array => $content[0]->key === $key ? [$by, $content[1]] : $content, $this->contents), $this->keptShare, $this->doubts);
    }

    /**
     * The same volume with each component changed, such as aged or screened: masses go with the share that is left, volumes follow.
     *
     * @param callable(Material): array{Material, float} $change the changed component and the share of its mass that is left
     * @param bool $isLoss whether what is not left was thrown away in preparing it, so that more must be taken
     *
     * @throws Refused field "screening" where nothing is left
     */
    public function changed(callable $change, bool $isLoss = false): self
    {
        $parts = [];
        $before = $after = 0.0;
        foreach ($this->contents as [$component, $litres]) {
            [$changed, $left] = $change($component);
            $mass = $litres * $component->bulkDensity;
            $before += $mass;
            $after += $mass * $left;
            if ($left > 0.0) {
                $parts[] = [self::of($changed), $mass * $left / $changed->bulkDensity];
            }
        }
        if ($parts === []) {
            throw Refused::because('screening', 'nothing_kept');
        }
        $contents = count($parts) === 1 ? [[$parts[0][0]->contents[0][0], 1.0]] : self::mixed($this->key, $parts)->contents;

        $doubts = array_map(static fn(array $doubt): array => [$doubt[0]->changed($change, $isLoss), $doubt[1]->changed($change, $isLoss)], $this->doubts);

        return new self($this->key, $contents, $this->keptShare * ($isLoss ? $after / $before : 1.0), $doubts);
    }

    /**
     * From portions as they are scooped, mixes among them expanded and what stands in several of them put together.
     *
     * @param list<array{self, float}> $portions
     *
     * @throws Refused field "<index of the portion>.parts" or "" for the blend as a whole
     */
    public static function blend(array $portions): Blend
    {
        $refusals = new Refusals();
        $byKey = [];
        foreach ($portions as $i => [$portion, $parts]) {
            if (! ($parts >= 0.0 && $parts <= Blend::MOST_PARTS)) {
                $refusals->add(new Refusal($i.'.parts', 'between', $parts, ['min' => 0, 'max' => Blend::MOST_PARTS]));
            }
            foreach ($portion->contents as [$component, $litres]) {
                $byKey[$component->key] = [$component, ($byKey[$component->key][1] ?? 0.0) + $litres * $parts];
            }
        }
        $refusals->throwIfAny();

        return new Blend(array_values($byKey));
    }
}
