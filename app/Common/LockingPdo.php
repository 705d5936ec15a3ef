<?php

declare(strict_types=1);

namespace App\Common;

use PDO;

/**
 * Transactions of SQLite that take the write lock as they begin, for PHP before 8.4, where the framework leaves its setting "transaction_mode" unread.
 * One that reads first and locks later is refused at once where another wrote in between, however long it was ready to wait.
 */
final class LockingPdo extends PDO
{
    private bool $isOpen = false;

    public function beginTransaction(): bool
    {
        $this->exec('begin immediate');

        return $this->isOpen = true;
    }

    public function commit(): bool
    {
        $this->exec('commit');
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->isOpen = false;
        $this->exec('rollback');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }
}
