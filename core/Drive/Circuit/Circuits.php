<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\PinElectrics;

/** Every kind of driver circuit, and the one of a relay. */
final class Circuits
{
    /** @var list<class-string<DriverCircuit>> in the order in which they are proposed */
    public const KINDS = [
        PinAlone::class,
        NpnSwitch::class,
        MosfetSwitch::class,
        ArraySwitch::class,
        HighSideSwitch::class,
        MosfetHighSideSwitch::class,
        InvertingSwitch::class,
        CouplerSwitch::class,
        ModuleSwitch::class,
        BridgeSwitch::class,
    ];

    /**
     * @param ?PinElectrics $pin where the relay is tried on another pin than its own
     * @throws \InvalidArgumentException when no circuit is known for the driver
     */
    public static function of(Board $board, Actuator $actuator, ?PinElectrics $pin = null): DriverCircuit
    {
        foreach (self::KINDS as $kind) {
            if ($kind::driver() === $actuator->driver::class) {
                return $kind::of($board, $actuator, $pin ?? $board->siliconOf($actuator->function)->electrics);
            }
        }
        throw new \InvalidArgumentException(sprintf('No circuit is known for a %s.', $actuator->driver::class));
    }

    /** Its circuit where that is built of single parts; null for a ready-made module, whose inside is unknown, and for no driver. */
    public static function ofSingleParts(Board $board, Actuator $actuator): ?SwitchCircuit
    {
        $circuit = self::of($board, $actuator);

        return $circuit instanceof SwitchCircuit ? $circuit : null;
    }

    /** Every hand-off of a relay, which need not be on the board: remedies try their proposals with it. */
    public static function result(Board $board, Actuator $actuator): DriverResult
    {
        return self::of($board, $actuator)->result($board->siliconOf($actuator->function), $board->ambientCelsius());
    }

    /**
     * @return iterable<Candidate> what could be built for a relay, of what can be had
     */
    public static function candidates(Offer $offer): iterable
    {
        $mustTurnRound = 1 === $offer->relay->bistable?->windings;
        foreach ([null, ...$offer->parts] as $part) {
            foreach (self::KINDS as $kind) {
                foreach ($kind::candidates($offer, $part) as $candidate) {
                    if ($candidate->driver->turnsRound() === $mustTurnRound) {
                        yield $candidate;
                    }
                }
            }
        }
    }
}
