<?php

declare(strict_types=1);

namespace App\Batches;

use Zolbek\Core\Work\Batching\ScoopedLoad;
use Zolbek\Core\Work\Batching\ScoopedPart;
use Zolbek\Core\Work\Batching\ScoopPlan;
use Zolbek\Core\Work\Batching\ScoopWarning;

/** A plan of scoops as every answer tells it: schemas PlannedLoad and ScoopWarning of the API. */
final readonly class LoadPlan
{
    /** @param array<string, int> $ids of the components by key of the portion */
    public function __construct(private ScoopPlan $plan, private array $ids) {}

    /** @return list<array<string, mixed>> */
    public function loads(): array
    {
        return array_map(fn(ScoopedLoad $load): array => ['number' => $load->number, 'litres' => $load->litres, 'lines' => $this->lines($load)], $this->plan->loads);
    }

    /** @return list<array{component_id: int, scoops: float, scoop_l: float, ml: int, litres: float}> */
    public function lines(ScoopedLoad $load): array
    {
        return array_map(fn(ScoopedPart $part): array => [
            'component_id' => $this->ids[$part->key], 'scoops' => $part->scoops, 'scoop_l' => $part->scoopL, 'ml' => $part->ml, 'litres' => $part->litres,
        ], $load->parts);
    }

    /** @return list<array{code: string, part: int|null}> */
    public function warnings(): array
    {
        return array_map(fn(ScoopWarning $warning): array => ['code' => $warning->code, 'part' => $warning->key === null ? null : $this->ids[$warning->key]], $this->plan->warnings);
    }
}
