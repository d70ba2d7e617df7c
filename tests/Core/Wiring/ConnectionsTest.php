<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Wiring;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\StateGround;
use IronLatch\Core\Board\Edit\Wiring\ChooseChannel;
use IronLatch\Core\Board\Edit\Wiring\FeedContact;
use IronLatch\Core\Board\Edit\Wiring\MeasureWire;
use IronLatch\Core\Board\Edit\Wiring\OrderTerminals;
use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\WiringFacts;
use IronLatch\Core\Board\WiringScheme;
use IronLatch\Core\Wiring\Colour;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\End;
use IronLatch\Core\Wiring\NetKind;
use IronLatch\Core\Wiring\Places;
use IronLatch\Core\Wiring\Wire;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What holds of every connection list, and what single boards are joined by. */
final class ConnectionsTest extends TestCase
{
    /** @return iterable<string, array{Board}> */
    public static function boards(): iterable
    {
        foreach ([...WiredBoards::all(), ...WiredBoards::others()] as $name => $board) {
            yield $name => [$board];
        }
    }

    /** Every wire goes from a terminal to a terminal of its net, and the wires of a net join all of it and nothing else. */
    #[DataProvider('boards')]
    public function testWiresJoinTheirNetsAndNothingElse(Board $board): void
    {
        $list = Connections::of($board);
        /** @var array<string, string> $speaker */
        $speaker = [];
        $of = static function (string $end) use (&$speaker): string {
            while (isset($speaker[$end])) {
                $end = $speaker[$end];
            }

            return $end;
        };
        foreach ($list->wires as $number => $wire) {
            self::assertSame($number, $wire->number);
            self::assertLessThanOrEqual(6, strlen($number), $number);
            foreach ([$wire->from, $wire->to] as $end) {
                self::assertArrayHasKey($end->name(), $list->nets[$wire->net]->ends, $number);
            }
            [$one, $other] = [$of($wire->from->name()), $of($wire->to->name())];
            self::assertNotSame($one, $other, $number . ' closes a ring.');
            $speaker[$one] = $other;
        }
        foreach ($list->nets as $net) {
            $groups = [];
            foreach ($net->ends as $end) {
                self::assertArrayHasKey($end->terminal, $list->devices[$end->device]->terminals, $end->name());
                $groups[$of($end->name())] = true;
            }
            $poles = array_filter($net->ends, static fn($end): bool => DeviceKind::Bar === $list->devices[$end->device]->kind);
            // The poles of a bar are one piece of metal.
            self::assertCount(max(1, count($poles)), $groups, $net->name);
        }
    }

    /** No terminal is on two nets; green-yellow is earth and earth alone. */
    #[DataProvider('boards')]
    public function testTerminalsAndColours(Board $board): void
    {
        $list = Connections::of($board);
        $seen = [];
        foreach ($list->nets as $net) {
            foreach ($net->ends as $name => $end) {
                self::assertArrayNotHasKey($name, $seen, $name);
                $seen[$name] = true;
            }
            foreach ($list->wiresOf($net->id) as $number) {
                $isGreen = in_array($list->wires[$number]->colour, [Colour::GreenYellow, Colour::Green], true);
                self::assertSame(NetKind::Earth === $net->kind, $isGreen, $number);
            }
        }
    }

    /** In one box no low-voltage wire looks like one that carries mains. */
    #[DataProvider('boards')]
    public function testNoLowVoltageWireHasAColourOfTheMains(Board $board): void
    {
        $list = Connections::of($board);
        $colours = [true => [], false => []];
        foreach ($list->wires as $wire) {
            if (!$wire->onBoard) {
                $colours[$list->nets[$wire->net]->kind->isMains()][$wire->colour->value] = true;
            }
        }
        self::assertSame([], $board->system()->isDirect() ? [] : array_intersect_key($colours[true], $colours[false]));
    }

