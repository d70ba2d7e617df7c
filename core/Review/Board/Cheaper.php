<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Build\FormComparison;
use IronLatch\Core\Build\FormEstimate;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;

/** Ways out of a limit that is broken, what saves most first. */
final class Cheaper
{
    /**
     * @param string $what the limit: money, size or different
     * @return list<Remedy>
     */
    public static function remedies(Inspection $inspection, string $what): array
    {
        return [...('money' === $what ? self::relays($inspection) : []), ...self::forms($inspection, $what)];
    }

    /**
     * One cheaper relay of the same kind that keeps mains apart no worse.
     *
     * @return list<Remedy> at most one
     */
    private static function relays(Inspection $inspection): array
    {
        $board = $inspection->board;
        $users = [];
        foreach ($board->actuators() as $id => $actuator) {
            if (null !== $actuator->relay) {
                $users[$actuator->relay][] = $id;
            }
        }
        $best = null;
        $saved = 0.0;
        foreach ($users as $id => $relays) {
            $present = $board->part($id, Relay::class);
            foreach (Repairs::of($inspection)->partsOnOffer(Relay::class) as $relay) {
                $saves = count($relays) * ($present->price - $relay->price);
                if ($saves > $saved && self::isAsGood($relay, $present)) {
                    $saved = $saves;
                    $best = new Remedy(
                        sprintf('Take “%s” for %d relays', $relay->identity->name, count($relays)),
                        new ChooseRelay($relays, $relay),
                    );
                }
            }
        }

        return null === $best ? [] : [$best];
    }

    private static function isAsGood(Relay $relay, Relay $present): bool
    {
        return $relay->price > 0
            && $relay->isOfTheKindOf($present)
            && $relay->insulatesAsWellAs($present)
            && $relay->coilVolts === $present->coilVolts
            && $relay->poles >= $present->poles;
    }

    /**
     * Other forms of build that take less.
     *
     * @return list<Remedy>
     */
    private static function forms(Inspection $inspection, string $what): array
    {
        $board = $inspection->board;
        $present = $board->build->form();
        if (null === $present) {
            return [];
        }
        $measure = static fn(FormEstimate $one): float => match ($what) {
            'money' => $one->materialEuros,
            'size' => $one->squareMetres(),
            default => (float) $one->different,
        };
        $comparison = new FormComparison($board, $inspection->connections(), $inspection->prices);
        $now = $measure($comparison->of($present));
        $others = array_filter($comparison->all(), static fn(FormEstimate $one): bool => $one->form !== $present && $measure($one) < $now);
        usort($others, static fn(FormEstimate $one, FormEstimate $other): int => $measure($one) <=> $measure($other));

        return array_map(
            static fn(FormEstimate $one): Remedy => new Remedy(
                sprintf('Build it as: %s', $one->form->value),
                new StateBuild(form: $one->form),
            ),
            $others,
        );
    }
}
