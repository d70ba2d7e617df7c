<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\I2cFacts;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/** States the speed, pull-ups and wiring of an I2C bus. */
final readonly class SetI2cBus implements Edit
{
    public function __construct(
        public string $group,
        #[Measured(Unit::Hertz)]
        public float $hertz,
        #[Measured(Unit::Ohm)]
        public ?float $pullUpOhms,
        #[Measured(Unit::Farad)]
        public float $wireFarads,
        public bool $levelShifter = false,
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::group($board, $this->group);
        if (null === $group->i2c) {
            throw new EditRefused(sprintf('“%s” is no I2C bus.', $group->name));
        }
        // What was assumed stays assumed until the maker says otherwise.
        $wire = $group->i2c->wireFarads->value === $this->wireFarads ? $group->i2c->wireFarads : Fact::stated($this->wireFarads);

        return $board->with(groups: [
            ...$board->groups,
            $this->group => $group->with(i2c: new I2cFacts($this->hertz, $this->pullUpOhms, $wire, $this->levelShifter)),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Set the bus “%s”', $board->nameOf($this->group));
    }
}
