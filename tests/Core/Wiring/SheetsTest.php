<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Wiring;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Wiring\Area;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\End;
use IronLatch\Core\Wiring\Sheet\Box;
use IronLatch\Core\Wiring\Sheet\Layout;
use IronLatch\Core\Wiring\Sheet\Overview;
use IronLatch\Core\Wiring\Sheet\Run;
use IronLatch\Core\Wiring\Sheet\Sheet;
use IronLatch\Core\Wiring\Sheet\Sheets;
use IronLatch\Core\Wiring\Sheet\Type;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each sheet is measured: what is drawn can be read, and says what the list says. */
final class SheetsTest extends TestCase
{
    /** Wires that cross, for each wire that is drawn. */
    private const CROSSINGS_PER_END = 1.0;
    private const LEAST_TYPE = 2.2;
    private const HAIR = 1e-6;

    /** @return iterable<string, array{Board}> */
    public static function boards(): iterable
    {
        foreach ([...WiredBoards::all(), ...WiredBoards::others()] as $name => $board) {
            yield $name => [$board];
        }
    }

    /** @return list<Sheet> */
    private static function sheets(Board $board): array
    {
        $connections = Connections::of($board);

        return [Overview::of($connections), ...Sheets::of($connections)];
    }

    #[DataProvider('boards')]
    public function testBoxesStandApartAndNoWireRunsThroughOne(Board $board): void
    {
        foreach (self::sheets($board) as $sheet) {
            foreach ($sheet->boxes as $place => $box) {
                self::assertGreaterThanOrEqual(0.0, min($box->x, $box->y), $sheet->id);
                self::assertLessThanOrEqual($sheet->width + self::HAIR, $box->x + $box->width, $sheet->id);
                self::assertLessThanOrEqual($sheet->height + self::HAIR, $box->y + $box->height, $sheet->id);
                foreach (array_slice($sheet->boxes, $place + 1) as $other) {
                    self::assertFalse($box->overlaps($other), sprintf('%s: %s on %s', $sheet->id, $box->device, $other->device));
                }
                foreach ($sheet->runs as $run) {
                    foreach ($run->pieces as $piece) {
                        self::assertFalse(
                            self::meets($piece, [$box->x, $box->y, $box->x + $box->width, $box->y + $box->height]),
                            sprintf('%s: %s through %s', $sheet->id, $run->net, $box->device),
                        );
                    }
                }
            }
        }
    }

    #[DataProvider('boards')]
    public function testNoTextLiesOnAWireOrOnAnotherText(Board $board): void
    {
        foreach (self::sheets($board) as $sheet) {
            foreach ($sheet->labels as $place => $label) {
                foreach ($sheet->runs as $run) {
                    foreach ($run->pieces as $piece) {
                        self::assertFalse(
                            self::meets($piece, $label->bounds()),
                            sprintf('%s: “%s” on a wire of %s', $sheet->id, $label->text, $run->net),
                        );
                    }
                }
                [$left, $top, $right, $bottom] = $label->bounds();
                foreach (array_slice($sheet->labels, $place + 1) as $other) {
                    [$x, $y, $toX, $toY] = $other->bounds();
                    $isApart = $right <= $x || $toX <= $left || $bottom <= $y || $toY <= $top;
                    self::assertTrue($isApart, sprintf('%s: “%s” on “%s”', $sheet->id, $label->text, $other->text));
                }
                foreach ($sheet->boxes as $box) {
                    $isApart = $right <= $box->x || $box->x + $box->width <= $left || $bottom <= $box->y || $box->y + $box->height <= $top;
                    self::assertTrue($isApart, sprintf('%s: “%s” on %s', $sheet->id, $label->text, $box->device));
                }
            }
        }
    }

    /** Inside a box, what stands at its edges leaves room for what stands between. */
    #[DataProvider('boards')]
    public function testTextsFitTheirBoxes(Board $board): void
    {
        foreach (self::sheets($board) as $sheet) {
            foreach ($sheet->boxes as $box) {
                foreach ($box->lines as $line) {
                    self::assertLessThanOrEqual($box->x + $box->width, $box->textX + Type::width($line), $box->device . ' ' . $line);
                }
                $rows = [];
                foreach ($box->pins as $pin) {
                    $key = ($pin->isLeft ? 'left' : 'right') . round($pin->y, 3);
                    self::assertArrayNotHasKey($key, $rows, $box->device);
                    $rows[$key] = $pin;
                    self::assertGreaterThan($box->y, $pin->y);
                    self::assertLessThan($box->y + $box->height, $pin->y);
                }
            }
        }
    }

