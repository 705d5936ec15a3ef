<?php

declare(strict_types=1);

namespace App\Shelf\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One part of a premix or of a reclaimed mix.
 *
 * @property int       $mix_id
 * @property int       $component_id
 * @property float     $parts
 * @property int       $position
 * @property Component $component
 */
final class ComponentPart extends Model
{
    public $timestamps = false;

    /** @return BelongsTo<Component, $this> */
    public function component(): BelongsTo
    {
        return $this->belongsTo(Component::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['parts' => 'float', 'position' => 'integer'];
    }
}
