<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Sheet\Sheet;
use IronLatch\Core\Wiring\Sheet\Sheets;
use IronLatch\Tests\Support\PrintedPage;
use IronLatch\Tests\Support\WiredBoards;
use IronLatch\View\SheetPicture;
use PHPUnit\Framework\TestCase;
use Twig\Environment;
use Twig\Loader\FilesystemLoader;

/**
 * Whoever has nothing but the printed sheets, in grey, finds in them exactly what the connection list says: the nets are rebuilt from
 * the lines, dots, frames and words of the PDF that Chromium prints, by somebody who follows each wire with a finger.
 */
final class PrintedSheetsTest extends TestCase
{
    /** How far two things may be apart that meet, in points. */
    private const NEAR = 0.5;
    /** Words of one name stand no further apart. */
    private const SPACE = 2.6;
    private const FONT = 'node_modules/@ibm/plex-sans-variable/fonts/complete/woff2/IBM%20Plex%20Sans%20Var-Roman.woff2';
    /** A page that every sheet fits on, in millimetres. */
    private const PAGE = 330;

    public function testTheNetsOfFourteenBoardsAreInTheirPrintedSheets(): void
    {
        $boards = WiredBoards::all();
        self::assertCount(14, $boards);
        $sheets = [];
        foreach ($boards as $name => $board) {
            foreach (self::drawings($board) as $drawing) {
                $sheets[] = [$name, ...$drawing];
            }
        }
        $pages = PrintedPage::all(self::page(array_map(static fn(array $sheet): string => $sheet[2], $sheets)));
        self::assertCount(count($sheets), $pages);
        $read = [];
        foreach ($pages as $place => $page) {
            foreach (self::netsOf($page) as $net) {
                $read[$sheets[$place][0]][] = $net;
            }
        }
        foreach ($boards as $name => $board) {
            self::assertSame(self::expected($board), self::merged($read[$name] ?? []), $name);
        }
    }

