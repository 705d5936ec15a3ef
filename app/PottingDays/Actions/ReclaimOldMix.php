<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Common\Words;
use App\Plants\Models\Plant;
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
    private const LONGEST_NAME = 90;

    /** As what living moss is reckoned. */
    private const MOSS = 'long-fibre-sphagnum-moss';

    public function __construct(private SaveMix $save, private MoveStock $move) {}

    /** @return int id of the bin */
    public function __invoke(StandsIn $standing, float $years, float $litres, bool $isScreened, string $plant, Carbon $at): int
    {
        $age = (int) round($years);
        $name = Words::of($isScreened ? 'records.reclaimed_screened' : 'records.reclaimed', ['mix' => $standing->recipeName, 'years' => $age]);

        return $this->fill($name, self::parts($standing), $age, $litres, $isScreened ? ['sieved_mm' => self::SCREENED_MM] : [], $plant, $at);
    }

    /**
     * Soil that is kept alive for its fungi has a bin of its own, to be used within four weeks.
     *
     * @return int id of the bin
     */
    public function living(StandsIn $standing, float $years, float $litres, Plant $plant, Carbon $at): int
    {
        $age = (int) round($years);

        return $this->keepAlive(Words::of('records.living_soil', ['mix' => $standing->recipeName, 'years' => $age]), self::parts($standing), $age, $litres, $plant, $at);
    }

    /**
     * Moss that is kept alive, too: all of it lies in one bin.
     *
     * @return int|null id of the bin; null where the yard knows no moss to reckon it as
     */
    public function moss(float $litres, Plant $plant, Carbon $at): ?int
    {
        $moss = Component::query()->where('key', self::MOSS)->first();

        return $moss === null ? null : $this->keepAlive(Words::of('records.living_moss'), [['component_id' => $moss->id, 'parts' => 1.0]], 0, $litres, $plant, $at);
    }

    /** @param non-empty-list<array{component_id: int, parts: float}> $parts */
    private function keepAlive(string $name, array $parts, int $age, float $litres, Plant $plant, Carbon $at): int
    {
        $until = $at->copy()->addDays(self::LIVES_DAYS)->toDateString();
        $from = Words::of('records.living_from', ['number' => $plant->number, 'health' => Words::of('records.health_'.$plant->health), 'until' => $until]);

        return $this->fill($name, $parts, $age, $litres, ['note' => Words::of('records.living_note', ['until' => $until])], $from, $at);
    }

    /** @return non-empty-list<array{component_id: int, parts: float}> */
    private static function parts(StandsIn $standing): array
    {
        $parts = array_values(array_map(static fn(array $part): array => ['component_id' => $part['component_id'], 'parts' => $part['parts']], array_filter($standing->parts, static fn(array $part): bool => $part['parts'] > 0.0)));

        return $parts === [] ? throw new \LogicException('What a plant stands in has parts.') : $parts;
    }

    /**
     * @param non-empty-list<array{component_id: int, parts: float}> $parts
     * @param array<string, float|string>                            $own   of the bin
     */
    private function fill(string $name, array $parts, int $age, float $litres, array $own, string $note, Carbon $at): int
    {
        $name = mb_substr($name, 0, self::LONGEST_NAME);
        $bin = Component::query()->where('name', $name)->where('source', 'reclaimed')->first()
            ?? ($this->save)(new Component(), ['name' => $name, 'source' => 'reclaimed', 'reclaimed_years' => $age, ...$own, 'mix_parts' => $parts]);
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
