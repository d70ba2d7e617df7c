<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** The voltage of the idle winding. */
final class IdleWinding implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.idle-winding',
            version: 1,
            title: 'More than mains at the open contact of a direction',
            severities: [Severity::Hint],
            reason: 'Between the two windings of such a motor lies its capacitor. While one is driven the other end '
                . 'stands at a right angle to it: the open contact sees √2 times the mains, and most relays are made '
                . 'for 250 V.',
            threshold: 'contact voltage of the relays over √2 · 1.1 · U',
            basis: Basis::CommonPractice,
            source: 'transformer law for two equal windings at a right angle; from memory',
            silentWhen: 'no line drives a motor both ways',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($board->groups as $id => $group) {
            $owner = GroupKind::Directions === $group->kind ? $board->actuatorOf($group->functions[0] ?? '') : null;
            if (null === $owner || null === $board->actuator($owner)->relay || $board->system()->isDirect()) {
                continue;
            }
            $rated = $board->relay($board->actuator($owner))->contactAcVolts;
            $sees = M_SQRT2 * MainsSystem::HIGHEST_SHARE * $board->system()->volts;
            if ($rated >= $sees) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Hint,
                $id,
                sprintf(
                    'The open contact of “%s” sees up to %s, and is made for %s.',
                    $group->name,
                    QuantityPrinter::rounded($sees, Unit::Volt),
                    QuantityPrinter::rounded($rated, Unit::Volt),
                ),
                [(new Figure(
                    'contact voltage over that of the idle winding',
                    $rated / $sees,
                    Unit::Ratio,
                    'U_contact ÷ (√2 · 1.1 · U)',
                    [
                        'U_contact = ' . QuantityPrinter::rounded($rated, Unit::Volt),
                        'U = ' . QuantityPrinter::rounded($board->system()->volts, Unit::Volt),
                    ],
                    'mains 10 % high, equal windings',
                    'two windings at a right angle, from memory',
                ))->outOf($rated, $sees, Unit::Volt)],
            );
        }
    }
}