    /**
     * All sheets in grey, each on a page of its own.
     *
     * @param list<string> $drawings
     */
    private static function page(array $drawings): string
    {
        return sprintf(
            <<<'HTML'
                <!DOCTYPE html>
                <meta charset="utf-8">
                <style>
                @font-face { font-family: "IBM Plex Sans Condensed"; font-stretch: 85%%; src: url("file://%s/%s"); }
                @page { size: %dmm %dmm; margin: 0; }
                body { margin: 0; }
                section { break-after: page; height: %dmm; overflow: hidden; }
                svg * { stroke-dasharray: none; }
                .wire, .box { stroke: #666 !important; }
                .dot { fill: #666 !important; }
                .stripe, .title-plate { display: none; }
                </style>
                %s
                HTML,
            dirname(__DIR__, 2),
            self::FONT,
            self::PAGE,
            self::PAGE,
            self::PAGE - 1,
            implode('', array_map(static fn(string $drawing): string => '<section>' . $drawing . '</section>', $drawings)),
        );
    }

    /**
     * @return list<array{Sheet, string}>
     */
    private static function drawings(Board $board): array
    {
        $connections = Connections::of($board);
        $picture = new SheetPicture($connections, ['']);
        $twig = new Environment(new FilesystemLoader(dirname(__DIR__, 2) . '/templates'));

        return array_map(static fn(Sheet $sheet): array => [
            $sheet,
            $twig->render('wiring/_sheet.html.twig', ['picture' => $picture->of($sheet), 'own' => true, 'remarks' => []]),
        ], Sheets::of($connections));
    }

    /**
     * What the list says of terminals and bars that are drawn, each by the words that stand at it.
     *
     * @return list<string>
     */
    private static function expected(Board $board): array
    {
        $connections = Connections::of($board);
        $nets = [];
        foreach (Sheets::of($connections) as $sheet) {
            foreach ($sheet->boxes as $box) {
                foreach ($box->pins as $pin) {
                    if (null !== $pin->net) {
                        $nets[$pin->net][] = self::plain($box->device . ' ' . $pin->text);
                    }
                }
            }
            foreach ($sheet->labels as $label) {
                if (null === $label->wire) {
                    $nets[$label->net][] = self::plain('bar ' . $label->text);
                }
            }
        }

        return self::merged(array_values($nets));
    }

    /**
     * Names that stand in one net anywhere are joined.
     *
     * @param list<list<string>> $nets
     * @return list<string> each net as its sorted names
     */
    private static function merged(array $nets): array
    {
        /** @var array<string, string> $speaker */
        $speaker = [];
        $of = static function (string $name) use (&$speaker): string {
            while (isset($speaker[$name]) && $speaker[$name] !== $name) {
                $name = $speaker[$name];
            }

            return $name;
        };
        foreach ($nets as $net) {
            foreach ($net as $name) {
                $speaker[$name] ??= $name;
                $speaker[$of($name)] = $of($net[0]);
            }
        }
        $groups = [];
        foreach (array_keys($speaker) as $name) {
            $groups[$of($name)][] = $name;
        }
        $words = array_map(static function (array $group): string {
            sort($group);

            return implode(' = ', $group);
        }, array_values($groups));
        sort($words);

        return $words;
    }

    /**
     * @return list<list<string>> the names at the ends of each run of wires
     */
    private static function netsOf(PrintedPage $page): array
    {
        $nets = [];
        foreach (self::runs($page) as $lines) {
            $names = [];
            foreach ($lines as $line) {
                foreach ([[$line[0], $line[1]], [$line[2], $line[3]]] as [$x, $y]) {
                    $name = self::nameAt($page, $x, $y);
                    if (null !== $name) {
                        $names[$name] = $name;
                    }
                }
            }
            $nets[] = array_values($names);
        }

        return $nets;
    }

    /**
     * Lines that a finger can follow: from end to end, round a corner, and wherever there is a dot.
     *
     * @return list<list<array{float, float, float, float}>>
     */
    private static function runs(PrintedPage $page): array
    {
        $left = $page->lines;
        $runs = [];
        while ([] !== $left) {
            $run = [array_pop($left)];
            for ($place = 0; $place < count($run); ++$place) {
                foreach ($left as $key => $line) {
                    if (self::isJoined($page, $run[$place], $line)) {
                        $run[] = $line;
                        unset($left[$key]);
                    }
                }
            }
            $runs[] = $run;
        }

        return $runs;
    }

    /**
     * @param array{float, float, float, float} $one
     * @param array{float, float, float, float} $other
     */
    private static function isJoined(PrintedPage $page, array $one, array $other): bool
    {
        foreach ([[$one[0], $one[1]], [$one[2], $one[3]]] as $end) {
            foreach ([[$other[0], $other[1]], [$other[2], $other[3]]] as $their) {
                if (self::isNear($end, $their)) {
                    return true;
                }
            }
        }
        foreach ($page->dots as $dot) {
            if (self::isOn($dot, $one) && self::isOn($dot, $other)) {
                return true;
            }
        }

        return false;
    }

    /** What stands where a wire ends: the terminal of a box with its designator, or the name of a bar; null where it only turns. */
    private static function nameAt(PrintedPage $page, float $x, float $y): ?string
    {
        foreach ($page->frames as $frame) {
            [$left, $top, $right, $bottom] = $frame;
            if ($y < $top - self::NEAR || $y > $bottom + self::NEAR) {
                continue;
            }
            $isLeft = abs($x - $left) < self::NEAR;
            if ($isLeft || abs($x - $right) < self::NEAR) {
                return self::plain(self::designator($page, $frame) . ' ' . self::atEdge($page, $frame, $y, $isLeft));
            }
        }
        $before = self::namesOn($page, [0.0, $y - 4.0, $x, $y + 4.0], $y);
        $last = end($before);
        $isInABox = false !== $last && [] !== array_filter(
            $page->frames,
            static fn(array $frame): bool => self::isIn(['', $last[1], $y, $last[2], $y], $frame),
        );

        return false !== $last && !$isInABox && $last[2] > $x - 24.0 && $last[1] < 12.0 ? self::plain('bar ' . $last[0]) : null;
    }

    /**
     * @param array{float, float, float, float} $frame
     */
    private static function designator(PrintedPage $page, array $frame): string
    {
        $rows = array_filter($page->words, static fn(array $word): bool => self::isIn($word, $frame)
            && 1 === preg_match('/^[A-Z]\d{2,}$/', $word[0]) && $word[2] < $frame[1] + 16.0);
        // At a hub the places of terminals look alike: its own name stands first.
        usort($rows, static fn(array $one, array $other): int => [round($one[2]), $one[1]] <=> [round($other[2]), $other[1]]);

        return $rows[0][0] ?? '';
    }

    /**
     * @param array{float, float, float, float} $frame
     */
    private static function atEdge(PrintedPage $page, array $frame, float $y, bool $isLeft): string
    {
        $names = self::namesOn($page, $frame, $y);

        return ($names[$isLeft ? 0 : count($names) - 1] ?? [''])[0];
    }

    /**
     * The names on one height of an area, from the left: words that stand a blank apart are one name.
     *
     * @param array{float, float, float, float} $area
     * @return list<array{string, float, float}> name, left and right end
     */
    private static function namesOn(PrintedPage $page, array $area, float $y): array
    {
        $words = array_filter(
            $page->words,
            static fn(array $word): bool => self::isIn($word, $area) && abs(($word[2] + $word[4]) / 2 - $y) < 3.0,
        );
        usort($words, static fn(array $one, array $other): int => $one[1] <=> $other[1]);
        $names = [];
        foreach ($words as $word) {
            $last = count($names) - 1;
            if ($last >= 0 && $word[1] - $names[$last][2] < self::SPACE) {
                $names[$last] = [$names[$last][0] . ' ' . $word[0], $names[$last][1], $word[3]];
            } else {
                $names[] = [$word[0], $word[1], $word[3]];
            }
        }

        return $names;
    }

    /**
     * @param array{string, float, float, float, float} $word
     * @param array{float, float, float, float} $area
     */
    private static function isIn(array $word, array $area): bool
    {
        [$x, $y] = [($word[1] + $word[3]) / 2, ($word[2] + $word[4]) / 2];

        return $area[0] <= $x && $x <= $area[2] && $area[1] <= $y && $y <= $area[3];
    }

    /**
     * @param array{float, float} $one
     * @param array{float, float} $other
     */
    private static function isNear(array $one, array $other): bool
    {
        return abs($one[0] - $other[0]) < self::NEAR && abs($one[1] - $other[1]) < self::NEAR;
    }

    /**
     * @param array{float, float} $point
     * @param array{float, float, float, float} $line
     */
    private static function isOn(array $point, array $line): bool
    {
        return min($line[0], $line[2]) - self::NEAR < $point[0] && $point[0] < max($line[0], $line[2]) + self::NEAR
            && min($line[1], $line[3]) - self::NEAR < $point[1] && $point[1] < max($line[1], $line[3]) + self::NEAR;
    }

    private static function plain(string $name): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $name));
    }
}
