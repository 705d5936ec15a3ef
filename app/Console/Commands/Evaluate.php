<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Common\RefusalWords;
use App\Common\Words;
use App\Shelf\ReferenceComponents;
use App\Situations\ReferenceSpecies;
use Illuminate\Console\Command;
use Illuminate\Contracts\Filesystem\FileNotFoundException;
use JsonException;
use Symfony\Component\Console\Output\OutputInterface;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Question\Evaluation\Request;

/** The model without the screens: JSON in, JSON out. Needs no database. */
final class Evaluate extends Command
{
    protected $signature = 'zolbek:evaluate {file : a JSON file, or - for standard input}';

    protected $description = 'Compute a blend in a pot: JSON in, JSON out';

    public function handle(ReferenceComponents $reference, ReferenceSpecies $species): int
    {
        try {
            $answer = Answer::to(Request::read($this->document(), $reference->all(), $species->byKey(...)));
        } catch (Refused $refused) {
            $refusal = $refused->refusals[0];

            return $this->refuse(trim($refusal->field.': '.RefusalWords::sentence($refusal), ': '));
        } catch (FileNotFoundException $fault) {
            return $this->refuse($fault->getMessage());
        } catch (JsonException $fault) {
            return $this->refuse(Words::of('errors.evaluate.not_json', ['why' => $fault->getMessage()]));
        }
        $this->output->write(json_encode($answer, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR)."\n", false, OutputInterface::OUTPUT_RAW);

        return 0;
    }

    /** @throws FileNotFoundException|JsonException */
    private function document(): mixed
    {
        $file = $this->argument('file');
        assert(is_string($file));
        $text = $file === '-' ? stream_get_contents(STDIN) : (is_file($file) ? file_get_contents($file) : false);
        if ($text === false) {
            throw new FileNotFoundException(Words::of('errors.evaluate.no_file', ['file' => $file]));
        }

        return json_decode($text, true, 64, JSON_THROW_ON_ERROR);
    }

    private function refuse(string $message): int
    {
        $this->output->getErrorStyle()->write(str_replace(["\r", "\n"], ' ', $message)."\n", false, OutputInterface::OUTPUT_RAW);

        return 2;
    }
}
