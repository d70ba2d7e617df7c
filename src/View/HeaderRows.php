<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\HeaderPin;
use IronLatch\Core\Catalogue\HeaderSide;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Pins\PinFitness;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Stage;

/** The carrier's two header sides with everything that sits on them. */
final readonly class HeaderRows
{
    public function __construct(private Inspection $inspection, private Report $report) {}

    /**
     * @param list<PinFitness> $ranking for the chosen function; empty for none
     * @return array{left: list<HeaderRow>, right: list<HeaderRow>, bottom: list<HeaderRow>, expanders: array<string, list<HeaderRow>>}
     *     from the top edge down
     */
    public function sides(array $ranking): array
    {
        $fitness = [];
        foreach ($ranking as $one) {
            $fitness[$one->pin->name()] = $one;
        }
        $sides = ['left' => [], 'right' => [], 'bottom' => [], 'expanders' => []];
        foreach ($this->inspection->controller->carrier->header as $header) {
            $row = $this->row($header, null === $header->chipPin ? null : $this->inspection->controller->pins[$header->chipPin], $fitness);
            match ($header->side) {
                HeaderSide::Left => $sides['left'][] = $row,
                HeaderSide::Right => $sides['right'][] = $row,
                HeaderSide::Bottom => $sides['bottom'][] = $row,
            };
        }
        foreach ($this->inspection->controller->pins as $pin) {
            if (null !== $pin->expander) {
                $sides['expanders'][$pin->expander][] = $this->row($pin->header, $pin, $fitness);
            }
        }

        return $sides;
    }

    /**
     * @param array<string, PinFitness> $fitness by pin
     */
    private function row(HeaderPin $header, ?Pin $pin, array $fitness): HeaderRow
    {
        $functions = null === $pin ? [] : $this->inspection->board->functionsOn($pin->name());

        return new HeaderRow(
            $header,
            $pin,
            $functions,
            null === $pin ? null : $fitness[$pin->name()] ?? null,
            null === $pin ? [] : self::notes($pin),
            $this->trouble($functions, $pin?->name()),
        );
    }

    /**
     * @return list<string>
     */
    private static function notes(Pin $pin): array
    {
        $notes = [];
        if (null !== $pin->chip->reserved) {
            $notes[] = $pin->chip->reserved->value;
        }
        if (null !== $pin->chip->strap) {
            $notes[] = sprintf('strap, %s', $pin->chip->strap->needs->value);
        }
        if (!$pin->chip->can(Ability::Output)) {
            $notes[] = $pin->chip->can(Ability::Input) ? 'input only' : 'analogue only';
        }
        if ($pin->header->button) {
            $notes[] = 'boot button';
        }
        if (!$pin->chip->isQuiet() && null === $pin->chip->strap && null === $pin->chip->reserved && null === $pin->expander) {
            $notes[] = 'moves at start-up';
        }

        return $notes;
    }

    /**
     * @param list<string> $functions
     */
    private function trouble(array $functions, ?string $pin): ?JointState
    {
        $worst = null;
        $relays = array_map($this->inspection->board->actuatorOf(...), $functions);
        foreach ($this->report->findings as $finding) {
            $isHere = in_array($finding->subject, [...$functions, $pin], true)
                || (Stage::Pins === $finding->rule->stage && in_array($finding->subject, $relays, true));
            if ($isHere && $finding->severity->opensLatch() && null === $finding->acceptance) {
                $state = JointState::of($finding->severity);
                $worst = $state->rank() > ($worst?->rank() ?? 0) ? $state : $worst;
            }
        }

        return $worst;
    }
}
