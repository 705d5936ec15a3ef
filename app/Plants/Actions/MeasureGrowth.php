<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Author;
use App\Common\Day;
use App\Plants\Models\GrowthMeasure;
use App\Plants\Models\Photo;
use App\Plants\Models\Plant;
use App\Plants\Outlook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Inspection\Health;

/** A plant is measured: what was measured last is what is written of it from now on; taken back, it is what it was. */
final readonly class MeasureGrowth
{
    public const MOST = ['height_cm' => 3000.0, 'trunk_mm' => 5000.0, 'canopy_cm' => 3000.0];
    private const FIELDS = ['on', 'height_cm', 'trunk_mm', 'canopy_cm', 'health', 'photo_id', 'note', 'person'];

    public function __construct(private Outlook $outlook) {}

    /**
     * @param array<mixed> $input the fields of FIELDS; at least one figure, or its health
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Plant $plant, array $input): GrowthMeasure
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $on = Day::optional($fields, 'on', $refusals, 0) ?? Carbon::today();
        $values = [];
        foreach (self::MOST as $name => $most) {
            $values[$name] = $fields->has($name) ? $fields->numberAbove($name, 0, $most) : null;
        }
        $values['health'] = $fields->has('health') ? $fields->oneOf('health', array_column(Health::cases(), 'value')) : null;
        $photo = $fields->has('photo_id') ? $fields->integer('photo_id', 1, PHP_INT_MAX) : null;
        if ($photo !== null && $photo > 0 && ! Photo::query()->whereKey($photo)->where('plant_id', $plant->id)->exists()) {
            $refusals->add(new Refusal('photo_id', 'photo_missing', $photo));
        }
        $note = $fields->text('note', 500, '');
        $person = Author::of($fields);
        if (! $refusals->any() && array_filter($values, static fn(float|string|null $value): bool => $value !== null) === []) {
            $refusals->add(new Refusal('trunk_mm', 'nothing_measured'));
        }
        $refusals->throwIfAny();

        return DB::transaction(function () use ($plant, $values, $on, $photo, $note, $person): GrowthMeasure {
            $later = GrowthMeasure::query();
            $later->where('plant_id', $plant->id);
            $later->whereDate('measured_on', '>', $on);
            $new = $later->exists() ? [] : array_filter($values, static fn(float|string|null $value): bool => $value !== null);
            $plant->refresh();
            $before = array_intersect_key($plant->only(array_keys($values)), $new);
            $plant->fill($new)->save();
            $this->outlook->foretell($plant->loadMissing(['species', 'site']));

            return GrowthMeasure::query()->create(['plant_id' => $plant->id, 'measured_on' => $on, ...$values, 'photo_id' => $photo, 'note' => $note, 'person' => $person, 'before' => $before]);
        });
    }

    public function takeBack(GrowthMeasure $measure): void
    {
        DB::transaction(function () use ($measure): void {
            $plant = $measure->plant->loadMissing(['species', 'site']);
            // only what still is as this measuring wrote it
            $plant->fill(array_filter($measure->before, static fn(float|string|null $was, string $name): bool => $plant->{$name} === $measure->{$name}, ARRAY_FILTER_USE_BOTH))->save();
            $this->outlook->foretell($plant);
            $measure->delete();
        });
    }
}
