<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Common\Words;
use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Assembly;
use App\PottingDays\Costs;
use App\PottingDays\Models\DayLeftover;
use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\PottingDay;
use App\PottingDays\Taken;
use App\Recipes\Models\Recipe;
use App\Shelf\Actions\MoveStock;
use App\Shelf\Actions\SaveMix;
use App\Shelf\Models\Component;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/**
 * Closes a mix of a day: what is left becomes a bin, what is neither used nor left is written down as lost, and what was used beyond what was mixed as more.
 * mixed + more = used + left + lost, all in litres as they lie in the tub. And opens it again.
 */
final readonly class CloseDayMix
{
    private const SLACK_L = 1e-6;

    public function __construct(private PlantSituation $situations, private Standing $standings, private SaveMix $saveMix, private MoveStock $move) {}

    /**
     * @param array<mixed> $input `{recipe_id, left_l, correct?}`; what is left may only then be more than can be, when correct says that it was counted so
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(PottingDay $day, array $input): DayLeftover
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['recipe_id', 'left_l', 'correct'], $refusals);
        $recipeId = $fields->integer('recipe_id', 1, PHP_INT_MAX);
        $left = $fields->number('left_l', 0, 100_000);
        $correct = $fields->flag('correct', false);
        $refusals->throwIfAny();

        return DB::transaction(function () use ($day, $recipeId, $left, $correct): DayLeftover {
            $day->refresh()->mustBeOpen('recipe_id');
            $day->mixMustBeOpen($recipeId, 'recipe_id');
            $day->load(['entries', 'loads']);
            $assembly = Assembly::of($day, $this->situations, $this->standings);
            $recipe = isset($assembly->sums->mixes[$recipeId]) ? $assembly->recipes[$recipeId] : throw Refused::because('recipe_id', 'recipe_not_on_day', $recipeId);
            $loads = $day->loads->where('recipe_id', $recipeId);
            $mixed = $day->mixedL($recipeId);
            $used = $day->usedL($recipeId);
            if ($left > 0.0 && ! $correct && $used + $left > $mixed + self::SLACK_L) {
                throw Refused::because('left_l', 'more_than_mixed', $left, ['mixed' => round($mixed, 2), 'used' => round($used, 2), 'max' => round(max(0.0, $mixed - $used), 2)]);
            }
            $bin = $left <= 0.0 ? null : $this->bin($day, $recipe, $loads, $left);

            return DayLeftover::query()->create([
                'potting_day_id' => $day->id, 'recipe_id' => $recipe->id, 'net_l' => self::netPotted($day, $assembly, $recipeId), 'mixed_l' => $mixed, 'used_l' => $used, 'left_l' => $left,
                'lost_l' => max(0.0, $mixed - $used - $left), 'more_l' => max(0.0, $used + $left - $mixed), 'component_id' => $bin?->id, 'closed_at' => Carbon::now(),
            ]);
        });
    }

    /**
     * Opens it again: its bin is emptied and goes to the archive.
     *
     * @throws \Throwable Refused, where something was taken from the bin since
     */
    public function undo(PottingDay $day, DayLeftover $closed): void
    {
        DB::transaction(function () use ($day, $closed): void {
            $day->refresh()->mustBeOpen('recipe_id');
            $there = DayLeftover::query()->findOrFail($closed->id);
            $bin = $there->component_id === null ? null : Component::query()->find($there->component_id);
            if ($bin !== null) {
                if ($bin->stock_l < $there->left_l - self::SLACK_L) {
                    throw Refused::because('recipe_id', 'bin_used', $bin->name, ['left' => round($there->left_l, 2), 'there' => round($bin->stock_l, 2)]);
                }
                $this->move->move($bin, null, 'returned', -$there->left_l, $day->name);
                if ($bin->stock_l <= self::SLACK_L) {
                    $bin->setArchived(true);
                }
            }
            $there->delete();
        });
    }

    /** What the pots that were filled were reckoned to take. */
    private static function netPotted(PottingDay $day, Assembly $assembly, int $recipeId): float
    {
        $net = 0.0;
        foreach ($day->entries as $entry) {
            $net += $entry->recipe_id === $recipeId && $entry->isPotted() ? $entry->actual->pouredYield * $entry->count * (($assembly->sums->pots[$entry->id] ?? null)->baseL ?? 0.0) : 0.0;
        }

        return $net;
    }

    /**
     * What is left lies in a bin of its own, made of what the loads held, whatever became of the recipe since.
     *
     * @param Collection<int, DayLoad> $loads
     */
    private function bin(PottingDay $day, Recipe $recipe, Collection $loads, float $left): Component
    {
        $litres = Taken::of($loads->map(static fn(DayLoad $load): array => $load->parts ?? [])->all());
        if ($litres === []) {
            $litres = array_filter($recipe->parts->pluck('parts', 'component_id')->all());
        }
        $sum = array_sum($litres);
        $name = mb_substr(Words::of('records.leftover', ['recipe' => $recipe->name, 'day' => $day->name]), 0, 90);
        // one that was emptied when the mix was opened again
        $query = Component::query();
        $query->where('name', $name);
        $query->where('source', 'premix');
        $query->whereNotNull('archived_at');
        $query->where('stock_l', '<=', self::SLACK_L);
        $emptied = $query->first();
        $emptied?->setArchived(false);

        $bin = ($this->saveMix)($emptied ?? new Component(), [
            'name' => $emptied === null ? self::freeName($name) : $name, 'source' => 'premix', 'stock_l' => $left, 'note' => $day->name,
            'mix_parts' => array_map(static fn(int $id, float $each): array => ['component_id' => $id, 'parts' => round(100.0 * $each / $sum, 6)], array_keys($litres), array_values($litres)),
        ]);
        // a litre of it cost what was in it
        $bin->price_per_l = Costs::perLitre($loads);
        $bin->save();

        return $bin;
    }

    private static function freeName(string $name): string
    {
        $free = $name;
        for ($i = 2; Component::query()->where('name', $free)->exists(); ++$i) {
            $free = $name.' '.$i;
        }

        return $free;
    }
}
