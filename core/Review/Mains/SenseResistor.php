<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\SetStateSense;
use IronLatch\Core\Board\StateSense;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A resistor before a coupler that the mains is too much for. */
final class SenseResistor implements Rule
{
    private const MOST_RESISTORS = 6;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.sense-resistor',
            version: 1,
            title: 'Resistor before a coupler that bears too little',
            severities: [Severity::Danger],
            reason: 'A small resistor at the mains arcs over when the peak is more than it is made for, and chars when its heat is. It '
                . 'burns where nobody looks.',
            threshold: 'the peak across each with the mains 10 % high within its rated voltage, and its heat within 0.6 of its rated power',
            basis: Basis::DataSheet,
            source: 'ratings as chosen; 0.6 is common practice',
            silentWhen: 'no line hears its state by voltage',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (Sensing::all($inspection) as $id => $sensing) {
            $line = $inspection->board->lines[$id];
            $worst = self::worst($sensing->volts, $sensing->watts);
            if (null === $line->sense || null === $worst || $worst->value >= 1) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Danger,
                $id,
                sprintf(
                    $worst === $sensing->volts
                        ? 'Each resistor before the coupler of “%s” has %s across it and is made for %s.'
                        : 'Each resistor before the coupler of “%s” makes %s of heat and takes %s for good.',
                    $line->name,
                    $worst->needs(),
                    $worst->has(),
                ),
                [$worst],
                static fn(): array => self::remedies($id, $line->sense, $worst),
            );
        }
    }

    private static function worst(?Figure $volts, ?Figure $watts): ?Figure
    {
        return null === $volts || null === $watts || $volts->value <= $watts->value ? $volts : $watts;
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(string $line, StateSense $sense, Figure $worst): array
    {
        $count = (int) ceil($sense->resistors / $worst->value);

        return $count > self::MOST_RESISTORS ? [] : [new Remedy(
            sprintf('Share it among %d resistors', $count),
            new SetStateSense($line, resistors: $count),
        )];
    }
}
