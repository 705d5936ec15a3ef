<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Common\Words;
use App\Plants\StandsIn;
use App\Shelf\Actions\MoveStock;
use App\Shelf\Actions\SaveMix;
use App\Shelf\Models\Component;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Refused;

/**
 * Old mix that comes out of a pot goes into a bin of its own: one for each mix, its age in whole years, and whether the fines are screened off. The bin reckons with it as
 * a mix that has aged; its movements say from which plant each litre came. And takes it back.
 */
final readonly class ReclaimOldMix
{
    /** Fines that are screened off, mm. */
    private const SCREENED_MM = 1.0;
    private const SLACK_L = 1e-6;
    private const LIVES_DAYS = 28;

    public function __construct(private SaveMix $save, private MoveStock $move) {}

    /** @return int id of the bin */
    public function __invoke(StandsIn $standing, float $years, float $litres, bool $isScreened, string $plant, Carbon $at): int
    {
        return $this->fill($standing, $years, $litres, $isScreened ? 'reclaimed_screened' : 'reclaimed', $isScreened ? ['sieved_mm' => self::SCREENED_MM] : [], $plant, $at);
    }

    /**
     * Soil that is kept alive for its fungi has a bin of its own, to be used within four weeks.
     *
     * @return int id of the bin
     */
    public function living(StandsIn $standing, float $years, float $litres, string $plant, Carbon $at): int
    {
        $until = $at->copy()->addDays(self::LIVES_DAYS)->toDateString();

        return $this->fill($standing, $years, $litres, 'living_soil', ['note' => Words::of('records.living_note', ['until' => $until])], Words::of('records.living_from', ['number' => $plant, 'until' => $until]), $at);
    }

    /** @param array<string, float|string> $own of the bin */
    private function fill(StandsIn $standing, float $years, float $litres, string $kind, array $own, string $note, Carbon $at): int
    {
        $age = (int) round($years);
        $name = mb_substr(Words::of('records.'.$kind, ['mix' => $standing->recipeName, 'years' => $age]), 0, 90);
        $bin = Component::query()->where('name', $name)->where('source', 'reclaimed')->first() ?? ($this->save)(new Component(), [
            'name' => $name, 'source' => 'reclaimed', 'reclaimed_years' => $age, ...$own,
            'mix_parts' => array_values(array_map(static fn(array $part): array => ['component_id' => $part['component_id'], 'parts' => $part['parts']], array_filter($standing->parts, static fn(array $part): bool => $part['parts'] > 0.0))),
        ]);
        if ($bin->isArchived()) {
            $bin->setArchived(false);
        }
        $bin->fill(array_intersect_key($own, ['note' => '']))->save();
        $this->move->move($bin, null, 'returned', $litres, $note, $at);

        return $bin->id;
    }

    /** @throws Refused field "state" where it was taken from the bin since */
    public function undo(int $binId, float $litres, string $plant): void
    {
        $bin = Component::query()->find($binId);
        if ($bin === null) {
            return;
        }
        if ($bin->stock_l < $litres - self::SLACK_L) {
            throw Refused::because('state', 'bin_used', $bin->name, ['left' => round($litres, 2), 'there' => round($bin->stock_l, 2)]);
        }
        $this->move->move($bin, null, 'returned', -$litres, $plant);
        if ($bin->stock_l <= self::SLACK_L) {
            $bin->setArchived(true);
        }
    }
}
