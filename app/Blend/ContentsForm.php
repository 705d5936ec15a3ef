<?php

declare(strict_types=1);

namespace App\Blend;

use App\Recipes\Models\Recipe;
use App\Recipes\PartsForm;
use App\Recipes\RecipePortions;
use App\Shelf\Models\Component;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Substrate\NurserySoil;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\RootBall;
use Zolbek\Core\Place\Container\WallZone;

/** What stands in the pot beside the new mix, as the Blend screen sends it: root ball, zone at the wall, hole cover, objects. */
final readonly class ContentsForm
{
    private const FIELDS = ['ball', 'wall', 'hole_cover_id', 'dressing_id', 'objects_l', 'bed_cm', 'collar_cm', 'mound_cm'];
    private const BALL = ['length_cm', 'width_cm', 'height_cm', 'share', 'treatment', 'gap_share', 'recipe_id', 'soil', 'years'];
    private const WALLS = ['moss', 'old_soil'];

    /**
     * @param array<string, mixed>|null     $ball
     * @param array<int, Component>         $components of wall and hole cover, by id
     */
    private function __construct(
        private ?array $ball,
        public ?string $wallKind,
        private float $wallCm,
        private ?Component $wall,
        public ?Component $holeCover,
        public ?Component $dressing,
        private ?Recipe $oldRecipe,
        private float $objectsL,
        private float $bedCm,
        private float $collarCm,
        private float $moundCm,
        public array $components,
        private bool $isEmpty,
    ) {}

    public static function read(mixed $input, Refusals $refusals): self
    {
        $fields = Fields::of($input ?? ['objects_l' => 0], self::FIELDS, $refusals, 'contents');
        $ball = $fields->has('ball') ? self::ball($fields->raw('ball'), $refusals) : null;
        $wall = $fields->has('wall') ? Fields::of($fields->raw('wall'), ['kind', 'component_id', 'thickness_cm'], $refusals, 'contents.wall') : null;
        $kind = $wall?->oneOf('kind', self::WALLS);
        $thickness = $wall?->number('thickness_cm', 0, 50) ?? 0.0;
        /** @var array<string, int> $wanted ids by path */
        $wanted = [];
        if ($wall !== null && $kind === 'moss') {
            $wanted['contents.wall.component_id'] = $wall->integer('component_id', 1, PHP_INT_MAX);
        }
        if ($fields->has('hole_cover_id')) {
            $wanted['contents.hole_cover_id'] = $fields->integer('hole_cover_id', 1, PHP_INT_MAX);
        }
        if ($fields->has('dressing_id')) {
            $wanted['contents.dressing_id'] = $fields->integer('dressing_id', 1, PHP_INT_MAX);
        }
        $found = $wanted === [] ? [] : PartsForm::components(array_values($wanted), array_keys($wanted), $refusals);
        foreach ($wanted as $path => $id) {
            if (($found[$id] ?? null)?->isMix() === true) {
                $refusals->add(new Refusal($path, 'layer_mix', $found[$id]->name));
            }
        }
        $at = static fn(string $path): ?Component => $found[$wanted[$path] ?? 0] ?? null;
        $recipeId = $ball['recipe_id'] ?? null;
        $recipe = $recipeId === null ? null : Recipe::query()->with('parts.component')->whereKey($recipeId)->first();
        if ($recipeId !== null && $recipe === null) {
            $refusals->add(new Refusal('contents.ball.recipe_id', 'recipe_missing', $recipeId));
        }
        $objects = $fields->number('objects_l', 0, 10_000, 0);

        return new self(
            $ball,
            $thickness > 0.0 ? $kind : null,
            $thickness,
            $at('contents.wall.component_id'),
            $at('contents.hole_cover_id'),
            $at('contents.dressing_id'),
            $recipe,
            $objects,
            $fields->number('bed_cm', 0, Container::LONGEST_CM, $ball === null ? 0 : 1),
            $fields->number('collar_cm', -Container::LONGEST_CM, Container::LONGEST_CM, 0),
            $fields->number('mound_cm', 0, Container::LONGEST_CM, 0),
            $found,
            $ball === null && ($kind === null || $thickness <= 0.0) && $objects <= 0.0,
        );
    }

    /**
     * The bodies as the core takes them; null where the whole root zone is new mix.
     *
     * @param Blend                              $newMix what the old mix was where no recipe is named
     * @param callable(Substrate): ?AgeingClimate $ageing what frost and warmth did to it
     */
    public function contents(Blend $newMix, ?float $index, callable $ageing): ?Contents
    {
        if ($this->isEmpty) {
            return null;
        }
        $years = (float) ($this->ball['years'] ?? 3.0);
        $fresh = new Substrate($this->oldRecipe === null ? $newMix : Portion::blend(RecipePortions::of($this->oldRecipe)), $index);
        $named = NurserySoil::tryFrom($this->ball['soil'] ?? '');
        $old = match (true) {
            $named !== null => $named->substrate(),
            $years > 0.0 => new Substrate($fresh->blend, $index, $years, $ageing($fresh)),
            default => $fresh,
        };
        $ball = $this->ball === null ? null : new RootBall(
            $this->ball['length_cm'] ?? 1.0,
            $this->ball['width_cm'] ?? 1.0,
            $this->ball['height_cm'] ?? 1.0,
            BallTreatment::from($this->ball['treatment']),
            $old,
            $this->ball['gap_share'],
        );
        $wall = match (true) {
            $this->wallKind === 'old_soil' => new WallZone($old, $this->wallCm),
            $this->wallKind === 'moss' && $this->wall !== null => new WallZone(self::alone($this->wall, $index), $this->wallCm),
            default => null,
        };

        return new Contents($ball, $this->ball['share'] ?? null, $wall, $this->objectsL, $this->bedCm, $this->collarCm, $this->moundCm);
    }

    /** What lies on top, where somebody said what it is. */
    public function dressingOf(): ?Substrate
    {
        return $this->dressing === null ? null : self::alone($this->dressing, null);
    }

    public function coverOf(?float $index): ?Substrate
    {
        return $this->holeCover === null ? null : self::alone($this->holeCover, $index);
    }

    /** @return array<string, mixed> */
    private static function ball(mixed $input, Refusals $refusals): array
    {
        $fields = Fields::of($input, self::BALL, $refusals, 'contents.ball');
        $share = $fields->has('share') ? $fields->number('share', 0, 0.95) : null;
        $size = static fn(string $name): ?float => $share !== null ? null : $fields->number($name, 0.1, Container::LONGEST_CM);

        return [
            'length_cm' => $size('length_cm'),
            'width_cm' => $size('width_cm'),
            'height_cm' => $size('height_cm'),
            'share' => $share,
            'treatment' => $fields->oneOf('treatment', array_column(BallTreatment::cases(), 'value'), BallTreatment::Teased->value) ?? BallTreatment::Teased->value,
            'gap_share' => $fields->has('gap_share') ? $fields->number('gap_share', 0, 0.9) : null,
            'recipe_id' => $fields->has('recipe_id') ? $fields->integer('recipe_id', 1, PHP_INT_MAX) : null,
            'soil' => $fields->has('soil') ? $fields->oneOf('soil', NurserySoil::words()) : null,
            'years' => $fields->number('years', 0, 50, 3),
        ];
    }

    private static function alone(Component $component, ?float $index): Substrate
    {
        return new Substrate(new Blend([[$component->toCore(), 1.0]]), $index);
    }
}
