<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\PottingDay;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/**
 * What changed of a day since somebody read it: nothing where its stamp is the same, which takes a few queries; else the day with those entries alone that are
 * other ones than he has, by the stamp that each came with. Nothing is kept on the server of who has what. Schema DayNews of the API.
 */
final readonly class DayNews
{
    private const FIELDS = ['stamp', 'entries'];

    public function __construct(private DayDocument $document) {}

    /**
     * @param array<mixed> $has stamp of the day, and of each entry by its id
     *
     * @return array{day: array<string, mixed>, order: list<int>}|null null where nothing changed
     *
     * @throws Refused where it is no such thing
     */
    public function since(PottingDay $day, array $has): ?array
    {
        $refusals = new Refusals();
        $fields = Fields::of($has, self::FIELDS, $refusals);
        $stamp = $fields->text('stamp', 64);
        $known = $fields->raw('entries') ?? [];
        if (! is_array($known)) {
            $refusals->add(new Refusal('entries', 'object', $known));
            $known = [];
        }
        $refusals->throwIfAny();
        if ($stamp === DayStamp::of($day)) {
            return null;
        }
        $told = $this->document->toArray($day);
        $order = array_column($told['entries'], 'id');
        $told['entries'] = array_values(array_filter($told['entries'], static fn(array $entry): bool => ($known[$entry['id']] ?? null) !== $entry['stamp']));

        return ['day' => $told, 'order' => $order];
    }
}
