<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Irrigation\Actions\SaveZone;
use App\Irrigation\Models\IrrigationZone;
use App\Plants\Actions\CheckMoisture;
use App\Plants\Models\Plant;
use App\Plants\WaterStates;
use App\Season\WalkingOrder;
use App\Situations\Models\Site;
use App\Weather\Actions\BringWeather;
use Illuminate\Support\Carbon;

/** Water at Tessivale Yard in the last weeks: the weather as the station kept it, rounds with the can, a pot that is being dried down. */
final readonly class TessivaleSeason
{
    /** Number => hours ago of waterings in a round, the last one first. */
    private const ROUNDS = [
        'T-015' => [20, 68, 116, 164], 'T-016' => [164, 500], 'T-001' => [68, 240], 'T-002' => [68, 240], 'T-003' => [], 'T-004' => [68, 240], 'T-006' => [116, 300], 'T-007' => [116, 300], 'T-008' => [116, 300],
        'T-009' => [92, 260], 'T-010' => [92, 260], 'T-011' => [140, 310], 'T-014' => [200], 'T-018' => [116, 300], 'T-020' => [68, 240],
    ];
    private const WALK = ['Front step', 'Glasshouse', 'Tunnel', 'Orchard wall', 'Shade house', 'North bench', 'Ridge bench', 'Growing field'];
    private const ON_THE_LINE = ['T-005' => 2, 'T-006' => 1, 'T-007' => 2, 'T-008' => 3, 'T-018' => 1];
    private const DRIED = 'T-003';
    private const FULL_KG = 5.4;
    private const WEIGHED_DAYS = [5, 4, 3, 2, 1];

    public function __construct(private BringWeather $bring, private CheckMoisture $check, private WalkingOrder $order, private WaterStates $states, private SaveZone $saveZone) {}

    public function load(): void
    {
        foreach (Site::query()->get() as $site) {
            ($this->bring)($site);
        }
        $this->order->change(['places' => self::WALK, 'can_l' => 9]);
        foreach (self::ROUNDS as $number => $ago) {
            foreach (array_reverse($ago) as $hours) {
                ($this->check)(self::plant($number), ['method' => 'round', 'verdict' => 'water', 'person' => 'Mirabeth'], Carbon::now()->subHours($hours));
            }
        }
        $this->dryDown();
        ($this->saveZone)(new IrrigationZone(), [
            'name' => 'Shade house line', 'rate_l_h' => 2.0, 'uniformity' => 0.82, 'note' => 'Two stakes in the large trays.',
            'pots' => array_map(static fn(string $number, int $emitters): array => ['plant_id' => self::plant($number)->id, 'emitters' => $emitters], array_keys(self::ON_THE_LINE), self::ON_THE_LINE),
        ]);
    }

    /** A pot that uses a quarter more than is computed, weighed each morning. */
    private function dryDown(): void
    {
        $plant = self::plant(self::DRIED);
        ($this->check)($plant, ['method' => 'round', 'verdict' => 'water', 'wet_kg' => self::FULL_KG, 'person' => 'Orsolt'], Carbon::now()->subDays(6)->setTime(9, 0));
        foreach (self::WEIGHED_DAYS as $daysAgo) {
            $at = Carbon::now()->subDays($daysAgo)->setTime(8, 0);
            $now = $this->states->one($plant->load(['species', 'site']), $at);
            if ($now?->state !== null) {
                $lost = $now->litres->fullL - $now->state->waterL;
                ($this->check)($plant, ['method' => 'weight', 'verdict' => 'look', 'reading' => round(self::FULL_KG - 1.15 * $lost - 0.002, 3), 'person' => 'Orsolt'], $at);
            }
        }
    }

    private static function plant(string $number): Plant
    {
        return Plant::query()->with(['species', 'site', 'pot'])->where('number', $number)->firstOrFail();
    }
}
