<?php

declare(strict_types=1);

namespace App\Truth;

use App\Bench\Models\BenchTest;
use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\Plants\Outlook;
use App\Plants\StoodFigures;
use App\PottingDays\Models\DayPlant;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Statistics\Ratios;
use Zolbek\Core\Basis\Statistics\Sample;

/** What was computed beside what came: of bench tests, run-through, litres and minutes of potting days, water in pots, dry-downs and years. Schema Predicted of the API. */
final class Predictions
{
    private const MOST = 400;

    /** A figure that is no ratio: its differences are told. */
    private const DIFFERENCES = ['ph'];

    /** @var array<string, non-empty-list<array{on: string, measured: float, computed: float, name: string, link: string}>> by figure */
    private array $pairs = [];

    public function __construct(private readonly StoodFigures $stood) {}

    /** @return list<array<string, mixed>> */
    public function figures(): array
    {
        $this->pairs = [];
        $this->bench();
        $this->pottings();
        $this->days();
        $this->water();
        $figures = [];
        foreach ($this->pairs as $figure => $pairs) {
            usort($pairs, static fn(array $one, array $other): int => $one['on'] <=> $other['on']);
            $figures[] = in_array($figure, self::DIFFERENCES, true) ? self::differences($figure, $pairs) : self::ratios($figure, $pairs);
        }

        return $figures;
    }

    private function add(string $figure, ?Carbon $on, float $measured, float $computed, string $name, string $link): void
    {
        if ($on !== null && ($measured > 0.0 && $computed > 0.0) && count($this->pairs[$figure] ?? []) < self::MOST) {
            $this->pairs[$figure][] = ['on' => $on->toDateString(), 'measured' => $measured, 'computed' => $computed, 'name' => $name, 'link' => $link];
        }
    }

    private function bench(): void
    {
        $query = BenchTest::query();
        $query->where('status', BenchTest::FINISHED);
        $query->orderByDesc('finished_at');
        $query->limit(self::MOST);
        foreach ($query->get() as $test) {
            foreach ($test->result['compared'] ?? [] as $row) {
                $this->add($row['figure'], $test->finished_at, (float) $row['measured'], (float) $row['computed'], $test->name, '/bench/tests/'.$test->id);
            }
        }
    }

    private function pottings(): void
    {
        $query = PlantEvent::query();
        $query->where('kind', 'potted');
        $query->orderByDesc('happened_on');
        $query->orderByDesc('id');
        $query->limit(self::MOST);
        $events = $query->get();
        $plants = Plant::query()->with(['species', 'site'])->whereKey($events->pluck('plant_id')->unique()->all())->get()->keyBy('id');
        foreach ($events as $event) {
            $plant = $plants->get($event->plant_id);
            if ($plant === null) {
                continue;
            }
            $at = [$event->happened_on, $plant->number.' '.$plant->name, '/plants/'.$plant->id];
            $seconds = $event->data->runThroughS();
            $standing = $event->data->standing();
            if ($seconds !== null && $standing !== null) {
                $this->add('run_through_s', $at[0], $seconds, (float) ($this->stood->of($plant, $standing)['seconds'] ?? 0.0), $at[1], $at[2]);
            }
            $minutes = $event->data->minutes();
            if ($minutes !== null) {
                $this->add('minutes', $at[0], $minutes[0], $minutes[1], $at[1], $at[2]);
            }
            $stood = $event->data->before()->stoodIn();
            if ($stood !== null) {
                $this->add('years', $at[0], Outlook::yearsFrom($stood[1], $event->happened_on), (float) ($this->stood->of($plant, $stood[0])['years'] ?? 0.0), $at[1], $at[2]);
            }
        }
    }

    private function days(): void
    {
        $query = DayPlant::query();
        $query->with('plant');
        $query->whereNotNull('done_at');
        $query->orderByDesc('done_at');
        $query->limit(self::MOST);
        foreach ($query->get() as $entry) {
            if ($entry->isPotted() && $entry->actual->usedL !== null) {
                $this->add('used_l', $entry->done_at, $entry->actual->usedL, $entry->actual->baseL * $entry->actual->pouredYield, $entry->plant->number.' '.$entry->plant->name, '/days/'.$entry->potting_day_id);
            }
        }
    }

    private function water(): void
    {
        $query = MoistureCheck::query();
        $query->where('method', 'weight');
        $query->whereNotNull('said_l');
        $query->whereNotNull('thought_l');
        $query->orderByDesc('checked_at');
        $query->join('plants', 'plants.id', '=', 'moisture_checks.plant_id');
        $query->select(['moisture_checks.*', 'plants.number as plant_number', 'plants.name as plant_name']);
        $query->limit(self::MOST);
        foreach ($query->get() as $check) {
            $this->add('pot_water_l', $check->checked_at, (float) $check->said_l, (float) $check->thought_l, $check->getAttribute('plant_number').' '.$check->getAttribute('plant_name'), '/plants/'.$check->plant_id);
        }
        $plants = Plant::query();
        $plants->whereNotNull('use_log');
        $plants->limit(self::MOST);
        foreach ($plants->get() as $plant) {
            $this->add('use', Carbon::parse($plant->use_found_on ?? 'today'), exp((float) $plant->use_log), 1.0, $plant->number.' '.$plant->name, '/plants/'.$plant->id);
        }
    }

    /**
     * @param non-empty-list<array{on: string, measured: float, computed: float, name: string, link: string}> $pairs
     *
     * @return array<string, mixed>
     */
    private static function ratios(string $figure, array $pairs): array
    {
        $ratios = new Ratios($pairs);
        $sure = $ratios->error === null ? null : 2.0 * $ratios->error;

        return [
            'figure' => $figure, 'is_ratio' => true, 'n' => $ratios->n, 'bias' => $ratios->bias, 'spread' => $ratios->spread,
            'low' => $sure === null ? null : (1.0 + $ratios->bias) * exp(-$sure) - 1.0, 'high' => $sure === null ? null : (1.0 + $ratios->bias) * exp($sure) - 1.0,
            'points' => array_map(static fn(array $pair, bool $out): array => [...$pair, 'out' => $out], $pairs, $ratios->out),
        ];
    }

    /**
     * @param non-empty-list<array{on: string, measured: float, computed: float, name: string, link: string}> $pairs
     *
     * @return array<string, mixed>
     */
    private static function differences(string $figure, array $pairs): array
    {
        $apart = array_map(static fn(array $pair): float => $pair['measured'] - $pair['computed'], $pairs);
        $sample = new Sample($apart);
        $sure = $sample->error() === null ? null : 2.0 * $sample->error();
        $out = Ratios::standsOut($apart);

        return [
            'figure' => $figure, 'is_ratio' => false, 'n' => $sample->n, 'bias' => $sample->mean, 'spread' => $sample->deviation, 'low' => $sure === null ? null : $sample->mean - $sure, 'high' => $sure === null ? null : $sample->mean + $sure,
            'points' => array_map(static fn(array $pair, bool $is): array => [...$pair, 'out' => $is], $pairs, $out),
        ];
    }
}
