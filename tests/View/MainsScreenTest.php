<?php

declare(strict_types=1);

namespace IronLatch\Tests\View;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateTrack;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\View\MainsDrawing;
use IronLatch\View\PathLink;
use PHPUnit\Framework\TestCase;

/** The live path of one line, element by element; figures by hand: 1150 W at 230 V are 5 A, the lamp’s 18 W at 0.5 are 157 mA. */
final class MainsScreenTest extends TestCase
{
    public function testTheChainHasEveryElementWithItsFigures(): void
    {
        self::assertSame([
            ['Inlet', '5.16 A', '10 A', 'sound'],
            ['Lead', '5.16 A', '10 A', 'sound'],
            ['Fuse', '5.16 A', '5 A', 'weak'],
            ['Wiring inside', '5.16 A', '8.66 A', 'sound'],
            ['Least terminal', '5.16 A', '10 A', 'sound'],
            ['Contact, with its share', '5 A', '11.6 A', 'sound'],
            ['Wire of this line', '5 A', '2.6 A', 'danger'],
            ['Outlet', '5 A', '', 'unknown'],
        ], self::chain(
            'L2',
            new StateLoad('L2', 1150.0),
            new StateBox(branchSquareMetres: 0.5e-6),
            new StateSafety(['L2'], outlet: OutletKind::Earthed),
        ), 'A fuse that is too small blows, a wire that is too thin burns.');
    }

    public function testATrackForAllLinesCarriesAll(): void
    {
        $track = static fn(bool $all): array => self::chain('L1', new StateTrack(5e-3, carriesAll: $all))[5];
        self::assertSame(['Narrowest track', '1.16 A', '7.68 A', 'sound'], $track(true));
        self::assertSame(['Narrowest track', '1 A', '7.68 A', 'sound'], $track(false), 'The greatest of the lines.');
    }

    /** A motor uses a third of a contact: beyond it the contact wears, beyond its rating it burns. */
    public function testAContactThatWearsIsWeakAndOneThatBurnsADanger(): void
    {
        $contact = static fn(float $watts): array => self::chain(
            'L1',
            new ChooseAppliance('L1', TestBoards::part('return-pump', Appliance::class)),
            new StateLoad('L1', $watts),
        )[5];
        self::assertSame(['Contact, with its share', '5.8 A', '5.6 A', 'weak'], $contact(800.0));
        self::assertSame(['Contact, with its share', '18.1 A', '5.6 A', 'danger'], $contact(2500.0));
    }

    /**
     * @return list<array{string, string, string, string}> name, carries, bears, state
     */
    private static function chain(string $line, Edit ...$edits): array
    {
        $board = TestBoards::edited(TestBoards::sound(), ...$edits);
        $chain = (new MainsDrawing(new Inspection($board), TestBoards::inspect($board)))->context($line)['chain'];
        self::assertIsArray($chain);

        return array_values(array_map(
            static fn(mixed $link): array => $link instanceof PathLink
                ? [$link->name, $link->carries, $link->bears, $link->state()]
                : ['', '', '', ''],
            $chain,
        ));
    }
}
