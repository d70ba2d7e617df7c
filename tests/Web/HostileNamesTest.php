<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Power\RenameRail;
use IronLatch\Core\Board\Edit\Whole\RenameBoard;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Tests\Support\EveryAddress;
use IronLatch\Tests\Support\TestBoards;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\Process\Process;

/** No name breaks an export: each is made with hostile names, and compiled, run or parsed by a tool of its trade. */
final class HostileNamesTest extends BoardTestCase
{
    private const NAMES = [
        '"; int evil = 1; //', 'ends in a backslash \\', '*/ int evil; /*', 'trigraph ??/', '??/\\', '=HYPERLINK("x")', '+1', '-1', '@sum',
        '.control', '.include x',
        '<script>evil()</script>', '--><b>', ']]>', '../../evil', '%n%s%x', '$(touch evil)', '`evil`', "a'b\"c", 'Größe', '🙂',
        '#define A', 'a = b', '; evil', "tab\u{a0}nbsp", 'const char * x', '0', 'null', '{{ 7*7 }}', '<@L1@>',
    ];

    public function testExportsOfHostileNamesAreWhatTheySayTheyAre(): void
    {
        $board = self::board();
        $opened = $this->shelved($board);
        $addresses = EveryAddress::of($board, TestBoards::inspect($board));
        foreach (['board_view', 'board_offers', 'drive_ways', 'drive_spread', 'drive_sketch'] as $many) {
            // The names differ from line to line, the pages do not.
            $addresses[$many] = array_filter(
                $addresses[$many],
                static fn(int $place): bool => $place < 10 || 0 === $place % 23,
                ARRAY_FILTER_USE_KEY,
            );
        }
        foreach (array_merge(...array_values($addresses)) as $address) {
            $this->browser->request('GET', '/boards/' . $opened->record->id() . '/' . $address);
            $status = $this->browser->getResponse()->getStatusCode();
            self::assertSame(200, $status, $address);
            $type = (string) $this->browser->getResponse()->headers->get('Content-Type');
            match (true) {
                1 === preg_match('/exports\/(driver|rail):/', $address) => $this->isNetlist($this->page(), $address),
                str_ends_with($address, '/edif') => $this->isEdif($this->page()),
                str_ends_with($address, '.h') => $this->compiles($this->page(), $address),
                str_ends_with($address, '.env') => $this->isKeysAndValues($this->page()),
                str_ends_with($address, '.json') => json_decode($this->page(), flags: JSON_THROW_ON_ERROR),
                str_contains($type, 'csv') => $this->isTable($this->page(), $address),
                // What is told to be plain text, and not guessed at, runs nothing.
                str_starts_with($type, 'text/plain') => self::assertResponseHeaderSame('X-Content-Type-Options', 'nosniff', $address),
                default => self::assertCount(0, (new Crawler($this->page()))->filter('script:not([src]), [onclick], [onload]'), $address),
            };
            $disposition = (string) $this->browser->getResponse()->headers->get('Content-Disposition');
            self::assertTrue(
                '' === $disposition || 1 === preg_match('/^attachment; filename="?[a-z0-9.-]+"?$/', $disposition),
                $disposition,
            );
        }
    }

    /** One list from the first parenthesis to the last, whatever stands in its strings, and nothing but printable ASCII. */
    private function isEdif(string $text): void
    {
        self::assertMatchesRegularExpression('/^[ -~\n]+$/', $text);
        $depth = 0;
        $bare = (string) preg_replace('/"[^"]*"/', '', trim($text));
        foreach (str_split($bare) as $place => $letter) {
            $depth += '(' === $letter ? 1 : (')' === $letter ? -1 : 0);
            self::assertSame($place === strlen($bare) - 1, 0 === $depth);
        }
    }

