<?php

declare(strict_types=1);

namespace IronLatch\Tests\Architecture;

use IronLatch\Tests\Support\House;
use IronLatch\Tests\Support\Notice;
use IronLatch\Tests\Support\ShowPaper;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Papers that follow from the code are as the code is; with WRITE_PAPERS=1 they are written anew. */
final class WrittenTest extends TestCase
{
    /**
     * @return iterable<string, array{\Closure(): string}>
     */
    public static function papers(): iterable
    {
        yield 'docs/house.svg' => [House::svg(...)];
        yield 'docs/show-me.md' => [ShowPaper::text(...)];
        yield 'NOTICE' => [Notice::text(...)];
    }

    /**
     * @param \Closure(): string $text
     */
    #[DataProvider('papers')]
    public function testItIsCurrent(\Closure $text): void
    {
        $file = dirname(__DIR__, 2) . '/' . $this->dataName();
        if ('1' === getenv('WRITE_PAPERS')) {
            file_put_contents($file, $text());
        }
        self::assertStringEqualsFile($file, $text());
    }

    public function testEveryLinkOfThePapersLeadsSomewhere(): void
    {
        $root = dirname(__DIR__, 2);
        $lost = [];
        foreach ((array) glob($root . '/{,docs/,docs/*/}*.md', GLOB_BRACE) as $paper) {
            preg_match_all('/\]\(([^)#:]+)(#[^)]*)?\)/', (string) file_get_contents((string) $paper), $links);
            foreach ($links[1] as $link) {
                if (!file_exists(dirname((string) $paper) . '/' . $link)) {
                    $lost[] = basename((string) $paper) . ': ' . $link;
                }
            }
        }
        self::assertSame([], $lost);
    }
}
