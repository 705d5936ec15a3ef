<?php

declare(strict_types=1);

namespace App\Truth;

use App\Bench\Models\BenchTest;
use App\Bench\TestDocument;
use App\Plants\Models\Plant;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Verdict\Calibration\Factors;
use Zolbek\Core\Verdict\Calibration\Observation;
use Zolbek\Core\Verdict\Calibration\PotModel;
use Zolbek\Core\Work\BenchTest\DrainedPot;
use Zolbek\Core\Work\BenchTest\TestKind;

/** What a yard has measured that factors of the model hang on: drained pots, mixes that settled, grains that crumbled, pots that were dried down. */
final class YardTests
{
    private const KINDS = [TestKind::DrainedPot, TestKind::MixShrink, TestKind::Crumble];
    private const MOST = 300;

    /** @return list<Observation> */
    public static function all(): array
    {
        $found = [];
        $query = BenchTest::query();
        $query->with(['component', 'lot', 'recipe.parts.component']);
        $query->where('status', BenchTest::FINISHED);
        $query->whereIn('kind', self::KINDS);
        $query->orderByDesc('finished_at');
        $query->limit(self::MOST);
        foreach ($query->get() as $test) {
            try {
                array_push($found, ...($test->kind === TestKind::Crumble ? self::crumbled($test) : self::ofMix($test)));
            } catch (Refused) {
                // a mix that cannot be any more says nothing
            }
        }
        $plants = Plant::query();
        $plants->whereNotNull('use_log');
        $plants->limit(self::MOST);
        foreach ($plants->get() as $plant) {
            $use = exp((float) $plant->use_log);
            $found[] = new Observation('plant '.$plant->id, 'use', $use, $use * ($plant->use_spread ?? 0.1), static fn(Factors $factors): float => $factors->factor(Factors::USE));
        }

        return $found;
    }

    /** @return list<Observation> */
    private static function ofMix(BenchTest $test): array
    {
        $document = new TestDocument($test);
        $blend = $document->blend();
        if ($blend === null || $document->outcome === null) {
            return [];
        }
        $isPot = $test->kind === TestKind::DrainedPot;
        $height = $isPot ? $document->readings->number('height_cm') : 10.0;
        $index = $isPot ? DrainedPot::compactionIndex($document->readings) : null;
        $found = [];
        foreach ($isPot ? ['air', 'water'] : ['yield_share'] as $name) {
            $figure = $document->outcome->figure($name);
            if ($figure !== null && $figure->mean > 0.0) {
                $found[] = new Observation('test '.$test->id, $name, $figure->mean, $figure->uncertainty, static fn(Factors $factors): float => PotModel::figure($blend, $factors, $name, $height, $index));
            }
        }

        return $found;
    }

    /** @return list<Observation> */
    private static function crumbled(BenchTest $test): array
    {
        $typical = (float) ($test->component?->description()['crumble_rate'] ?? 0.0);
        $found = [];
        foreach ($test->result['changes'] ?? [] as $change) {
            if ($change['figure'] === 'crumble_rate' && $typical > 0.0 && $change['after'] > 0.0) {
                $found[] = new Observation('test '.$test->id, 'crumble_rate', (float) $change['after'], (float) $change['after_uncertainty'], static fn(Factors $factors): float => $typical * $factors->factor(Factors::CRUMBLING));
            }
        }

        return $found;
    }
}
