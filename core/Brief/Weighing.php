<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Build\FormComparison;
use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Pins\FreePins;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\OpenFacts;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Severity;

/** Reads from a draft what it is weighed by. */
final readonly class Weighing
{
    private function __construct(private Brief $brief, private Inspection $inspection, private Stock $stock) {}

    public static function of(
        Brief $brief,
        Choices $choices,
        Drafting $drafting,
        Inspection $inspection,
        Report $report,
        string $givenUp,
        Stock $stock,
    ): DraftFigures {
        $self = new self($brief, $inspection, $stock);
        $parts = $inspection->partsList();
        $work = new FormComparison($inspection->board, $inspection->connections(), $stock->prices);
        [$worst, $worstOf] = $self->worst();
        $findings = array_filter($report->findings, static fn(Finding $finding): bool => $finding->counts());
        $faults = array_values(array_filter(
            $findings,
            static fn(Finding $one): bool => Severity::Danger === $one->severity || Severity::Broken === $one->severity,
        ));
        $weak = array_values(array_filter($findings, static fn(Finding $one): bool => Severity::Weak === $one->severity));
        $used = $self->supplyUsed();
        $free = FreePins::of($drafting->board);

        return new DraftFigures(
            $choices->id(),
            $choices->words(),
            $choices->carrier->identity->name,
            $choices->school->value,
            $choices->feeding->value,
            $choices->form->value,
            $self->box(),
            count($faults),
            count($weak),
            ($faults[0] ?? $weak[0] ?? null)->statement ?? '',
            $worst,
            $worstOf,
            $free,
            $used,
            $parts->knownEuros(),
            $work->onceEuros($parts),
            $parts->unpriced(),
            $parts->count(),
            count($parts->rows),
            $work->handJoints(),
            $self->squareMetres(),
            self::inDrawer($parts, $stock),
            [...$self->missed($parts, $free), ...'' === $givenUp ? [] : [$givenUp]],
            [],
            $drafting->decided,
            [
                sprintf('worst margin %s, %s', QuantityPrinter::rounded($worst, Unit::Ratio), $worstOf),
                sprintf('%d good pins stay free', $free),
                sprintf('the busiest supply gives %s of its rating', QuantityPrinter::rounded(100 * $used, Unit::Percent)),
            ],
            $self->lines(),
            count(OpenFacts::of($report)),
        );
    }

    /**
     * @return array{float, string} the least of all margins at the worst corner, and where it is
     */
    private function worst(): array
    {
        $worst = [INF, 'nothing to compare'];
        foreach ($this->inspection->board->lines as $id => $line) {
            foreach ($this->joints($id) as $joint => $margin) {
                $worst = $margin < $worst[0] ? [$margin, sprintf('%s of “%s”', $joint, $line->name)] : $worst;
            }
        }
        foreach ($this->inspection->power->dips as $rail => $dip) {
            $margin = $dip->margin?->worst->value ?? INF;
            $worst = $margin < $worst[0] ? [$margin, sprintf('dip of the rail %s', $this->inspection->board->nameOf($rail))] : $worst;
        }

        return $worst;
    }

    /**
     * @return array<string, float> worst margin of each joint of a line, in the order of the strip
     */
    private function joints(string $line): array
    {
        $joints = [];
        foreach ($this->inspection->board->lines[$line]->surfaces as $surface) {
            $margin = $this->inspection->seating->contacts[$surface->function] ?? null;
            $joints['hand to pin'] = min($joints['hand to pin'] ?? INF, $margin?->worst->value ?? INF);
        }
        foreach (array_keys($this->inspection->board->lines[$line]->actuators) as $relay) {
            $drive = $this->inspection->drive->results[$relay];
            foreach ([
                'pin to driver' => $drive->pin,
                'driver to coil' => $drive->pullIn,
                'coil to contact' => $drive->coilBears,
                'contact to appliance' => $this->inspection->mains->contacts[$relay]->margin,
            ] as $joint => $margin) {
                $joints[$joint] = min($joints[$joint] ?? INF, self::value($margin));
            }
        }

        return $joints;
    }

    private static function value(Margin $margin): float
    {
        return is_finite($margin->worst->value) ? $margin->worst->value : INF;
    }

    /**
     * @return list<DraftLine>
     */
    private function lines(): array
    {
        $lines = [];
        foreach ($this->inspection->board->lines as $id => $line) {
            $lines[] = new DraftLine($line->name, $this->joints($id));
        }

        return $lines;
    }

    /**
     * @return list<string> at most one
     */
    private function tooLarge(): array
    {
        $plan = $this->inspection->layout()?->board();
        [$length, $width] = [$this->brief->mostLengthMetres?->value, $this->brief->mostWidthMetres?->value];
        if (null === $plan || (!is_float($length) && !is_float($width))) {
            return [];
        }
        $most = [is_float($length) ? $length : INF, is_float($width) ? $width : INF];
        [$long, $short] = [max($plan->width(), $plan->height()), min($plan->width(), $plan->height())];

        return $long <= max($most) && $short <= min($most) ? [] : [sprintf('its plan takes %.0f × %.0f mm', $long * 1000, $short * 1000)];
    }

    private function supplyUsed(): float
    {
        $used = 0.0;
        foreach ($this->inspection->power->rails as $rail) {
            $used = max($used, $rail->continuous->value / max($rail->rated->value, 1e-9));
        }

        return $used;
    }

    private function box(): string
    {
        $id = $this->inspection->board->build->enclosure;

        return null === $id ? 'no box yet' : $this->inspection->board->part($id, Enclosure::class)->identity->name;
    }

    private function squareMetres(): float
    {
        $layout = $this->inspection->layout();
        $board = $layout?->board();
        if (null === $layout) {
            return 0.0;
        }

        return null === $board || [] !== $layout->unplaced() ? $layout->squareMetres() : $board->width() * $board->height();
    }

    private static function inDrawer(PartsList $parts, Stock $stock): float
    {
        $there = 0.0;
        $all = 0.0;
        foreach ($parts->rows as $row) {
            if ('' === $row->unit) {
                $all += $row->count;
                $there += min($row->count, $stock->drawer->countOf($row->part, $row->what));
            }
        }

        return $all > 0 ? $there / $all : 0.0;
    }

    /**
     * @return list<string>
     */
    private function missed(PartsList $parts, int $free): array
    {
        $spare = is_int($this->brief->spareRelays?->value) ? $this->brief->spareRelays->value : 0;
        $most = $this->brief->mostEuros?->value;
        $missed = [];
        if (is_float($most) && $parts->knownEuros() > $most) {
            $missed[] = sprintf(
                'costs %s more than %s',
                $this->stock->currency->printed($parts->knownEuros() - $most),
                $this->stock->currency->printed($most),
            );
        }
        $different = $this->brief->mostDifferent?->value;
        if (is_int($different) && count($parts->rows) > $different) {
            $missed[] = sprintf('%d different parts, not %d', count($parts->rows), $different);
        }
        $missed = [...$missed, ...$this->tooLarge()];
        $kept = $this->brief->keptPins() + $spare;
        if ($free < $kept) {
            $missed[] = sprintf('%d of %d good pins stay free', $free, $kept);
        }

        return $missed;
    }
}