    /** What the pin list says of a pin, and the power tree of a rail, is what is joined there. */
    #[DataProvider('boards')]
    public function testPinsAndRailsAreThoseOfTheOtherViews(Board $board): void
    {
        $list = Connections::of($board);
        foreach ($board->seats as $function => $seat) {
            $pin = $board->controller()->pins[$seat->pin];
            if (null !== $pin->expander || FunctionKind::BootButton === $board->functions[$function]->kind) {
                continue;
            }
            $net = $list->netAt('U01', Places::place($pin->header));
            self::assertSame($board->functionsOn($seat->pin)[0], $net?->id, $function);
        }
        foreach ($board->actuators() as $id => $actuator) {
            $ends = $list->nets[$actuator->rail]->ends;
            $own = array_filter($ends, static fn(End $end): bool => $end->subject === $id || str_starts_with($end->device, 'A'));
            $isOther = $actuator->driver->isMissing() || $actuator->driver->turnsRound();
            self::assertTrue($isOther || [] !== $own, $id . ' takes from its rail.');
        }
        foreach (array_keys($board->rails) as $rail) {
            $sources = array_filter(
                $list->nets[$rail]->ends ?? [],
                static fn(End $end): bool => in_array($end->device[0], ['G', 'T', 'U', 'X', 'F', 'D'], true),
            );
            // Of a rail that nothing takes from there is no net.
            self::assertSame(isset($list->nets[$rail]), [] !== $sources, 'No supply pin floats: ' . $rail);
        }
    }

    /** Where a ground is missing the nets say so, as the check does. */
    public function testAMissingGroundIsFoundInTheNetsThemselves(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        foreach ([[true, true], [false, false]] as [$isJoined, $isOne]) {
            $changed = (new FeedCoils(['A4'], 'R2'))->apply((new StateGround('R2', $isJoined))->apply($board));
            $list = Connections::of($changed);
            self::assertSame($isOne, $list->netAt('Q41', 'E')?->id === $list->netAt('U01', 'L14')?->id);
            $finding = array_filter(
                TestBoards::inspect($changed)->findings,
                static fn($one): bool => 'power.ground-not-joined' === $one->rule->id,
            );
            self::assertSame($isOne, [] === $finding);
        }
        $list = Connections::of($board);
        self::assertSame(['Whether the ground of 12 V is joined to the controller’s is not stated: it is drawn joined.'], $list->notes);
    }

    /** Numbers come from what a wire belongs to: taking one line away renames no wire of another. */
    public function testNumbersStay(): void
    {
        foreach (['utility-room' => 'L2', 'aquarium' => 'L1'] as $name => $line) {
            $board = WiredBoards::demos()[$name];
            $before = Connections::of($board);
            $after = Connections::of((new RemoveLine($line))->apply($board));
            $gone = array_diff_key($before->wires, $after->wires);
            self::assertSame([], array_diff_key($after->wires, $before->wires));
            self::assertNotSame([], $gone);
            foreach ($after->wires as $number => $wire) {
                self::assertSame($before->wires[$number]->to->name(), $wire->to->name());
            }
        }
    }

    /** The relay of the first line of the demo, from its pin to its coil and from its fuse to its appliance. */
    public function testOneLineFromFingerToFilament(): void
    {
        $list = Connections::of(WiredBoards::demos()['utility-room']);
        $joined = static fn(string $net): array => array_keys($list->nets[$net]->ends);
        self::assertSame(['U01.R12', 'X71.1', 'S71.1'], $joined('F7'));
        self::assertSame(['U01.R2', 'R11.1'], $joined('F1'));
        self::assertSame(['R11.2', 'R12.1', 'Q11.B'], $joined('A1.base'));
        self::assertSame(['Q11.C', 'K11.A2', 'D11.A'], $joined('A1.out'));
        self::assertSame(['K11.NO', 'Z11.1', 'X12.L', 'E11.L'], $joined('L1.on'));
        self::assertSame(['X01.L', 'F01.1'], $joined('L before'));
        self::assertContains('K11.COM', $joined('L'));
        self::assertContains('F01.2', $joined('L'));
        self::assertSame('U01 R2, GPIO23 (printed 23)', $list->words($list->nets['F1']->ends['U01.R2']));
        self::assertSame('470 Ω', $list->devices['R11']->value);
        self::assertSame(['1 E', '2 B', '3 C'], array_map(
            static fn($terminal): string => $terminal->pad . ' ' . $terminal->name,
            array_values($list->devices['Q11']->terminals),
        ));
    }

