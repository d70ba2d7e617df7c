<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Drive\Circuit\DriverResult;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Power\Budget;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** Chooses the cheapest source that bears the coils and the controller, with its reserve. */
final readonly class SourceSize
{
    public function __construct(private Brief $brief, private Catalogue $catalogue) {}

    /**
     * @return list<Supply> of the form and the voltage, the cheapest first
     */
    public function sources(Feeding $feeding): array
    {
        $sources = array_values(array_filter(
            $this->catalogue->parts(Supply::class),
            static fn(Supply $supply): bool => $supply->form === $feeding->form() && $supply->gives($feeding->volts()),
        ));
        usort($sources, static fn(Supply $a, Supply $b): int => [$a->price, $a->ratedAmps] <=> [$b->price, $b->ratedAmps]);

        return $sources;
    }

    public function sized(Drafting $drafting, Feeding $feeding): Drafting
    {
        $drive = DriverAnalysis::of($drafting->board);
        foreach ($this->sources($feeding) as $source) {
            $tried = $drafting->tried(new ChooseSupply('R1', $source));
            $load = $this->load($tried->board, $drive);
            if (null !== $load) {
                return new Drafting($tried->board, $tried->edits, [...$tried->decided, sprintf(
                    '%s, %s of its rating used',
                    Words::inText($source->identity->name),
                    QuantityPrinter::rounded(100 * $load, Unit::Percent),
                )]);
            }
        }

        return $drafting;
    }

    /** Share of the rating that is used for good; null where it does not do. */
    private function load(Board $board, DriverAnalysis $drive): ?float
    {
        $budget = Budget::of($board, $drive);
        $rail = $budget->rails['R1'];
        $spare = is_int($this->brief->spareRelays?->value) ? $this->brief->spareRelays->value : 0;
        $coils = $drive->results;
        $more = [] === $coils ? 0.0 : $spare * max(array_map(static fn(DriverResult $one): float => $one->coilAmps->value, $coils));
        $share = ($rail->continuous->value + $more) / max($rail->rated->value, 1e-9);
        $isDipping = MarginState::Sound !== ($budget->dips['R1']->margin?->state() ?? MarginState::Sound);

        return $share > $board->houseRules->supplyLoad || $rail->peak->value + $more > $rail->rated->value || $isDipping ? null : $share;
    }
}
