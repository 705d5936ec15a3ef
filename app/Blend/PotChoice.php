<?php

declare(strict_types=1);

namespace App\Blend;

use App\Pots\Models\Pot;
use App\Pots\PotsNear;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Container\BallPlacing;
use Zolbek\Core\Place\Container\DepthBudget;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;

/** Which pot of the yard for a mix, its plant and its ball as they stand in Blend. Schema WhichPot of the API; what to buy is told for a plant of the collection only. */
final readonly class PotChoice
{
    /** Looked at in full. */
    private const MOST = 16;

    public function __construct(private BlendForm $form) {}

    /** @return array{pots: list<array<string, mixed>>, buy: null} */
    public function document(): array
    {
        $now = $this->form->setup->pot;
        $litres = $now->volumeL(0.0, $now->depthCm);
        $offers = [];
        foreach (array_slice(PotsNear::of($now->depthCm, $litres), 0, self::MOST) as [$pot, $free]) {
            try {
                $offers[] = $this->offer($pot, $free);
            } catch (Refused) {
                // its ball fills it: nothing can be worked out
                continue;
            }
        }

        return ['pots' => PotOffer::ranked($offers, $litres), 'buy' => null];
    }

    private function offer(Pot $pot, int $free): PotOffer
    {
        $now = $this->form->setup;
        $setup = $now->with(pot: $pot->toCore(), holes: $pot->holes(), potWeightKg: $pot->weight_kg, situation: $now->situation?->with(dryingSides: $pot->drying_sides));
        $assessment = new Assessment($setup, withYears: false);

        return new PotOffer(
            $pot,
            $free,
            max(1, $now->situation->potsWanted ?? 1),
            false,
            $assessment,
            $setup->newMixL(),
            $assessment->weights->wetKg,
            self::ball($setup),
            $this->form->windthrow($assessment, $pot),
        );
    }

    private static function ball(Setup $setup): ?BallRoom
    {
        $ball = $setup->filling?->ball;
        if ($setup->contents === null || $ball === null) {
            return null;
        }
        $budget = new DepthBudget($setup->zone, $setup->contents, $setup->headspaceCm);
        $placing = new BallPlacing($setup->pot, $budget->ballFootCm, $budget->ballTopCm, $ball->lengthCm, $ball->widthCm, 0.0, 0.0, 0.0);

        return new BallRoom($placing->goesIn && $budget->fitsDepth, min($placing->leftCm, $placing->rightCm, $placing->frontCm, $placing->backCm), $setup->contents->bedCm, $budget->thinCm);
    }
}
