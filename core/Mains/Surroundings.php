<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Board\OvervoltageCategory;
use IronLatch\Core\Board\PollutionDegree;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What surrounds the box, as the tables of insulation ask for it; beside water it is damp, whatever is stated. */
final readonly class Surroundings
{
    /**
     * @param ?int $overvoltage category 2 or 3; null while it is not stated
     * @param ?int $pollution degree 2 or 3; null while it is not stated
     * @param string $wetLine name of a line whose appliance stands in water; empty where none does
     */
    private function __construct(
        public ?int $overvoltage,
        public ?int $pollution,
        private string $wetLine,
        private float $volts,
        private MainsBox $box,
    ) {}

    public static function of(Board $board): self
    {
        $box = $board->box ?? new MainsBox();
        $wet = array_filter(
            $board->lines,
            static fn(Line $line): bool => null === $board->appliance($line)->dcVolts && $board->appliance($line)->wet,
        );
        $wetLine = [] === $wet ? '' : $wet[array_key_first($wet)]->name;
        $pollution = $box->pollution?->value;

        return new self(
            $box->overvoltage?->value instanceof OvervoltageCategory ? $box->overvoltage->value->degree() : null,
            '' !== $wetLine ? PollutionDegree::Damp->degree() : ($pollution instanceof PollutionDegree ? $pollution->degree() : null),
            $wetLine,
            $board->system()->volts,
            $box,
        );
    }

    public function isWet(): bool
    {
        return '' !== $this->wetLine;
    }

    /** Why it counts as damp. */
    public function whyDamp(): string
    {
        return $this->isWet() ? sprintf('“%s” stands in water or beside it', $this->wetLine) : 'it is damp or dusty there';
    }

    /**
     * What IEC 60664-1 wants between mains and low voltage, in metres; null while a fact is missing.
     *
     * @return ?array{clearance: float, creepage: float}
     */
    public function distances(bool $reinforced): ?array
    {
        return null === $this->overvoltage || null === $this->pollution
            ? null
            : $this->distancesAt($this->overvoltage, $this->pollution, $reinforced);
    }

    /**
     * The same where surges come as high and dirt as bad as they may, for what is not stated.
     *
     * @return array{clearance: float, creepage: float}
     */
    public function worstDistances(bool $reinforced): array
    {
        return $this->distancesAt($this->overvoltage ?? 3, $this->pollution ?? 3, $reinforced);
    }

    /**
     * @return array{clearance: float, creepage: float}
     */
    private function distancesAt(int $overvoltage, int $pollution, bool $reinforced): array
    {
        $altitude = $this->box->altitude();

        return [
            'clearance' => InsulationTables::clearance($this->volts, $overvoltage, $pollution, $reinforced, $altitude),
            'creepage' => InsulationTables::creepage(
                $this->volts,
                $overvoltage,
                $pollution,
                $reinforced,
                $this->box->materialGroup(),
                $altitude,
            ),
        ];
    }

    public function words(): string
    {
        return sprintf(
            'overvoltage category %d, pollution degree %d%s, material group %s, %s above the sea',
            $this->overvoltage,
            $this->pollution,
            $this->isWet() ? ' (' . $this->whyDamp() . ')' : '',
            str_repeat('I', $this->box->materialGroup()),
            QuantityPrinter::rounded($this->box->altitude(), Unit::Metre),
        );
    }
}
