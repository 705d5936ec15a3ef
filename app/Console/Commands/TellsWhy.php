<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Common\DatabaseTrouble;
use App\Common\RefusalWords;
use PDOException;
use RuntimeException;
use Zolbek\Core\Basis\Input\Refused;

/** Commands that say in a sentence why they did not go on, where errors are told. */
trait TellsWhy
{
    /** @param callable(): int $work */
    private function told(callable $work, string $then = ''): int
    {
        try {
            return $work();
        } catch (Refused $refused) {
            $why = RefusalWords::sentence($refused->refusals[0]);
        } catch (PDOException $fault) {
            $why = DatabaseTrouble::of($fault)[1] ?? throw $fault;
        } catch (RuntimeException $fault) {
            $why = rtrim($fault->getMessage(), '.').'.';
        }
        $this->output->getErrorStyle()->writeln(trim($why.' '.$then));

        return self::FAILURE;
    }
}
