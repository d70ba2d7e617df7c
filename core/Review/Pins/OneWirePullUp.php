<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Pins\OneWireBus;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\PreferredValues;
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

/** One-wire bus without the pull-up that its cable wants. */
final class OneWirePullUp implements Rule
{
    private const USUAL_OHMS = 4.7e3;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.one-wire-pull-up',
            version: 1,
            title: 'One-wire bus without the pull-up that its cable wants',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'Nobody drives this wire high but its resistor. Programs for it do not switch on the weak one inside the chip, and a '
                . 'long cable needs a stronger one than a short.',
            threshold: 'a pull-up outside the chip (broken without), no greater than lifts cable and sensors within '
                . QuantityPrinter::rounded(OneWireBus::RISE_SECONDS, Unit::Second) . ' (weak), no less than a sensor pulls down with '
                . QuantityPrinter::rounded(OneWireBus::SINK_AMPS, Unit::Ampere) . ' (weak)',
            basis: Basis::DataSheet,
            source: 'time slots and levels of the usual temperature sensors, cable 100 pF a metre; from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $seen = [];
        foreach ($inspection->seating->pins as $id => $pin) {
            if (FunctionKind::OneWireSensor !== $inspection->board->functions[$id]->kind || isset($seen[$pin->name()])) {
                continue;
            }
            $seen[$pin->name()] = true;
            $functions = $inspection->board->functionsOn($pin->name());
            foreach ($functions as $function) {
                if (!$inspection->board->functions[$function]->cableMetres->isKnown()) {
                    yield new NotChecked(
                        $this->facts(),
                        $function,
                        'how long the cable to it is',
                        Answer::by(StateCable::class, 'metres', $function),
                    );
                    continue 2;
                }
            }
            $bus = OneWireBus::of($inspection->board, $pin, $functions);
            $name = $inspection->board->nameOf($id);
            $remedies = static fn(): array => self::fit($id, $bus);
            if (null === $bus->pull) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” on %s has no pull-up outside the chip.', $name, $pin->bothNames()),
                    proposals: $remedies,
                );
            } elseif ($bus->pull->ohms > $bus->greatestOhms || $bus->pull->ohms < $bus->leastOhms) {
                $isWeak = $bus->pull->ohms > $bus->greatestOhms;
                $figure = new Figure(
                    'pull-up',
                    $bus->pull->ohms,
                    Unit::Ohm,
                    $isWeak ? 'R_max = t ÷ (C · ln(1 ÷ (1 − V_IH ÷ V_DD)))' : 'R_min = (V_DD − 0.4 V) ÷ 4 mA',
                    [
                        'V_DD = ' . QuantityPrinter::rounded($bus->supplyVolts, Unit::Volt),
                        'V_IH = ' . QuantityPrinter::rounded($bus->highRatio * $bus->supplyVolts, Unit::Volt),
                        'C = ' . QuantityPrinter::rounded($bus->farads, Unit::Farad),
                        't = ' . QuantityPrinter::rounded(OneWireBus::RISE_SECONDS, Unit::Second),
                        'from ' . QuantityPrinter::rounded($bus->leastOhms, Unit::Ohm),
                        'to ' . QuantityPrinter::rounded($bus->greatestOhms, Unit::Ohm),
                    ],
                    'longest stated cable',
                    'RC charging; data sheet of the usual sensors, from memory',
                );
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        $isWeak
                            ? 'The pull-up of “%s” has %s; its cable wants no more than %s.'
                            : 'The pull-up of “%s” has %s; a sensor pulls down no less than %s.',
                        $name,
                        $figure->printed(),
                        QuantityPrinter::rounded($isWeak ? $bus->greatestOhms : $bus->leastOhms, Unit::Ohm),
                    ),
                    [$figure],
                    $remedies,
                );
            }
        }
    }

    /**
     * The usual one where it suits, else the greatest that still lifts the cable.
     *
     * @return list<Remedy> none where no resistor does both
     */
    private static function fit(string $function, OneWireBus $bus): array
    {
        if ($bus->greatestOhms < $bus->leastOhms) {
            return [];
        }
        $ohms = $bus->greatestOhms >= self::USUAL_OHMS
            ? self::USUAL_OHMS
            : PreferredValues::e12Between($bus->leastOhms, $bus->greatestOhms)[0] ?? null;

        return null === $ohms ? [] : [new Remedy(
            sprintf('Fit a pull-up of %s', QuantityPrinter::rounded($ohms, Unit::Ohm)),
            new FitPull($function, PullDirection::Up, $ohms),
        )];
    }
}
