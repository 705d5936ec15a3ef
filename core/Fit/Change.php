<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

/** A single change of a setup, with what it takes to name it: a component and its new parts, a depth, holes, or no layer. */
final readonly class Change
{
    public const MORE = 'more';
    public const LESS = 'less';
    public const ADD = 'add';
    public const DEEPER = 'deeper';
    public const SHALLOWER = 'shallower';
    public const HOLES = 'holes';
    public const NO_LAYER = 'no_layer';

    /**
     * @param self::* $kind
     * @param float   $by   by how much: parts, or cm of depth
     * @param float   $size of the change for ranking, 1 for a moderate one
     */
    public function __construct(
        public string $kind,
        public Setup $setup,
        public float $size,
        public float $by = 0.0,
        public ?string $componentKey = null,
    ) {}
}
