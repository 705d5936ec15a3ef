<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Plants\Carried;
use App\Plants\Models\Plant;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Takes some of a group of plants that are alike and makes them a plant, or a group, of their own: in the same mix and pots, with a history that says where they came from. */
final readonly class SplitGroup
{
    /** What is each one's own, or begins anew. */
    private const OWN = ['id', 'number', 'count', 'air_layer', 'revision', 'created_at', 'updated_at'];

    public function __construct(private WritePlantEvent $write) {}

    /**
     * @param array<mixed> $input `{count, place?}`
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function __invoke(Plant $group, array $input): Plant
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['count', 'place'], $refusals);
        $count = $fields->integer('count', 1, Plant::MOST_ALIKE);
        $place = $fields->text('place', 100, $group->place);
        $refusals->throwIfAny();

        return DB::transaction(function () use ($group, $count, $place): Plant {
            $group->refresh();
            if ($count >= $group->many()) {
                throw Refused::because('count', 'less_than_group', $count, ['max' => $group->many() - 1]);
            }
            $part = $group->replicate(self::OWN);
            $part->fill(['number' => SavePlant::nextNumber(), 'count' => $count === 1 ? null : $count, 'place' => $place, 'parent_id' => $group->parent_id])->save();
            $left = $group->many() - $count;
            $group->fill(['count' => $left === 1 ? null : $left])->save();
            ($this->write)($part, 'came_from', carried: new Carried(['kind' => 'group', 'parent_id' => $group->id, 'parent' => $group->number, 'count' => $count]));
            ($this->write)($group, 'offspring', carried: new Carried(['kind' => 'group', 'count' => $count, 'numbers' => [$part->number]]));

            return $part->refresh();
        });
    }
}
