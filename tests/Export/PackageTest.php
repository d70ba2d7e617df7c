<?php

declare(strict_types=1);

namespace IronLatch\Tests\Export;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\AssumedFacts;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Core\Review\TrialNote;
use IronLatch\Export\Exports;
use IronLatch\Export\Handover;
use IronLatch\Export\Package;
use IronLatch\Export\PackageCheck;
use IronLatch\Export\PackageExport;
use IronLatch\Export\PackExport;
use IronLatch\Export\PrintedPage;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The package that leaves the desk: whole, true, the same whenever it is made, and found out where it was touched. */
final class PackageTest extends TestCase
{
    private const DATE = '2026-03-14';

    /**
     * @return iterable<string, array{string}>
     */
    public static function demos(): iterable
    {
        foreach (['utility-room', 'aquarium', 'fermentation', 'first-try'] as $demo) {
            yield $demo => [$demo];
        }
    }

    private static function handover(Board $board): Handover
    {
        return new Handover(new Inspection($board, TestBoards::catalogue()), self::DATE, 7, [], new TrialNote(12, 0, 0));
    }

    private static function written(string $archive): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'package');
        file_put_contents($path, $archive);

        return $path;
    }

    #[DataProvider('demos')]
    public function testThePackageOfEveryDemoIsWholeAndTheSameTwice(string $demo): void
    {
        $board = BenchDesk::demo($demo);
        $archive = (new PackageExport())->file(self::handover($board), '')->text;
        self::assertSame($archive, (new PackageExport())->file(self::handover(BenchDesk::demo($demo)), '')->text, 'Byte for byte.');
        $path = self::written($archive);
        // Info-ZIP, a general tool, finds nothing wrong with it.
        (new Process(['unzip', '-t', '-qq', $path]))->mustRun();
        $check = PackageCheck::of($path, new Exports(), TestBoards::catalogue());
        unlink($path);
        self::assertSame([[], true], [$check->faults, $check->isToday]);
    }

    #[DataProvider('demos')]
    public function testEveryPieceOfTheBoardLiesInIt(string $demo): void
    {
        $handover = self::handover(BenchDesk::demo($demo));
        $exports = new Exports();
        $files = Package::files($handover, $exports);
        foreach ($exports->of($handover->inspection) as $word) {
            $piece = $exports->piece($word);
            $name = $exports->file($handover, $word)->name ?? '';
            if ($piece->isPacked && !str_ends_with($name, '.zip')) {
                self::assertArrayHasKey(ltrim($piece->folder->value . '/' . $name, '/'), $files);
            }
        }
        self::assertArrayHasKey('5-program/program/README.md', $files);
        self::assertArrayHasKey('board.json', $files);
    }

    /** The first page says of latches, dangers, promises and gaps what the inspection says, all of it, and nothing else. */
    #[DataProvider('demos')]
    public function testItsFirstPageIsTrue(string $demo): void
    {
        $handover = self::handover(BenchDesk::demo($demo));
        $page = html_entity_decode(Package::files($handover, new Exports())['read-first.html'], ENT_QUOTES);
        foreach ($handover->report->stages as $stage) {
            self::assertStringContainsString(sprintf('<td>%s</td><td>%s</td>', $stage->stage->value, $stage->words()), $page);
        }
        $open = array_filter($handover->report->findings, static fn($one): bool => null === $one->acceptance && null === $one->root);
        foreach ($open as $finding) {
            self::assertStringContainsString($finding->statement, $page);
        }
        $barring = array_filter($open, static fn(Finding $finding): bool => $finding->severity->opensLatch());
        self::assertSame([] !== $barring, str_contains($page, 'Open: not to be built like this'));
        self::assertSame(count($open) > count($barring), str_contains($page, 'Worth knowing'));
        foreach ($handover->report->holdPoints as $point) {
            self::assertStringContainsString($point->verify, $page);
        }
        foreach ($handover->report->notChecked as $gap) {
            self::assertStringContainsString($gap->needs, $page);
        }
        foreach ([...AssumedFacts::of($handover->board), ...RuleBook::neverLooksAt()] as $said) {
            self::assertStringContainsString('<li>' . $said . '</li>', $page);
        }
        self::assertStringContainsString('<td>Bench</td><td>shut, 12 tried</td>', $page);
        self::assertStringContainsString('Mains kills.', $page);
        self::assertStringContainsString('revision 7, ' . self::DATE, $page);
    }

    /** Each wire is laid in one step, and each reading is taken in one. */
    #[DataProvider('demos')]
    public function testTheBuildSheetHasEveryWireAndEveryReadingOnce(string $demo): void
    {
        $handover = self::handover(BenchDesk::demo($demo));
        $page = html_entity_decode(Package::files($handover, new Exports())['1-build/build-sheet.html'], ENT_QUOTES);
        foreach ($handover->connections()->wires as $wire) {
            if (!$wire->onBoard || !$handover->connections()->nets[$wire->net]->kind->isMains()) {
                self::assertSame(1, substr_count($page, sprintf('<td class="fill"></td><td>%s</td>', $wire->number)), $wire->number);
            }
        }
        self::assertSame(
            count($handover->inspection->readings()),
            substr_count($page, '<td class="fill"></td></tr>'),
            'Each reading has one cell to fill in.',
        );
        self::assertGreaterThan(strpos($page, 'Try it at low voltage'), strpos($page, 'The mains side, dead'), 'Low voltage comes first.');
        self::assertGreaterThan(strpos($page, 'Verify before mains'), strpos($page, 'Cover shut, then mains'), 'Mains comes last.');
    }

    public function testAPackThatIsHandedOnSaysNothingOfItsMaker(): void
    {
        $board = TestBoards::accepting('Because Ada Quill says so', 'Ada Quill');
        $handover = self::handover($board);
        $path = self::written((new PackExport())->file($handover, '')->text);
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($path));
        $all = '';
        for ($place = 0; $place < $zip->count(); ++$place) {
            $all .= $zip->getNameIndex($place) . "\n" . $zip->getFromIndex($place) . "\n";
        }
        $page = (string) $zip->getFromName('read-first.html');
        $zip->close();
        self::assertStringNotContainsString('Ada Quill', $all);
        self::assertStringNotContainsString('Because', $page);
        self::assertStringNotContainsString('board.json', $all, 'The board file holds what its maker noted.');
        self::assertStringNotContainsString(' €', $page);
        foreach ([
            'What is ready', 'What remains to be done, by you', 'Secrets of your own', 'Whoever sells it is its manufacturer',
        ] as $part) {
            self::assertStringContainsString($part, $page);
        }
        self::assertStringContainsString('Do not build or use it yet', $page, 'A board whose latches are open is not ready.');
        self::assertSame([], PackageCheck::of($path, new Exports(), null)->faults);
        unlink($path);
    }

    public function testWhatWasTouchedIsFound(): void
    {
        $archive = (new PackageExport())->file(self::handover(BenchDesk::demo('fermentation')), '')->text;
        $faults = static function (\Closure $touch) use ($archive): array {
            $path = self::written($archive);
            $zip = new \ZipArchive();
            $zip->open($path);
            $touch($zip);
            $zip->close();
            $faults = PackageCheck::of($path, new Exports(), TestBoards::catalogue())->faults;
            unlink($path);

            return $faults;
        };
        self::assertSame(
            ['“6-set-up/set-up.csv” is not as it was exported.'],
            $faults(static fn(\ZipArchive $zip): bool => $zip->addFromString('6-set-up/set-up.csv', 'x')),
        );
        self::assertSame(
            ['“6-set-up/set-up.csv” is missing.'],
            $faults(static fn(\ZipArchive $zip): bool => $zip->deleteName('6-set-up/set-up.csv')),
        );
        self::assertSame(
            ['“evil.sh” is none of its files.'],
            $faults(static fn(\ZipArchive $zip): bool => $zip->addFromString('evil.sh', 'x')),
        );
        self::assertStringContainsString(
            'manifest.json',
            implode($faults(static fn(\ZipArchive $zip): bool => $zip->addFromString('manifest.json', '{"files": 3}'))),
        );
        $path = self::written('no archive at all');
        self::assertStringContainsString('cannot be opened', implode(PackageCheck::of($path, new Exports(), null)->faults));
        unlink($path);
    }

    /** A column that nothing stands in is left out, one that is filled in by hand stays. */
    public function testATableHasNoEmptyColumns(): void
    {
        $page = new PrintedPage('Title', 'foot "1"');
        $page->table('Two of three', ['Done', 'Part', 'Length'], [['', 'K1 & K2', ''], ['', '', '']], ['Done']);
        self::assertStringContainsString(
            '<table><caption>Two of three</caption><thead><tr><th scope="col" class="fill">Done</th><th scope="col">Part</th></tr></thead>'
                . '<tbody><tr><td class="fill"></td><td>K1 &amp; K2</td></tr><tr><td class="fill"></td><td></td></tr></tbody></table>',
            $page->html(),
        );
        self::assertStringContainsString('content: "foot \\"1\\"";', $page->html());
    }

    public function testEveryExportSaysWhatItIsFor(): void
    {
        foreach ((new Exports())->names() as $name) {
            $piece = (new Exports())->piece($name);
            self::assertMatchesRegularExpression('/^[A-Z].{15,}\.$/u', $piece->for, $name);
        }
    }
}