    /** Cut-out and guard stand in the way of the heat belt; the cooler is fed while the belt rests. */
    public function testWhatStandsInTheWay(): void
    {
        $list = Connections::of(WiredBoards::demos()['fermentation']);
        self::assertSame(['K41.COM', 'K11.NO'], array_keys($list->nets['L1.on.A4']->ends));
        self::assertSame(['K41.NO', 'F14.1'], array_keys($list->nets['L1.on']->ends));
        self::assertSame(['F14.2', 'X12.L'], array_keys($list->nets['L1.on.load']->ends));
        self::assertSame(['K11.NC', 'K21.COM', 'Z21.2'], array_keys($list->nets['A1.rest']->ends));
        self::assertSame('brass', $list->devices['X12']->terminals['L']->name);
        self::assertSame(Colour::White, $list->wires['M12']->colour);
    }

    public function testASwitchedNeutralAndBothPolesAreDrawnAsStated(): void
    {
        $list = Connections::of(WiredBoards::others()['both poles']);
        self::assertSame(['K12.NO', 'X12.N', 'E11.N'], array_keys($list->nets['L1.on.N']->ends), 'A second relay in the other conductor.');
        self::assertContains('K21.NO2', array_keys($list->nets['L2.on.N']->ends), 'A second pole.');
        self::assertSame(['X01.N', 'F02.1'], array_keys($list->nets['N before']->ends), 'Each hot has its fuse.');
    }

    public function testAStarHasABarAndAChainHasNone(): void
    {
        $board = WiredBoards::demos()['fermentation'];
        $star = Connections::of($board);
        self::assertCount(9, $star->devices['X05']->terminals);
        self::assertSame('X05', $star->wires['W13']->from->device);
        $chain = Connections::of((new StateWiring(ground: WiringScheme::Chain))->apply($board));
        self::assertArrayNotHasKey('X05', $chain->devices);
        $froms = array_map(static fn(Wire $wire): string => $wire->from->name(), array_filter(
            $chain->wires,
            static fn(Wire $wire): bool => 'GND' === $wire->net && !$wire->onBoard,
        ));
        self::assertSame($froms, array_unique($froms), 'Each end leads on once.');
        self::assertSame(array_keys($star->nets['R1']->ends), array_keys($chain->nets['R1']->ends));
    }

    public function testAGroundKeptApartIsItsOwnNet(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $apart = Connections::of((new StateGround('R2', false))->apply($board));
        self::assertArrayHasKey('GND.R2', $apart->nets);
        self::assertArrayHasKey('G21.-', $apart->nets['GND.R2']->ends);
        self::assertArrayNotHasKey('G21.-', $apart->nets['GND']->ends);
        self::assertArrayHasKey('G21.-', Connections::of($board)->nets['GND']->ends);
    }

