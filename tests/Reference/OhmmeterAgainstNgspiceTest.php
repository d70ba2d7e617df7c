<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Listing\Ohmmeter;
use IronLatch\Tests\Support\Ngspice;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\TestCase;

/** What an ohmmeter reads at each resistor and coil of a board, against ngspice (Debian package): one ampere through the same network. */
final class OhmmeterAgainstNgspiceTest extends TestCase
{
    public function testReadingsOfWholeBoards(): void
    {
        foreach (['aquarium' => WiredBoards::demos()['aquarium'], 'both poles' => WiredBoards::others()['both poles']] as $name => $board) {
            $connections = Connections::of($board);
            $meter = new Ohmmeter($connections);
            $nodes = array_flip(array_keys($connections->nets));
            $elements = [];
            $pairs = [];
            foreach ($connections->devices as $device) {
                foreach ($device->paths as $path) {
                    $from = $connections->netAt($device->id, $path->from);
                    $to = $connections->netAt($device->id, $path->to);
                    if (null !== $from && null !== $to) {
                        $elements[] = sprintf('R%s n%d n%d %.9g', $device->id, $nodes[$from->id], $nodes[$to->id], $path->ohms->typ);
                        $pairs[] = [$from->id, $to->id];
                    }
                }
            }
            self::assertGreaterThan(6, count($pairs));
            foreach ($pairs as [$from, $to]) {
                $spice = Ngspice::operatingPoint(
                    [
                        ...$elements,
                        // Nets that nothing resistive leads to would hang in the air.
                        ...array_map(static fn(int $node): string => sprintf('Rleak%1$d n%1$d 0 1e15', $node), array_values($nodes)),
                        sprintf('I1 0 n%d 1', $nodes[$from]),
                        sprintf('Vzero n%d 0 0', $nodes[$to]),
                    ],
                    [sprintf('v(n%d)', $nodes[$from])],
                );
                self::assertEqualsWithDelta(array_values($spice)[0], $meter->between($from, $to)->typ ?? 0.0, 1e-3, "$name: $from to $to");
            }
        }
    }
}
