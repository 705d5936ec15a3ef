<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Aftercare;

use DateTimeImmutable;

/** One thing to look after: from when, until when or until what is seen, and every so many days where it repeats. */
final readonly class Task
{
    /**
     * @param DateTimeImmutable      $dueOn   the day to act; of one that ends by an event, the day to look again
     * @param DateTimeImmutable|null $untilOn last day of one that repeats
     * @param array<string, float|int|string> $figures that its sentence names
     */
    public function __construct(
        public TaskKind $kind,
        public DateTimeImmutable $startsOn,
        public DateTimeImmutable $dueOn,
        public EndsBy $endsBy = EndsBy::Date,
        public ?int $everyDays = null,
        public ?DateTimeImmutable $untilOn = null,
        public array $figures = [],
    ) {}
}
