<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Contracts\Mutator;
use Pest\Mutate\Mutators\Sets\DefaultSet;
use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\NodeVisitor\ParentConnectingVisitor;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\House\Graph;

/** The core with one small thing wrong in it: every mutant of a path, or a sample of all, drawn by a seed over the folders by their lines. What can be wrong is Pest's own list. */
final readonly class Mutants
{
    public function __construct(private string $root) {}

    /** @return list<Mutant> */
    public function of(string $path): array
    {
        $mutants = [];
        foreach (array_keys($this->files()) as $file) {
            if (str_starts_with('core/'.$file, rtrim($path, '/'))) {
                array_push($mutants, ...array_map(fn(array $place): Mutant => $this->made($file, ...$place), $this->places($file)));
            }
        }

        return $mutants;
    }

    /** @return list<Mutant> */
    public function sample(int $size, int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $folders = $lines = [];
        foreach ($this->files() as $file => $text) {
            $folder = dirname($file);
            $lines[$folder] = ($lines[$folder] ?? 0) + substr_count($text, "\n");
            foreach ($this->places($file) as $place) {
                $folders[$folder][] = [$file, $place];
            }
        }
        $all = array_sum($lines);
        $drawn = [];
        foreach ($folders as $folder => $places) {
            $wanted = min(count($places), max(1, (int) round($size * $lines[$folder] / $all)));
            foreach ((array) $random->pickArrayKeys($places, $wanted) as $key) {
                $drawn[] = $this->made($places[$key][0], ...$places[$key][1]);
            }
        }

        return $drawn;
    }

    /** @return list<array{int, class-string<Mutator>}> where in a file what can be wrong: the node in the order in which they are left, and the mutator */
    private function places(string $file): array
    {
        $places = [];
        $this->walk($file, static function (int $at, Node $node) use (&$places): ?Node {
            foreach (DefaultSet::mutators() as $mutator) {
                if ($mutator::can($node)) {
                    $places[] = [$at, $mutator];
                }
            }

            return null;
        });

        return $places;
    }

    /** @param class-string<Mutator> $mutator */
    private function made(string $file, int $place, string $mutator): Mutant
    {
        $lines = [0, 0];
        $statements = $this->walk($file, static function (int $at, Node $node) use ($place, $mutator, &$lines): Node|int|null {
            if ($at !== $place) {
                return null;
            }
            $method = $node->getAttribute('parent')?->getAttribute('parent');
            // a parameter counts as run where its method is
            $lines = [$node->getStartLine(), $method instanceof Node\Stmt\ClassMethod && $node->getAttribute('parent') instanceof Node\Param ? $method->getEndLine() : $node->getEndLine()];

            return $mutator::mutate($node);
        });

        return new Mutant('core/'.$file, $lines[0], $lines[1], (string) preg_replace('/^.*\\\\/', '', $mutator), (new Standard())->prettyPrintFile($statements), $this->printed($file));
    }

    /** The file as it is, printed as its mutants are: what differs is what is wrong. */
    private function printed(string $file): string
    {
        return (new Standard())->prettyPrintFile($this->walk($file, static fn(): ?Node => null));
    }

    /**
     * @param callable(int, Node): (Node|int|null) $leave what is made of a node, by its place in the order in which they are left
     *
     * @return array<Node>
     */
    private function walk(string $file, callable $leave): array
    {
        $statements = (new ParserFactory())->createForNewestSupportedVersion()->parse((string) file_get_contents($this->root.'/core/'.$file)) ?? [];
        $traverser = new NodeTraverser(new NameResolver(null, ['replaceNodes' => false]), new ParentConnectingVisitor(), new class ($leave) extends NodeVisitorAbstract {
            private int $at = 0;

            /** @param callable(int, Node): (Node|int|null) $leave */
            public function __construct(private $leave) {}

            public function leaveNode(Node $node): Node|int|null
            {
                return ($this->leave)($this->at++, $node);
            }
        });

        return $traverser->traverse($statements);
    }

    /** @return array<string, string> text by path in the core */
    private function files(): array
    {
        return Graph::files($this->root.'/core', ['php']);
    }
}
