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
 * @property float     $spread    half the width of the range in which the parts lie; 0 where they are known
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
        return ['parts' => 'float', 'spread' => 'float', 'position' => 'integer'];
    }
}
