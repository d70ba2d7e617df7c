<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;

final class SecurityTest extends BoardTestCase
{
    public function testThePolicyForbidsEverythingFromElsewhereAndInline(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach ([
            '/',
            '/rule-book',
            '/boards/' . $opened->record->id() . '/lines',
            '/boards/' . $opened->record->id() . '/pins',
            '/nowhere',
        ] as $page) {
            $crawler = $this->browser->request('GET', $page);
            $policy = (string) $this->browser->getResponse()->headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'none'; script-src 'self'; style-src 'self'", $policy, $page);
            self::assertStringNotContainsString('unsafe', $policy);
            self::assertCount(
                0,
                $crawler->filter('[style], style, script:not([src]), [onclick], [src^="http"], link[href^="http"]'),
                $page,
            );
        }
    }

    /**
     * @return iterable<string, array{array<string, string>, int}>
     */
    public static function origins(): iterable
    {
        yield 'no header, as from a script' => [[], 303];
        yield 'same origin' => [['HTTP_SEC_FETCH_SITE' => 'same-origin'], 303];
        yield 'typed address' => [['HTTP_SEC_FETCH_SITE' => 'none'], 303];
        yield 'own origin' => [['HTTP_ORIGIN' => 'http://localhost'], 303];
        yield 'other site' => [['HTTP_SEC_FETCH_SITE' => 'cross-site'], 403];
        yield 'neighbour site' => [['HTTP_SEC_FETCH_SITE' => 'same-site'], 403];
        yield 'other origin' => [['HTTP_ORIGIN' => 'http://evil.example'], 403];
        yield 'other port' => [['HTTP_ORIGIN' => 'http://localhost:81'], 403];
        yield 'opaque origin' => [['HTTP_ORIGIN' => 'null'], 403];
    }

    /**
     * @param array<string, string> $headers
     */
    #[DataProvider('origins')]
    public function testPostsFromOtherSitesAreRefused(array $headers, int $status): void
    {
        $opened = $this->shelved(TestBoards::sound());
        $this->browser->request('POST', '/boards/' . $opened->record->id() . '/copy', [], [], $headers);
        self::assertResponseStatusCodeSame($status);
        self::assertCount(303 === $status ? 2 : 1, $this->store->shelf());
    }

    public function testOtherHostsAreRefused(): void
    {
        foreach (['localhost' => 200, '127.0.0.1' => 200, 'evil.example' => 400, 'localhost.evil.example' => 400] as $host => $status) {
            $this->browser->request('GET', '/', [], [], ['HTTP_HOST' => $host]);
            self::assertResponseStatusCodeSame($status, $host);
        }
    }

    public function testARevisionOfAnotherBoardIsNoBase(): void
    {
        $one = $this->shelved(TestBoards::sound());
        $other = $this->shelved(TestBoards::bare());
        $this->browser->request(
            'POST',
            '/boards/' . $one->record->id() . '/edits',
            ['base' => $other->revision->id(), 'edit' => 'rename-board', 'name' => 'X'],
        );
        self::assertResponseStatusCodeSame(422);
        $this->browser->request('POST', '/boards/' . $one->record->id() . '/goto', ['revision' => $other->revision->id()]);
        self::assertResponseStatusCodeSame(422);
        self::assertSame('Bare', $this->head($one)->board->name);
    }
}
