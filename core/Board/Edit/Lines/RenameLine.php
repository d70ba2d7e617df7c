<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;

/** Gives a line another name. */
final readonly class RenameLine implements Edit
{
    public function __construct(
        public string $line,
        public string $name,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        $line = Targets::line($board, $this->line);
        $functions = $board->functions;
        foreach ($line->actuators as $actuator) {
            $function = $functions[$actuator->function];
            // Outputs that still bear the name derived from the line follow it; names given by hand stay.
            if (str_starts_with($function->name, $line->name)) {
                $functions[$actuator->function] = $function->with(name: $this->name . substr($function->name, strlen($line->name)));
            }
        }

        return $board->with(lines: [...$board->lines, $this->line => $line->with(name: $this->name)], functions: $functions);
    }

    public function summary(Board $board): string
    {
        return sprintf('Rename the line “%s” to “%s”', $board->nameOf($this->line), $this->name);
    }
}
