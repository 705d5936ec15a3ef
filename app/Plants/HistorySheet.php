<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Day;
use App\Plants\Actions\WritePlantEvent;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\Sheets\Column;
use App\Sheets\Sheet;
use Zolbek\Core\Basis\Input\Refused;

/**
 * Histories of plants as CSV: a line for each thing that happened. A line that is there already is left as it is; one that stands twice in the file happened twice.
 */
final class HistorySheet implements Sheet
{
    /** @var array<string, int> how often each line stood in the file so far */
    private array $seen = [];

    public function __construct(private readonly WritePlantEvent $write) {}

    public function columns(): array
    {
        return [
            new Column('plant', 'plant', required: true),
            new Column('on', 'on', unit: 'YYYY-MM-DD', required: true),
            new Column('kind', 'kind', required: true),
            new Column('person', 'person'),
            new Column('text', 'text'),
        ];
    }

    public function sieveUnit(): ?string
    {
        return null;
    }

    public function key(array $values): string
    {
        $line = self::line($values);
        $this->seen[$line] = ($this->seen[$line] ?? 0) + 1;

        return $line.'|'.$this->seen[$line];
    }

    /** @param array<string, mixed> $values */
    private static function line(array $values): string
    {
        return mb_strtolower(implode('|', [$values['plant'], $values['on'], $values['kind'], $values['text'] ?? '']));
    }

    public function take(array $values): array
    {
        $plant = Plant::query()->where('number', $values['plant'])->first() ?? throw Refused::because('plant', 'name_unknown', $values['plant']);
        if (! in_array($values['kind'], PlantEvent::KINDS, true)) {
            throw Refused::because('kind', 'one_of', $values['kind'], ['words' => implode(', ', PlantEvent::KINDS)]);
        }
        $on = Day::parse((string) $values['on'], 'on');
        $query = PlantEvent::query();
        $query->where('plant_id', $plant->id);
        $query->whereDate('happened_on', $values['on']);
        $query->where('kind', $values['kind']);
        $query->where('text', $values['text'] ?? '');
        if ($query->count() >= ($this->seen[self::line($values)] ?? 1)) {
            return ['same', $plant->number.' '.$values['on']];
        }
        ($this->write)($plant, $values['kind'], $on, mb_substr((string) ($values['text'] ?? ''), 0, 2000), person: mb_substr((string) ($values['person'] ?? ''), 0, 60));

        return ['added', $plant->number.' '.$values['on']];
    }

    public function all(): iterable
    {
        $query = PlantEvent::query();
        $query->join('plants', 'plants.id', '=', 'plant_events.plant_id');
        $query->select(['plant_events.*', 'plants.number as plant_number']);
        foreach ($query->lazyById(500, 'plant_events.id', 'id') as $event) {
            yield ['plant' => $event->getAttribute('plant_number'), 'on' => $event->happened_on->toDateString(), 'kind' => $event->kind, 'person' => $event->person, 'text' => $event->text];
        }
    }
}
