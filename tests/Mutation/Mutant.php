<?php

declare(strict_types=1);

namespace Tests\Mutation;

use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\UnifiedDiffOutputBuilder;

/** A file of the core with one thing wrong in it. */
final readonly class Mutant
{
    public string $diff;

    public function __construct(public string $file, public int $from, public int $to, public string $mutator, public string $source, string $original)
    {
        $this->diff = trim((string) preg_replace('/^(@@.*|[^-+].*)\n/m', '', (new Differ(new UnifiedDiffOutputBuilder('')))->diff($original, $source)));
    }
}
