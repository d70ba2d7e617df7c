<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\AssumedFacts;
use IronLatch\Core\Review\Inspection;
use IronLatch\Export\Export;
use IronLatch\Export\FirstPageExport;
use IronLatch\Export\PackageExport;
use IronLatch\Export\PackExport;
use IronLatch\Export\SecretsExport;
use IronLatch\Tests\Support\Implementations;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every export names what was accepted, promised and assumed; what was accepted stands beside what it is about as well. */
final class WhatExportsRestOnTest extends BoardTestCase
{
    private const ACCEPTED = 'Accepted: The relay of “Lamp” on GPIO14 (printed 14) pulls in while the chip’s ROM starts (50 ms). '
        . 'Reason: a lamp may blink. Decided by: R. Alder';

    /**
     * @return iterable<string, array{string}>
     */
    public static function exports(): iterable
    {
        foreach (Implementations::of(Export::class) as $export) {
            // Placeholders say nothing of the board, and rest on nothing; what is for others names nobody; the first page says it in
            // sections of its own (PackageTest).
            $isLeftOut = in_array($export, [SecretsExport::class, PackExport::class, FirstPageExport::class, PackageExport::class], true);
            foreach ($isLeftOut ? [] : (new $export())->subjects(new Inspection(TestBoards::accepting())) as $subject) {
                $word = $export::name() . ('' === $subject ? '' : ':' . $subject);
                yield $word => ['exports/' . $word];
            }
        }
        yield 'a sheet to print' => ['sheets/hand'];
    }

    #[DataProvider('exports')]
    public function testEveryExportSaysWhatItRestsOn(string $export): void
    {
        $board = TestBoards::accepting();
        $text = $this->export($board, $export);
        // What is not ASCII stands in EDIF by its number.
        if ('exports/edif' === $export) {
            $text = (string) preg_replace_callback('/%(\d+)%/', static fn(array $found): string => mb_chr((int) $found[1]), $text);
        }
        self::assertStringContainsString(self::ACCEPTED, $text);
        foreach (TestBoards::inspect($board)->holdPoints as $point) {
            self::assertStringContainsString('To verify before mains: ' . $point->verify, $text);
        }
        self::assertNotSame([], AssumedFacts::of($board));
        foreach (AssumedFacts::of($board) as $assumed) {
            self::assertStringContainsString('Assumed: ' . $assumed, $text);
        }
        self::assertStringContainsString('Never looked at by this rule book: ', $text);
    }

    /** What somebody reads first in an archive. */
    private static function readme(string $archive): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'archive');
        file_put_contents($file, $archive);
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        $text = (string) $zip->getFromName(false === $zip->locateName('README.md') ? 'read-first.html' : 'README.md');
        $zip->close();
        unlink($file);

        return $text;
    }

    public function testWhatWasAcceptedStandsBesideItsLine(): void
    {
        $header = $this->export(TestBoards::accepting(), 'exports/constants.h');
        self::assertStringContainsString("\n// Lamp\n// " . self::ACCEPTED . "\n", $header);
        self::assertStringContainsString("\n// Airer\nconstexpr", $header);
        $list = $this->export(TestBoards::accepting(), 'exports/pins');
        self::assertMatchesRegularExpression('/^F1,.*' . preg_quote(self::ACCEPTED, '/') . '/m', $list);
        self::assertDoesNotMatchRegularExpression('/^F2,.*Accepted/m', $list);
    }

    /** A reason of two lines, or one that ends in a backslash, ends no comment and swallows no line. */
    public function testAReasonBreaksNoExport(): void
    {
        $header = $this->export(TestBoards::accepting("it may blink int evil = 1;\\"), 'exports/constants.h');
        self::assertStringContainsString('Reason: it may blink int evil = 1;', $header);
        self::assertDoesNotMatchRegularExpression('/^int evil/m', $header);
        self::assertDoesNotMatchRegularExpression('/\\\\$/m', $header);
    }

    public function testAnAcceptanceSettlesNoFact(): void
    {
        $board = TestBoards::accepting();
        $without = $board->with(acceptances: []);
        self::assertSame(
            array_map(static fn($gap): string => $gap->needs, TestBoards::inspect($without)->notChecked),
            array_map(static fn($gap): string => $gap->needs, TestBoards::inspect($board)->notChecked),
        );
        self::assertSame([], TestBoards::inspect($without)->holdPointsMissingFrom(TestBoards::inspect($board)));
    }

    private function export(Board $board, string $export): string
    {
        $this->browser->request('GET', '/boards/' . $this->shelved($board)->record->id() . '/' . $export);
        self::assertResponseIsSuccessful();

        $text = str_ends_with($export, '.zip') ? self::readme($this->page()) : $this->page();

        return str_replace('""', '"', html_entity_decode($text, ENT_QUOTES));
    }
}
