<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\DriverSchool;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Lines\DescribeAppliance;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Pins\FreezePins;
use IronLatch\Core\Board\FrozenPins;
use IronLatch\Core\Board\Home;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\NeutralHere;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\PinSchool;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Brief\DraftRun;
use IronLatch\Core\Brief\Recovered;
use IronLatch\Core\Brief\Redraft;
use IronLatch\Core\Brief\Redrafter;
use IronLatch\Core\Brief\Stock;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A board follows its brief, and what stands stays where it is. */
final class RedrafterTest extends TestCase
{
    private const FIRST = 'three lamps, a heater and a pump, wall switches, 230 V, in a case';

    /** @return iterable<string, array{string}> drafts of different kinds */
    public static function schools(): iterable
    {
        yield 'transistors' => ['esp32-carrier-38.transistor.module5.carrierboard'];
        yield 'ready modules' => ['esp32-carrier-38.module.module5.handwired'];
        yield 'arrays' => ['atmega328p-carrier-30.darlingtonarray.module12.perforated'];
    }

    #[DataProvider('schools')]
    public function testTwoMoreLinesAreSeatedBesideWhatIsBuilt(string $choices): void
    {
        $board = self::drafted($choices);
        $frozen = (new FreezePins())->apply($board);
        $redraft = self::redraft($frozen, str_replace('three lamps', 'five lamps', self::FIRST));
        self::assertSame([], $redraft->moved);
        self::assertSame(count($board->seats), $redraft->seatsKept());
        self::assertSame(['L1', 'L2', 'L3', 'L6', 'L7'], $redraft->after->brief?->appliances[0]->lines);
        self::assertSame('Lamp 4', $redraft->after->lines['L6']->name);
        self::assertContains('new: Lamp 4, Lamp 5', $redraft->done);
        self::assertCount(count($redraft->after->functions), $redraft->after->seats);
        self::assertSame([], FrozenPins::movedBetween($frozen, $redraft->after));
        self::assertSame([], self::faults($redraft->after));
        self::assertSame(
            BoardJson::write($redraft->after),
            BoardJson::write($redraft->edit->apply($frozen)),
            'The edit is what was shown.',
        );
        $kinds = array_unique(array_map(static fn($relay): string => $relay->driver::class, $redraft->after->actuators()));
        self::assertCount(1, $kinds, 'New relays are driven as the others are.');
    }

    public function testFewerOthersAndMoreHands(): void
    {
        $board = self::drafted('esp32-carrier-38.transistor.module5.carrierboard');
        $redraft = self::redraft($board, 'two lamps 12 W, a heater, a fan, wall switches, network, 230 V, in a case');
        self::assertSame(['L1', 'L2', 'L4', 'L6'], array_keys($redraft->after->lines));
        self::assertContains('“Lamp 3” is taken off', $redraft->done);
        self::assertContains('“Pump” is taken off', $redraft->done);
        self::assertSame(12.0, $redraft->after->lines['L1']->watts->value);
        $kinds = array_map(static fn($surface): SurfaceKind => $surface->kind, array_values($redraft->after->lines['L2']->surfaces));
        self::assertSame([SurfaceKind::WallSwitch, SurfaceKind::NetworkTopic], $kinds);
        self::assertSame([], self::faults($redraft->after), 'A heater is only switched off from afar.');
        self::assertSame(6, $redraft->seatsKept(), 'All but those of the two lines that are gone.');
        $back = self::redraft($redraft->after, 'two lamps, a heater, a fan, network, 230 V, in a case');
        self::assertCount(1, $back->after->lines['L1']->surfaces);
        self::assertContains('“Lamp 1” is no longer operated by wall switch', $back->done);
    }

    public function testTheSameBriefChangesNothing(): void
    {
        $board = self::drafted('esp32-carrier-38.transistor.module5.carrierboard');
        $redraft = self::redraft($board, self::FIRST);
        self::assertTrue($redraft->isNothing());
        self::assertSame(BoardJson::write($board), BoardJson::write($redraft->after));
    }

