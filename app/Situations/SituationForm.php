<?php

declare(strict_types=1);

namespace App\Situations;

use App\Shelf\Models\Component;
use App\Situations\Models\Site;
use App\Situations\Models\Species;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Place\Container\TippedPot;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\Leaf;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Plant\RootVigour;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Place;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Site\Wind;
use Zolbek\Core\Place\Watering\Feed;
use Zolbek\Core\Place\Watering\WateringHabit;

/** The plant, its place and its care as the Blend screen sends them; everything left out has a sensible start. */
final readonly class SituationForm
{
    public const FIELDS = [
        'species_id', 'purpose', 'stage', 'old', 'site_id', 'exposure', 'wind', 'rain_reaches', 'canopy_cm', 'height_cm', 'leaf', 'roots_cut_share', 'weeks_since', 'surface',
        'stand', 'winter_shelter', 'alkalinity_mg_l', 'rain_share', 'feed', 'feed_acidity_mg_l', 'feed_acidity_mmol_l_year', 'habit', 'vigour', 'planned_years', 'budget', 'pots_wanted', 'tip_deg',
    ];

    private function __construct(
        public ?Species $species,
        public ?Site $site,
        public Purpose $purpose,
        public ?GrowthStage $stage,
        public float $tipDeg,
        private bool $old,
        private ?float $plannedYears,
        private Place $place,
        private Crown $plant,
        private Surface $surface,
        private WateringHabit $habit,
        private float $alkalinity,
        private float $rainShare,
        private float $feedAcidityMgL,
        private float $feedAcidityMmolLYear,
        private RootVigour $vigour,
        private ?float $budget,
        private int $potsWanted,
        public ?float $heightCm,
    ) {}

    public static function read(mixed $input, Refusals $refusals): self
    {
        $fields = Fields::of($input ?? ['purpose' => Purpose::GrowOn->value], self::FIELDS, $refusals, 'situation');
        $species = self::record($fields, 'species_id', 'species_missing', Species::class, $refusals);
        $site = self::record($fields, 'site_id', 'site_missing', Site::class, $refusals);
        $word = static fn(string $name, array $cases, string $usual): string => $fields->oneOf($name, array_column($cases, 'value'), $usual) ?? $usual;
        $optional = static fn(string $name, float $min, float $max): ?float => $fields->has($name) ? $fields->number($name, $min, $max) : null;

        $canopy = $optional('canopy_cm', 0.1, 5000);
        $feed = Feed::from($word('feed', Feed::cases(), Feed::Usual->value));

        return new self(
            $species,
            $site,
            Purpose::from($word('purpose', Purpose::cases(), Purpose::GrowOn->value)),
            $fields->has('stage') ? GrowthStage::from($word('stage', GrowthStage::cases(), GrowthStage::Growing->value)) : null,
            $fields->number('tip_deg', 0, TippedPot::STEEPEST_DEG, 0),
            $fields->flag('old', false),
            $optional('planned_years', 0.5, 20),
            new Place(
                Exposure::from($word('exposure', Exposure::cases(), Exposure::FullSun->value)),
                Wind::from($word('wind', Wind::cases(), Wind::Usual->value)),
                $fields->flag('rain_reaches', true),
                Stand::from($word('stand', Stand::cases(), Stand::Bench->value)),
                $fields->flag('winter_shelter', false),
            ),
            new Crown(
                $canopy === null ? null : M_PI / 4.0 * ($canopy / 100.0) ** 2,
                Leaf::from($word('leaf', Leaf::cases(), $species->leaf ?? Leaf::Middling->value)),
                $species->evergreen ?? false,
                $fields->number('roots_cut_share', 0, 1, 0),
                $fields->number('weeks_since', 0, 520, $fields->has('roots_cut_share') ? 0 : Crown::WEEKS_TO_RECOVER),
            ),
            Surface::from($word('surface', Surface::cases(), Surface::Bare->value)),
            WateringHabit::read($fields->raw('habit') ?? ['method' => 'can'], $refusals, 'situation.habit'),
            $fields->number('alkalinity_mg_l', 0, 1000, $site->alkalinity_mg_l ?? 0.0),
            $fields->number('rain_share', 0, 1, $site->rain_share ?? 0.0),
            $fields->number('feed_acidity_mg_l', 0, 1000, 0),
            $fields->number('feed_acidity_mmol_l_year', 0, 500, $feed->mmolLYear()),
            RootVigour::from($word('vigour', RootVigour::cases(), $species->vigour ?? RootVigour::Middling->value)),
            $optional('budget', 0.01, 1e6),
            $fields->integer('pots_wanted', 1, 100_000, 1),
            $optional('height_cm', 0.1, 5000),
        );
    }

    /** @param array<int, Component> $components whose stock counts, by id */
    public function situation(PlantGroup $group, bool $dryingSides, array $components): Situation
    {
        $stocks = [];
        foreach ($components as $component) {
            $stocks[$component->key] = $component->stock();
        }

        return new Situation(
            Targets::of($group, $this->species?->overrides() ?? [], $this->purpose, $this->old, $this->plannedYears),
            $this->site?->climate(),
            $this->place,
            $this->plant,
            $this->surface,
            $this->habit,
            $this->alkalinity,
            $this->vigour,
            $dryingSides,
            $this->budget,
            $this->potsWanted,
            $stocks,
            $this->purpose,
            $this->rainShare,
            $this->feedAcidityMgL,
            $this->feedAcidityMmolLYear,
        );
    }

    /**
     * @template T of Species|Site
     *
     * @param class-string<T> $model
     *
     * @return T|null
     */
    private static function record(Fields $fields, string $name, string $rule, string $model, Refusals $refusals): Species|Site|null
    {
        if (! $fields->has($name)) {
            return null;
        }
        $id = $fields->integer($name, 1, PHP_INT_MAX);
        $found = $id > 0 ? $model::query()->find($id) : null;
        if ($found === null && $id > 0) {
            $refusals->add(new Refusal('situation.'.$name, $rule, $id));
        }

        return $found;
    }
}
