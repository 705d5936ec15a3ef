<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Shelf\Models\Component;
use Zolbek\Core\Mix\Attrition\Attrition;
use Zolbek\Core\Mix\Attrition\WashOut;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Grading\SizeClasses;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Material\StandardUncertainty;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Verdict\Fit\Quality;

/** All that is known of a component and computed from it alone: schema ComponentSheet of the API, but for what is made of it. */
final readonly class ComponentDocument
{
    private const HEADS = 49;
    private const HIGHEST_HEAD_CM = 15_000.0;
    private const YEARS = 5.0;

    private Material $core;

    public function __construct(private Component $component)
    {
        $this->core = $component->toCore();
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        Portions::load([$this->component]);
        $this->component->loadMissing('lotsLeft');
        $blend = $this->component->isMix() ? Portion::blend([[(new Portions())->of($this->component), 1.0]]) : new Blend([[$this->core, 1.0]]);
        $poured = new Substrate($blend, CompressiblePacking::POURED);
        $grading = $blend->grading();

        return [
            'component' => ComponentPresenter::present($this->component),
            'qualities' => array_map(static fn(Quality $quality): array => ['quality' => $quality->value, 'welcome' => $quality->isWelcome()], Quality::of($this->core)),
            'poured' => Answer::substrate($poured),
            'uncertainty' => (object) $this->uncertainty(),
            'sieve_curve' => array_map(
                static fn(float $size, float $passing): array => ['size_mm' => $size, 'passing' => $passing],
                $grading->sizesMm,
                $grading->passing,
            ),
            'retention' => $this->retention($poured),
            'ageing' => $this->ageing(),
            'price_per_l' => $this->component->stock()->pricePerL(),
        ];
    }

    /** @return array<string, float> standard uncertainty by property */
    private function uncertainty(): array
    {
        $uncertainty = [];
        $measured = array_column(Measured::properties($this->component->measured), null, 'property');
        foreach (array_diff(MaterialReader::PROPERTIES, ['sieve', 'finest_mm']) as $property) {
            $value = $this->component->getAttribute($property);
            if (is_float($value)) {
                $uncertainty[$property] = isset($measured[$property]) ? $measured[$property]->uncertainty : ($property === 'ph'
                    ? StandardUncertainty::ofPh($this->component->basis)
                    : StandardUncertainty::of($value, $this->component->basis, $this->core->kind));
            }
        }

        return $uncertainty;
    }

    /** @return list<array{head_cm: float, between: float, inside: float}> water between and inside grains, shares of bulk volume */
    private function retention(Substrate $poured): array
    {
        return array_map(static function (int $i) use ($poured): array {
            $head = self::HIGHEST_HEAD_CM ** ($i / (self::HEADS - 1));
            $between = $poured->interPorosity * $poured->retention->saturationBetweenGrains($head);

            return ['head_cm' => $head, 'between' => $between, 'inside' => $poured->retention->theta($head) - $between];
        }, range(0, self::HEADS - 1));
    }

    /** @return array<string, float> what is left, and the share finer than 1 mm, now and after some years without frost */
    private function ageing(): array
    {
        $aged = Attrition::of($this->core, self::YEARS, new WashOut($this->core->grading->quantileMm(0.15)));

        return [
            'years' => self::YEARS,
            'left' => $aged->left,
            'finer_than_1_mm_now' => self::below1Mm($this->core->classShares),
            'finer_than_1_mm_then' => self::below1Mm($aged->shares),
        ];
    }

    /** @param list<float> $classShares */
    private static function below1Mm(array $classShares): float
    {
        return array_sum(array_filter($classShares, static fn(int $k): bool => SizeClasses::SIZES_MM[$k] < 1.0, ARRAY_FILTER_USE_KEY));
    }
}