    /** Rows of a form know their lines, whatever these are called by now. */
    public function testRowsFindTheirLinesByThemselves(): void
    {
        $board = (new RenameLine('L1', 'Over the stove'))->apply(self::drafted('esp32-carrier-38.transistor.module5.carrierboard'));
        $brief = $board->brief ?? self::fail();
        $rows = $brief->appliances;
        $rows[0] = Copy::of($rows[0], ['count' => 4, 'name' => 'Spot']);
        $redraft = (new Redrafter(TestBoards::catalogue()))->redraft($board, Copy::of($brief, ['appliances' => $rows]));
        self::assertSame('Over the stove', $redraft->after->lines['L1']->name);
        self::assertSame('Spot 1', $redraft->after->lines['L6']->name);
        $gone = (new RemoveLine('L2'))->apply($board);
        self::assertSame(['L1', 'L3'], $gone->brief?->appliances[0]->lines);
        $again = (new Redrafter(TestBoards::catalogue()))->redraft($gone, $gone->brief);
        self::assertSame(['L1', 'L3', 'L6'], $again->after->brief?->appliances[0]->lines, 'The brief still asks for three.');
    }

    /** Where no pin is left, an expander comes first; and what the brief asks for besides is said, not done behind one’s back. */
    public function testWhatFindsNoPinGetsAnExpander(): void
    {
        $board = self::drafted('esp32-carrier-38.transistor.module5.carrierboard');
        $redraft = self::redraft($board, 'nine lamps, four fans, a heater, a pump, wall switches, esp8266, 120 V, on a rail');
        self::assertSame([], $redraft->moved);
        self::assertNotSame([], $redraft->after->expanders);
        self::assertCount(3, $redraft->asks);
        self::assertSame($board->mains, $redraft->after->mains);
    }

    /** When nothing helps, what has to move is said with its reason; what is frozen stays. */
    public function testWhatHasToMoveIsSaidFirst(): void
    {
        $run = new DraftRun(Briefs::brief('three lamps, push buttons, 230 V, esp32-c3'), TestBoards::catalogue(), new Stock());
        $board = $run->at(0);
        self::assertIsObject($board);
        $nothingOnOffer = new class (TestBoards::catalogue()) implements Catalogue {
            public function __construct(private Catalogue $all) {}

            public function part(string $id): ?Part
            {
                return $this->all->part($id);
            }

            public function parts(string $class): array
            {
                return Expander::class === $class ? [] : $this->all->parts($class);
            }
        };
        $redraft = (new Redrafter($nothingOnOffer))->redraft($board->board, Briefs::brief('seven lamps, push buttons, 230 V, esp32-c3'));
        self::assertContains('all functions that are not frozen are seated anew', $redraft->done);
        self::assertNotSame([], $redraft->moved);
        foreach ($redraft->moved as $function => $words) {
            self::assertNotSame($board->board->seats[$function]->pin, $redraft->after->seats[$function]->pin ?? '');
            self::assertStringContainsString('what is new finds no pin otherwise', $words);
        }
    }

    /** Its lines are the brief that it would have come of; what a sentence does not name any more is taken off, and that is said. */
    public function testABoardThatNeverHadABriefFollowsOneAllTheSame(): void
    {
        $board = Copy::of(self::drafted('esp32-carrier-38.transistor.module5.carrierboard'), ['brief' => null]);
        $redraft = self::redraft($board, 'two lamps 12 W, a fan, wall switches');
        self::assertSame(['L1', 'L2', 'L6'], array_map(strval(...), array_keys($redraft->after->lines)));
        self::assertSame(12.0, $redraft->after->lines['L2']->watts->value);
        self::assertContains('“Pump” is taken off', $redraft->done);
        self::assertSame([['L1', 'L2'], ['L6']], array_map(
            static fn(Wanted $row): array => $row->lines,
            $redraft->after->brief->appliances ?? [],
        ));
        $asIs = Recovered::of($board, TestBoards::catalogue());
        self::assertTrue((new Redrafter(TestBoards::catalogue()))->redraft($board, $asIs)->isNothing());
    }

    /** Lamps of two wattages are rows of their own; a sentence that asks for as many lamps takes none of them off. */
    public function testLinesOfSeveralRowsOfOneApplianceAreAllRecognised(): void
    {
        $board = self::drafted('esp32-carrier-38.transistor.module5.carrierboard');
        $board = Copy::of((new StateLoad('L2', 40.0))->apply($board), ['brief' => null]);
        $board = (new AddSurface('L1', SurfaceKind::SensorRule, 'F1'))->apply($board);
        $redraft = self::redraft($board, self::FIRST);
        self::assertSame($board->lines, $redraft->after->lines);
    }