    /** What is drawn is joined as the list says, and all that the list has is drawn. */
    #[DataProvider('boards')]
    public function testTheDrawingIsTheList(Board $board): void
    {
        $connections = Connections::of($board);
        $drawn = [];
        foreach (Sheets::of($connections) as $sheet) {
            foreach ($sheet->boxes as $box) {
                foreach ($box->pins as $pin) {
                    $runs = array_filter($sheet->runs, static fn(Run $run): bool => self::ends($run, $box, $pin->isLeft, $pin->y));
                    self::assertCount(null === $pin->net ? 0 : 1, $runs, sprintf('%s: %s.%s', $sheet->id, $box->device, $pin->key));
                    foreach ($runs as $run) {
                        self::assertSame($pin->net, $run->net);
                        $drawn[$run->net][$box->device . '.' . $pin->key] = true;
                    }
                }
            }
            foreach ($sheet->runs as $place => $run) {
                self::assertTrue(self::isOnePiece($run), $sheet->id . ' ' . $run->net);
                foreach (array_slice($sheet->runs, $place + 1) as $other) {
                    self::assertFalse(self::touch($run, $other), sprintf('%s: %s touches %s', $sheet->id, $run->net, $other->net));
                }
            }
        }
        foreach ($connections->nets as $net) {
            $ends = array_filter(
                $net->ends,
                static fn(End $end): bool => DeviceKind::Bar !== $connections->devices[$end->device]->kind,
            );
            self::assertEqualsCanonicalizing(array_keys($ends), array_keys($drawn[$net->id] ?? []), $net->id);
        }
    }

    #[DataProvider('boards')]
    public function testEachSheetIsPrintedLargeEnoughAndCrossesLittle(Board $board): void
    {
        foreach (self::sheets($board) as $sheet) {
            $scale = max(
                min(Layout::PAGE_WIDTH / $sheet->width, Layout::PAGE_HEIGHT / $sheet->height),
                min(Layout::WIDE_PAGE_WIDTH / $sheet->width, Layout::WIDE_PAGE_HEIGHT / $sheet->height),
            );
            self::assertGreaterThanOrEqual(self::LEAST_TYPE, Type::SIZE * min(1.0, $scale) + 1e-9, sprintf(
                '%s is %.0f × %.0f mm',
                $sheet->id,
                $sheet->width,
                $sheet->height,
            ));
            $ends = array_sum(array_map(static fn(Box $box): int => count($box->pins), $sheet->boxes));
            self::assertLessThanOrEqual(self::CROSSINGS_PER_END * $ends, $sheet->crossings(), $sheet->id);
        }
    }

    /** Sixteen lines take several sheets, and each terminal of the controller stands on the sheet of what it leads to. */
    public function testManyLinesTakeSeveralSheets(): void
    {
        $connections = Connections::of(TestBoards::withLines(16));
        $sheets = (new Layout($connections, Area::LowVoltage))->sheets();
        self::assertGreaterThan(1, count($sheets));
        self::assertSame(sprintf('Low voltage, 2 of %d', count($sheets)), $sheets[1]->title());
        $relays = [];
        foreach ($sheets as $sheet) {
            $here = array_filter($sheet->boxes, static fn(Box $box): bool => str_starts_with($box->device, 'K'));
            $controller = array_values(array_filter($sheet->boxes, static fn(Box $box): bool => 'U01' === $box->device))[0];
            $pins = array_filter($controller->pins, static fn($pin): bool => str_starts_with((string) $pin->net, 'F'));
            self::assertCount(count($here), $pins);
            array_push($relays, ...array_map(static fn(Box $box): string => $box->device, array_values($here)));
        }
        self::assertCount(16, array_unique($relays));
    }

    /**
     * @param array{float, float, float, float} $piece
     * @param array{float, float, float, float} $area left, top, right and bottom
     */
    private static function meets(array $piece, array $area): bool
    {
        return min($piece[0], $piece[2]) < $area[2] - self::HAIR && max($piece[0], $piece[2]) > $area[0] + self::HAIR
            && min($piece[1], $piece[3]) < $area[3] - self::HAIR && max($piece[1], $piece[3]) > $area[1] + self::HAIR;
    }

    private static function ends(Run $run, Box $box, bool $isLeft, float $y): bool
    {
        $x = $isLeft ? $box->x : $box->x + $box->width;
        foreach ($run->pieces as [$fromX, $fromY, $toX, $toY]) {
            foreach ([[$fromX, $fromY], [$toX, $toY]] as [$atX, $atY]) {
                if (abs($atX - $x) < self::HAIR && abs($atY - $y) < self::HAIR) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function isOnePiece(Run $run): bool
    {
        $reached = [0 => true];
        do {
            $before = count($reached);
            foreach ($run->pieces as $place => $piece) {
                foreach (array_keys($reached) as $other) {
                    if (self::join($piece, $run->pieces[$other])) {
                        $reached[$place] = true;
                    }
                }
            }
        } while (count($reached) > $before);

        return count($reached) === count($run->pieces);
    }

    private static function touch(Run $one, Run $other): bool
    {
        foreach ($one->pieces as $piece) {
            foreach ($other->pieces as $theirs) {
                if (self::join($piece, $theirs)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Whether an end of one lies on the other; two that only cross do not.
     *
     * @param array{float, float, float, float} $one
     * @param array{float, float, float, float} $other
     */
    private static function join(array $one, array $other): bool
    {
        foreach ([[$one, $other], [$other, $one]] as [$ending, $piece]) {
            foreach ([[$ending[0], $ending[1]], [$ending[2], $ending[3]]] as [$x, $y]) {
                $isOn = min($piece[0], $piece[2]) - self::HAIR <= $x && $x <= max($piece[0], $piece[2]) + self::HAIR
                    && min($piece[1], $piece[3]) - self::HAIR <= $y && $y <= max($piece[1], $piece[3]) + self::HAIR;
                if ($isOn) {
                    return true;
                }
            }
        }

        return false;
    }
}
