<?php

declare(strict_types=1);

// A search in a process of its own, of low priority: the question on standard input, the answer line by line on standard output. It ends where nobody reads any more.

use App\Search\AnswerDocument;
use App\Search\FewestQuestion;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Verdict\Search\MixSearch;

require __DIR__.'/../../vendor/autoload.php';

// behind whatever answers a screen, yet not so far that it starves beside other work
@proc_nice(5);
ini_set('memory_limit', '256M');
// what is kept makes no rings: looking for them again and again takes a fifth of the time
gc_disable();

$question = unserialize((string) stream_get_contents(STDIN));
$say = static function (array $line): void {
    if (@fwrite(STDOUT, json_encode($line, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)."\n") === false) {
        exit(0);
    }
};
if ($question instanceof FewestQuestion) {
    try {
        $say(AnswerDocument::fewest($question->answer()));
    } catch (Refused $refused) {
        $say(['kind' => 'refused', 'rule' => $refused->refusals[0]->rule]);
    }
    exit(0);
}
assert($question instanceof MixSearch);
const PAUSE_NS = 100_000_000;
$run = $question->run();
$next = 0;
foreach ($run as $answer) {
    if ($answer->found !== [] || hrtime(true) >= $next) {
        $say(AnswerDocument::of($answer));
        $next = hrtime(true) + PAUSE_NS;
    }
}
$say(AnswerDocument::of($run->getReturn()));