    public function testWhatAnUnknownApplianceIsIsKnownFromItsBoard(): void
    {
        $board = (new DescribeAppliance(
            'L1',
            'Lathe',
            LoadKind::InductionMotor,
            300.0,
            mustNotSelfStart: true,
        ))->apply(self::drafted('esp32-carrier-38.transistor.module5.carrierboard'));
        $board = Copy::of($board, ['brief' => null]);
        $asIs = Recovered::of($board, TestBoards::catalogue());
        self::assertEquals(
            new Wanted(1, 'Lamp 1', null, 300.0, LoadKind::InductionMotor, false, false, [SurfaceKind::WallSwitch], ['L1']),
            $asIs->appliances[0],
        );
        self::assertTrue((new Redrafter(TestBoards::catalogue()))->redraft($board, $asIs)->isNothing());
        $mayStart = Copy::of($asIs, ['appliances' => [
            Copy::of($asIs->appliances[0], ['mayStart' => true, 'load' => LoadKind::UniversalMotor]),
            ...array_slice($asIs->appliances, 1),
        ]]);
        $after = (new Redrafter(TestBoards::catalogue()))->redraft($board, $mayStart)->after;
        self::assertFalse($after->mustNotStart('L1'));
        self::assertSame(LoadKind::UniversalMotor, $after->appliance($after->lines['L1'])->load);
    }

    /** Whatever is said of house, reserves and starting reaches the board. */
    public function testWhatIsSaidOfTheHouseIsFollowed(): void
    {
        $board = self::drafted('esp32-carrier-38.transistor.module5.carrierboard');
        $brief = $board->brief ?? self::fail();
        $rows = $brief->appliances;
        $rows[0] = Copy::of($rows[0], ['mayStart' => false, 'count' => 4]);
        $rows[2] = Copy::of($rows[2], ['mustComeBack' => true]);
        $redraft = (new Redrafter(TestBoards::catalogue()))->redraft($board, Copy::of($brief, [
            'appliances' => $rows,
            'by' => [SurfaceKind::WallSwitch, SurfaceKind::ServiceEntry],
            'neutral' => Fact::stated(false),
            'breakerAmps' => Fact::stated(10.0),
            'airCelsius' => Fact::stated(48.0),
            'supplyLoad' => Fact::stated(0.7),
            'handMetres' => Fact::stated(6.0),
            'mostEuros' => Fact::stated(80.0),
        ]));
        $after = $redraft->after;
        $place = $after->places[$after->boxPlace()];
        self::assertSame([NeutralHere::None, 10.0], [$place->neutral?->value, $place->breakerAmps?->value]);
        self::assertSame([48.0, 80.0], [$after->ambient->value, $after->build->mostEuros?->value]);
        self::assertSame(0.7, $after->houseRules->supplyLoad);
        self::assertTrue($after->mustNotStart('L1'));
        foreach ($after->lines['L1']->surfaces as $surface) {
            self::assertSame($surface->kind->isRemote() ? Operation::Off : null, $surface->operation);
        }
        self::assertSame(RestorePolicy::On, $after->lines['L5']->safety?->restore?->value);
        foreach ($after->functions as $function) {
            $stated = $function->cableMetres->isStated() ? $function->cableMetres->value : null;
            self::assertSame($function->kind->isContact() ? 6.0 : null, $stated);
        }
        self::assertSame([], $redraft->asks);
        foreach ([
            'supplies give up to 70 % of their rating', 'its limits are as the brief says now', 'the air inside has 48 °C',
            'no neutral reaches it; a breaker of 10 A is before it', '6 cables to switches and buttons of 6 m',
        ] as $words) {
            self::assertContains($words, $redraft->done);
        }
        $more = Copy::of($after->brief ?? self::fail(), ['appliances' => [...$rows, new Wanted(1, 'Fan', 'vent-fan')]]);
        $withFan = (new Redrafter(TestBoards::catalogue()))->redraft($after, $more)->after;
        $hand = array_values($withFan->lines)[6]->surfaces;
        self::assertSame(6.0, $withFan->functions[array_values($hand)[0]->function ?? '']->cableMetres->value, 'As long as the others.');
        self::assertCount(1, $withFan->channels);
    }

