<?php

declare(strict_types=1);

namespace App\Blend;

use App\Pots\Models\Pot;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Windthrow;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Fit\Rating;
use Zolbek\Core\Verdict\Fit\Verdict;

/**
 * What a pot of the yard offers a plant in its mix, and why it misses. Those that are free stand before others, those into which the ball goes before those where it does not, then
 * by the word of the judgement, by how many figures miss, and by how near they come to the rules of proportion. Schema WhichPotRow of the API.
 */
final readonly class PotOffer
{
    /** A pot counts as a size larger from so many times the litres on. */
    private const LARGER = 1.15;

    private Setup $setup;

    /**
     * @param int                                                       $free        of them, for it
     * @param int                                                       $wanted      as many as are alike
     * @param Assessment                                                $assessment  of it all, in this pot
     * @param BallRoom|null                                             $ball        null without one
     * @param Windthrow|null                                            $stands      null where its size is not known
     * @param list<array{rule: string, is_cm: float, should_cm: float}> $proportions what the rules say of it
     */
    public function __construct(
        private Pot $pot,
        private int $free,
        private int $wanted,
        private bool $isOwn,
        private Assessment $assessment,
        private float $newMixL,
        private float $wetKg,
        private ?BallRoom $ball,
        private ?Windthrow $stands,
        private array $proportions = [],
    ) {
        $this->setup = $assessment->setup;
    }

    /**
     * Best first, the smallest that is a size larger than the present one marked.
     *
     * @param list<self> $offers
     *
     * @return list<array<string, mixed>>
     */
    public static function ranked(array $offers, ?float $presentL): array
    {
        usort($offers, static fn(self $a, self $b): int => $a->rank() <=> $b->rank());
        $larger = $presentL === null ? [] : array_filter($offers, static fn(self $offer): bool => $offer->isGood() && $offer->litres() >= self::LARGER * $presentL);
        $oneUp = $larger === [] ? null : min(array_map(static fn(self $offer): float => $offer->litres(), $larger));

        return array_map(static fn(self $offer): array => [...$offer->document(), 'one_size_up' => $offer->litres() === $oneUp], $offers);
    }

    /** Whether there are enough of them and its ball goes in. */
    public function isGood(): bool
    {
        return $this->free >= $this->wanted && ($this->ball->fits ?? true);
    }

    private function litres(): float
    {
        return $this->setup->pot->volumeL(0.0, $this->setup->pot->depthCm);
    }

    /** @return list<int|float> */
    private function rank(): array
    {
        $off = array_sum(array_map(static fn(array $rule): float => abs(log(max(0.1, $rule['is_cm']) / max(0.1, $rule['should_cm']))), $this->proportions));

        return [$this->free >= $this->wanted ? 0 : 1, ($this->ball->fits ?? true) ? 0 : 1, $this->assessment->rating->rank(), count($this->misses()), $off];
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $setup = $this->setup;

        return [
            'id' => $this->pot->id, 'name' => $this->pot->name, 'place' => $this->pot->place, 'free' => $this->free, 'is_own' => $this->isOwn,
            'pot_l' => $this->litres(), 'new_mix_l' => $this->newMixL, 'fits' => $this->ball->fits ?? true,
            'beside_cm' => $this->ball?->besideCm, 'beneath_cm' => $this->ball?->beneathCm, 'thin_cm' => $this->ball?->thinCm,
            'air' => $setup->substrate->retention->saturated - $setup->zone->waterL($setup->substrate->retention) / $setup->zone->volumeL,
            'dries_h' => $this->assessment->water?->drought->intervalH, 'wet_kg' => $this->wetKg, 'gust_ms' => $this->stands?->dryMs,
            'rating' => $this->assessment->rating->value, 'proportions' => $this->proportions, 'misses' => $this->misses(),
        ];
    }

    /** @return list<string> words for what speaks against it */
    private function misses(): array
    {
        $ball = $this->ball;
        $isGood = $this->assessment->rating === Rating::Good;
        $of = array_filter($this->assessment->verdicts, static fn(Verdict $verdict): bool => $verdict->level === Level::Stop || ($verdict->level === Level::Mind && ! $isGood));

        return array_values(array_unique([
            ...$this->free < $this->wanted ? ['not_free'] : [],
            ...$ball === null || $ball->fits ? [] : [$ball->besideCm >= 0.0 && $ball->thinCm > 0.0 ? 'too_shallow' : 'too_narrow'],
            ...$this->stands !== null && $this->stands->dryMs < $this->stands->stormMs ? ['topples'] : [],
            ...array_values(array_map(static fn(Verdict $verdict): string => $verdict->criterion->value, $of)),
        ]));
    }
}
