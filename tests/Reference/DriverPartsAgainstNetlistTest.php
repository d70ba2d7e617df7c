<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Drive\Circuit\BuiltPart;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a driver is built of is joined as in the netlist that ngspice solves (its agreement with the operating points: see
 * CircuitsAgainstNgspiceTest). A collector’s own resistance and what lies inside a package are contracted.
 */
final class DriverPartsAgainstNetlistTest extends TestCase
{
    /** @return iterable<string, array{Board}> */
    public static function boards(): iterable
    {
        foreach ([...WiredBoards::all(), ...WiredBoards::others()] as $name => $board) {
            yield $name => [$board];
        }
    }

    #[DataProvider('boards')]
    public function testPartsHangOnTheNodesOfTheNetlist(Board $board): void
    {
        foreach ($board->actuators() as $id => $actuator) {
            $circuit = Circuits::ofSingleParts($board, $actuator);
            $parts = null === $circuit ? [] : $circuit->built();
            if (null === $circuit || [] !== array_filter($parts, static fn(BuiltPart $part): bool => $part->isShared)) {
                continue;
            }
            $spice = self::elements($circuit->netlist($circuit->typical(), 3.3, 20.0)->spice());
            $mine = [];
            foreach ($parts as $part) {
                $nodes = array_map(self::plain(...), $part->nodes);
                $mine[] = match ($part->letter) {
                    'R' => self::resistor($nodes['1'] ?? '', $nodes['2'] ?? '', (float) $part->ohms),
                    'Q' => 'switch ' . implode(' ', array_map(
                        static fn(string $one, string $other): string => $nodes[$one] ?? $nodes[$other] ?? '',
                        ['C', 'B', 'E'],
                        ['D', 'G', 'S'],
                    )),
                    default => 'coupler ' . implode(' ', [$nodes['A'] ?? '', $nodes['K'] ?? '', $nodes['C'] ?? '', $nodes['E'] ?? '']),
                };
            }
            $coil = array_map(self::plain(...), $circuit->coil());
            $mine[] = 'coil ' . implode(' ', $coil);
            self::assertEqualsCanonicalizing($spice, $mine, $id);
        }
        // Ready-made modules and packages have their inside in the part file.
        $this->addToAssertionCount(1);
    }

    /** Two terminals share a net of the list exactly where they share a node of the circuit. */
    #[DataProvider('boards')]
    public function testNetsAreTheNodes(Board $board): void
    {
        $connections = Connections::of($board);
        self::assertNotSame([], $connections->devices);
        foreach ($board->actuators() as $id => $actuator) {
            $number = substr($id, 1);
            $nodeOf = [];
            $parts = Circuits::of($board, $actuator)->built();
            foreach ($parts as $part) {
                foreach ($part->isShared ? [] : $part->nodes as $terminal => $node) {
                    $net = $connections->netAt($part->letter . $number . $part->digit, (string) $terminal);
                    self::assertNotNull($net);
                    self::assertSame($nodeOf[$node] ?? $net->id, $net->id, sprintf('%s: node %s', $id, $node));
                    $nodeOf[$node] = $net->id;
                }
            }
            $own = array_diff_key($nodeOf, [BuiltPart::GROUND => true, BuiltPart::INPUT_GROUND => true]);
            self::assertSame($own, array_unique($own), $id . ': two nodes on one net');
        }
    }

    /**
     * @return list<string> what is joined to what
     */
    private static function elements(string $text): array
    {
        $collectors = [];
        preg_match_all('/^Rc (\w+) (\w+) /m', $text, $found, PREG_SET_ORDER);
        foreach ($found as [, $from, $to]) {
            // Whichever end is inside the transistor is the outer one with its resistance taken away.
            $collectors['inner'] = 'inner' === $from ? $to : $from;
        }
        $at = static fn(string $node): string => self::plain($collectors[$node] ?? $node);
        $elements = [];
        foreach (explode("\n", $text) as $line) {
            $words = explode(' ', $line);
            if (1 === preg_match('/^R(?!pin|c$)/', $words[0])) {
                $elements[] = 'Rcoil' === $words[0]
                    ? 'coil ' . $at($words[1]) . ' ' . $at($words[2])
                    : self::resistor($at($words[1]), $at($words[2]), (float) $words[3]);
            } elseif (1 === preg_match('/^Qq|^Mm/', $words[0])) {
                $elements[] = 'switch ' . implode(' ', [$at($words[1]), $at($words[2]), $at($words[3])]);
            } elseif (str_starts_with($words[0], 'Vsu')) {
                preg_match('/^D\S+ \S+ (\S+)/m', $text, $led);
                preg_match('/^Qu\S+ (\S+) \S+ (\S+)/m', $text, $transistor);
                $ends = [$words[1], $led[1] ?? '', $transistor[1] ?? '', $transistor[2] ?? ''];
                $elements[] = 'coupler ' . implode(' ', array_map($at, $ends));
            }
        }

        return $elements;
    }

    private static function resistor(string $one, string $other, float $ohms): string
    {
        $ends = [$one, $other];
        sort($ends);

        return sprintf('resistor %s %s %.6g', $ends[0], $ends[1], $ohms);
    }

    private static function plain(string $node): string
    {
        return '0' === $node || BuiltPart::INPUT_GROUND === $node ? 'gnd' : $node;
    }
}
