<?php

declare(strict_types=1);

namespace App\Trainer;

use Zolbek\Core\Course\Water\StickChart;
use Zolbek\Core\Course\Water\StickLook;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Mending\Mend;
use Zolbek\Core\Verdict\Mending\MendSearch;

/** What is asked about a pot, and what the model answers: by the same rules as everywhere. */
final readonly class TrainerQuestions
{
    public const STICK_CM = 3.0;
    public const NONE = 'none';

    /** Stand among the answers where they are not right. */
    private const OTHERS = [ChangeKind::Deeper, ChangeKind::Holes, ChangeKind::Shade, ChangeKind::Rinse, ChangeKind::Moss, ChangeKind::Lime, ChangeKind::Shallower];
    private const CHOICES = 4;

    public Assessment $assessment;

    /** Percent. */
    public float $air;
    public ?float $runThroughS;
    public ?float $hours;

    /** Days after watering on which the stick is pulled: half of what its water lasts. */
    public float $stickDay;
    public string $look;

    /** @var list<string> any of them helps; "none" where nothing is wrong */
    public array $mends;

    /** @var list<string> to choose from, one of them right */
    public array $choices;

    public function __construct(Setup $setup)
    {
        $this->assessment = new Assessment($setup, withYears: false);
        $this->air = 100.0 * (float) $this->assessment->verdict(Criterion::Air)->value;
        $this->runThroughS = $this->assessment->verdict(Criterion::RunThrough)->value;
        $this->hours = $this->assessment->water?->drought->intervalH;
        $days = ($this->hours ?? 24.0) / 24.0;
        $this->stickDay = round($days / 2.0, $days < 4.0 ? 1 : 0);
        $chart = new StickChart($setup, $this->assessment->water?->demand->hotUseLDay ?? 1e-9, [$this->stickDay], [min(self::STICK_CM, $setup->zone->topCm - $setup->zone->bottomCm - 0.3)]);
        $this->look = $chart->days[0]['levels'][0]['look'];
        $worst = $this->assessment->verdicts[0]->criterion;
        $found = array_map(static fn(Mend $mend): string => $mend->change->kind->value, (new MendSearch($this->assessment, []))->for($worst));
        $this->mends = $found === [] ? [self::NONE] : $found;
        $choices = [$this->mends[0], ...($found === [] ? [] : [self::NONE])];
        foreach (self::OTHERS as $other) {
            if (count($choices) < self::CHOICES && ! in_array($other->value, $this->mends, true)) {
                $choices[] = $other->value;
            }
        }
        sort($choices);
        $this->choices = $choices;
    }

    /** @return list<string> */
    public static function looks(): array
    {
        return array_column(StickLook::cases(), 'value');
    }

    /** Points for a figure: all within a tenth, none where it is three times too much or too little; a few points of a hundred of air are within a tenth, too. */
    public static function near(float $given, float $right, float $within = 0.0): float
    {
        if (abs($given - $right) <= max($within, 0.1 * abs($right))) {
            return 1.0;
        }

        return max(0.0, 1.0 - abs(log(max(1e-6, $given + $within) / max(1e-6, $right + $within))) / log(3.0));
    }
}
