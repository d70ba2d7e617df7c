<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\UsualFacts;
use IronLatch\Core\Catalogue\Appliance;

/** Adds a line with the board’s usual relay and driver. */
final readonly class AddLine implements Edit
{
    public function __construct(
        public string $name,
        public Appliance $appliance,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        $ids = new Ids($board);
        $line = $ids->next('L');
        $function = $ids->next('F');
        $driver = $board->defaults->driver;
        $board = $board->withPart($this->appliance);

        return $board->with(
            lines: [...$board->lines, $line => new Line(
                $this->name,
                $this->appliance->identity->id,
                UsualFacts::watts($this->appliance),
                UsualFacts::conductor($this->appliance),
                [],
                [$ids->next('A') => Actuator::usual($function, $board->defaults->relay, $driver, $board->defaults->rail)],
            )],
            functions: [...$board->functions, $function => PinFunction::of(FunctionKind::RelayOutput, $this->name . ' relay')],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Add the line “%s”', $this->name);
    }
}
