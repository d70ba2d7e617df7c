<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\MarginState;

/** Which driver circuits leave a strapped pin right at reset and the relay still. */
final readonly class StrapSuits
{
    private const BASE_OHMS = 470.0;
    private const GATE_OHMS = 100.0;
    private const BASE_EMITTER_OHMS = 10e3;

    /**
     * @param string $driver in words
     * @param bool $suits the node is right at the worst corner and the relay does not move
     */
    private function __construct(public string $driver, public StrappedNode $node, public bool $suits) {}

    /**
     * @param list<Part> $parts transistors and modules on offer
     * @return list<self> for the relay of an output on a strapped pin, in the order of the parts
     */
    public static function of(Board $board, string $function, Pin $pin, array $parts): array
    {
        $owner = $board->actuatorOf($function);
        $strap = $pin->chip->strap;
        if (null === $owner || null === $strap) {
            return [];
        }
        [$line, $actuator] = $board->actuators()[$owner];
        $suits = [];
        foreach ($parts as $part) {
            $driver = match (true) {
                $part instanceof Transistor && !$part->isPnp => new NpnLowSide(
                    $part->identity->id,
                    self::BASE_OHMS,
                    self::BASE_EMITTER_OHMS,
                ),
                $part instanceof Mosfet => new MosfetLowSide($part->identity->id, self::GATE_OHMS, self::BASE_EMITTER_OHMS),
                // A ready-made module switches nothing but its own relay.
                $part instanceof OptoModule && null !== $actuator->relay => new OptoModuleInput($part->identity->id, $part->activeLevel),
                default => null,
            };
            if (null === $driver) {
                continue;
            }
            $with = $board->withPart($part);
            $with = $with->with(lines: [
                ...$with->lines,
                $line => $with->lines[$line]->with(actuators: [
                    ...$with->lines[$line]->actuators,
                    $owner => $actuator->with(driver: $driver),
                ]),
            ]);
            $node = StrapSolver::solve($with, $pin, $strap, [$function]);
            $suits[] = new self(
                $part->identity->name,
                $node,
                MarginState::Sound === $node->margin?->state() && null === (new StartUp($with))->film($function, $pin)->worstTwitch(),
            );
        }

        return $suits;
    }
}
