<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Kept;
use Zolbek\Core\Place\Container\BallTreatment;

/** What a line of a plant's history carries beside its words: the values of its day. Which of them there are depends on its kind, and on the version that wrote it. */
final readonly class Carried implements Kept
{
    /** Not for a reader: what it stood in grain by grain, how it was before, and what was computed. */
    private const NOT_TOLD = ['before' => null, 'standing' => null, 'figures' => null];

    /** @param array<string, mixed> $kept */
    public function __construct(private array $kept = []) {}

    public static function fromKept(array $kept): static
    {
        return new self($kept);
    }

    public function jsonSerialize(): array
    {
        return $this->kept;
    }

    public function told(): object
    {
        return (object) array_diff_key($this->kept, self::NOT_TOLD);
    }

    public function before(): BeforePotted
    {
        return BeforePotted::fromKept($this->table('before'));
    }

    /** What it was potted into; null where that is not kept, or cannot be read. */
    public function standing(): ?StandsIn
    {
        return StandsIn::readable($this->kept['standing'] ?? null);
    }

    /** The same with another one that it was potted into. */
    public function withStanding(StandsIn $standing): self
    {
        return new self([...$this->kept, 'standing' => $standing->jsonSerialize()]);
    }

    /** As it goes to another yard or comes from one: how the plant was before says nothing there. */
    public function elsewhere(): self
    {
        return new self(array_diff_key($this->kept, ['before' => null, 'ended_tasks' => null]));
    }

    /** Where it stood when it was potted. */
    public function place(): ?string
    {
        return is_string($this->kept['place'] ?? null) ? $this->kept['place'] : null;
    }

    /** @return list<int> tasks that ended when it was potted */
    public function endedTasks(): array
    {
        return array_values(array_filter($this->table('ended_tasks'), is_int(...)));
    }

    /** The share of roots that was cut, else the one that was planned. */
    public function rootsCutShare(): ?float
    {
        return $this->number($this->table('actual')['roots_cut_share'] ?? $this->table('plan')['roots_cut_share'] ?? null);
    }

    /** How long the first litre took, s. */
    public function runThroughS(): ?float
    {
        return $this->number($this->table('actual')['run_through_s'] ?? null);
    }

    /** @return array{float, float}|null minutes that it took, and that were planned */
    public function minutes(): ?array
    {
        $took = $this->number($this->kept['minutes'] ?? null);
        $planned = $this->number($this->kept['plain_minutes'] ?? null);

        return $took === null || $planned === null ? null : [$took, $planned];
    }

    /** Whether it took, sulked or died. */
    public function outcome(): string
    {
        return is_string($this->kept['outcome'] ?? null) ? $this->kept['outcome'] : 'took';
    }

    /** @return list<string>|null what was seen at the roots by who inspected them; null where nobody did */
    public function inspected(): ?array
    {
        return isset($this->kept['findings']) ? $this->words($this->kept['findings']) : null;
    }

    /** @return list<string>|null what was seen at the roots when it was potted; null where nothing was */
    public function seenAtPotting(): ?array
    {
        return $this->words($this->table('actual')['findings'] ?? []) ?: null;
    }

    /** @return array{treatment?: string, roots_cut_share?: float} what was proposed for its roots, as fields of a plan */
    public function work(): array
    {
        $work = $this->table('work');
        $treatment = is_string($work['treatment'] ?? null) ? BallTreatment::tryFrom($work['treatment']) : null;

        return $treatment === null ? [] : ['treatment' => $treatment->value, 'roots_cut_share' => min(1.0, max(0.0, $this->number($work['roots_removed_share'] ?? null) ?? 0.0))];
    }

    /** @return array<string, mixed> */
    private function table(string $name): array
    {
        return is_array($this->kept[$name] ?? null) ? $this->kept[$name] : [];
    }

    private function number(mixed $value): ?float
    {
        return is_numeric($value) ? (float) $value : null;
    }

    /** @return list<string> */
    private function words(mixed $words): array
    {
        return array_values(array_filter(is_array($words) ? $words : [], is_string(...)));
    }
}
