<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\StateContactMade;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Pins\Source;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Too little current through a contact that was made for mains. */
final class WettingCurrent implements Rule
{
    private const LEAST_AMPS = 1e-3;
    /** Resistors that are tried, largest first. */
    private const PULL_OHMS = [4.7e3, 3.3e3, 2.7e3, 2.2e3];

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.wetting-current',
            version: 1,
            title: 'Too little current through a contact made for mains',
            severities: [Severity::Weak],
            reason: 'A contact that was made to break amperes cleans itself with them. With microamperes its skin of oxide grows, and '
                . 'after months it no longer closes.',
            threshold: 'current of the closed contact at the weakest pull and the lowest supply, at least '
                . QuantityPrinter::rounded(self::LEAST_AMPS, Unit::Ampere),
            basis: Basis::CommonPractice,
            source: 'common practice, from memory',
            silentWhen: 'the contact was made for signals, as push buttons and reeds are',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->pins as $id => $pin) {
            $function = $inspection->board->functions[$id];
            $forMains = $function->madeForMains?->value;
            if (
                !$function->kind->isContact()
                || false === $forMains
                || (null === $forMains && FunctionKind::MaintainedSwitch !== $function->kind)
            ) {
                continue;
            }
            $amps = self::amps($pin, $function->pull);
            if (null === $amps || $amps >= self::LEAST_AMPS) {
                continue;
            }
            $figure = (new Figure(
                'current of the closed contact',
                $amps,
                Unit::Ampere,
                'V_DD ÷ R_pull',
                [
                    'V_DD = ' . QuantityPrinter::rounded($pin->silicon->electrics->supply->min, Unit::Volt),
                    'R_pull = ' . QuantityPrinter::rounded($pin->silicon->electrics->supply->min / $amps, Unit::Ohm),
                    'at least ' . QuantityPrinter::rounded(self::LEAST_AMPS, Unit::Ampere),
                ],
                'weakest pull, lowest supply',
                'Ohm’s law',
            ))->outOf($amps, self::LEAST_AMPS, Unit::Ampere);
            if (null === $forMains) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf(
                        'whether the contact of “%s” was made for mains: closed it gets %s, and such a contact wants %s',
                        $function->name,
                        $figure->printed(),
                        QuantityPrinter::rounded(self::LEAST_AMPS, Unit::Ampere),
                    ),
                    Answer::by(StateContactMade::class, 'forMains', $id),
                );
            } else {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        'The contact of “%s” was made for mains and gets %s when it is closed; it wants %s to stay clean.',
                        $function->name,
                        $figure->printed(),
                        QuantityPrinter::rounded(self::LEAST_AMPS, Unit::Ampere),
                    ),
                    [$figure],
                    static fn(): array => self::stronger($id, $pin),
                );
            }
        }
    }

    /** Amperes through the closed contact at the weakest pull; null where nothing pulls it up. */
    private static function amps(Pin $pin, ?Pull $pull): ?float
    {
        $state = $pin->chip->can(Ability::PullUp) ? PinState::PulledUp : PinState::Floating;
        $source = Source::at($pin, $state, null === $pull ? [] : [$pull], Level::Low);

        return null === $source || $source->ohms <= 0 || $source->volts <= 0 ? null : $source->volts / $source->ohms;
    }

    /**
     * @return list<Remedy>
     */
    private static function stronger(string $function, Pin $pin): array
    {
        foreach (self::PULL_OHMS as $ohms) {
            if ((self::amps($pin, new Pull(PullDirection::Up, $ohms)) ?? 0.0) >= self::LEAST_AMPS) {
                return [new Remedy(
                    sprintf('Pull it up with %s', QuantityPrinter::rounded($ohms, Unit::Ohm)),
                    new FitPull($function, PullDirection::Up, $ohms),
                )];
            }
        }

        return [];
    }
}
