<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\HeaderSide;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Pins\PinFitness;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Report;

/** The carrier's two header sides with everything that sits on them. */
final readonly class HeaderRows
{
    public function __construct(private Inspection $inspection, private Report $report) {}

    /**
     * @param list<PinFitness> $ranking for the chosen function; empty for none
     * @return array{left: list<HeaderRow>, right: list<HeaderRow>} from the top edge down
     */
    public function sides(array $ranking): array
    {
        $fitness = [];
        foreach ($ranking as $one) {
            $fitness[$one->pin->name()] = $one;
        }
        $sides = ['left' => [], 'right' => []];
        foreach ($this->inspection->controller->carrier->header as $header) {
            $pin = null === $header->chipPin ? null : $this->inspection->controller->pins[$header->chipPin];
            $functions = null === $pin ? [] : $this->inspection->board->functionsOn($pin->name());
            $row = new HeaderRow($header, $pin, $functions, null === $pin ? null : $fitness[$pin->name()] ?? null, null === $pin ? [] : self::notes($pin), $this->trouble($functions, $pin?->name()));
            $sides[HeaderSide::Left === $header->side ? 'left' : 'right'][] = $row;
        }

        return $sides;
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
        if ([] !== $pin->chip->boot && null === $pin->chip->strap && null === $pin->chip->reserved) {
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
            $isHere = in_array($finding->subject, $functions, true) || $finding->subject === $pin || (in_array($finding->rule->id, ['pins.boot-twitch', 'pins.expander-sources', 'pins.expander-at-power-up'], true) && in_array($finding->subject, $relays, true));
            if ($isHere && $finding->kind->opensLatch() && null === $finding->acceptance) {
                $state = JointState::of($finding->kind);
                $worst = $state->rank() > ($worst?->rank() ?? 0) ? $state : $worst;
            }
        }

        return $worst;
    }
}
