<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\Circuit\Offer;
use IronLatch\Core\Quantity\MarginState;

/** Which driver circuits leave a strapped pin right at reset and the relay still. */
final readonly class StrapSuits
{
    /**
     * @param string $driver in words
     * @param bool $suits the node is right at the worst corner and the relay does not move
     */
    private function __construct(public string $driver, public StrappedNode $node, public bool $suits) {}

    /**
     * @param list<Part> $parts on offer
     * @return list<self> for the relay of an output on a strapped pin, in the order of the parts
     */
    public static function of(Board $board, string $function, Pin $pin, array $parts): array
    {
        $owner = $board->actuatorOf($function);
        $strap = $pin->chip->strap;
        if (null === $owner || null === $strap) {
            return [];
        }
        $line = $board->lineOf($owner);
        $actuator = $board->actuator($owner);
        $suits = [];
        foreach (Circuits::candidates(new Offer($board, $actuator, $parts)) as $candidate) {
            $with = $board->withPart(...$candidate->parts);
            $with = $with->with(lines: [
                ...$with->lines,
                $line => $with->lines[$line]->with(actuators: [
                    ...$with->lines[$line]->actuators,
                    $owner => $actuator->with(driver: $candidate->driver),
                ]),
            ]);
            $node = StrapSolver::solve($with, $pin, $strap, [$function]);
            $suits[] = new self(
                $candidate->title,
                $node,
                MarginState::Sound === $node->margin?->state() && null === (new StartUp($with))->film($function, $pin)->worstTwitch(),
            );
        }

        return $suits;
    }
}
