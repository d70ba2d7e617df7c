<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\SetI2cBus;
use IronLatch\Core\Board\I2cFacts;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Pins\I2cPullUp;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** I2C pull-up missing, too small or too large. */
final class BusPullUp implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.bus-pull-up',
            version: 1,
            title: 'I2C pull-up outside its limits',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'Nothing on an I2C bus drives a high: the pull-ups do. Too large, and the wires rise too late; too small, and no '
                . 'device can pull them low.',
            threshold: 'R_min = (V_DD − 0.4 V) ÷ 3 mA and R_max = t_r ÷ (0.8473 · C_bus); outside at typical values is broken, at ±'
                . QuantityPrinter::rounded(100 * I2cPullUp::RESISTOR_TOLERANCE, Unit::Percent) . ' weak',
            basis: Basis::Standard,
            source: 'I2C-bus specification UM10204, section 7.1, from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->groups as $id => $group) {
            if (null === $group->i2c) {
                continue;
            }
            if (!is_float($group->i2c->wireFarads->value)) {
                yield new NotChecked($this->facts(), $id, 'the capacitance of its wiring');
                continue;
            }
            $limits = I2cPullUp::of($inspection->board, $id);
            $farads = $group->i2c->wireFarads->value;
            $remedies = static fn(): array => self::remedies($id, $group->i2c, $farads, $limits);
            if (null === $limits->overLeast || null === $limits->underGreatest) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” has no pull-ups: nothing lifts its wires. They lie between %s and %s.',
                        $group->name,
                        QuantityPrinter::rounded($limits->leastOhms, Unit::Ohm),
                        QuantityPrinter::rounded($limits->greatestOhms, Unit::Ohm),
                    ),
                    proposals: $remedies,
                );
                continue;
            }
            foreach ([
                [$limits->overLeast, 'too small: devices cannot pull the wires low'],
                [$limits->underGreatest, 'too large: the wires rise too late'],
            ] as [$margin, $why]) {
                if (MarginState::Sound !== $margin->state()) {
                    yield $this->finding($id, $group->name, $group->i2c, $limits, $margin, $why, $remedies);
                    break;
                }
            }
        }
    }

    /**
     * @param \Closure(): list<Remedy> $remedies
     */
    private function finding(
        string $id,
        string $name,
        I2cFacts $bus,
        I2cPullUp $limits,
        Margin $margin,
        string $why,
        \Closure $remedies,
    ): Finding {
        $isBroken = MarginState::Broken === $margin->state();
        $figure = $isBroken ? $margin->nominal : $margin->worst;

        return new Finding(
            $this->facts(),
            $isBroken ? Severity::Broken : Severity::Weak,
            $id,
            sprintf(
                'The pull-ups of “%s” (%s) are %s; they lie between %s and %s%s.',
                $name,
                QuantityPrinter::rounded($bus->pullUpOhms ?? 0.0, Unit::Ohm),
                $why,
                QuantityPrinter::rounded($limits->leastOhms, Unit::Ohm),
                QuantityPrinter::rounded($limits->greatestOhms, Unit::Ohm),
                $isBroken ? '' : ', and these reach outside at a corner',
            ),
            [$figure, $isBroken ? $margin->worst : $margin->nominal],
            $remedies,
        );
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(string $id, I2cFacts $bus, float $wireFarads, I2cPullUp $limits): array
    {
        $within = static fn(float $least, float $greatest): array => PreferredValues::e12Between(
            $least / (1 - 2 * I2cPullUp::RESISTOR_TOLERANCE),
            min(10e3, $greatest / (1 + I2cPullUp::RESISTOR_TOLERANCE)),
        );
        $values = $within($limits->leastOhms, $limits->greatestOhms);
        if ([] !== $values) {
            // In the middle of what is allowed, on the scale of the series.
            $ohms = $values[intdiv(count($values), 2)];

            return [new Remedy(
                sprintf('Fit pull-ups of %s', QuantityPrinter::rounded($ohms, Unit::Ohm)),
                new SetI2cBus($id, $bus->hertz, $ohms, $wireFarads, $bus->levelShifter),
            )];
        }
        $values = $within($limits->leastOhms, I2cPullUp::greatestOhms(I2cPullUp::STANDARD_HERTZ, $limits->busFarads));

        return [] === $values ? [] : [new Remedy(
            sprintf('Run the bus at 100 kHz with pull-ups of %s', QuantityPrinter::rounded($values[0], Unit::Ohm)),
            new SetI2cBus($id, I2cPullUp::STANDARD_HERTZ, $values[0], $wireFarads, $bus->levelShifter),
        )];
    }
}
