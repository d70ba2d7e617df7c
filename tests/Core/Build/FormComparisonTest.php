<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Build;

use IronLatch\Core\Board\BuildFacts;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\ChosenRating;
use IronLatch\Core\Board\Edit\Build\ChooseAssembler;
use IronLatch\Core\Board\Edit\Build\ChooseRating;
use IronLatch\Core\Board\Edit\Build\PlacePart;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Build\Fit\Outlines;
use IronLatch\Core\Build\FittedBy;
use IronLatch\Core\Build\FormComparison;
use IronLatch\Core\Build\FormEstimate;
use IronLatch\Core\Build\FormParts;
use IronLatch\Core\Build\OrderLists;
use IronLatch\Core\Build\PartsRow;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\TestCase;

/** The four forms of build differ in parts, work, order and what they bring; the order has the columns of its terms. */
final class FormComparisonTest extends TestCase
{
    public function testTheFourFormsDifferAsTheTradeSays(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $comparison = new FormComparison($board, Connections::of($board));
        [$wired, $perforated, $carrier, $assembled] = $comparison->all();
        self::assertSame(BuildForm::cases(), array_map(static fn(FormEstimate $one): BuildForm => $one->form, $comparison->all()));
        self::assertSame(['ready modules of 8 relays in place of 8 relays with their drivers'], $wired->swaps);
        self::assertSame([[], []], [$perforated->swaps, $carrier->swaps]);
        self::assertSame(['the bare module with regulator, pull-up and capacitor in place of the carrier'], $assembled->swaps);
        // Jumpers and bars make many pieces; soldering on perforated board most joints; a machine takes over the small ones.
        self::assertGreaterThan($carrier->parts, $wired->parts);
        self::assertGreaterThan($carrier->joints, $perforated->joints);
        self::assertGreaterThan($assembled->joints, $carrier->joints);
        self::assertSame([0, 0, 0], [$wired->machineJoints, $perforated->machineJoints, $carrier->machineJoints]);
        self::assertGreaterThan(50, $assembled->machineJoints);
        self::assertSame([1, 1, 5, 5], array_map(static fn(FormEstimate $one): int => $one->leastCount, $comparison->all()));
        self::assertSame([3, 3, 14, 14], array_map(static fn(FormEstimate $one): int => $one->leadDays, $comparison->all()));
        foreach ($comparison->all() as $one) {
            self::assertGreaterThan(0.008, $one->squareMetres(), $one->form->value);
            self::assertLessThan(0.045, $one->squareMetres(), $one->form->value);
            self::assertGreaterThanOrEqual($one->widthMetres, $one->lengthMetres);
            self::assertNotSame([[], []], [$one->easier, $one->harder]);
        }
        self::assertGreaterThan($carrier->squareMetres(), $wired->squareMetres());
    }

    /** Figures of the Utility room board in each form, so that no allowance changes unnoticed. */
    public function testTheFiguresOfTheUtilityRoom(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $all = (new FormComparison($board, Connections::of($board)))->all();
        self::assertSame([108, 89, 88, 90], array_map(static fn(FormEstimate $one): int => $one->parts, $all));
        self::assertSame([39, 32, 32, 35], array_map(static fn(FormEstimate $one): int => $one->different, $all));
        self::assertSame([210, 477, 401, 275], array_map(static fn(FormEstimate $one): int => $one->joints, $all));
        self::assertSame([0, 0, 0, 82], array_map(static fn(FormEstimate $one): int => $one->machineJoints, $all));
        self::assertSame([0.5, 2.0, 8.0, 12.0], array_map(static fn(FormEstimate $one): float => $one->hoursOnce, $all));
        // 1.5 and 1.2 minutes for a joint by hand, 0.5 on an etched board.
        foreach ([[210, 1.5], [477, 1.2], [401, 0.5], [275, 0.5]] as $place => [$joints, $minutes]) {
            self::assertEqualsWithDelta($joints * $minutes / 60, $all[$place]->hoursEach, 1e-9);
        }
        self::assertSame([0.0, 0.0, 15.0, 40.0], array_map(static fn(FormEstimate $one): float => $one->orderEuros, $all));
        // Bare module 3.00 € and regulator 0.30 € for the carrier of 7 € with its strips; 82 joints at 0.02 €; a header of 6 poles.
        self::assertEqualsWithDelta(
            $all[2]->materialEuros - 7 - 2 * 19 * 0.04 + 3.3 + 82 * 0.02 + 6 * 0.02 + $all[3]->boardEuros - $all[2]->boardEuros,
            $all[3]->materialEuros,
            0.2,
        );
    }

