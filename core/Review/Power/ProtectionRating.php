<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\ProtectRail;
use IronLatch\Core\Board\Edit\Power\UnprotectRail;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\ProtectionKind;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Fuse, diode or clamp that does not suit its rail. */
final class ProtectionRating implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.protection-rating',
            version: 1,
            title: 'Fuse, diode or clamp that does not suit its rail',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A fuse that carries more than its rating blows one day, a resettable one sooner in a warm box; a surge clamp that '
                . 'conducts at the rail’s own voltage burns.',
            threshold: 'continuous current over the rating (broken), over what a resettable fuse holds in this air (weak); highest rail '
                . 'over the stand-off voltage (broken)',
            basis: Basis::DataSheet,
            source: 'ratings of the part file; a resettable fuse holds 0.8 % less for each kelvin above 23 °C, from memory',
        );
    }

    private const LOSS_PER_KELVIN = 0.008;
    private const STATED_CELSIUS = 23.0;

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach (array_keys($board->rails) as $id) {
            foreach ($board->protection($id) as $part) {
                $finding = ProtectionKind::SurgeClamp === $part->kind
                    ? $this->clamp($inspection, $id, $part)
                    : $this->series($inspection, $id, $part);
                if (null !== $finding) {
                    yield $finding;
                    break;
                }
            }
        }
    }

    private function clamp(Inspection $inspection, string $rail, Protection $part): ?Finding
    {
        $most = $inspection->board->railVolts($rail)->max;
        if ($most <= ($part->standOffVolts ?? INF)) {
            return null;
        }
        $figure = new Figure(
            'highest rail',
            $most,
            Unit::Volt,
            'range of the rail',
            ['stands off ' . QuantityPrinter::rounded($part->standOffVolts ?? 0.0, Unit::Volt)],
            'highest rail',
            $part->identity->name . ', ' . $part->identity->basis->words(),
        );

        return new Finding(
            $this->facts(),
            Severity::Broken,
            $rail,
            sprintf(
                'The rail %s reaches %s; %s conducts from there on for good.',
                $inspection->board->nameOf($rail),
                $figure->printed(),
                lcfirst($part->identity->name),
            ),
            [$figure],
            static fn(): array => self::remedies(
                $inspection,
                $rail,
                $part,
                static fn(Protection $other): bool => ($other->standOffVolts ?? 0.0) >= $most,
            ),
        );
    }

    private function series(Inspection $inspection, string $rail, Protection $part): ?Finding
    {
        $amps = $inspection->power->rails[$rail]->continuous->value;
        $air = $inspection->board->ambientCelsius();
        $holds = static fn(Protection $one): float => ProtectionKind::ResettableFuse === $one->kind ? $one->ratedAmps * max(
            0.0,
            1 - self::LOSS_PER_KELVIN * max(0.0, $air - self::STATED_CELSIUS),
        ) : $one->ratedAmps;
        if ($amps <= $holds($part)) {
            return null;
        }
        $figure = new Figure(
            'continuous current',
            $amps,
            Unit::Ampere,
            'Σ loads, all relays on',
            [
                'it bears '
                    . QuantityPrinter::rounded($holds($part), Unit::Ampere)
                    . ' in air of '
                    . QuantityPrinter::rounded($air, Unit::Celsius),
                'rated ' . QuantityPrinter::rounded($part->ratedAmps, Unit::Ampere),
            ],
            'greatest loads',
            $part->identity->name . ', ' . $part->identity->basis->words(),
        );

        return new Finding(
            $this->facts(),
            $amps > $part->ratedAmps ? Severity::Broken : Severity::Weak,
            $rail,
            sprintf(
                'The rail %s carries %s for good; %s bears %s%s.',
                $inspection->board->nameOf($rail),
                $figure->printed(),
                lcfirst($part->identity->name),
                QuantityPrinter::rounded($holds($part), Unit::Ampere),
                $holds($part) < $part->ratedAmps ? ' in air of ' . QuantityPrinter::rounded($air, Unit::Celsius) : '',
            ),
            [$figure],
            static fn(): array => self::remedies($inspection, $rail, $part, static fn(Protection $other): bool => $holds($other) >= $amps),
        );
    }

    /**
     * The least of its kind that suits.
     *
     * @param \Closure(Protection): bool $suits
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $rail, Protection $part, \Closure $suits): array
    {
        $onOffer = array_filter(
            Repairs::of($inspection)->partsOnOffer(Protection::class),
            static fn(Protection $other): bool => $other->kind === $part->kind && $suits($other),
        );
        usort(
            $onOffer,
            static fn(Protection $a, Protection $b): int => [$a->ratedAmps, $a->standOffVolts] <=> [$b->ratedAmps, $b->standOffVolts],
        );
        if ([] === $onOffer) {
            return [new Remedy(sprintf('Take %s away', lcfirst($part->identity->name)), new UnprotectRail($rail, $part->identity->id))];
        }
        $title = sprintf('Fit %s in its place', lcfirst($onOffer[0]->identity->name));

        return [new Remedy(
            $title,
            new Sequence($title, [new UnprotectRail($rail, $part->identity->id), new ProtectRail($rail, $onOffer[0])]),
        )];
    }
}
