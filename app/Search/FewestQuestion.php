<?php

declare(strict_types=1);

namespace App\Search;

use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Search\FewestMixes;
use Zolbek\Core\Verdict\Search\Ingredient;
use Zolbek\Core\Verdict\Search\Wishes;

/** What is asked for many plants at once, ready to be worked out elsewhere. */
final readonly class FewestQuestion
{
    /**
     * @param non-empty-list<Setup>      $situations
     * @param non-empty-list<int>        $plants how many stand in each
     * @param non-empty-list<Ingredient> $ingredients
     */
    public function __construct(private array $situations, private array $plants, private array $ingredients, private Wishes $wishes) {}

    public function answer(): FewestMixes
    {
        return new FewestMixes($this->situations, $this->plants, $this->ingredients, $this->wishes);
    }
}