    public function testWhatIsChosenIsWired(): void
    {
        $module = WiredBoards::generated()['module'];
        $list = Connections::of($module);
        self::assertSame(['U01.R2', 'A11.IN1'], array_keys($list->nets['F1']->ends));
        self::assertStringContainsString('cap on trigger LOW', $list->devices['A11']->note);
        $moved = Connections::of((new ChooseChannel('A1', 8))->apply($module));
        self::assertSame(['U01.R2', 'A11.IN8'], array_keys($moved->nets['F1']->ends));
        self::assertArrayHasKey('A11.NO8', $moved->nets['L1.on']->ends);
        self::assertCount(8, array_unique(array_map(
            static fn(string $function): string => (string) array_key_last($moved->nets[$function]->ends),
            ['F1', 'F2', 'F3', 'F4', 'F5', 'F6', 'F7', 'F8'],
        )), 'No two share a channel.');
        $fed = Connections::of((new FeedContact('A1', false))->apply(WiredBoards::demos()['utility-room']));
        self::assertArrayHasKey('K11.NO', $fed->nets['L']->ends);
        self::assertArrayHasKey('K11.COM', $fed->nets['L1.on']->ends);
        $direct = Connections::of((new FeedContact('A4', false))->apply(WiredBoards::demos()['utility-room']));
        self::assertArrayHasKey('K41.NO', $direct->nets['R2']->ends);
        self::assertArrayHasKey('K41.COM', $direct->nets['L4.on']->ends);
        $long = Connections::of((new MeasureWire('W11', 0.25))->apply(WiredBoards::demos()['utility-room']));
        self::assertSame(0.25, $long->wires['W11']->metres);
        $ordered = Connections::of((new OrderTerminals(['L6', 'L1']))->apply(WiredBoards::demos()['utility-room']));
        $blocks = array_values(array_filter(
            array_keys($ordered->devices),
            static fn(string $id): bool => 1 === preg_match('/^X[1-6]2$/', $id),
        ));
        self::assertSame(['X62', 'X12', 'X22', 'X32', 'X52', 'X42'], $blocks);
    }

    /** Each step is fed by the resting contact of the one before it, as the maker has said; in none of them can the COM be left out. */
    public function testContactsKeepStepsApart(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $nets = Connections::of($board)->nets;
        self::assertArrayHasKey('K21.COM', $nets['L']->ends);
        self::assertSame(['K21.NC', 'K71.COM'], array_keys($nets['A2.rest']->ends));
        self::assertSame(['K71.NC', 'K81.COM'], array_keys($nets['A7.rest']->ends));
        $turned = $board->with(wiring: new WiringFacts(fedAtContact: ['A7']));
        self::assertSame(['K71.NC', 'K81.COM'], array_keys(Connections::of($turned)->nets['A7.rest']->ends));
        $this->expectException(EditRefused::class);
        (new FeedContact('A7', false))->apply($board);
    }

    /** Nobody says of a plug that it brings an earth: it is drawn where something wants it, and with fixed wiring. */
    public function testEarthComesInWhereItIsWanted(): void
    {
        $lamps = WiredBoards::generated()['discrete'];
        self::assertArrayNotHasKey('PE', Connections::of($lamps)->nets);
        $fixed = (new StateBox(inlet: InletKind::Fixed))->apply($lamps);
        self::assertSame(['X01.PE'], array_keys(Connections::of($fixed)->nets['PE']->ends));
        $metal = (new StateBox(enclosure: BaseMaterial::Metal))->apply($lamps);
        self::assertSame(['X02.PE', 'X01.PE'], array_keys(Connections::of($metal)->nets['PE']->ends));
    }

    /** What is chosen for a relay goes with it. */
    public function testChoicesOfWhatIsGoneAreForgotten(): void
    {
        $board = (new OrderTerminals(['L6', 'L1']))->apply((new FeedContact('A1', false))->apply(WiredBoards::demos()['utility-room']));
        $after = (new RemoveLine('L1'))->apply($board);
        self::assertSame([[], ['L6']], [$after->wiring->fedAtContact, $after->wiring->order]);
    }

    public function testAnEmptyBoardHasAControllerAndItsSupply(): void
    {
        $list = Connections::of(WiredBoards::others()['empty']);
        self::assertSame(['U01', 'G11', 'X01'], array_keys($list->devices));
        self::assertSame(['Whether a fuse stands behind the inlet is not stated: none is drawn.'], $list->notes);
    }
}
