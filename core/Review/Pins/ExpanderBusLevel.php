<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\ReplaceExpander;
use IronLatch\Core\Board\Edit\Controller\SetExpander;
use IronLatch\Core\Board\Edit\Controller\SetI2cBus;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Bus level that an expander may not read as high, or a supply that it is not made for. */
final class ExpanderBusLevel implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.expander-bus-level',
            version: 1,
            title: 'Bus level too low for the expander',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'An expander on 5 V wants more for a high than a 3.3 V bus gives: it works on one bench and not on the next.',
            threshold: 'the controller’s pin supply over the expander’s lowest high, at typical values (broken) and at the worst '
                . 'corner (weak); and a supply that it is made for',
            basis: Basis::DataSheet,
            source: 'input levels of the expander’s part file',
            silentWhen: 'a level shifter stands between them',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controller->expanders as $id => $supplied) {
            $fitted = $inspection->board->expanders[$id];
            $margin = self::margin($inspection, $id);
            $isOutside = $supplied->supply->typ < $supplied->part->supply->min || $supplied->supply->typ > $supplied->part->supply->max;
            $isShifted = true === $inspection->board->groups[$fitted->bus]->i2c?->levelShifter;
            if ($isOutside) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” is made for %s to %s and is fed with %s.',
                        $fitted->name,
                        QuantityPrinter::rounded($supplied->part->supply->min, Unit::Volt),
                        QuantityPrinter::rounded($supplied->part->supply->max, Unit::Volt),
                        QuantityPrinter::rounded($supplied->supply->typ, Unit::Volt),
                    ),
                    proposals: static fn(): array => self::remedies($inspection, $id, false),
                );
            } elseif (!$isShifted && MarginState::Sound !== $margin->state()) {
                $isBroken = MarginState::Broken === $margin->state();
                yield new Finding(
                    $this->facts(),
                    $isBroken ? Severity::Broken : Severity::Weak,
                    $id,
                    sprintf(
                        'The bus of “%s” gives %s, and a high begins at %s%s.',
                        $fitted->name,
                        ($isBroken ? $margin->nominal : $margin->worst)->has(),
                        ($isBroken ? $margin->nominal : $margin->worst)->needs(),
                        $isBroken ? '' : ' at the worst corner',
                    ),
                    $isBroken ? [$margin->nominal, $margin->worst] : [$margin->worst, $margin->nominal],
                    static fn(): array => self::remedies($inspection, $id, true),
                );
            }
        }
    }

    private static function margin(Inspection $inspection, string $id): Margin
    {
        $bus = $inspection->controller->chip->electrics->supply;
        $supplied = $inspection->controller->expanders[$id];
        $figure = static fn(float $high, float $supply, string $corner): Figure => (new Figure(
            'bus level over the lowest high',
            $high / ($supplied->part->busHighRatio * $supply),
            Unit::Ratio,
            'V_bus ÷ V_IH',
            [
                'V_bus = ' . QuantityPrinter::rounded($high, Unit::Volt),
                'V_IH = ' . QuantityPrinter::rounded($supplied->part->busHighRatio * $supply, Unit::Volt),
            ],
            $corner,
            $supplied->part->identity->name . ', ' . $supplied->part->identity->basis->words(),
        ))->outOf($high, $supplied->part->busHighRatio * $supply, Unit::Volt);
        // On the controller's own pin supply both move together.
        $own = null === $inspection->board->expanders[$id]->rail;

        return new Margin(
            $figure($bus->typ, $supplied->supply->typ, 'typical values'),
            $figure(
                $bus->min,
                $own ? $bus->min : $supplied->supply->max,
                $own ? 'lowest supply' : 'lowest bus level, highest supply of the expander',
            ),
        );
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, bool $isFedRight): array
    {
        $fitted = $inspection->board->expanders[$id];
        $expander = $inspection->board->expander($fitted);
        $supply = $inspection->controller->chip->electrics->supply;
        $remedies = [];
        if (null !== $fitted->rail && $supply->min >= $expander->supply->min && $supply->max <= $expander->supply->max) {
            $remedies[] = new Remedy(
                sprintf('Feed it with the controller’s %s', QuantityPrinter::rounded($supply->typ, Unit::Volt)),
                new SetExpander($id, $fitted->address, null, $fitted->heldOff),
            );
        }
        $rail = $inspection->board->railVolts($inspection->board->mcu->rail)->typ;
        if (
            !$isFedRight
            && $inspection->board->mcu->rail !== $fitted->rail
            && $rail >= $expander->supply->min
            && $rail <= $expander->supply->max
        ) {
            $remedies[] = new Remedy(
                'Feed it from the rail ' . $inspection->board->nameOf($inspection->board->mcu->rail),
                new SetExpander($id, $fitted->address, $inspection->board->mcu->rail, $fitted->heldOff),
            );
        }
        foreach (Repairs::of($inspection)->partsOnOffer(Expander::class) as $other) {
            if ($other->kind === $expander->kind && !$expander->kind->isOnI2c() && $other->busHighRatio < $expander->busHighRatio) {
                $remedies[] = new Remedy('Use the ' . $other->identity->name, new ReplaceExpander($id, $other));
            }
        }
        $bus = $inspection->board->groups[$fitted->bus]->i2c;
        if ($isFedRight && null !== $bus && is_float($bus->wireFarads->value)) {
            $remedies[] = new Remedy(
                'Put a level shifter into the bus',
                new SetI2cBus($fitted->bus, $bus->hertz, $bus->pullUpOhms, $bus->wireFarads->value, true),
            );
        }

        return $remedies;
    }
}
