<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Log\LogJson;
use IronLatch\Core\Log\Note;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The store against rough treatment: a real server, a real database, and SIGKILL. */
final class DurabilityTest extends TestCase
{
    private string $folder;
    private string $root;

    protected function setUp(): void
    {
        $this->root = dirname(__DIR__, 2);
        $this->folder = sys_get_temp_dir() . '/iron-latch-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->console('doctrine:migrations:migrate', '--no-interaction', '--quiet');
        $this->console('latch:seed');
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    public function testKillingTheServerLosesNoAcknowledgedEdit(): void
    {
        $acknowledged = $noted = 0;
        $board = $this->database()->querySingle("SELECT id FROM board WHERE name = 'Utility room board'");
        self::assertIsString($board);
        for ($round = 0; $round < 3; ++$round) {
            $port = self::freePort();
            $server = new Process(
                ['php', '-S', '127.0.0.1:' . $port, '-t', 'public', 'bin/router.php'],
                $this->root,
                ['APP_ENV' => 'test', 'DATABASE_URL' => 'sqlite:///' . $this->folder . '/app.db'],
            );
            $server->start();
            $server->waitUntil(static fn(string $type, string $output): bool => str_contains($output, 'started'));
            // Two writers at once; the server is killed while they are at it.
            $writers = [];
            foreach (['a', 'b'] as $writer) {
                $writers[$writer] = new Process([
                    'php',
                    $this->root . '/tests/Support/hammer.php',
                    (string) $port,
                    $board,
                    'L' . ('a' === $writer ? 1 : 2),
                    $this->folder . '/app.db',
                    $round . $writer,
                ]);
                $writers[$writer]->start();
            }
            $writers['a']->waitUntil(static fn(): bool => substr_count($writers['a']->getOutput(), 'ok') >= 4);
            $server->signal(9);
            foreach ($writers as $process) {
                $process->wait();
                $acknowledged += substr_count($process->getOutput(), 'ok');
                $noted += substr_count($process->getOutput(), 'noted');
            }
            $server->wait();
        }
        self::assertGreaterThanOrEqual(12, $acknowledged);
        $database = $this->database();
        $kept = $database->querySingle("SELECT count(*) FROM revision WHERE board_id = '$board' AND summary LIKE 'Rename%'");
        self::assertGreaterThanOrEqual($acknowledged, $kept);
        self::assertLessThanOrEqual(
            $acknowledged + 6,
            $kept,
            'At most the edit under way of each writer may have been kept without its answer.',
        );
        $packed = $database->querySingle("SELECT packed FROM log_step WHERE board_id = '$board' ORDER BY number DESC LIMIT 1");
        self::assertIsString($packed);
        $notes = preg_grep('/^Note \d[ab] \d+$/', array_map(
            static fn(Note $note): string => $note->text,
            LogJson::read((string) gzinflate($packed))->notes,
        ));
        self::assertGreaterThanOrEqual(6, $noted);
        self::assertGreaterThanOrEqual($noted, count((array) $notes));
        self::assertLessThanOrEqual($noted + 6, count((array) $notes));
        self::assertSame('ok', $database->querySingle('PRAGMA integrity_check'));
        self::assertNull($database->querySingle('PRAGMA foreign_key_check'));
        self::assertSame(
            1,
            $database->querySingle('SELECT count(*) FROM board b JOIN revision r ON r.id = b.head_id WHERE b.id = ' . "'$board'"),
        );
    }

    public function testTheStoreIsSetUpForSeveralProcesses(): void
    {
        self::assertSame('wal', $this->database()->querySingle('PRAGMA journal_mode'));
        $output = $this->console(
            'dbal:run-sql',
            'SELECT (SELECT foreign_keys FROM pragma_foreign_keys) AS keys, (SELECT timeout FROM pragma_busy_timeout) AS busy, (SELECT '
                . 'synchronous FROM pragma_synchronous) AS full',
        );
        self::assertMatchesRegularExpression('/\b1\s+5000\s+2\b/', $output);
    }

    public function testAMigrationLeavesACopyBehind(): void
    {
        self::assertSame([], glob($this->folder . '/app.db.before-migration-*'), 'An empty store needs no copy.');
        $this->console(
            'doctrine:migrations:execute',
            'IronLatch\\Migrations\\Version20261129210000',
            '--down',
            '--no-interaction',
            '--quiet',
        );
        $copies = glob($this->folder . '/app.db.before-migration-*');
        self::assertIsArray($copies);
        self::assertCount(1, $copies);
        $copy = new \SQLite3($copies[0], SQLITE3_OPEN_READONLY);
        self::assertSame(4, $copy->querySingle('SELECT count(*) FROM board'));
    }

    private function database(): \SQLite3
    {
        return new \SQLite3($this->folder . '/app.db');
    }

    private function console(string ...$arguments): string
    {
        $process = new Process(
            ['php', 'bin/console', '--env=test', '--no-debug', ...array_values($arguments)],
            $this->root,
            ['DATABASE_URL' => 'sqlite:///' . $this->folder . '/app.db', 'APP_ENV' => 'test'],
        );
        $process->mustRun();

        return $process->getOutput();
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($socket);
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
