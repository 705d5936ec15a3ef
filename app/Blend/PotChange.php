<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Holes;

/** A pot tried at another depth or with other holes, before it is built or drilled. */
final readonly class PotChange
{
    private function __construct(private ?float $depthCm, private ?int $holeCount, private ?float $holeDiameterCm) {}

    public static function read(mixed $input, Refusals $refusals): self
    {
        if ($input === null) {
            return new self(null, null, null);
        }
        $fields = Fields::of($input, ['depth_cm', 'hole_count', 'hole_diameter_cm'], $refusals, 'pot_change');

        return new self(
            $fields->has('depth_cm') ? $fields->number('depth_cm', 1, Container::LONGEST_CM) : null,
            $fields->has('hole_count') ? $fields->integer('hole_count', 0, 10_000) : null,
            $fields->has('hole_diameter_cm') ? $fields->number('hole_diameter_cm', Holes::LEAST_DIAMETER_CM, 100) : null,
        );
    }

    public function pot(Container $pot): Container
    {
        return $this->depthCm === null ? $pot : $pot->withDepth($this->depthCm);
    }

    public function holes(Holes $holes): Holes
    {
        return $this->holeCount === null && $this->holeDiameterCm === null
            ? $holes
            : Holes::of($this->holeCount ?? $holes->count, $this->holeDiameterCm ?? $holes->diameterCm, $holes->openShare);
    }
}
