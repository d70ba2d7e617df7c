<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Mains\Surroundings;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Mains too near to what can be touched. */
final class BarrierTooNarrow implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.barrier',
            version: 2,
            title: 'Mains too near to what can be touched',
            severities: [Severity::Danger, Severity::Hint],
            reason: 'Between mains and a side that somebody touches stands reinforced insulation: two faults must come together before it '
                . 'fails.',
            threshold: 'clearance and creepage for reinforced insulation by voltage, overvoltage category, pollution degree (3 beside '
                . 'water), material group and height above the sea (danger below), for basic insulation where the low-voltage side is '
                . 'treated as live; the distance of the house rules (hint below); a distance is a target until it is measured or read back',
            basis: Basis::Standard,
            source: 'IEC 60664-1, tables F.1, F.2 and F.4, from memory',
            silentWhen: '',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $box = $inspection->board->box ?? new MainsBox();
        if (!OnMains::anyHurting($inspection)) {
            return;
        }
        $touchable = $box->touchable?->value;
        $surroundings = Surroundings::of($inspection->board);
        foreach ([
            'touchable' => [$touchable, 'whether somebody can touch the low-voltage side'],
            'overvoltage' => [$surroundings->overvoltage, 'how high surges come where it lives'],
            'pollution' => [$surroundings->pollution, 'how damp and dirty it becomes where it lives'],
            'clearanceMetres' => [$box->clearanceMetres?->value, 'the clearance between mains and low voltage'],
            'creepageMetres' => [$box->creepageMetres?->value, 'the creepage distance between mains and low voltage'],
        ] as $field => [$known, $words]) {
            if (null === $known) {
                yield new NotChecked($this->facts(), 'board', $words, Answer::by(StateBox::class, $field));
            }
        }
        $needed = $surroundings->distances(false !== $touchable);
        if (null === $needed || !is_bool($touchable)) {
            return;
        }
        foreach ($needed as $name => $least) {
            $fact = 'clearance' === $name ? $box->clearanceMetres : $box->creepageMetres;
            if (is_float($fact?->value)) {
                yield from $this->distance($inspection, $surroundings, $name, $fact->value, $least, $fact->isStated());
            }
        }
    }

    /**
     * @return iterable<Finding|HoldPoint>
     */
    private function distance(
        Inspection $inspection,
        Surroundings $surroundings,
        string $name,
        float $metres,
        float $least,
        bool $isMeasured,
    ): iterable {
        $kind = true === $inspection->board->box?->touchable?->value ? 'reinforced' : 'basic';
        $habit = $inspection->board->houseRules->barrierMetres;
        $inputs = [
            'd = ' . QuantityPrinter::rounded($metres, Unit::Metre),
            sprintf('d_%s = %s', $kind, QuantityPrinter::rounded($least, Unit::Metre)),
            $surroundings->words(),
        ];
        if ($metres < $least) {
            $figure = new Figure(
                sprintf('%s over what %s insulation wants', $name, $kind),
                $metres / $least,
                Unit::Ratio,
                'd ÷ d_' . $kind,
                $inputs,
                QuantityPrinter::rounded($inspection->board->system()->volts, Unit::Volt),
                'IEC 60664-1, from memory',
            );
            yield new Finding(
                $this->facts(),
                Severity::Danger,
                $name,
                sprintf(
                    'The %s between mains and low voltage is %s; %s insulation wants %s here.',
                    $name,
                    QuantityPrinter::rounded($metres, Unit::Metre),
                    $kind,
                    QuantityPrinter::rounded($least, Unit::Metre),
                ),
                [$figure],
                static fn(): array => self::wider($inspection, $surroundings),
            );

            return;
        }
        if (!$isMeasured) {
            yield new HoldPoint(
                $this->facts(),
                $name,
                sprintf(
                    'The %s between mains and low voltage is %s or more all over (%s insulation wants %s).',
                    $name,
                    QuantityPrinter::rounded($metres, Unit::Metre),
                    $kind,
                    QuantityPrinter::rounded($least, Unit::Metre),
                ),
            );
        }
        if ($metres < $habit && 'reinforced' === $kind) {
            $figure = new Figure(
                $name,
                $metres,
                Unit::Metre,
                $isMeasured ? 'as measured' : 'as aimed at',
                ['by habit ' . QuantityPrinter::rounded($habit, Unit::Metre), ...$inputs],
                'as laid out',
                'house rules',
            );
            yield new Finding(
                $this->facts(),
                Severity::Hint,
                $name,
                sprintf(
                    'The %s between mains and low voltage is %s; by habit %s are kept, with a milled slot.',
                    $name,
                    $figure->printed(),
                    QuantityPrinter::rounded($habit, Unit::Metre),
                ),
                [$figure],
                static fn(): array => self::wider($inspection, $surroundings),
            );
        }
    }

    /**
     * The distance of the standard or of the habit, whichever is more, aimed at anew.
     *
     * @return list<Remedy>
     */
    private static function wider(Inspection $inspection, Surroundings $surroundings): array
    {
        $needed = $surroundings->distances(true) ?? ['clearance' => 0.0, 'creepage' => 0.0];
        $clearance = max($inspection->board->houseRules->barrierMetres, $needed['clearance']);
        $creepage = max($clearance, $needed['creepage']);

        return [new Remedy(
            sprintf(
                'Lay it out with %s of clearance and %s of creepage',
                QuantityPrinter::rounded($clearance, Unit::Metre),
                QuantityPrinter::rounded($creepage, Unit::Metre),
            ),
            new StateBox(clearanceMetres: $clearance, creepageMetres: $creepage),
        )];
    }
}
