<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Kept;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;

/** What a plant was before it was potted, so that it can be taken back. */
final readonly class BeforePotted implements Kept
{
    private const COLUMNS = ['pot_id', 'recipe_id', 'standing', 'buried', 'snooze_note'];
    private const DATES = ['potted_on', 'due_on', 'snoozed_until', 'due_set_on'];

    /** @param array<string, mixed> $kept */
    private function __construct(private array $kept) {}

    public static function of(Plant $plant): self
    {
        $dates = array_map(static fn(string $date): ?string => $plant->{$date}?->toDateString(), self::DATES);

        return new self([...$plant->only(self::COLUMNS), ...array_combine(self::DATES, $dates)]);
    }

    public static function fromKept(array $kept): static
    {
        return new self($kept);
    }

    public function jsonSerialize(): array
    {
        return $this->kept;
    }

    /** The plant is that again. */
    public function backTo(Plant $plant): void
    {
        $plant->fill(array_intersect_key($this->kept, array_flip([...self::COLUMNS, ...self::DATES])))->save();
    }

    /** @return array{StandsIn, Carbon}|null what it stood in, and since when */
    public function stoodIn(): ?array
    {
        $standing = StandsIn::readable($this->kept['standing'] ?? null);

        return $standing !== null && is_string($this->kept['potted_on'] ?? null) ? [$standing, Carbon::parse($this->kept['potted_on'])] : null;
    }
}
