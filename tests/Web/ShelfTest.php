<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use Doctrine\ORM\EntityManagerInterface;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Storage\BoardStore;
use IronLatch\Tests\Support\TestBoards;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Process\Process;

final class ShelfTest extends BoardTestCase
{
    public function testAnEmptyShelfTeaches(): void
    {
        $this->browser->request('GET', '/');
        self::assertSelectorTextContains('.empty', 'A board is one design');
    }

    public function testANewBoardStartsEmptyAndNotChecked(): void
    {
        $this->browser->request('POST', '/boards', ['name' => 'Hall', 'carrier' => 'esp8266-carrier-30', 'mains' => 'mains-120', 'supply' => 'module-5v-5w', 'relay' => 'cube-5v']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Hall');
        self::assertSelectorTextContains('.empty', 'Add the first one');
        self::assertSelectorTextContains('#latches', 'not checked: 1 fact');
        $this->browser->request('POST', '/boards', ['name' => '', 'carrier' => 'x']);
        self::assertResponseStatusCodeSame(422);
        self::assertSelectorTextContains('#notice', 'Give the new board a name.');
        $this->browser->request('POST', '/boards', ['name' => 'X', 'carrier' => 'led-lamp']);
        self::assertSelectorTextContains('#notice', 'Choose each part of the new board from its list.');
    }

    public function testANameIsJustAName(): void
    {
        $name = '<script>alert(1)</script>';
        $opened = $this->shelved(TestBoards::sound()->with(name: $name));
        foreach (['/', '/boards/' . $opened->record->id() . '/lines', '/boards/' . $opened->record->id() . '/revisions'] as $page) {
            $crawler = $this->browser->request('GET', $page);
            self::assertStringNotContainsString($name, $this->page());
            self::assertCount(2, $crawler->filter('script'), 'Only our own two scripts.');
        }
        self::assertSelectorTextSame('h1', $name);
    }

    public function testAFileIsOpenedWholeOrNotAtAll(): void
    {
        $this->upload(BoardJson::write(TestBoards::sound()));
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Bare');
        self::assertCount(1, $this->store->shelf());
        foreach (['' => 'This file is empty', '{"format":' => 'not complete JSON', '{"format": "iron-latch/board", "version": 9}' => 'This file is of version 9'] as $content => $sentence) {
            $this->upload($content);
            self::assertResponseStatusCodeSame(422);
            self::assertSelectorTextContains('#notice', $sentence);
            self::assertSelectorTextContains('#notice', 'Nothing was changed.');
        }
        $this->browser->request('POST', '/boards/open');
        self::assertSelectorTextContains('#notice', 'Choose a board file first');
        self::assertCount(1, $this->store->shelf());
    }

    public function testABoardIsCopiedPutOffAndPutBack(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/copy');
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Bare, copy');
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/remove');
        $this->browser->followRedirect();
        self::assertSelectorCount(1, '.card h2 a');
        self::assertSelectorTextContains('main', 'Put off the shelf');
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/restore');
        $this->browser->followRedirect();
        self::assertSelectorCount(2, '.card h2 a');
    }

    public function testDemosAreOfferedAndTaken(): void
    {
        $this->browser->request('POST', '/boards/demo', ['demo' => 'first-try']);
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'First try');
        $this->browser->request('POST', '/boards/demo', ['demo' => '../../etc/passwd']);
        self::assertResponseStatusCodeSame(422);
    }

    public function testABoardThatCannotBeReadLeavesTheOthersAlone(): void
    {
        $this->shelved(TestBoards::sound());
        $broken = $this->shelved(TestBoards::bare()->with(name: 'From the future'));
        $connection = self::getContainer()->get(EntityManagerInterface::class)->getConnection();
        $connection->executeStatement('UPDATE revision SET document = ? WHERE board_id = ?', ['{"format": "iron-latch/board", "version": 9}', $broken->record->id()]);
        self::getContainer()->get(EntityManagerInterface::class)->clear();
        self::assertCount(2, self::getContainer()->get(BoardStore::class)->shelf());
        $this->browser->request('GET', '/');
        self::assertResponseIsSuccessful();
        self::assertSelectorTextContains('main', 'This board cannot be read by this Iron Latch, and is left as it is. This file is of version 9');
        self::assertSelectorTextContains('.card h2 a', 'Bare');
        $this->browser->request('GET', '/boards/' . $broken->record->id() . '/lines');
        self::assertResponseStatusCodeSame(422);
    }

    public function testTheWholeStoreIsBackedUpAsOneFile(): void
    {
        // VACUUM cannot run inside the transaction that every test lives in, so this one looks at a server of its own.
        $database = (string) tempnam(sys_get_temp_dir(), 'store');
        $environment = ['APP_ENV' => 'test', 'APP_DEBUG' => '0', 'DATABASE_URL' => 'sqlite:///' . $database];
        $root = dirname(__DIR__, 2);
        (new Process(['php', 'bin/console', 'doctrine:migrations:migrate', '--no-interaction', '--quiet'], $root, $environment))->mustRun();
        (new Process(['php', 'bin/console', 'latch:seed'], $root, $environment))->mustRun();
        $answer = new Process(['php', '-r', <<<'PHP'
            require 'vendor/autoload.php';
            $kernel = IronLatch\Kernel::fromEnvironment('test', false);
            $response = $kernel->handle(Symfony\Component\HttpFoundation\Request::create('http://localhost/backup'));
            fwrite(STDERR, $response->getStatusCode() . ' ' . $response->headers->get('Content-Disposition'));
            $response->sendContent();
            PHP], $root, $environment);
        $answer->mustRun();
        self::assertMatchesRegularExpression('/^200 attachment; filename=iron-latch-[\d-]+\.db$/', $answer->getErrorOutput());
        $copy = (string) tempnam(sys_get_temp_dir(), 'copy');
        file_put_contents($copy, $answer->getOutput());
        self::assertSame(4, (new \SQLite3($copy, SQLITE3_OPEN_READONLY))->querySingle('SELECT count(*) FROM board'));
        self::assertSame([], glob($root . '/var/backup-*'), 'Nothing is left behind.');
        array_map(unlink(...), [$copy, $database]);
    }

    public function testUnknownBoardsAreNotFound(): void
    {
        $this->browser->request('GET', '/boards/00000000-0000-0000-0000-000000000000/lines');
        self::assertResponseStatusCodeSame(404);
        self::assertSelectorTextContains('h1', 'Not here');
    }

    private function upload(string $content): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'board');
        file_put_contents($file, $content);
        $this->browser->request('POST', '/boards/open', [], ['file' => new UploadedFile($file, 'board.json', 'application/json', null, true)]);
    }
}
