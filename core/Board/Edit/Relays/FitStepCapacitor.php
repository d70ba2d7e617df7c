<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\StepBank;
use IronLatch\Core\Board\StepCapacitor;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Puts a capacitor in series with the motor for one step, or takes it away: then that step is full speed. */
final readonly class FitStepCapacitor implements Edit
{
    public function __construct(
        public string $group,
        public string $function,
        #[Measured(Unit::Farad)]
        public ?float $farads = null,
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::stepGroup($board, $this->group);
        if (!in_array($this->function, $group->functions, true)) {
            throw new EditRefused(sprintf('This relay is no step of “%s”.', $group->name));
        }
        $bank = $group->bank ?? new StepBank();
        $capacitors = [];
        foreach ($bank->capacitors as $one) {
            $capacitors[$one->function] = $one;
        }
        unset($capacitors[null === $this->farads ? $this->function : '']);
        if (null !== $this->farads) {
            $capacitors[$this->function] = new StepCapacitor($this->function, $this->farads);
        }

        return $board->with(groups: [...$board->groups, $this->group => $group->with(bank: $bank->with(array_values($capacitors)))]);
    }

    public function summary(Board $board): string
    {
        return null === $this->farads ? sprintf('Run “%s” at full speed', $board->nameOf($this->function)) : sprintf(
            'Fit %s to the step “%s”',
            QuantityPrinter::rounded($this->farads, Unit::Farad),
            $board->nameOf($this->function),
        );
    }
}
