<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Demo\DemoFiles;
use IronLatch\Storage\DamagedStore;
use IronLatch\Storage\Packing;
use IronLatch\Tests\Support\TestBoards;

/** How revisions stand in the store. */
final class PackingTest extends BoardTestCase
{
    public function testWhatWasPackedComesOutToTheByte(): void
    {
        foreach ([...self::getContainer()->get(DemoFiles::class)->all(), TestBoards::bare(), TestBoards::operatedInManyWays()] as $board) {
            $document = BoardJson::write($board);
            [$packed, $parts] = Packing::pack($document);
            self::assertSame(
                $document,
                BoardJson::indented(Packing::unpack($packed, static fn(string $hash): string => Packing::part($parts[$hash]))),
            );
            self::assertEqualsCanonicalizing(array_keys($parts), array_unique(Packing::partsOf($packed)));
        }
    }

    /**
     * What is read from the store is what was put there, blanks at the ends of texts included: a name’s blank may be all that a part
     * states.
     */
    public function testWhatIsOpenedIsWhatWasKept(): void
    {
        foreach ([...self::getContainer()->get(DemoFiles::class)->all(), TestBoards::operatedInManyWays()] as $board) {
            $id = $this->shelved($board)->record->id();
            (new \ReflectionProperty($this->store, 'read'))->setValue($this->store, []);
            $opened = $this->store->open($id);
            self::assertNotNull($opened);
            self::assertEquals(BoardJson::read(BoardJson::write($board)), $opened->board);
        }
    }

    /** A revision of 16 lines takes less than 1 kB, whatever its parts are. */
    public function testARevisionIsSmall(): void
    {
        self::assertLessThan(1000, strlen(Packing::pack(BoardJson::write(TestBoards::withLines(16)))[0]));
    }

    /** Whatever was packed with a dictionary needs that dictionary for ever. */
    public function testTheDictionaryIsTheOneThatRevisionsWerePackedWith(): void
    {
        self::assertSame(Packing::DICTIONARY_SHA256, hash_file('sha256', dirname(__DIR__, 2) . '/src/Storage/dictionary-1.json.txt'));
    }

    public function testDamagedBytesAreSaidToBeSo(): void
    {
        [$packed] = Packing::pack('{"name":"x"}');
        foreach (['', 'no', '2' . substr($packed, 1), substr($packed, 0, -3), '1' . strrev(substr($packed, 1))] as $bytes) {
            try {
                Packing::unpack($bytes, static fn(string $hash): string => '');
                self::fail('It was taken.');
            } catch (DamagedStore $fault) {
                self::assertStringContainsString('bin/restore', $fault->getMessage());
            }
        }
    }

    /** Facts of a part are kept once; the same file comes out of every revision. */
    public function testManyRevisionsKeepTheFactsOfAPartOnce(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $again = $this->shelved(TestBoards::sound());
        self::assertSame($this->store->documentOf($opened->revision), $this->store->documentOf($again->revision));
        $connection = self::getContainer()->get(\Doctrine\ORM\EntityManagerInterface::class)->getConnection();
        self::assertSame(
            count($opened->board->parts),
            (int) (is_scalar($count = $connection->fetchOne('SELECT count(*) FROM part_facts')) ? $count : 0),
        );
    }
}
