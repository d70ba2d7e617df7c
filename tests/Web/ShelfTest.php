<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;
use IronLatch\Core\Board\Edit\Whole\RenameBoard;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Storage\Packing;
use IronLatch\Tests\Support\EveryAddress;
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
        $this->browser->request(
            'POST',
            '/boards',
            ['name' => 'Hall', 'carrier' => 'esp8266-carrier-30', 'mains' => 'mains-120', 'supply' => 'module-5v-5w', 'relay' => 'cube-5v'],
        );
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
        foreach ([
            '' => 'This file is empty',
            '{"format":' => 'not complete JSON',
            '{"format": "iron-latch/board", "version": 99}' => 'This file is of version 99',
        ] as $content => $sentence) {
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

    /**
     * A board of another version, one of a value that was legal once, and one whose bytes are damaged: each is shown as such, in
     * every place, with the way back, the file, and the way off; the others are left alone.
     */
    public function testABoardThatCannotBeShownLeavesTheOthersAlone(): void
    {
        $sound = $this->shelved(TestBoards::sound());
        $future = $this->storedAs(['format' => 'iron-latch/board', 'version' => 99]);
        $data = json_decode(BoardJson::write(TestBoards::sound()->with(name: 'Odd')), true);
        self::assertIsArray($data);
        $odd = $this->storedAs(array_replace_recursive(
            $data,
            ['parts' => ['npn-2n2222' => ['gain' => ['min' => '0 ×', 'typ' => '0 ×', 'max' => '0 ×']]]],
        ));
        $damaged = $this->storedAs([], 'no deflated bytes');
        $this->browser->request('GET', '/');
        self::assertResponseIsSuccessful();
        self::assertSelectorCount(3, '.faulty');
        self::assertSelectorTextContains('main', 'This file is of version 99');
        self::assertSelectorTextContains('main', 'brought out by a value on this board');
        self::assertSelectorTextContains('main', 'A revision in the store is damaged');
        self::assertSelectorTextContains('.card h2 a', 'Bare');
        $entities = self::getContainer()->get(EntityManagerInterface::class);
        $entities->getConnection()->executeStatement('UPDATE revision SET base_id = NULL WHERE board_id = :id', ['id' => $damaged]);
        $entities->clear();
        $this->browser->request('GET', '/');
        foreach ([$damaged => 0, $odd => 1] as $board => $ways) {
            self::assertSelectorCount($ways, '.faulty form[action$="' . $board . '/undo"]', 'No way back leads nowhere.');
        }
        foreach (array_merge(...array_values(EveryAddress::of(
            TestBoards::sound(),
            TestBoards::inspect(TestBoards::sound()),
        ))) as $address) {
            foreach ([$future, $odd] as $board) {
                $this->browser->request('GET', '/boards/' . $board . '/' . $address);
                $status = $this->browser->getResponse()->getStatusCode();
                // What looks at no more than the file goes on as ever.
                self::assertTrue(
                    500 === $status
                        && str_contains($this->page(), 'Go back one step') || 200 === $status
                        && $board === $odd || ('board.json' === $address || str_ends_with($address, '/mark'))
                        && 200 === $status,
                    $address . ' ' . $status,
                );
            }
        }
        $this->browser->request('GET', '/boards/' . $odd . '/lines', server: ['HTTP_HX-Request' => 'true']);
        self::assertResponseStatusCodeSame(422);
        self::assertResponseHeaderSame('HX-Retarget', '#stage');
        foreach ([$odd . '/redo', $damaged . '/undo'] as $nothing) {
            $this->browser->request('POST', '/boards/' . $nothing);
            self::assertResponseStatusCodeSame(500);
            self::assertSelectorTextContains('h1', 'Not to be shown');
        }
        $this->browser->request('POST', '/boards/' . $odd . '/undo');
        self::assertResponseRedirects();
        $this->browser->followRedirect();
        self::assertSelectorTextContains('h1', 'Bare');
        $this->browser->request('POST', '/boards/' . $future . '/remove');
        $this->browser->request('GET', '/');
        self::assertSelectorCount(1, '.faulty');
        self::assertNotNull($this->store->open($sound->record->id()));
    }

    /**
     * @param array<mixed> $data
     * @return string id of a board whose second revision says that
     */
    private function storedAs(array $data, ?string $bytes = null): string
    {
        $opened = $this->shelved(TestBoards::sound());
        $revision = $this->store->apply($opened->record->id(), $opened->revision->id(), new RenameBoard('Odd one'))->revision;
        $entities = self::getContainer()->get(EntityManagerInterface::class);
        [$content, $parts] = Packing::pack(json_encode($data, JSON_THROW_ON_ERROR));
        foreach ($parts as $hash => $part) {
            $entities->getConnection()->executeStatement(
                'INSERT OR IGNORE INTO part_facts (hash, content) VALUES (?, ?)',
                [$hash, Packing::part($part)],
                [ParameterType::STRING, ParameterType::LARGE_OBJECT],
            );
        }
        $entities->getConnection()->executeStatement(
            'UPDATE revision SET content = ? WHERE id = ?',
            [$bytes ?? $content, $revision->id()],
            [ParameterType::LARGE_OBJECT, ParameterType::STRING],
        );
        $entities->clear();
        (new \ReflectionProperty($this->store, 'read'))->setValue($this->store, []);

        return $opened->record->id();
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
            $response = $kernel->handle(Symfony\Component\HttpFoundation\Request::create('http://localhost/backup', 'POST'));
            $headers = $response->headers;
            fwrite(STDERR, $response->getStatusCode() . ' ' . $headers->get('Content-Disposition') . ' ' . $headers->get('Cache-Control'));
            $response->sendContent();
            PHP], $root, $environment);
        $answer->mustRun();
        self::assertMatchesRegularExpression(
            '/^200 attachment; filename=iron-latch-[\d-]+\.db no-store, private$/',
            $answer->getErrorOutput(),
        );
        $copy = (string) tempnam(sys_get_temp_dir(), 'copy');
        file_put_contents($copy, $answer->getOutput());
        $stored = new \SQLite3($copy, SQLITE3_OPEN_READONLY);
        self::assertSame(4, $stored->querySingle('SELECT count(*) FROM board'));
        self::assertSame(1, $stored->querySingle('SELECT count(*) FROM log_step'), 'Logs are part of it.');
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
        $this->browser->request(
            'POST',
            '/boards/open',
            [],
            ['file' => new UploadedFile($file, 'board.json', 'application/json', null, true)],
        );
    }
}
