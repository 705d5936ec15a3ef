<?php

declare(strict_types=1);

namespace App\Plants;

use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\KeptMaterial;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\RootBall;
use Zolbek\Core\Place\Container\WallZone;

/** What stands in a pot beside the new mix, as it was put there: the ball that was kept and what it is of, what lies along the wall, objects. */
final readonly class KeptContents
{
    /**
     * @param array{length_cm: float, width_cm: float, height_cm: float, treatment: string, gap_share: float}|null $ball
     * @param KeptSoil|null                                                                                     $soil of the ball, and of the wall where it is old soil
     * @param array{kept: array<string, mixed>|null, thickness_cm: float}|null                                  $wall kept null: old soil
     */
    private function __construct(public ?array $ball, public ?KeptSoil $soil, private ?array $wall, private float $objectsL, private float $bedCm, private float $collarCm, private float $moundCm) {}

    /** @param Material|null $lining of the wall; null where it is old soil, or nothing */
    public static function of(Contents $contents, ?KeptSoil $soil, ?Material $lining): self
    {
        $ball = $contents->ball;
        $wall = $contents->wall;

        return new self(
            $ball === null ? null : ['length_cm' => $ball->lengthCm, 'width_cm' => $ball->widthCm, 'height_cm' => $ball->heightCm, 'treatment' => $ball->treatment->value, 'gap_share' => $ball->gapShare()],
            $soil,
            $wall === null ? null : ['kept' => $lining === null ? null : KeptMaterial::keep($lining), 'thickness_cm' => $wall->thicknessCm],
            $contents->objectsL,
            $contents->bedCm,
            $contents->collarCm,
            $contents->moundCm,
        );
    }

    /** @param array<string, mixed> $kept */
    public static function fromKept(array $kept): self
    {
        return new self($kept['ball'], $kept['soil'] === null ? null : KeptSoil::fromKept($kept['soil']), $kept['wall'], $kept['objects_l'], $kept['bed_cm'], $kept['collar_cm'], $kept['mound_cm']);
    }

    /** @return array<string, mixed> */
    public function toKept(): array
    {
        return [
            'ball' => $this->ball, 'soil' => $this->soil?->toKept(), 'wall' => $this->wall, 'objects_l' => $this->objectsL,
            'bed_cm' => $this->bedCm, 'collar_cm' => $this->collarCm, 'mound_cm' => $this->moundCm,
        ];
    }

    /** @param Substrate|null $soil as it lies */
    public function toCore(?Substrate $soil): Contents
    {
        $ball = $this->ball;
        $lining = $this->wall === null || $this->wall['kept'] === null ? $soil : new Substrate(new Blend([[KeptMaterial::read($this->wall['kept']), 1.0]]));

        return new Contents(
            $ball === null || $soil === null ? null : new RootBall($ball['length_cm'], $ball['width_cm'], $ball['height_cm'], BallTreatment::from($ball['treatment']), $soil, $ball['gap_share']),
            null,
            $this->wall === null || $lining === null ? null : new WallZone($lining, $this->wall['thickness_cm']),
            $this->objectsL,
            $this->bedCm,
            $this->collarCm,
            $this->moundCm,
        );
    }
}
