<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Board;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;

/** A browser without scripts, and one that speaks as htmx does, before a store of its own. */
abstract class BoardTestCase extends WebTestCase
{
    protected KernelBrowser $browser;
    protected BoardStore $store;

    protected function setUp(): void
    {
        $this->browser = self::createClient();
        $this->browser->disableReboot();
        $this->store = self::getContainer()->get(BoardStore::class);
    }

    protected function shelved(Board $board): OpenBoard
    {
        return $this->store->create($board, 'made for the test');
    }

    protected function head(OpenBoard $opened): OpenBoard
    {
        $now = $this->store->open($opened->record->id());
        self::assertNotNull($now);

        return $now;
    }

    /**
     * @param array<string, mixed> $fields
     */
    protected function edit(OpenBoard $seen, string $edit, array $fields, bool $asHtmx = true, string $open = ''): void
    {
        $this->browser->request(
            'POST',
            '/boards/' . $seen->record->id() . '/edits',
            ['base' => $seen->revision->id(), 'view' => 'lines', 'open' => $open, 'edit' => $edit, ...$fields],
            [],
            $asHtmx ? ['HTTP_HX-Request' => 'true'] : [],
        );
    }

    protected function page(): string
    {
        return (string) $this->browser->getResponse()->getContent();
    }
}
