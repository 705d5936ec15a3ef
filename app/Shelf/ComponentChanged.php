<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Shelf\Models\Component;

/** The typical values of a component were changed: what was found at the bench is laid over them anew. */
final readonly class ComponentChanged
{
    public function __construct(public Component $component) {}
}
