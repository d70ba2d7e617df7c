<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\FeedDevice;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Power\Demand;
use IronLatch\Core\Power\Draws;
use IronLatch\Core\Power\Scenario;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** More taken from a carrier’s pin than it gives. */
final class CarrierOverloaded implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.carrier-overloaded',
            version: 1,
            title: 'More taken from a carrier’s pin than it gives',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'What a carrier gives at its 5 V pin comes through the diode and the fuse of its USB socket, and at its 3.3 V pin '
                . 'through its small regulator, of which the chip itself takes most.',
            threshold: 'current over what the way bears: at peak and typical values broken, at the worst corner weak',
            basis: Basis::FromMemory,
            source: 'ratings of the carrier’s part file, from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $flows = $inspection->power->flows;
        $carrier = $inspection->controller->carrier;
        foreach ($board->rails as $id => $rail) {
            if ($rail->throughUsb && null !== $carrier->usb) {
                yield from $this->judge(
                    $inspection,
                    $id,
                    $id,
                    ['USB socket' => [$flows->amps($id, Scenario::pullIn()), $carrier->usb->ratedAmps]],
                );
            }
        }
        if (null !== $carrier->regulator && $board->entry()->regulated) {
            $out = array_key_first(array_filter(array_map(
                static fn(string $id): bool => $board->feeder($id) instanceof Carrier,
                array_combine(array_keys($board->rails), array_keys($board->rails)),
            )));
            $ways = ['own regulator' => [
                $flows->amps(Draws::PINS, Scenario::pullIn()),
                $carrier->regulator->ratedAmpsAt($board->railVolts($board->mcu->rail)->min),
            ]];
            if (null !== $carrier->outsideAmps) {
                $ways['pin ' . $carrier->outputLabel . ' to loads outside'] = [$flows->outside(Scenario::pullIn()), $carrier->outsideAmps];
            }
            yield from $this->judge($inspection, $out ?? 'board', $out, $ways);
        }
    }

    /**
     * Says the way that is worst off.
     *
     * @param ?string $rail that something else could feed
     * @param non-empty-array<string, array{Demand, float}> $ways what runs through each, and what it bears
     * @return iterable<Finding>
     */
    private function judge(Inspection $inspection, string $subject, ?string $rail, array $ways): iterable
    {
        $worst = null;
        foreach ($ways as $way => [$amps, $rated]) {
            $margin = self::margin($amps, $rated);
            if (null === $worst || $margin->worst->value < $worst[1]->worst->value) {
                $worst = [$way, $margin];
            }
        }
        [$way, $margin] = $worst;
        if (MarginState::Sound === $margin->state()) {
            return;
        }
        $isBroken = MarginState::Broken === $margin->state();
        $figure = $isBroken ? $margin->nominal : $margin->worst;
        yield new Finding(
            $this->facts(),
            $isBroken ? Severity::Broken : Severity::Weak,
            $subject,
            sprintf('%s runs through the carrier’s %s, which bears %s.', $figure->needs(), $way, $figure->has()),
            [$figure, $isBroken ? $margin->worst : $margin->nominal],
            static fn(): array => null === $rail ? self::elsewhere($inspection) : OtherSupplies::remedies($inspection, $rail),
        );
    }

    private static function margin(Demand $amps, float $rated): Margin
    {
        $figure = static fn(float $value, string $corner): Figure => (new Figure(
            'rated over drawn current',
            $rated / max($value, 1e-9),
            Unit::Ratio,
            'I_rated ÷ I',
            ['I_rated = ' . QuantityPrinter::rounded($rated, Unit::Ampere), 'I = ' . QuantityPrinter::rounded($value, Unit::Ampere)],
            $corner,
            'part file of the carrier, from memory',
        ))->outOf($rated, $value, Unit::Ampere);

        return new Margin(
            $figure($amps->typical, 'typical values, all pull in while the radio sends'),
            $figure($amps->greatest, 'greatest loads, all pull in while the radio sends'),
        );
    }

    /**
     * Devices moved from the controller’s pin supply to a rail that suits them.
     *
     * @return list<Remedy>
     */
    private static function elsewhere(Inspection $inspection): array
    {
        $board = $inspection->board;
        $edits = [];
        foreach ($board->devices as $id => $device) {
            $part = $board->part($device->part, Device::class);
            foreach (DeviceVoltage::sources($board) as $rail => $volts) {
                if (
                    null === $device->rail
                    && null === $device->pin
                    && '' !== $rail
                    && $volts->min >= $part->supply->min
                    && $volts->max <= $part->supply->max
                ) {
                    $edits[] = new FeedDevice($id, $rail);
                    break;
                }
            }
        }
        if ([] === $edits) {
            return [];
        }

        return [new Remedy('Feed its devices from another rail', new Sequence('Feed devices from other rails', $edits))];
    }
}
