<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\Models\PlantEvent;
use App\Plants\Outlook;
use App\Plants\StandsIn;
use App\PottingDays\Models\DayPlant;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** What the plants of a day stood in before they were potted on it: those that are to be potted stand in it still, of the others their history knows. */
final readonly class StoodBefore
{
    /**
     * @param array<int, array{?StandsIn, ?Carbon}> $potted by id of the entry
     * @param array<int, string>                    $marks  what it is read from
     */
    private function __construct(private array $potted, private array $marks = []) {}

    /** @param Collection<int, DayPlant> $entries */
    public static function of(Collection $entries): self
    {
        $events = [];
        foreach ($entries as $entry) {
            foreach ($entry->isPotted() ? $entry->actual->eventIds : [] as $id) {
                $events[$id] = $entry->id;
            }
        }
        if ($events === []) {
            return new self([]);
        }
        $query = PlantEvent::query();
        $query->whereKey(array_keys($events));
        $query->where('kind', 'potted');
        $query->selectRaw("id, json_extract(data, '$.before.standing') as standing, json_extract(data, '$.before.potted_on') as potted_on");
        $potted = $marks = [];
        foreach ($query->toBase()->get() as $row) {
            $potted[$events[$row->id]] = [
                is_string($row->standing) ? StandsIn::fromKept((array) json_decode($row->standing, true, 64, JSON_THROW_ON_ERROR)) : null,
                is_string($row->potted_on) ? Carbon::parse($row->potted_on) : null,
            ];
            $marks[$events[$row->id]] = $row->standing.'|'.$row->potted_on;
        }

        return new self($potted, $marks);
    }

    /** @return array{?StandsIn, ?Carbon} what it stood in, and since when; null where nobody wrote it down */
    public function entry(DayPlant $entry): array
    {
        return $this->potted[$entry->id] ?? [$entry->plant->standing, $entry->plant->potted_on];
    }

    /** What has the same stood in the same for as long: as it is written in the database, which need not be read for that. */
    public function mark(DayPlant $entry): string
    {
        $raw = $entry->plant->getAttributes();

        return $this->marks[$entry->id] ?? ($raw['standing'] ?? '').'|'.($raw['potted_on'] ?? '');
    }

    /** Years that it had stood in it by a day. */
    public function years(DayPlant $entry, Carbon $on): float
    {
        $since = $this->entry($entry)[1];

        return $since === null ? 0.0 : Outlook::yearsFrom($since, $on);
    }
}
