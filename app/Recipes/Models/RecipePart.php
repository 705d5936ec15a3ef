<?php

declare(strict_types=1);

namespace App\Recipes\Models;

use App\Shelf\Models\Component;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One component of a recipe and its parts.
 *
 * @property int       $component_id
 * @property float     $parts
 * @property int       $position
 * @property array<string, float|string>|null $preparation what is done to it before it is mixed
 * @property Component $component
 */
final class RecipePart extends Model
{
    public $timestamps = false;

    /** @return BelongsTo<Component, $this> */
    public function component(): BelongsTo
    {
        return $this->belongsTo(Component::class);
    }

    /** @return array{component_id: int, parts: float, preparation?: array<string, float|string>} the part as PartsForm takes it */
    public function row(): array
    {
        return ['component_id' => $this->component_id, 'parts' => $this->parts, ...($this->preparation === null ? [] : ['preparation' => $this->preparation])];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['parts' => 'float', 'position' => 'integer', 'preparation' => 'array'];
    }
}
