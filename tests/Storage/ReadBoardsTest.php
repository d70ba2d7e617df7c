<?php

declare(strict_types=1);

namespace IronLatch\Tests\Storage;

use IronLatch\Core\Board\Board;
use IronLatch\Storage\ReadBoards;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Cache\Adapter\FilesystemAdapter;

final class ReadBoardsTest extends TestCase
{
    private string $folder;
    private int $read = 0;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/' . bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        (new FilesystemAdapter('', 0, $this->folder))->clear();
    }

    public function testADocumentIsReadOnceInABuild(): void
    {
        $board = TestBoards::operatedInManyWays();
        self::assertEquals($board, $this->of('first', 'a document', $board));
        self::assertEquals($board, $this->of('first', 'a document', $board));
        self::assertSame(1, $this->read);
        self::assertSame('Renamed', $this->of('first', 'another document', $board->with(name: 'Renamed'))->name);
        self::assertSame('Renamed', $this->of('second', 'another document', $board->with(name: 'Renamed'))->name, 'Another build.');
        self::assertSame(3, $this->read);
        self::assertCount(2, $this->kept(), 'One of each board and build, however many documents there were.');
    }

    public function testADamagedOneIsReadAnew(): void
    {
        $board = TestBoards::sound();
        $this->of('first', 'a document', $board);
        foreach ($this->kept() as $file) {
            file_put_contents($file, substr((string) file_get_contents($file), 0, 900));
        }
        self::assertEquals($board, $this->of('first', 'a document', $board));
        self::assertSame(2, $this->read);
    }

    /**
     * @return list<string> files
     */
    private function kept(): array
    {
        $kept = glob($this->folder . '/@/*/*/*');
        self::assertNotEmpty($kept);

        return $kept;
    }

    private function of(string $build, string $content, Board $board): Board
    {
        return (new ReadBoards(new FilesystemAdapter('', 0, $this->folder), $build))
            ->of('a-board', $content, function () use ($board): Board {
                ++$this->read;

                return $board;
            });
    }
}