    /** What would turn a standing board inside out is asked for in words; what is as before, or left open, is not. */
    public function testWhatIsLeftToTheMakerIsSaid(): void
    {
        $board = self::drafted('esp32-carrier-38.transistor.module5.carrierboard');
        $same = ['drivers' => Fact::stated(DriverSchool::Either), 'home' => Fact::stated(Home::Case)];
        self::assertSame([], self::asks($board, $same));
        foreach ([
            ['drivers' => Fact::stated(DriverSchool::Modules)], ['pins' => Fact::stated(PinSchool::Expander)],
            ['oneSupply' => Fact::stated(false)], ['activeLevel' => Fact::stated(Level::Low)], ['home' => Fact::stated(Home::Rail)],
            ['drawerOnly' => Fact::stated(true)], ['freePins' => Fact::stated(5)], ['spareRelays' => Fact::stated(2)],
            ['mains' => 'mains-120'], ['controllers' => ['rp2040-carrier-40']],
        ] as $changes) {
            self::assertCount(1, self::asks($board, $changes), array_key_first($changes));
        }
    }

    /** What is stated of the box, where it stands and what it is judged by, is not made to suit what is new. */
    public function testABoxThatStandsStaysAsItIs(): void
    {
        $board = self::drafted('esp32-carrier-38.transistor.module5.carrierboard');
        $board = (new StateBox(inlet: InletKind::Polarised, tracks: true))->apply($board);
        $sentence = str_replace(['three lamps', 'in a case'], ['four lamps', 'in a wall box, no neutral, under 10'], self::FIRST);
        $after = self::redraft($board, $sentence)->after;
        self::assertSame([InletKind::Polarised, true], [$after->box?->inlet?->value, $after->box?->tracks?->value]);
        self::assertSame([$board->boxPlace(), 10.0], [$after->boxPlace(), $after->build->mostEuros?->value]);
        self::assertSame(OutletKind::Fixed, $after->lines['L6']->safety?->outlet?->value);
        self::assertNull($after->lines['L1']->safety?->outlet);
    }

    /** Rows that a form sends may know lines that are long gone, or know one line twice. */
    public function testRowsThatKnowTooMuchDoNoHarm(): void
    {
        $board = self::drafted('esp32-carrier-38.transistor.module5.carrierboard');
        $redraft = (new Redrafter(TestBoards::catalogue()))->redraft($board, new Brief([
            new Wanted(3, 'Lamp', 'led-lamp', lines: ['L1', 'L99', 'L2']),
            new Wanted(2, 'Spot', 'led-lamp', lines: ['L2', 'L3']),
        ], [SurfaceKind::WallSwitch]));
        $lines = array_map(static fn(Wanted $row): array => $row->lines, $redraft->after->brief->appliances ?? []);
        self::assertSame([['L1', 'L2', 'L6'], ['L3', 'L7']], $lines);
        self::assertSame(BoardJson::write($redraft->after), BoardJson::write(BoardJson::read(BoardJson::write($redraft->after))));
    }

    /**
     * @param array<string, mixed> $changes
     * @return list<string>
     */
    private static function asks(Board $board, array $changes): array
    {
        $brief = Copy::of($board->brief ?? self::fail(), $changes);

        return (new Redrafter(TestBoards::catalogue()))->redraft($board, $brief)->asks;
    }

    private static function redraft(Board $board, string $sentence): Redraft
    {
        return (new Redrafter(TestBoards::catalogue()))->redraft($board, Briefs::brief($sentence));
    }

    private static function drafted(string $choices): Board
    {
        /** @var array<string, Board> $known */
        static $known = [];

        $run = new DraftRun(Briefs::brief(self::FIRST), TestBoards::catalogue(), new Stock());

        return $known[$choices] ??= $run->named($choices)->board;
    }

    /**
     * @return list<string>
     */
    private static function faults(Board $board): array
    {
        $report = Inspector::withRuleBook()->inspect(new Inspection($board, TestBoards::catalogue()));

        return array_values(array_map(
            static fn(Finding $finding): string => $finding->statement,
            array_filter($report->findings, static fn(Finding $one): bool => $one->counts()
                && in_array($one->severity, [Severity::Danger, Severity::Broken], true)),
        ));
    }
}
