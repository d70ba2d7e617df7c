<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;

/** Which conductors the contacts of a line can interrupt: one for each pole. */
final class Poles
{
    /**
     * @return list<string> relays of a line that have one pole
     */
    public static function lacking(Board $board, Line $line): array
    {
        $lacking = [];
        foreach ($line->actuators as $id => $actuator) {
            if (null !== $actuator->relay && null === $actuator->opens && null === $actuator->guards
                && $board->relay($actuator)->poles < 2) {
                $lacking[] = $id;
            }
        }

        return $lacking;
    }

    /**
     * Relays of two poles that may stand in for those at hand, the best rated first.
     *
     * @param list<string> $actuators
     * @return list<Relay>
     */
    public static function relaysWithTwo(Inspection $inspection, array $actuators): array
    {
        $board = $inspection->board;
        $fits = static function (Relay $relay) use ($inspection, $board, $actuators): bool {
            foreach ($actuators as $id) {
                $now = $board->relay($board->actuator($id));
                $amps = $inspection->mains->contacts[$id]->amps->value;
                if (
                    $relay->poles < 2
                    || $relay->contactAcAmps < min($now->contactAcAmps, $amps)
                    || !$relay->isOfTheKindOf($now)
                    || $relay->coilVolts !== $now->coilVolts
                    || !$relay->insulation->isAtLeast(Insulation::Reinforced === $now->insulation
                        ? Insulation::Reinforced
                        : Insulation::Unstated)
                ) {
                    return false;
                }
            }

            return true;
        };
        $relays = array_values(array_filter(Repairs::of($inspection)->partsOnOffer(Relay::class), $fits));
        usort($relays, static fn(Relay $a, Relay $b): int => $b->contactAcAmps <=> $a->contactAcAmps);

        return $relays;
    }

    /**
     * Whether a second relay can be put beside each: not in a ready-made module, nor beside a relay that keeps its state.
     *
     * @param list<string> $actuators
     */
    public static function canBePaired(Board $board, array $actuators): bool
    {
        foreach ($actuators as $id) {
            $actuator = $board->actuator($id);
            if ($actuator->paired || $actuator->driver->isReadyMade() || !$board->relay($actuator)->isPlain()) {
                return false;
            }
        }

        return true;
    }
}
