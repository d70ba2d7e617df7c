<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controller\StateOutputOrder;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\OutputOrder;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\Movement;
use IronLatch\Core\Pins\Film;
use IronLatch\Core\Pins\Moment;
use IronLatch\Core\Pins\Seating;
use IronLatch\Core\Pins\StrapSuits;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class FilmTest extends TestCase
{
    public function testAQuietPinFloatsIsPulledToItsOffLevelAndThenDriven(): void
    {
        $film = self::film(TestBoards::sound());
        self::assertSame(
            [PinState::Floating, PinState::Floating, PinState::Floating, PinState::Floating, PinState::PulledDown, PinState::DrivenLow],
            array_map(static fn(Moment $moment): PinState => $moment->state, $film->moments),
        );
        self::assertSame([null, 0.0], [$film->moments[0]->volts, $film->moments[5]->volts]);
        self::assertNull($film->worstTwitch());
        self::assertSame(0.0, $film->movedSeconds());
    }

    public function testAnActiveLowModuleOnAnUnluckyPinTwitchesAndTheRemedyReplaysTheFilm(): void
    {
        $board = TestBoards::edited(self::onModule(), new SeatFunction('F1', 'TX'));
        $twitch = self::film($board)->worstTwitch();
        self::assertSame([BootPhase::Loader, Movement::Certain, 0.25], [$twitch?->phase, $twitch?->movement, $twitch?->seconds]);
        self::assertSame(0.3, self::film($board)->movedSeconds(), 'The first-stage loader moves it for 50 ms as well.');
        $remedy = TestBoards::inspect($board)->finding('pins.boot-twitch:A1')?->remedies()[0];
        self::assertNotNull($remedy);
        self::assertNull(self::film($remedy->edit->apply($board))->worstTwitch());
    }

    public function testAnActiveLowModuleStaysOffOnAFloatingAndOnAPulledDownPin(): void
    {
        self::assertNull(self::film(self::onModule())->worstTwitch());
        $rp = TestBoards::edited(
            TestBoards::bare('rp2040-carrier-40', 'rp2040'),
            new \IronLatch\Core\Board\Edit\Lines\AddLine('Lamp', TestBoards::part('led-lamp', \IronLatch\Core\Catalogue\Appliance::class)),
            new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class)),
            new SeatFunction('F1', 'GP2'),
        );
        // 60 kΩ to ground let about 30 µA through the LEDs: less than the 0.1 mA up to which the relay is off for certain.
        $film = self::film($rp);
        self::assertNull($film->worstTwitch());
        self::assertGreaterThan(20e-6, $film->moments[0]->cause->value);
        self::assertLessThan(60e-6, $film->moments[0]->cause->value);
        // A firm pull-down of the maker's own is another matter.
        self::assertSame(
            Movement::Certain,
            self::film(TestBoards::edited($rp, new FitPull('F1', PullDirection::Down, 220.0)))->worstTwitch()?->movement,
        );
    }

    public function testMakingAnOutputFirstMayMoveAnActiveLowRelayOnly(): void
    {
        $first = new StateOutputOrder(OutputOrder::OutputFirst);
        $moment = self::film(TestBoards::edited(self::onModule(), $first))->worstTwitch();
        self::assertSame([BootPhase::Output, Movement::Possible], [$moment?->phase, $moment?->movement]);
        self::assertNull(self::film(TestBoards::edited(TestBoards::sound(), $first))->worstTwitch(), 'A low is off for a transistor.');
    }

    public function testAnExpanderHoldsItsStateAfterPowerUpUntilItIsWrittenTo(): void
    {
        $eight = TestBoards::part('pcf8574', Expander::class);
        $on = static fn(Board $board): Board => TestBoards::edited($board, new FitExpander($eight), new SeatFunction('F1', 'X1.P0'));
        self::assertSame(
            [PinState::PulledUp],
            array_values(array_unique(
                array_map(
                    static fn(Moment $moment): PinState => $moment->state,
                    array_slice(self::film($on(self::onModule()))->moments, 0, 4),
                ),
                SORT_REGULAR,
            )),
        );
        self::assertNull(self::film($on(self::onModule()))->worstTwitch(), 'High after power-up is off for an active-low module.');
        self::assertNull(
            self::film(TestBoards::edited($on(self::onModule()), new StateOutputOrder(OutputOrder::OutputFirst)))->worstTwitch(),
            'It has no direction to set.',
        );
        $register = TestBoards::part('74hct595', Expander::class);
        self::assertNotNull(self::film(TestBoards::edited(
            TestBoards::sound(),
            new FitExpander($register, 'R1', false),
            new SeatFunction('F1', 'X1.Q0'),
        ))->worstTwitch());
        self::assertNull(self::film(TestBoards::edited(
            TestBoards::sound(),
            new FitExpander($register, 'R1', true),
            new SeatFunction('F1', 'X1.Q0'),
        ))->worstTwitch());
    }

    /** What suits which strap: a transistor the pins that must be low, an active-low module those that must be high (common practice). */
    public function testSuitsNameTheDriverForAStrap(): void
    {
        $parts = [TestBoards::part('npn-2n2222', Transistor::class), TestBoards::part('opto-module-low', OptoModule::class)];
        $board = TestBoards::sound();
        $suits = static fn(string $pin): array => array_map(
            static fn(StrapSuits $one): bool => $one->suits,
            StrapSuits::of($board, 'F1', [$pin => $board->controller()->pins[$pin]], $parts)[$pin] ?? [],
        );
        self::assertSame([true, false], $suits('GPIO12'));
        self::assertSame([true, false], $suits('GPIO2'));
        self::assertSame([false, true], $suits('GPIO0'));
        self::assertSame([], $suits('GPIO23'), 'Not a strapped pin.');
    }

    private static function onModule(): Board
    {
        return TestBoards::edited(TestBoards::sound(), new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class)));
    }

    private static function film(Board $board): Film
    {
        return Seating::of($board)->films['F1'];
    }
}
