<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use ArrayObject;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\GaussLegendre;
use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * A root zone shared by several bodies at the same suctions: new mix, the kept root ball with new mix in its gaps, a zone at the wall, objects.
 *
 *     new mix = zone - ball - wall + gaps * ball - objects
 *     W(s) = integral over each body of its own theta(suction(z) + s) dV
 *
 * Litres and shares; objects take their room from the new mix alone. Source: conservation of volume; model section 5. Check: a ball of the new mix itself leaves W as it was without.
 */
final readonly class Filling
{
    public float $newMixL;
    public float $ballL;
    public float $wallL;

    /** Of the mix around the ball, litres beneath its foot and above its top. */
    public float $beneathL;
    public float $aboveL;

    /** @var list<float> suctions in cm */
    private array $suctions;

    /** @var array{list<float>, list<float>, list<float>} litres of new mix, ball and wall that stand at each of them */
    private array $litres;

    public ?RootBall $ball;

    /** @var ArrayObject<string, array{float, float}> litres of water in ball and wall by suction, which are the same whatever is mixed for the rest */
    private ArrayObject $kept;

    /**
     * @param self|null $same filling of the same zone with the same contents, whose places are taken over
     *
     * @throws Refused field "objects_l" when the bodies leave no room for new mix
     */
    public function __construct(public RootZone $zone, public Substrate $substrate, public Contents $contents, ?self $same = null)
    {
        if ($same !== null) {
            [$this->ball, $this->newMixL, $this->ballL, $this->wallL, $this->beneathL, $this->aboveL, $this->suctions, $this->litres, $this->kept] = [$same->ball, $same->newMixL, $same->ballL, $same->wallL, $same->beneathL, $same->aboveL, $same->suctions, $same->litres, $same->kept];

            return;
        }
        $this->kept = new ArrayObject();
        $this->ball = $contents->ballIn($zone);
        $nodes = $this->integrate();
        $total = [0.0, 0.0, 0.0];
        foreach ($nodes as $node) {
            foreach ([0, 1, 2] as $body) {
                $total[$body] += $node[1 + $body];
            }
        }
        $gaps = $this->ball?->gapShare() ?? 0.0;
        $around = $total[0];
        $this->ballL = $total[1];
        $this->wallL = $total[2];
        $this->newMixL = $around + $gaps * $this->ballL - $contents->objectsL;
        if ($around - $contents->objectsL <= 1e-6) {
            throw Refused::because('objects_l', 'objects_fill_pot', $contents->objectsL, ['max' => $around]);
        }
        // what objects take is taken from the mix around them, at every height alike
        $left = ($around - $contents->objectsL) / $around;
        [$foot, $top] = $this->ballHeights();
        $this->beneathL = $this->ball === null ? 0.0 : $left * self::litresWhere($nodes, static fn(float $z): bool => $z < $foot);
        $this->aboveL = $this->ball === null ? 0.0 : $left * self::litresWhere($nodes, static fn(float $z): bool => $z > $top);
        $this->suctions = array_column($nodes, 0);
        $this->litres = [
            array_map(static fn(array $node): float => $node[1] * $left + $gaps * $node[2], $nodes),
            array_map(static fn(array $node): float => (1.0 - $gaps) * $node[2], $nodes),
            array_column($nodes, 3),
        ];
    }

    /** Litres held by new mix, old ball and wall together when the floor is at a suction. */
    public function waterL(float $suctionCm = 0.0): float
    {
        return array_sum($this->waterOf($suctionCm));
    }

    /** @return array{float, float, float} litres of water in new mix, ball and wall */
    public function waterOf(float $suctionCm = 0.0): array
    {
        $kept = $this->kept[(string) $suctionCm] ??= [
            $this->ball?->substrate->retention->water($this->suctions, $this->litres[1], $suctionCm) ?? 0.0,
            $this->contents->wall?->substrate->retention->water($this->suctions, $this->litres[2], $suctionCm) ?? 0.0,
        ];

        return [$this->substrate->retention->water($this->suctions, $this->litres[0], $suctionCm), ...$kept];
    }

    /** Dry mass of all bodies, kg. */
    public function dryKg(): float
    {
        $gaps = $this->ball?->gapShare() ?? 0.0;

        return $this->newMixL * $this->substrate->bulkDensity
            + (1.0 - $gaps) * $this->ballL * ($this->ball->substrate->bulkDensity ?? 0.0)
            + $this->wallL * ($this->contents->wall->substrate->bulkDensity ?? 0.0);
    }

    /** @return array{float, float} mean water content of the ball, and of new mix at the same heights */
    public function ballAndAround(): array
    {
        $litres = array_sum($this->litres[1]);

        return $this->ball === null || $litres <= 0.0 ? [0.0, 0.0] : [
            $this->ball->substrate->retention->water($this->suctions, $this->litres[1], 0.0) / $litres,
            $this->substrate->retention->water($this->suctions, $this->litres[1], 0.0) / $litres,
        ];
    }

    /** @return array{float, float} heights above the floor of foot and top of the ball, as far as it lies in the root zone */
    private function ballHeights(): array
    {
        $low = min($this->zone->topCm, $this->zone->bottomCm + ($this->ball === null ? 0.0 : $this->contents->bedCm));

        return [$low, min($this->zone->topCm, $low + ($this->ball->heightCm ?? 0.0))];
    }

    /**
     * @param list<array{float, float, float, float, float}> $nodes
     * @param callable(float): bool                          $isThere
     */
    private static function litresWhere(array $nodes, callable $isThere): float
    {
        return array_sum(array_map(static fn(array $node): float => $isThere($node[4]) ? $node[1] : 0.0, $nodes));
    }

    /** @return list<array{float, float, float, float, float}> suction, litres around, of the ball, at the wall, height */
    private function integrate(): array
    {
        $zone = $this->zone;
        [$low, $high] = $this->ballHeights();
        $panels = array_values(array_unique([$zone->bottomCm, $low, $high, $zone->topCm]));
        $nodes = [];
        foreach (array_slice($panels, 1) as $i => $to) {
            $from = $panels[$i];
            // theta bends most at the floor
            foreach ($i === 0 ? GaussLegendre::SIXTEEN : GaussLegendre::EIGHT as [$u, $weight]) {
                $z = $from + ($to - $from) * $u * $u;
                $area = $zone->pot->areaCm2($z);
                $thick = $weight * 2.0 * ($to - $from) * $u / 1000.0;
                $wall = $area * ($this->contents->wall?->shareOf($area) ?? 0.0);
                $ball = $this->ball !== null && $z > $low && $z < $high ? min($area - $wall, $this->ball->areaCm2($zone->pot)) : 0.0;
                $nodes[] = [$zone->suctionCm($z), ($area - $wall - $ball) * $thick, $ball * $thick, $wall * $thick, $z];
            }
        }

        return $nodes;
    }
}
