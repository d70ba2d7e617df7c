<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Exchange\Papers\BuildSheet;
use IronLatch\Core\Exchange\Papers\BuildStep;
use IronLatch\Core\Exchange\Papers\FirstPage;
use IronLatch\Core\Exchange\Papers\HandedOn;
use IronLatch\Core\Exchange\Papers\LabelStrips;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\TrialNote;
use IronLatch\Core\Wiring\NetKind;
use IronLatch\Core\Wiring\Wire;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** Papers that go to the workbench and to other people. */
final class PapersTest extends TestCase
{
    private static function report(Board $board, ?TrialNote $trial = null): Report
    {
        return Inspector::withRuleBook()->inspect(new Inspection($board), $trial);
    }

    /**
     * @return list<BuildStep>
     */
    private static function steps(Board $board): array
    {
        return BuildSheet::of(new Inspection($board), self::report($board));
    }

    public function testACopyIsBuiltLowVoltageFirstAndMainsLast(): void
    {
        $board = BenchDesk::demo('utility-room');
        $steps = self::steps($board);
        self::assertSame([
            'Look at what lies on the table', 'What sits side by side', 'Grounds and rails', 'Signals, to drivers and relays',
            'Cables to switches, sensors and lamps', 'Measure the low-voltage side, without power', 'Try it at low voltage',
            'The mains side, dead', 'Measure the mains side, dead', 'Verify before mains', 'Cover shut, then mains',
        ], array_map(static fn(BuildStep $step): string => $step->title, $steps));
        $connections = (new Inspection($board))->connections();
        $kind = static fn(Wire $wire): NetKind => $connections->nets[$wire->net]->kind;
        $laid = [];
        foreach ($steps as $place => $step) {
            foreach ($step->wires as $wire) {
                $laid[] = $wire->number;
                self::assertSame(7 === $place, $kind($wire)->isMains(), $wire->number);
                self::assertSame(1 === $place, $wire->onBoard, $wire->number);
                self::assertSame(4 === $place, !$kind($wire)->isMains() && null !== $wire->to->cable, $wire->number);
                $isGround = in_array($kind($wire), [NetKind::Ground, NetKind::Rail], true);
                self::assertSame(2 === $place, $isGround && 2 === $place, $wire->number);
                self::assertFalse(3 === $place && $isGround, $wire->number);
            }
        }
        self::assertSame($laid, array_values(array_unique($laid)), 'Each in one step.');
        self::assertSame(NetKind::Earth, $kind($steps[7]->wires[0]), 'Earth first.');
        self::assertSame(count((new Inspection($board))->readings()), count($steps[5]->readings) + count($steps[8]->readings));
        self::assertSame('mains apart from low voltage', $steps[8]->readings[0]->step);
        self::assertSame([15, true, true], [count($steps[9]->does), $steps[9]->isForCompetent, $steps[10]->isForCompetent]);
        self::assertContains('Take the mains off the box; upload over USB only.', $steps[6]->does);
        self::assertSame('No mains is near the board in this step.', $steps[6]->caution);
        self::assertStringStartsWith('Mains kills.', $steps[10]->caution);
    }

    public function testEachFormOfBuildSaysWhatGoesWrongWithIt(): void
    {
        $said = static fn(?BuildForm $form): string => implode(' ', self::steps(
            null === $form ? TestBoards::sound() : TestBoards::edited(TestBoards::sound(), new StateBuild($form)),
        )[0]->does);
        self::assertStringContainsString('not stated yet', $said(null));
        self::assertStringContainsString('about 1 A', $said(BuildForm::HandWired));
        self::assertStringContainsString('Take off the pads', $said(BuildForm::Perforated));
        self::assertStringContainsString('header rows', $said(BuildForm::CarrierBoard));
        self::assertStringContainsString('placement list', $said(BuildForm::Assembled));
        $joints = static fn(BuildForm $form): array => self::steps(TestBoards::edited(TestBoards::sound(), new StateBuild($form)))[1]->does;
        self::assertStringContainsString('Solder', implode($joints(BuildForm::Perforated)));
        self::assertStringContainsString('tracks', implode($joints(BuildForm::CarrierBoard)));
    }

    public function testBothEndsOfEachWireHaveAStrip(): void
    {
        $board = BenchDesk::demo('utility-room');
        $connections = (new Inspection($board))->connections();
        $strips = LabelStrips::of($board, $connections, 'revision 3');
        $wires = array_filter($connections->wires, static fn(Wire $wire): bool => !$wire->onBoard);
        self::assertCount(2 * count($wires), $strips['Wires, one at each end']);
        $first = array_values($wires)[0];
        self::assertSame([$first->number, $first->colour->value . ', ' . $first->from->name()], $strips['Wires, one at each end'][0]);
        self::assertSame(['Dehumidifier', ''], $strips['Lines, at outlets and switches'][0]);
        self::assertSame('6.3 A time-lag', $strips['Fuse, beside its holder'][0][0]);
        self::assertSame([['Utility room board', 'revision 3'], ['Isolate before opening', '230 V AC']], $strips['The box']);
        self::assertNotSame([], $strips['Terminals']);
    }

    public function testTheFirstPageParts(): void
    {
        $board = TestBoards::accepting();
        $page = FirstPage::of($board, self::report($board));
        self::assertStringContainsString('Reason: a lamp may blink. Decided by: R. Alder', implode($page->accepted));
        self::assertStringNotContainsString('Alder', implode(FirstPage::of($board, self::report($board), true)->accepted));
        self::assertSame(['Lines', 'Pins', 'Drive', 'Power', 'Mains', 'Controls', 'Board', 'Bench'], array_keys($page->latches));
        $report = self::report($board);
        self::assertCount(count($report->holdPoints), $page->verify);
        self::assertCount(count($report->notChecked), $page->notChecked);
        $sound = FirstPage::of(BenchDesk::demo('utility-room'), self::report(BenchDesk::demo('utility-room')));
        self::assertSame([[], []], [$sound->open, $sound->accepted]);
    }

    public function testSomebodyElseIsToldWhatRemains(): void
    {
        $board = BenchDesk::demo('utility-room');
        $ready = HandedOn::ready($board, self::report($board), new TrialNote(366, 0, 0));
        self::assertStringContainsString('no open danger', $ready[0]);
        self::assertStringContainsString('366 cases, none failed', $ready[1]);
        self::assertCount(3, HandedOn::ready($board, self::report($board), null), 'What was not tried is not said to be.');
        self::assertStringContainsString('fixed wiring', implode(HandedOn::connects($board)));
        $plugged = HandedOn::connects(BenchDesk::demo('fermentation'));
        self::assertStringStartsWith('Where it is plugged in', $plugged[0]);
        self::assertStringContainsString('is not stated', HandedOn::connects(TestBoards::bare())[0], 'Nobody has said it.');
        self::assertCount(6, HandedOn::missingForSale($board));
        self::assertCount(5, HandedOn::missingForSale(BenchDesk::demo('fermentation')), 'Without a radio nothing is said of one.');
        $open = BenchDesk::demo('first-try');
        self::assertStringContainsString('Do not build or use it yet', HandedOn::remains($open, self::report($open))[0]);
        self::assertStringContainsString('secrets of your own', implode(HandedOn::remains($board, self::report($board))));
    }
}
