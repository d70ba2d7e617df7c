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
     * @param array<string, Pin> $pins
     * @param list<Part> $parts on offer
     * @return array<string, list<self>> by the name of the pin, where it is strapped: for the relay of an output, in the order of the parts
     */
    public static function of(Board $board, string $function, array $pins, array $parts): array
    {
        $owner = $board->actuatorOf($function);
        $suits = [];
        foreach (null === $owner ? [] : self::tried($board, $owner, $parts) as $title => $with) {
            $startUp = new StartUp($with);
            foreach ($pins as $name => $pin) {
                if (null === $pin->chip->strap) {
                    continue;
                }
                $node = StrapSolver::solve($with, $pin, $pin->chip->strap, [$function]);
                $isStill = static fn(): bool => null === $startUp->film($function, $pin)->worstTwitch();
                $suits[$name][] = new self($title, $node, MarginState::Sound === $node->margin?->state() && $isStill());
            }
        }

        return $suits;
    }

    /**
     * @param list<Part> $parts
     * @return iterable<string, Board> the board with each circuit that could drive the relay, by what it is called
     */
    private static function tried(Board $board, string $owner, array $parts): iterable
    {
        $line = $board->lineOf($owner);
        $actuator = $board->actuator($owner);
        foreach (Circuits::candidates(new Offer($board, $actuator, $parts)) as $candidate) {
            $with = $board->withPart(...$candidate->parts);
            yield $candidate->title => $with->with(lines: [
                ...$with->lines,
                $line => $with->lines[$line]->with(actuators: [
                    ...$with->lines[$line]->actuators,
                    $owner => $actuator->with(driver: $candidate->driver),
                ]),
            ]);
        }
    }
}
