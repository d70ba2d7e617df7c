<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A store that an older version made is brought up with every revision: each gives the same file as before, and undo and redo go on. */
final class OlderStoreTest extends TestCase
{
    public function testAStoreOfVersionOneKeepsEveryRevision(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'old');
        file_put_contents($file, (string) gzdecode((string) file_get_contents(__DIR__ . '/files/store-of-version-1.db.gz')));
        $before = [];
        $old = new \SQLite3($file);
        $rows = $old->query('SELECT id, document, edit FROM revision ORDER BY number, id');
        self::assertNotFalse($rows);
        while (is_array($row = $rows->fetchArray(SQLITE3_ASSOC))) {
            self::assertIsString($row['document']);
            self::assertIsString($row['edit']);
            $before[] = [$row['id'], hash('sha256', $row['document']), json_decode('' === $row['edit'] ? '[]' : $row['edit'], true)];
        }
        $old->close();
        self::assertCount(5, $before);

        $environment = ['APP_ENV' => 'test', 'APP_DEBUG' => '0', 'DATABASE_URL' => 'sqlite:///' . $file];
        $root = dirname(__DIR__, 2);
        (new Process(['php', 'bin/console', 'doctrine:migrations:migrate', '--no-interaction', '--quiet'], $root, $environment))->mustRun();
        $look = new Process(['php', '-r', <<<'PHP'
            require 'vendor/autoload.php';
            $kernel = IronLatch\Kernel::fromEnvironment('test', false);
            $kernel->boot();
            $store = $kernel->getContainer()->get('test.service_container')->get(IronLatch\Storage\BoardStore::class);
            $entities = $kernel->getContainer()->get('test.service_container')->get(Doctrine\ORM\EntityManagerInterface::class);
            $all = [];
            $revisions = $entities->getRepository(IronLatch\Entity\RevisionRecord::class);
            foreach ($revisions->findBy([], ['number' => 'ASC', 'id' => 'ASC']) as $revision) {
                $all[] = [$revision->id(), hash('sha256', $store->documentOf($revision)), $store->editOf($revision)];
            }
            $board = $store->shelf()[0];
            $redone = $store->redo($board->id())->revision->summary();
            $undone = $store->undo($board->id())->revision->number();
            echo json_encode([$all, $redone, $undone, count($store->removed())]);
            PHP], $root, $environment);
        $look->mustRun();
        self::assertSame(
            [$before, 'Feed the rail 5 V from Mains module 5 V, 5 W', 2, 1],
            json_decode($look->getOutput(), true, flags: JSON_THROW_ON_ERROR),
        );
        $copies = glob($file . '.before-migration-*');
        self::assertIsArray($copies);
        self::assertCount(1, $copies, 'The store as it was stays beside it.');
        array_map(unlink(...), [$file, ...$copies]);
    }
}
