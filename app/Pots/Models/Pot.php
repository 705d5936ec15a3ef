<?php

declare(strict_types=1);

namespace App\Pots\Models;

use App\Common\Archivable;
use App\Common\Field;
use App\Common\Stamped;
use App\Pots\PotFields;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Holes;

/**
 * A kind of pot in the yard.
 *
 * @property int                  $id
 * @property string               $name
 * @property string               $shape
 * @property float                $depth            inner depth, cm
 * @property array<string, float> $measures         those of the shape, cm or L
 * @property bool                 $drying_sides     basket or fabric sack
 * @property int                  $hole_count
 * @property float|null           $hole_diameter_cm
 * @property float                $hole_open_share  what a mesh leaves open, 0..1
 * @property float|null           $mesh_mm          aperture of the mesh over the holes
 * @property float                $weight_kg        empty
 * @property float|null           $price
 * @property int                  $owned
 * @property string               $place
 * @property float                $feet_cm          by which the floor is raised
 * @property int                  $tie_holes        in its floor for wire alone, beside the outlets
 * @property string               $wall             one of WALLS
 * @property string               $colour           as #rrggbb
 * @property bool                 $light_passes     through its wall
 * @property bool                 $home_made        drilled, cast or built
 * @property Carbon|null          $archived_at
 *
 * @method HasMany<Model, $this> plants() that stand in one; the plants bring this relation with them
 * @method HasMany<Model, $this> planned() entries of days to come of plants that are planned into one
 */
final class Pot extends Model
{
    use Archivable;
    use Stamped;

    public const WALLS = ['fired_clay', 'glazed', 'plastic', 'wood', 'cement', 'stone', 'net', 'fabric', 'metal'];

    /** Walls that are open all over: openings and open share where nobody measured them, starting figures. */
    private const NETS = ['net' => ['opening_mm' => 6.0, 'open_share' => 0.4], 'fabric' => ['opening_mm' => 0.4, 'open_share' => 0.1]];

    /**
     * With how many are in use and planned, counted in the query.
     *
     * @param Builder<Pot> $query
     */
    public static function withUse(Builder $query): void
    {
        // a plant may be a group of so many
        $query->withSum('plants as plants_count', DB::raw('coalesce(plants.count, 1)'));
        $query->withSum('planned as planned_count', 'count');
    }

    /** That plants stand in. */
    public function inUse(): int
    {
        return (int) ($this->hasAttribute('plants_count') ? $this->getAttribute('plants_count') : $this->plants()->sum(DB::raw('coalesce(count, 1)')));
    }

    /** That plants are planned into, on days to come. */
    public function plannedUse(): int
    {
        return (int) ($this->hasAttribute('planned_count') ? $this->getAttribute('planned_count') : $this->planned()->sum('count'));
    }

    public function toCore(): Container
    {
        return Container::read($this->description());
    }

    /** @return array<string, mixed> the pot in the open exchange format */
    public function description(): array
    {
        return ['shape' => $this->shape, 'depth' => $this->depth, ...$this->measures];
    }

    public function holes(): Holes
    {
        $net = self::NETS[$this->wall] ?? null;

        // water leaves a net everywhere: without holes of its own its openings are what it has
        return $net === null || $this->hole_count > 0
            ? Holes::of($this->hole_count, $this->hole_diameter_cm ?? 1.0, $this->hole_open_share)
            : Holes::net($this->toCore(), ($this->mesh_mm ?? $net['opening_mm']) / 10.0, $this->hole_open_share < 1.0 ? $this->hole_open_share : $net['open_share']);
    }

    public function isNet(): bool
    {
        return isset(self::NETS[$this->wall]);
    }

    /** What mix can fall through: the mesh over the holes, or the openings of a net; mm. */
    public function openingMm(): ?float
    {
        $holeMm = $this->hole_count > 0 && $this->hole_diameter_cm !== null ? 10.0 * $this->hole_diameter_cm : null;

        return $this->mesh_mm ?? ($this->isNet() ? $holeMm ?? self::NETS[$this->wall]['opening_mm'] : null);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [...Field::casts(PotFields::all()), 'depth' => 'float', 'measures' => 'array', 'archived_at' => 'datetime'];
    }
}
