<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use Doctrine\DBAL\DriverManager;
use IronLatch\Http\StoreFault;
use IronLatch\Storage\Restore;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What can be wrong with the store, brought about with SQLite itself, and putting a backup back. */
final class StoreFaultTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/store-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    /**
     * @return iterable<string, array{\Closure(string): void, string}>
     */
    public static function faults(): iterable
    {
        $run = static function (string $file, string ...$statements): void {
            $connection = DriverManager::getConnection(['driver' => 'sqlite3', 'path' => $file]);
            foreach ($statements as $statement) {
                $connection->executeStatement($statement);
            }
        };
        yield 'disk full' => [
            static fn(string $file) => $run(
                $file,
                'CREATE TABLE t (x)',
                'PRAGMA max_page_count = 3',
                'INSERT INTO t WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 5000) SELECT hex(randomblob(40)) '
                    . 'FROM n',
            ),
            'The disk is full',
        ];
        yield 'read-only' => [
            static fn(string $file) => $run($file, 'CREATE TABLE t (x)', 'PRAGMA query_only = ON', 'INSERT INTO t VALUES (1)'),
            'may not be written to',
        ];
        yield 'missing' => [static fn(string $file) => $run($file, 'SELECT * FROM board'), 'Set it up with bin/setup'];
        yield 'no database' => [static function (string $file) use ($run): void {
            file_put_contents($file, str_repeat('not a database ', 500));
            $run($file, 'SELECT * FROM board');
        }, 'Keep it, and put a backup back'];
        yield 'locked' => [static function (string $file) use ($run): void {
            $run($file, 'CREATE TABLE t (x)');
            $holder = new \SQLite3($file);
            $holder->exec('BEGIN EXCLUSIVE');
            $run($file, 'INSERT INTO t VALUES (1)');
        }, 'Something else holds the store'];
        yield 'folder gone' => [static fn(string $file) => $run($file . '/none/app.db', 'SELECT 1'), 'cannot be opened'];
    }

    /**
     * @param \Closure(string): void $bring
     */
    #[DataProvider('faults')]
    public function testAFaultIsSaidWithWhatToDo(\Closure $bring, string $words): void
    {
        try {
            $bring($this->folder . '/app.db');
            self::fail('Nothing went wrong.');
        } catch (\Doctrine\DBAL\Exception $fault) {
            self::assertStringContainsString(
                $words,
                StoreFault::words(new \RuntimeException('on the way', previous: $fault)) ?? $fault->getMessage(),
            );
        }
    }

    public function testAnythingElseIsNoFaultOfTheStore(): void
    {
        self::assertNull(StoreFault::words(new \RuntimeException('the disk is full of boards')));
    }

    /** A page without a store says what to do, as a page and as a part. */
    public function testAPageWithoutAStoreSaysWhatToDo(): void
    {
        foreach ([[], ['HTTP_HX-Request' => 'true']] as $headers) {
            $look = new Process(['php', '-r', sprintf(<<<'PHP'
                require 'vendor/autoload.php';
                $kernel = IronLatch\Kernel::fromEnvironment('test', false);
                $response = $kernel->handle(Symfony\Component\HttpFoundation\Request::create('http://localhost/', 'GET', server: %s));
                echo $response->getStatusCode(), ' ', $response->headers->get('HX-Retarget'), ' ', $response->getContent();
                PHP, var_export($headers, true))], dirname(__DIR__, 2), [
                'APP_ENV' => 'test',
                'APP_DEBUG' => '0',
                'DATABASE_URL' => 'sqlite:///' . $this->folder . '/empty.db',
            ]);
            $look->mustRun();
            self::assertStringStartsWith([] === $headers ? '503 ' : '422 #notice ', $look->getOutput());
            self::assertStringContainsString('Set it up with bin/setup, or put a backup back with bin/restore FILE.', $look->getOutput());
        }
    }

    public function testABackupIsPutBackAndThePresentStoreKept(): void
    {
        $store = $this->store('app.db', 'here');
        $backup = $this->store('backup.db', 'there');
        $kept = Restore::from($backup, $store, new \DateTimeImmutable('2026-11-28 01:02:03'));
        self::assertSame($store . '.before-restore-20261128-010203', $kept);
        self::assertSame(['there', 'here', 'there'], array_map(self::nameIn(...), [$store, $kept, $backup]));
        self::assertNull(
            Restore::from($backup, $this->folder . '/new.db', new \DateTimeImmutable()),
            'Where no store is there is none to keep.',
        );
        self::assertSame('there', self::nameIn($this->folder . '/new.db'));
    }

    /** What stands only in the log of the present store is kept with it. */
    public function testTheLogOfThePresentStoreIsKeptWithIt(): void
    {
        $store = $this->store('app.db', 'here');
        $open = new \SQLite3($store);
        $open->exec('PRAGMA journal_mode = WAL');
        $open->exec("UPDATE board SET name = 'newer'");
        $kept = Restore::from($this->store('backup.db', 'there'), $store, new \DateTimeImmutable());
        $open->close();
        self::assertSame(['there', 'newer'], [self::nameIn($store), self::nameIn($kept ?? '')]);
    }

    public function testWhatIsNoBackupChangesNothing(): void
    {
        $store = $this->store('app.db', 'here');
        file_put_contents($this->folder . '/text.db', str_repeat('no database ', 100));
        (new \SQLite3($this->folder . '/other.db'))->exec('CREATE TABLE recipes (x)');
        $cut = $this->store('cut.db', 'there');
        file_put_contents($cut, substr((string) file_get_contents($cut), 0, 9000));
        $headless = $this->store('headless.db', 'there');
        (new \SQLite3($headless))->exec("UPDATE board SET head_id = 'gone'");
        foreach ([
            'none.db' => 'cannot be read',
            'text.db' => 'no sound database',
            'other.db' => 'none of Iron Latch',
            'cut.db' => 'Nothing was changed',
            'headless.db' => 'is damaged',
        ] as $file => $words) {
            try {
                Restore::from($this->folder . '/' . $file, $store, new \DateTimeImmutable());
                self::fail($file . ' was taken.');
            } catch (\InvalidArgumentException $refused) {
                self::assertStringContainsString($words, $refused->getMessage());
            }
        }
        $holder = new \SQLite3($store);
        $holder->exec('BEGIN EXCLUSIVE');
        try {
            Restore::from($this->store('good.db', 'there'), $store, new \DateTimeImmutable());
            self::fail('It was restored under a writer.');
        } catch (\InvalidArgumentException $refused) {
            self::assertStringContainsString('End the server first', $refused->getMessage());
        }
        $holder->exec('ROLLBACK');
        self::assertSame('here', self::nameIn($store));
        self::assertSame([], glob($this->folder . '/*.new'));
    }

    private function store(string $name, string $board): string
    {
        $file = $this->folder . '/' . $name;
        $database = new \SQLite3($file);
        $database->exec(
            "CREATE TABLE board (id, head_id, name); CREATE TABLE revision (id, board_id, content);"
            . "INSERT INTO board VALUES ('b', 'r', '$board'); INSERT INTO revision VALUES ('r', 'b', hex(randomblob(9000)))",
        );
        $database->close();

        return $file;
    }

    private static function nameIn(string $file): mixed
    {
        return (new \SQLite3($file, SQLITE3_OPEN_READONLY))->querySingle('SELECT name FROM board');
    }
}
