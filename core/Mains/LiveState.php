<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Relay;

/** Whether an appliance runs in a state of the board, and whether its inside is live: off is not isolated. */
final readonly class LiveState
{
    /**
     * @param ?bool $runs null when that is as it was before, or not known
     * @param ?bool $live null when that is as it was before, or not known
     */
    private function __construct(public string $state, public ?bool $runs, public ?bool $live) {}

    /**
     * Switched off, with the board dead, and with a contact that has welded.
     *
     * @param ?SwitchedConductor $conductor null while it is not known
     * @param ?InletKind $inlet null while it is not known
     * @return list<self>
     */
    public static function of(Actuator $actuator, Relay $relay, ?SwitchedConductor $conductor, ?InletKind $inlet): array
    {
        $dead = null === $relay->bistable ? ContactUse::NormallyClosed === $actuator->contact : null;
        $states = [];
        foreach ([
            'switched off' => false,
            'board without power' => $dead,
            'contact welded or output failed closed' => true,
        ] as $state => $closed) {
            $states[] = new self($state, $closed, self::live($relay, $conductor, $inlet, $closed));
        }

        return $states;
    }

    private static function live(Relay $relay, ?SwitchedConductor $conductor, ?InletKind $inlet, ?bool $closed): ?bool
    {
        return match (true) {
            null === $conductor => null,
            // What is switched in the neutral alone stays live; a solid-state output leaks.
            SwitchedConductor::Neutral === $conductor => true,
            null !== $relay->solidState => true,
            // One contact cannot keep the other conductor away, which may be the live one.
            SwitchedConductor::Live === $conductor && true === $inlet?->wantsBothPoles() => true,
            SwitchedConductor::Live === $conductor && null === $inlet && true !== $closed => null,
            default => $closed,
        };
    }
}
