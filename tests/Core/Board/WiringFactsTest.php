<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Wiring\ChooseChannel;
use IronLatch\Core\Board\Edit\Wiring\FeedContact;
use IronLatch\Core\Board\Edit\Wiring\MeasureWire;
use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Board\WiringFacts;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Power\Feed;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is chosen of the wiring, and what that changes besides the drawing. */
final class WiringFactsTest extends TestCase
{
    /** 1 m of 0.25 mm² copper has 69 mΩ (ρ = 1/58 Ω·mm²/m), at the most 13 % more as a flexible wire; both wires count. */
    public function testWhatFallsAtTheWiresFromASourceIsLost(): void
    {
        $board = TestBoards::sound();
        $before = Feed::of($board, 'R1')->ohms;
        $long = (new MeasureWire('V12', 1.0))->apply((new MeasureWire('V11', 1.0))->apply($board));
        $after = Feed::of($long, 'R1')->ohms;
        self::assertEqualsWithDelta(2 / 58 / 0.25, $after->typ - $before->typ, 1e-9);
        self::assertEqualsWithDelta(1.13 * 2 / 58 / 0.25, $after->max - $before->max, 1e-9);
        $thick = (new StateWiring(lowSquareMetres: 0.5e-6))->apply($long);
        self::assertEqualsWithDelta(2 / 58 / 0.5, Feed::of($thick, 'R1')->ohms->typ - $before->typ, 1e-9);
        self::assertSame($before->typ, Feed::of((new MeasureWire('W11', 1.0))->apply($board), 'R1')->ohms->typ, 'Others do not count.');
        self::assertEqualsWithDelta(
            1 / 58 / 0.25,
            (new MeasureWire('V23', 1.0))->apply($board)->wiring->feedOhms('R2', true)->typ,
            1e-9,
            'Of a converter its output wires.',
        );
    }

    public function testALengthIsTakenBack(): void
    {
        $board = (new MeasureWire('W11', 0.2))->apply(TestBoards::sound());
        self::assertSame(['W11'], array_keys($board->wiring->lengths));
        self::assertSame([], (new MeasureWire('W11'))->apply($board)->wiring->lengths);
        $this->expectException(EditRefused::class);
        (new MeasureWire('wire 3', 0.2))->apply($board);
    }

    /** Whoever had the channel takes the one that becomes free. */
    public function testChannelsChangePlaces(): void
    {
        $board = WiredBoards::generated()['module'];
        $board = (new ChooseChannel('A2', 5))->apply((new ChooseChannel('A1', 4))->apply($board));
        $board = (new ChooseChannel('A1', 5))->apply($board);
        self::assertSame(['A1' => 5, 'A2' => 4], $board->wiring->channels);
        $board = (new ChooseChannel('A3', 5))->apply($board);
        self::assertSame(['A2' => 4, 'A3' => 5], $board->wiring->channels, 'One that had none before leaves the next free one.');
        foreach ([0, 17] as $beyond) {
            try {
                (new ChooseChannel('A1', $beyond))->apply($board);
                self::fail('No package has a channel ' . $beyond);
            } catch (EditRefused $refused) {
                self::assertStringContainsString('between 1 and 16', $refused->getMessage());
            }
        }
        $this->expectExceptionMessage('has a driver of its own');
        (new ChooseChannel('A1', 1))->apply(TestBoards::sound());
    }

    /** Two arrays have a third channel each. */
    public function testPackagesHaveChannelsOfTheirOwn(): void
    {
        $array = TestBoards::part('uln2003a', DarlingtonArray::class);
        $board = WiredBoards::generated()['discrete'];
        foreach (['A1' => 'first', 'A2' => 'first', 'A3' => 'second'] as $relay => $package) {
            $board = (new ChooseDriver([$relay], new ArrayChannel('uln2003a', $package), [$array]))->apply($board);
        }
        self::assertSame(['A1', 'A2'], array_keys($board->packageOf('A1')));
        self::assertSame([], $board->packageOf('A4'));
        foreach (['A1', 'A3', 'A2'] as $relay) {
            $board = (new ChooseChannel($relay, 3))->apply($board);
        }
        self::assertSame(['A2' => 3, 'A3' => 3], $board->wiring->channels);
    }

    /** A file that names what is not there is refused with a sentence, and not read into a board that nobody can open. */
    #[TestWith([new WiringFacts(channels: ['A99' => 1]), 'the relay “A99”'])]
    #[TestWith([new WiringFacts(fedAtContact: ['A99']), 'the relay “A99”'])]
    #[TestWith([new WiringFacts(order: ['L1', 'L99']), 'the line “L99”'])]
    public function testWhatIsNotThereIsNotWired(WiringFacts $wiring, string $what): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $this->expectExceptionMessage($what);
        TestBoards::sound()->with(wiring: $wiring);
    }

    public function testAContactIsFedAtEitherSide(): void
    {
        $board = (new FeedContact('A2', false))->apply((new FeedContact('A1', false))->apply(TestBoards::sound()));
        self::assertSame(['A1', 'A2'], $board->wiring->fedAtContact);
        self::assertSame(['A2'], (new FeedContact('A1'))->apply($board)->wiring->fedAtContact);
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('only its COM can be fed');
        (new FeedContact('A1', false))->apply(WiredBoards::generated()['two-way']);
    }

    public function testAPackageHasNoMoreThanSixteenChannels(): void
    {
        self::assertSame(['A1' => 16], (new WiringFacts(channels: ['A1' => 16]))->channels);
        $this->expectException(\InvalidArgumentException::class);
        new WiringFacts(channels: ['A1' => 17]);
    }
}
