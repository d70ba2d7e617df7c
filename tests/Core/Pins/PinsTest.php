<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\Movement;
use IronLatch\Core\Pins\FitGrade;
use IronLatch\Core\Pins\Fitness;
use IronLatch\Core\Pins\Moment;
use IronLatch\Core\Pins\PinFitness;
use IronLatch\Core\Pins\Seating;
use IronLatch\Core\Pins\StartUp;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PinsTest extends TestCase
{
    /** Common practice: these are the quiet outputs of the chip, first choice for relays. */
    public function testRelaysGetTheQuietOutputsOfTheEsp32(): void
    {
        $good = [];
        foreach ($this->fitness(TestBoards::sound())->rank('F1') as $fitness) {
            if (FitGrade::Good === $fitness->grade) {
                $good[] = (int) substr($fitness->pin->name(), 4);
            }
        }
        sort($good);
        self::assertSame([4, 13, 16, 17, 18, 19, 21, 22, 23, 25, 26, 27], $good, '32 and 33 are quiet too, but spare analogue inputs.');
    }

    public function testRelaysGetTheQuietOutputsOfTheEsp8266(): void
    {
        $board = TestBoards::edited(
            TestBoards::bare('esp8266-carrier-30', 'esp8266'),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
        );
        $ranking = $this->fitness($board)->rank('F1');
        self::assertSame(
            ['GPIO5', 'GPIO4'],
            array_map(static fn(PinFitness $fit): string => $fit->pin->name(), array_slice($ranking, 0, 2)),
        );
        $grades = [];
        foreach ($ranking as $fitness) {
            $grades[$fitness->pin->label()] = $fitness->grade;
        }
        self::assertSame(FitGrade::Poor, $grades['D0'], 'GPIO16 is high at boot and pulls an NPN in.');
        self::assertSame(FitGrade::Never, $grades['D3'], 'An NPN pulls the run strap down.');
        self::assertSame(FitGrade::Never, $grades['A0']);
    }

    public function testReceiversGoToInputOnlyPinsAndSensorsToTheFirstConverter(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddSurface('L1', SurfaceKind::InfraredKey),
            new AddFunction(FunctionKind::AnalogueSensor, 'Humidity'),
        );
        $fitness = $this->fitness($board);
        self::assertContains($fitness->bestFree('F6')?->pin->name(), ['GPIO35', 'GPIO36', 'GPIO39']);
        self::assertContains($fitness->bestFree('F7')?->pin->name(), ['GPIO35', 'GPIO36', 'GPIO39']);
        $judged = $fitness->judge('F7', $board->controller()->pins['GPIO27']);
        self::assertSame([FitGrade::Never, ['its converter cannot be read while the radio is on']], [$judged->grade, $judged->reasons]);
    }

    public function testMaintainedSwitchesAvoidStrapsAndButtonsTakeThemLast(): void
    {
        $board = TestBoards::sound();
        $run = $board->controller()->pins['GPIO0'];
        self::assertSame(FitGrade::Never, $this->fitness($board)->judge('F3', $run)->grade);
        self::assertSame(FitGrade::Usable, $this->fitness($board)->judge('F4', $run)->grade);
        $ranking = $this->fitness($board)->rank('F4');
        $usable = array_values(array_filter($ranking, static fn(PinFitness $fit): bool => $fit->grade->value < FitGrade::Poor->value));
        self::assertSame('GPIO0', $usable[count($usable) - 1]->pin->name());
    }

    /**
     * Facts of the trade (common practice): an active-low 5 V module holds these straps at roughly 2.0 V to 2.6 V, which is no
     * low; a 1 kΩ base on the run strap leaves about 0.8 V, which is download mode.
     *
     * @return iterable<string, array{string, string, string, string, float, float}>
     */
    public static function strappedNodes(): iterable
    {
        yield 'module on ESP8266 D8' => ['esp8266-carrier-30', 'esp8266', 'module', 'D8', 2.0, 2.6];
        yield 'module on ESP32 GPIO12' => ['esp32-carrier-38', 'esp32', 'module', 'GPIO12', 2.0, 2.6];
        yield '1 kΩ base on ESP8266 D3' => ['esp8266-carrier-30', 'esp8266', 'base', 'D3', 0.7, 1.0];
        yield '1 kΩ base on ESP32 GPIO0' => ['esp32-carrier-38', 'esp32', 'base', 'GPIO0', 0.6, 0.9];
    }

    #[DataProvider('strappedNodes')]
    public function testStrappedNodesAreSolved(
        string $carrier,
        string $chip,
        string $circuit,
        string $pin,
        float $least,
        float $greatest,
    ): void {
        $board = TestBoards::edited(
            TestBoards::bare($carrier, $chip),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
            'module' === $circuit ? new DriveByModule(
                ['A1'],
                TestBoards::part('opto-module-low', OptoModule::class),
            ) : new DriveByTransistor(
                ['A1'],
                TestBoards::part('npn-2n2222', Transistor::class),
                1000.0,
            ),
            new SeatFunction('F1', $pin),
        );
        $nodes = array_values(Seating::of($board)->strappedNodes);
        self::assertCount(1, $nodes);
        self::assertGreaterThan($least, $nodes[0]->volts);
        self::assertLessThan($greatest, $nodes[0]->volts);
        self::assertSame(MarginState::Broken, $nodes[0]->margin?->state());
    }

    /** A pull-up of 45 kΩ half-drives a 12 V coil through an open base; 10 kΩ from base to emitter cures it (common practice). */
    public function testThePullUpFilm(): void
    {
        $transistor = TestBoards::part('npn-2n2222', Transistor::class);
        $board = TestBoards::edited(TestBoards::sound(), new SeatFunction('F1', '15'));
        self::assertSame(
            [Movement::None, Movement::None, Movement::None, Movement::None],
            $this->film($board),
            'with the usual base–emitter resistor',
        );
        $open = TestBoards::edited($board, new DriveByTransistor(['A1'], $transistor, 470.0));
        self::assertSame(
            [Movement::None, Movement::None, Movement::None, Movement::None],
            $this->film($open),
            '62 Ω at 5 V take more than a pull-up can give',
        );
        $twelve = TestBoards::edited(
            $open,
            new \IronLatch\Core\Board\Edit\Power\AddRail(
                '12 V',
                TestBoards::part('module-12v-10w', \IronLatch\Core\Catalogue\Supply::class),
            ),
            new ChooseRelay(['A1'], TestBoards::part('reinforced-12v', Relay::class)),
            new \IronLatch\Core\Board\Edit\Power\FeedCoils(['A1'], 'R2'),
        );
        self::assertSame([Movement::Possible, Movement::Possible, Movement::Possible, Movement::None], $this->film($twelve));
    }

    public function testAToggledPinMovesEitherKindOfRelay(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new SeatFunction('F1', 'TX'));
        self::assertSame(Movement::Certain, $this->film($board)[1]);
        $module = TestBoards::edited($board, new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class)));
        self::assertSame([Movement::None, Movement::Certain, Movement::Certain, Movement::None], $this->film($module));
    }

    public function testPhasesComeInTheirOrder(): void
    {
        $board = TestBoards::sound();
        $film = Seating::of($board)->films['F1']->moments;
        self::assertSame(
            [BootPhase::Reset, BootPhase::Rom, BootPhase::Loader, BootPhase::Setup, BootPhase::Output, BootPhase::Run],
            array_map(static fn(Moment $moment): BootPhase => $moment->phase, $film),
        );
    }

    private function fitness(Board $board): Fitness
    {
        return new Fitness($board, new StartUp($board));
    }

    /**
     * @return list<Movement> phase by phase before the program
     */
    private function film(Board $board): array
    {
        return array_values(array_map(
            static fn(Moment $moment): Movement => $moment->movement,
            array_filter(Seating::of($board)->films['F1']->moments, static fn(Moment $moment): bool => $moment->phase->isBeforeProgram()),
        ));
    }
}
