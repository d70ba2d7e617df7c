<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\ChooseEntry;
use IronLatch\Core\Board\Edit\Power\FeedController;
use IronLatch\Core\Board\Edit\Power\FitHeatSink;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Power\Budget;
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

/** Regulator that gets too hot. */
final class RegulatorTooHot implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.regulator-too-hot',
            version: 1,
            title: 'Regulator that gets too hot',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A linear regulator burns the difference between its input and its output. Fed with 12 V, the small one of a carrier '
                . 'cooks.',
            threshold: 'permitted over actual rise of the junction with all relays on; at typical loads broken, at the greatest weak',
            basis: Basis::DataSheet,
            source: 'thermal resistance and greatest junction temperature of the part file, from memory',
            silentWhen: 'its way to the air is not stated, as with ready converter boards',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->power->heat->spots as $spot) {
            $isRegulator = 'board' === $spot->subject || isset($inspection->board->rails[$spot->subject]);
            if (!$isRegulator || null === $spot->margin || null === $spot->celsius || MarginState::Sound === $spot->margin->state()) {
                continue;
            }
            $isBroken = MarginState::Broken === $spot->margin->state();
            yield new Finding(
                $this->facts(),
                $isBroken ? Severity::Broken : Severity::Weak,
                $spot->subject,
                sprintf(
                    '%s burns %s and reaches %s%s; it bears %s.',
                    'board' === $spot->subject
                        ? 'The regulator of the carrier'
                        : $spot->name . ', which feeds ' . $inspection->board->nameOf($spot->subject) . ',',
                    $spot->watts->printed(),
                    $spot->celsius->printed(),
                    $isBroken ? '' : ' at its greatest load',
                    QuantityPrinter::rounded($spot->limitCelsius ?? 0.0, Unit::Celsius),
                ),
                [$isBroken ? $spot->margin->nominal : $spot->margin->worst, $spot->celsius, $spot->watts],
                static fn(): array => 'board' === $spot->subject
                    ? self::coolerCarrier($inspection)
                    : self::coolerRail($inspection, $spot->subject),
                'board' === $spot->subject ? Finding::keyOf(ControllerVoltage::class, $inspection->board->mcu->rail) : null,
            );
        }
    }

    /**
     * Feeding the carrier where its regulator has less to burn.
     *
     * @return list<Remedy>
     */
    private static function coolerCarrier(Inspection $inspection): array
    {
        $board = $inspection->board;
        $remedies = [];
        foreach ($board->controller()->carrier->entries() as $entry) {
            foreach ($board->rails as $id => $rail) {
                $volts = $board->railVolts($id);
                $changes = $id !== $board->mcu->rail || $entry->label !== $board->entry()->label;
                if (!$changes || $volts->min < $entry->input->min || $volts->max > $entry->input->max) {
                    continue;
                }
                $edits = [
                    ...$id === $board->mcu->rail ? [] : [new FeedController($id)],
                    ...$entry->label === $board->entry()->label ? [] : [new ChooseEntry($entry->label)],
                ];
                $title = sprintf('Feed the carrier from %s at %s', $rail->name, $entry->label);
                $edit = new Sequence($title, $edits);
                if (self::isCool($inspection, $edit, 'board')) {
                    $remedies[] = new Remedy($title, $edit);
                }
            }
        }

        return [...$remedies, ...self::stepDown($inspection)];
    }

    /**
     * A step-down board between the rail and the carrier.
     *
     * @return list<Remedy>
     */
    private static function stepDown(Inspection $inspection): array
    {
        $board = $inspection->board;
        $in = $board->railVolts($board->mcu->rail);
        foreach ($board->controller()->carrier->entries() as $entry) {
            foreach (Repairs::of($inspection)->partsOnOffer(Converter::class) as $converter) {
                $reg = $converter->regulation;
                if (
                    !$reg->kind->switches()
                    || $reg->output->min < $entry->input->min
                    || $reg->output->max > $entry->input->max
                    || $in->max > $reg->greatestInputVolts
                    || $in->min < $reg->leastInputVolts
                ) {
                    continue;
                }
                $title = sprintf('Feed the carrier through %s at %s', $converter->identity->name, $entry->label);
                $edit = new Sequence(
                    $title,
                    [
                        new AddConvertedRail(
                            QuantityPrinter::rounded($reg->output->typ, Unit::Volt) . ' controller',
                            $converter,
                            $board->mcu->rail,
                        ),
                        new FeedController((new Ids($board))->next('R')),
                        new ChooseEntry($entry->label),
                    ],
                );
                if (self::isCool($inspection, $edit, 'board')) {
                    return [new Remedy($title, $edit)];
                }
            }
        }

        return [];
    }

    /**
     * A heat sink, or something that burns less.
     *
     * @return list<Remedy>
     */
    private static function coolerRail(Inspection $inspection, string $rail): array
    {
        $board = $inspection->board;
        $remedies = [];
        if (null !== $board->regulation($rail)?->caseKelvinPerWatt) {
            // The usual sizes, the smallest first (common practice).
            foreach ([24.0, 18.0, 12.0, 8.0, 5.0] as $kelvinPerWatt) {
                $edit = new FitHeatSink($rail, $kelvinPerWatt);
                if (self::isCool($inspection, $edit, $rail)) {
                    $remedies[] = new Remedy(
                        sprintf('Fit a heat sink of %s', QuantityPrinter::rounded($kelvinPerWatt, Unit::KelvinPerWatt)),
                        $edit,
                    );
                    break;
                }
            }
        }

        return [...$remedies, ...OtherSupplies::remedies($inspection, $rail)];
    }

    private static function isCool(Inspection $inspection, Edit $edit, string $subject): bool
    {
        $after = Repairs::of($inspection)->after($edit);

        return null !== $after
            && MarginState::Sound === (Budget::of($after, $inspection->drive)->heat->at($subject)?->margin?->state() ?? MarginState::Sound);
    }
}