    /** Nothing of an address goes into a file: a simulator runs what stands on a line of its own. */
    public function testNothingOfAnAddressGoesIntoANetlist(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach (["0.1\n.control\nshell touch evil\n.endc", "pull-in\n.control", '.control', '0.1 '] as $event) {
            $this->browser->request('GET', '/boards/' . $opened->record->id() . '/exports/rail:R1?event=' . rawurlencode($event));
            self::assertResponseIsSuccessful();
            self::assertStringNotContainsString('.control', $this->page());
        }
    }

    private static function board(): Board
    {
        $board = TestBoards::edited(
            TestBoards::bare(),
            new RenameBoard('evil\\'),
            new AddChannel(TestBoards::part('message-broker', SurfaceProfile::class), 'Broker ??/', 'root'),
            new AddChannel(TestBoards::part('spoken-assistant', SurfaceProfile::class), '"; evil'),
            new RenameRail('R1', '*/ rail \\'),
        );
        foreach (self::NAMES as $number => $name) {
            $board = TestBoards::edited(
                $board,
                new AddLine($name, TestBoards::part('led-lamp', Appliance::class)),
                new AddSurface('L' . ($number + 1), SurfaceKind::PushButton),
            );
        }

        return TestBoards::edited(
            $board,
            new PutOnChannel('C1', array_keys($board->lines)),
            new PutOnChannel('C2', array_keys($board->lines)),
        );
    }

    private function compiles(string $text, string $address): void
    {
        $folder = sys_get_temp_dir() . '/hostile-' . bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents($folder . '/board.h', $text);
        // A line that a comment swallowed would be missing here, and one that a name added would be declared twice.
        preg_match_all('/^constexpr [^=\n]*?\*?(\w+) =/m', $text, $names);
        $uses = implode('', array_map(static fn(string $name): string => "  (void)$name;\n", $names[1]));
        file_put_contents($folder . '/main.cpp', "#include \"board.h\"\nint evil = 0;\nint main() {\n" . $uses . "}\n");
        $compiler = new Process([
            'g++',
            '-std=c++11',
            '-trigraphs',
            '-Wall',
            '-Wextra',
            '-Wcomment',
            '-Werror',
            '-fsyntax-only',
            $folder . '/main.cpp',
        ]);
        $compiler->run();
        self::assertSame('', $compiler->getErrorOutput(), $address);
        self::assertGreaterThan(2, count($names[1]));
        (new Process(['rm', '-r', $folder]))->run();
    }

    private function isKeysAndValues(string $text): void
    {
        foreach (explode("\n", rtrim($text)) as $line) {
            self::assertMatchesRegularExpression('/^(# .*|[A-Z][A-Z0-9_]*=.*)$/', $line);
        }
        self::assertSame(
            '*/ int evil; /*',
            array_values(array_filter(
                array_column(ConstantsFile::read($text), 'value'),
                static fn(string $value): bool => str_starts_with($value, '*/ int'),
            ))[0] ?? '',
        );
    }

    private function isTable(string $text, string $address): void
    {
        $stream = fopen('php://memory', 'w+');
        self::assertIsResource($stream);
        fwrite($stream, $text);
        rewind($stream);
        $widths = [];
        while (is_array($row = fgetcsv($stream, null, ',', '"', ''))) {
            $widths[count($row)] = true;
            foreach ($row as $cell) {
                self::assertDoesNotMatchRegularExpression('/^[=+@\t\r-]/', (string) $cell, $address);
            }
        }
        self::assertCount(1, $widths, $address);
    }

    private function isNetlist(string $text, string $address): void
    {
        foreach (explode("\n", rtrim($text)) as $line) {
            self::assertMatchesRegularExpression(
                '/^(\*|[A-Za-z][A-Za-z0-9_]* |\.(tran|end|model|op|ic|subckt|ends|options?|print|dc)\b|\+|$)/',
                $line,
                $address,
            );
            self::assertDoesNotMatchRegularExpression('/^\.(control|include|lib|shell)/', $line);
        }
    }
}
