<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Evaluation;

/** From where on a figure is worth a word: below it nobody at a bench could tell it from nothing. Source: practice, starting figures. Check: 5 mL. */
final class Notable
{
    /** Of a component or of water, L. */
    public const LITRES = 0.005;
    /** Of depth, cm. */
    public const CM = 0.005;
    /** Of a pot's volume, 0..1. */
    public const SHARE = 0.005;
    /** Of a top dressing, washed off in a year, 0..1. */
    public const WASHED_OFF = 0.01;
    /** Of the water given, run off a dry surface, 0..1. */
    public const REPELLED = 0.1;
    /** How far up the wet foot of a pot goes, cm. */
    public const WET_FOOT_CM = 0.4;
    /** Of a pot in the sun above the air, K. */
    public const WARMER_K = 22.0;
}
