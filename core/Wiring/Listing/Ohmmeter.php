<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Listing;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Path;

/**
 * What an ohmmeter reads between two nets of a board that is dead: through resistors and coils, every way at once. Its voltage opens no
 * junction of silicon, and what capacitors take is over when it rests.
 */
final class Ohmmeter
{
    /** @var list<array{string, string, Path}> nets at both ends of every resistive path */
    private array $paths = [];

    public function __construct(Connections $connections)
    {
        $netAt = [];
        foreach ($connections->nets as $net) {
            foreach ($net->ends as $name => $end) {
                $netAt[$name] = $net->id;
            }
        }
        foreach ($connections->devices as $device) {
            foreach ($device->paths as $path) {
                $from = $netAt[$device->id . '.' . $path->from] ?? null;
                $to = $netAt[$device->id . '.' . $path->to] ?? null;
                if (null !== $from && null !== $to && $from !== $to) {
                    $this->paths[] = [$from, $to, $path];
                }
            }
        }
    }

    /** Ohms between two nets, from the least to the greatest; null where no resistive way joins them. */
    public function between(string $one, string $other): ?Spread
    {
        $nodes = $this->reach($one);
        if (!isset($nodes[$other])) {
            return null;
        }
        $read = fn(string $corner): float => $this->solve(array_keys($nodes), $one, $other, $corner);

        return new Spread($read('min'), $read('typ'), $read('max'));
    }

    /** @return array<string, true> all nets that resistive ways lead to */
    private function reach(string $from): array
    {
        $reached = [$from => true];
        do {
            $before = count($reached);
            foreach ($this->paths as [$one, $other]) {
                if (isset($reached[$one]) || isset($reached[$other])) {
                    $reached[$one] = $reached[$other] = true;
                }
            }
        } while (count($reached) > $before);

        return $reached;
    }

    /**
     * One ampere in at one net and out at the other: the volts between them are the ohms. Kirchhoff’s current law at every net, solved by
     * elimination with the other net at zero.
     *
     * @param list<string> $nodes
     */
    private function solve(array $nodes, string $one, string $other, string $corner): float
    {
        $place = array_flip(array_values(array_diff($nodes, [$other])));
        $size = count($place);
        $rows = array_fill(0, $size, array_fill(0, $size + 1, 0.0));
        foreach ($this->paths as [$from, $to, $path]) {
            if (!isset($place[$from]) && !isset($place[$to])) {
                continue;
            }
            $siemens = 1 / max(1e-3, match ($corner) {
                'min' => $path->ohms->min,
                'max' => $path->ohms->max,
                default => $path->ohms->typ,
            });
            foreach ([[$from, $to], [$to, $from]] as [$here, $there]) {
                if (isset($place[$here])) {
                    $rows[$place[$here]][$place[$here]] += $siemens;
                    if (isset($place[$there])) {
                        $rows[$place[$here]][$place[$there]] -= $siemens;
                    }
                }
            }
        }
        $rows[$place[$one]][$size] = 1.0;

        return Elimination::solve($rows)[$place[$one]];
    }
}
