<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Mutation;
use Pest\Mutate\Mutators\Sets\DefaultSet;
use Pest\Mutate\Support\MutationGenerator;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Finder\SplFileInfo;
use Tests\House\Graph;

/** The core with one small thing wrong in it: every mutant of a path, or a sample of all, drawn by a seed over the folders by their lines. */
final readonly class Mutants
{
    /** Draws of a line before a folder is taken to have no more mutants. */
    private const TRIES = 40;

    public function __construct(private string $root) {}

    /** @return list<Mutation> */
    public function of(string $path): array
    {
        $mutants = [];
        foreach ($this->files() as $file => $text) {
            if (str_starts_with('core/'.$file, rtrim($path, '/'))) {
                array_push($mutants, ...$this->generate($file));
            }
        }

        return $mutants;
    }

    /** @return list<Mutation> */
    public function sample(int $size, int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $folders = [];
        foreach ($this->files() as $file => $text) {
            foreach (explode("\n", $text) as $i => $line) {
                // what can go wrong has an operator, a number, a call or a return in it
                if (preg_match('/[-+*\/<>=!?&|]|\d|return|\(/', $line) === 1 && preg_match('/^\s*(\*|\/\*|\/\/|use |namespace |declare|final |public function|private function|abstract )/', $line) === 0) {
                    $folders[dirname($file)][] = [$file, $i + 1];
                }
            }
        }
        $lines = array_sum(array_map(count(...), $folders));
        $drawn = [];
        foreach ($folders as $places) {
            $wanted = max(1, (int) round($size * count($places) / $lines));
            $had = [];
            for ($try = 0; $try < self::TRIES * $wanted && count($had) < $wanted; ++$try) {
                [$file, $line] = $places[$random->getInt(0, count($places) - 1)];
                $found = array_values(array_filter($this->generate($file, [$line]), static fn(Mutation $mutant): bool => ! isset($had[$mutant->id])));
                if ($found !== []) {
                    $mutant = $found[$random->getInt(0, count($found) - 1)];
                    $had[$mutant->id] = $mutant;
                }
            }
            array_push($drawn, ...array_values($had));
        }

        return $drawn;
    }

    /**
     * @param list<int> $lines all where empty
     *
     * @return list<Mutation>
     */
    private function generate(string $file, array $lines = []): array
    {
        return array_values((new MutationGenerator())->generate(new SplFileInfo($this->root.'/core/'.$file, dirname($file), $file), DefaultSet::mutators(), $lines));
    }

    /** @return array<string, string> text by path in the core */
    private function files(): array
    {
        return Graph::files($this->root.'/core', ['php']);
    }
}
