<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;

/** Opens the database so that who writes waits for the other, on every version of PHP. */
final class LockingConnector extends SQLiteConnector
{
    /**
     * @param string       $dsn
     * @param string       $username
     * @param string       $password
     * @param array<mixed> $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): PDO
    {
        return PHP_VERSION_ID < 80_400 ? new LockingPdo($dsn, $username, $password, $options) : parent::createPdoConnection($dsn, $username, $password, $options);
    }
}
