<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Day;
use App\Common\Words;
use App\Plants\Carried;
use App\Plants\Models\CareTask;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Aftercare\TaskKind;

/**
 * A layer on its mother: put on with its wrap and litres, looked at until roots are seen, then separated, which makes a plant of its top, or taken off. It is looked at every
 * two weeks by a task of the mother.
 */
final readonly class LayerPlant
{
    public const DEEDS = ['put', 'look', 'separate', 'off'];
    public const ROOTS = ['none', 'few', 'enough'];
    private const LOOK_DAYS = 14;

    public function __construct(private TakeOffspring $offspring, private WritePlantEvent $write) {}

    /**
     * @param array<mixed> $input `{do, on?, wrap?, litres?, roots?, text?, place?}`
     *
     * @return Plant|null its top where it was separated
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function __invoke(Plant $mother, array $input): ?Plant
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['do', 'on', 'wrap', 'litres', 'roots', 'text', 'place'], $refusals);
        $do = $fields->oneOf('do', self::DEEDS);
        $on = Day::optional($fields, 'on', $refusals, 0) ?? Carbon::today();
        $wrap = $do === 'put' ? $fields->text('wrap', 100) : '';
        $litres = $do === 'put' ? $fields->numberAbove('litres', 0, 50) : 0.0;
        $roots = $do === 'look' ? $fields->oneOf('roots', self::ROOTS) : null;
        $text = $fields->text('text', 500, '');
        $place = $fields->text('place', 100, $mother->place);
        $refusals->throwIfAny();

        return DB::transaction(function () use ($mother, $do, $on, $wrap, $litres, $roots, $text, $place): ?Plant {
            $mother->refresh();
            if (($mother->air_layer === null) !== ($do === 'put')) {
                throw Refused::because('do', $do === 'put' ? 'layer_there' : 'no_layer', $mother->number);
            }
            $top = null;
            match ($do) {
                'put' => $this->put($mother, $on, $wrap, $litres, $text),
                'look' => $this->look($mother, $on, (string) $roots, $text),
                'separate' => $top = $this->separate($mother, $on, $text, $place),
                default => $this->off($mother, $on, 'layer_off', $text),
            };
            $mother->save();

            return $top;
        });
    }

    private function put(Plant $mother, Carbon $on, string $wrap, float $litres, string $text): void
    {
        $task = CareTask::query()->create([
            'plant_id' => $mother->id, 'kind' => TaskKind::Own->value, 'starts_on' => $on, 'due_on' => $on->copy()->addDays(self::LOOK_DAYS), 'figures' => [], 'note' => Words::of('records.layer_task'), 'every_days' => self::LOOK_DAYS,
        ]);
        $mother->air_layer = ['put_on' => $on->toDateString(), 'wrap' => $wrap, 'litres' => $litres, 'task' => $task->note, 'looks' => []];
        $this->tell($mother, $on, 'layer_put', $text, ['wrap' => $wrap, 'litres' => $litres]);
    }

    private function look(Plant $mother, Carbon $on, string $roots, string $text): void
    {
        $layer = $mother->air_layer ?? throw new \LogicException('It was checked.');
        $mother->air_layer = [...$layer, 'looks' => [...$layer['looks'], ['on' => $on->toDateString(), 'roots' => $roots, 'text' => $text]]];
        $this->tell($mother, $on, 'layer_look', $text, ['roots' => Words::of('records.roots_'.$roots)]);
    }

    private function separate(Plant $mother, Carbon $on, string $text, string $place): Plant
    {
        $litres = (float) ($mother->air_layer['litres'] ?? 0.0);
        [$top] = ($this->offspring)($mother, ['kind' => 'layer', 'count' => 1, 'on' => $on->toDateString(), 'place' => $place, 'text' => $text]);
        $this->off($mother, $on, 'layer_separated', '', ['number' => $top->number, 'litres' => $litres]);

        return $top;
    }

    /** @param array<string, string|float> $gaps */
    private function off(Plant $mother, Carbon $on, string $what, string $text, array $gaps = []): void
    {
        $tasks = CareTask::query()->where('plant_id', $mother->id)->where('state', 'open')->where('note', $mother->air_layer['task'] ?? '');
        $tasks->update(['state' => 'skipped', 'closed_on' => $on, 'reason' => Words::of('records.'.$what, $gaps)]);
        $mother->air_layer = null;
        $this->tell($mother, $on, $what, $text, $gaps);
    }

    /** @param array<string, string|float> $gaps */
    private function tell(Plant $mother, Carbon $on, string $what, string $text, array $gaps): void
    {
        ($this->write)($mother, 'note', $on, trim(Words::of('records.'.$what, $gaps).' '.$text), new Carried(['layer' => $what]));
    }
}