    /** A perforated board has 160 × 100 mm: parts that cover 45 % of one and a little more want two. */
    public function testPerforatedBoardsAreCountedByWhatTheyHold(): void
    {
        foreach (['array' => 1.0, 'expander' => 2.0, 'utility-room' => 2.0, 'fermentation' => 1.0] as $name => $boards) {
            $board = (new StateBuild(form: BuildForm::Perforated))->apply(WiredBoards::all()[$name]->with(build: new BuildFacts()));
            $connections = Connections::of($board);
            $outlines = (new Outlines($board, $connections, BuildForm::Perforated))->all();
            $rows = (new FormParts($board, $connections, BuildForm::Perforated, $outlines))->rows();
            self::assertSame($boards, $rows[0]->count, $name);
            self::assertSame('perforated board 160 × 100 mm', $rows[0]->what);
        }
    }

    /** What a form brings: pieces and their prices, one by one. */
    public function testWhatEachFormBrings(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $connections = Connections::of($board);
        $of = static function (BuildForm $form) use ($board, $connections): array {
            $rows = (new FormParts($board, $connections, $form, (new Outlines($board, $connections, $form))->all()))->rows();

            return array_combine(
                array_map(static fn(PartsRow $row): string => $row->kind, $rows),
                array_map(static fn(PartsRow $row): array => [$row->count, round($row->price->euros ?? -1.0, 2)], $rows),
            );
        };
        $wired = $of(BuildForm::HandWired);
        self::assertSame([[1.0, 3.0], 0.05], [$wired['base'], $wired['jumpers'][1]]);
        self::assertGreaterThan(15.0, $wired['jumpers'][0]);
        self::assertArrayNotHasKey('board', $wired);
        // Controller, supply and eight relays on four feet each.
        self::assertSame([40.0, 0.25], $wired['fixing']);
        $perforated = $of(BuildForm::Perforated);
        self::assertSame([[2.0, 0.76], [4.0, 0.25], 2.5], [$perforated['sockets'], $perforated['fixing'], $perforated['board'][1]]);
        $assembled = $of(BuildForm::Assembled);
        self::assertSame([1.0, 0.12], $assembled['header'], 'In place of the strips.');
        self::assertArrayNotHasKey('sockets', $assembled);
        self::assertSame([1.0, 19.0], $assembled['enclosure']);
        // On an etched board only wires that leave it are cut.
        self::assertGreaterThan(1.3 * $assembled['wire'][0], $perforated['wire'][0]);
    }

    public function testWhatAnOrderCostsIsSharedByItsCopies(): void
    {
        $one = new FormEstimate(BuildForm::CarrierBoard, 80, 30, 300, 0, 8.0, 2.0, 100.0, 15.0, 5, 6.0, 0.1, 0.1, 14, [], [], []);
        // One copy pays for four bare boards that stay in the drawer.
        self::assertEqualsWithDelta(100 + 4 * 6 + 15, $one->euros(1), 1e-9);
        self::assertEqualsWithDelta(500 + 15, $one->euros(5), 1e-9);
        self::assertEqualsWithDelta(2000 + 15 + 20 * (8 + 20 * 2), $one->euros(20, 20.0), 1e-9);
        self::assertEqualsWithDelta(18.0, $one->hours(5), 1e-9);
    }

    public function testReadyModulesBecomeRelaysOnABoard(): void
    {
        $board = WiredBoards::generated()['module'];
        $comparison = new FormComparison($board, Connections::of($board));
        self::assertSame([], $comparison->of(BuildForm::HandWired)->swaps);
        self::assertSame(
            ['8 bare relays, each with transistor, two resistors and diode, in place of the ready modules'],
            $comparison->of(BuildForm::CarrierBoard)->swaps,
        );
    }

    public function testTermsAreThoseOfTheChosenAssembler(): void
    {
        $board = Starts::assembled('assembler-both-sides');
        $estimate = (new FormComparison($board, Connections::of($board)))->of(BuildForm::Assembled);
        self::assertSame([2, 21, 95.0], [$estimate->leastCount, $estimate->leadDays, $estimate->orderEuros]);
        self::assertSame([], $estimate->swaps, 'It is a bare module already.');
    }

