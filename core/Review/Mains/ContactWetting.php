<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A power contact for a signal. */
final class ContactWetting implements Rule
{
    /** What silver-alloy contacts of 5 A and more want, where the maker says nothing (data sheets, from memory). */
    private const USUAL_AMPERES = 0.1;
    private const USUAL_VOLTS = 5.0;
    /** Above it films break by themselves, whatever flows (from memory). */
    private const BREAKS_BY_ITSELF_VOLTS = 60.0;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.contact-wetting',
            version: 1,
            title: 'Power contact for a small load',
            severities: [Severity::Weak],
            reason: 'A thin film grows on silver contacts. Some tens of volts or a good current break it with every closing; a boiler’s '
                . 'demand input, a gate or a bell brings neither, and fails after weeks.',
            threshold: sprintf(
                'current times voltage of the load at least that of the least load which the contact’s maker states, else of %s at %s',
                QuantityPrinter::rounded(self::USUAL_AMPERES, Unit::Ampere),
                QuantityPrinter::rounded(self::USUAL_VOLTS, Unit::Volt),
            ),
            basis: Basis::DataSheet,
            source: 'least contact load of the relay’s part file, else typical of silver-alloy contacts, from memory',
            silentWhen: sprintf('the contact switches %s or more', QuantityPrinter::rounded(self::BREAKS_BY_ITSELF_VOLTS, Unit::Volt)),
            joint: LineJoint::Contact,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($inspection->mains->contacts as $id => $contact) {
            $actuator = $board->actuator($id);
            $line = $board->lines[$board->lineOf($id)];
            $volts = $board->appliance($line)->dcVolts ?? $board->system()->volts;
            $relay = $board->relay($actuator);
            if (
                null === $actuator->relay
                || null !== $actuator->opens
                || null !== $relay->solidState
                || $volts >= self::BREAKS_BY_ITSELF_VOLTS
            ) {
                continue;
            }
            $over = self::over($relay, $contact->amps->value, $volts);
            if ($over->value >= 1) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf(
                    '“%s” brings %s at %s to a contact that wants %s at %s: films on it are not broken.',
                    $line->name,
                    $contact->amps->printed(),
                    QuantityPrinter::rounded($volts, Unit::Volt),
                    QuantityPrinter::rounded(self::leastAmps($relay), Unit::Ampere),
                    QuantityPrinter::rounded(self::leastVolts($relay), Unit::Volt),
                ),
                [$over],
                fn(): array => self::remedies($inspection, $id, $relay, $contact->amps->value, $volts),
            );
        }
    }

    private static function leastAmps(Relay $relay): float
    {
        return $relay->contactLeastAmps ?? self::USUAL_AMPERES;
    }

    private static function leastVolts(Relay $relay): float
    {
        return $relay->contactLeastVolts ?? self::USUAL_VOLTS;
    }

    private static function over(Relay $relay, float $amps, float $volts): Figure
    {
        return new Figure(
            'what the load brings over what the contact wants',
            $amps * $volts / max(self::leastAmps($relay) * self::leastVolts($relay), 1e-12),
            Unit::Ratio,
            'I · U ÷ (I_least · U_least)',
            [
                'I = ' . QuantityPrinter::rounded($amps, Unit::Ampere),
                'I_least = ' . QuantityPrinter::rounded(self::leastAmps($relay), Unit::Ampere),
                'U = ' . QuantityPrinter::rounded($volts, Unit::Volt),
                'U_least = ' . QuantityPrinter::rounded(self::leastVolts($relay), Unit::Volt),
            ],
            'rated power of the load',
            null === $relay->contactLeastAmps ? 'typical of silver-alloy contacts, from memory' : $relay->identity->name,
        );
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, Relay $now, float $amps, float $volts): array
    {
        foreach (Repairs::of($inspection)->partsOnOffer(Relay::class) as $relay) {
            if (
                null !== $relay->contactLeastAmps
                && $relay->isOfTheKindOf($now)
                && $relay->coilVolts === $now->coilVolts
                && $relay->contactDcAmps >= $amps
                && self::over($relay, $amps, $volts)->value >= 1
            ) {
                return [new Remedy('Fit ' . lcfirst($relay->identity->name), new ChooseRelay([$id], $relay))];
            }
        }

        return [];
    }
}
