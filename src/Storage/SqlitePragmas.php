<?php

declare(strict_types=1);

namespace IronLatch\Storage;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Sets SQLite up for several processes: a busy timeout first (or setting the rest can fail), a write-ahead log, foreign keys,
 * and transactions that take the write lock at once, so that read-then-write cannot fail half way.
 *
 * Its priority lies before that of the test bundle, inside whose transaction pragmas would do nothing.
 */
#[AsMiddleware(priority: 200)]
final class SqlitePragmas implements Middleware
{
    private const PRAGMAS = ['busy_timeout = 5000', 'journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON'];

    public function wrap(Driver $driver): Driver
    {
        return new class ($driver, self::PRAGMAS) extends AbstractDriverMiddleware {
            /**
             * @param list<string> $pragmas
             */
            public function __construct(Driver $driver, private readonly array $pragmas)
            {
                parent::__construct($driver);
            }

            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $connection = parent::connect($params);
                foreach ($this->pragmas as $pragma) {
                    $connection->exec('PRAGMA ' . $pragma);
                }

                return new class ($connection) extends AbstractConnectionMiddleware {
                    public function beginTransaction(): void
                    {
                        $this->exec('BEGIN IMMEDIATE');
                    }
                };
            }
        };
    }
}