    public function testTheAssemblerFitsWhatIsSmall(): void
    {
        $board = Starts::assembled();
        $inspection = new Inspection($board);
        $fitted = [];
        foreach ($inspection->partsList()->rows as $row) {
            foreach ($row->designators as $designator) {
                $fitted[$designator] = $row->fittedBy;
            }
        }
        foreach (['U01', 'R11', 'R12', 'Q11', 'D11', 'R01', 'C01'] as $small) {
            self::assertSame(FittedBy::Assembler, $fitted[$small], $small);
        }
        self::assertSame(
            FittedBy::Hand,
            self::row((new Inspection(WiredBoards::demos()['utility-room']))->partsList()->rows, 'C13')->fittedBy,
        );
        foreach (['K11', 'G11', 'F01', 'X12', 'J02'] as $large) {
            self::assertSame(FittedBy::Hand, $fitted[$large], $large);
        }
        $lists = OrderLists::of($board, $inspection->partsList(), $inspection->layout());
        self::assertSame(['designators', 'value', 'package', 'quantity'], $lists->parts[0]);
        self::assertContains(['R11', '470 Ω', '0805', '1'], $lists->parts);
        self::assertContains(['R01 R12', '10 kΩ', '0805', '2'], $lists->parts);
        self::assertSame(['designator', 'x', 'y', 'side', 'rotation'], $lists->placement[0]);
        $places = array_combine(array_column($lists->placement, 0), $lists->placement);
        self::assertCount(count($board->build->places) + 1, $places);
        $layout = $inspection->layout();
        self::assertNotNull($layout);
        $outline = $layout->board();
        self::assertNotNull($outline);
        $body = $layout->laid['K11']->body;
        self::assertSame([
            'K11',
            sprintf('%.2f mm', 500 * ($body->left + $body->right) - 1000 * $outline->left),
            sprintf('%.2f mm', 1000 * $outline->bottom - 500 * ($body->top + $body->bottom)),
            'top',
            (string) ((360 - 90 * $board->build->places['K11']->quarters) % 360),
        ], $places['K11']);
    }

    public function testListsHaveTheColumnsOfTheTerms(): void
    {
        $terms = Copy::of(TestBoards::part('assembler-one-side', Assembler::class), [
            'partsColumns' => ['quantity', 'part', 'fitted by', 'note'],
            'placementColumns' => ['designator', 'value', 'package'],
        ]);
        $board = (new ChooseAssembler($terms))->apply(Starts::assembled());
        $inspection = new Inspection($board);
        $lists = OrderLists::of($board, $inspection->partsList(), $inspection->layout());
        self::assertContains(['1', 'npn-2n2222', 'assembler', ''], $lists->parts);
        self::assertContains(['R11', '470 Ω', '0805'], $lists->placement);
        $this->expectExceptionMessage('No list has a column “colour”.');
        Copy::of($terms, ['partsColumns' => ['colour']]);
    }

    public function testAChosenRatingStandsBesideTheOneThatIsNeeded(): void
    {
        $board = Starts::built(BuildForm::CarrierBoard);
        $rating = static fn(string $of): ?string => self::row((new Inspection($board))->partsList()->rows, $of)->rating?->chosenWords();
        self::assertSame('250 mW', $rating('R11'));
        $chosen = (new ChooseRating(['R11', 'R21'], new ChosenRating(watts: 0.5)))->apply($board);
        $row = self::row((new Inspection($chosen))->partsList()->rows, 'R11');
        self::assertSame('500 mW', $row->rating?->chosenWords());
        // (3.6 V)² ÷ 470 Ω, as if all of it lay across.
        self::assertEqualsWithDelta(3.6 ** 2 / 470, $row->rating->needed, 3e-3);
        self::assertSame([], (new ChooseRating(['R11', 'R21']))->apply($chosen)->build->ratings);
        $this->expectException(EditRefused::class);
        (new PlacePart('not a part'))->apply($board);
    }

    /**
     * @param list<PartsRow> $rows
     */
    private static function row(array $rows, string $designator): PartsRow
    {
        foreach ($rows as $row) {
            if (in_array($designator, $row->designators, true)) {
                return $row;
            }
        }
        self::fail($designator . ' is not in the list.');
    }
}
