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
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Record\Copy;

/** Adds a copy of a line: the same appliance, relays and drivers; its own functions, not yet seated. */
final readonly class DuplicateLine implements Edit
{
    public function __construct(
        public string $line,
        public string $name,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        $line = Targets::line($board, $this->line);
        $ids = new Ids($board);
        $functions = $board->functions;
        $actuators = $copies = [];
        foreach ($line->actuators as $id => $actuator) {
            $function = $ids->next('F');
            $functions[$function] = PinFunction::of(
                FunctionKind::RelayOutput,
                $this->name . ' relay' . ([] === $actuators ? '' : ' ' . (count($actuators) + 1)),
            );
            $actuators[$copies[$id] = $ids->next('A')] = Copy::of($actuator, ['function' => $function]);
        }
        $actuators = array_map(
            static fn(Actuator $actuator): Actuator => match (true) {
                null !== $actuator->opens => $actuator->opening($actuator->function, $copies[$actuator->opens]),
                null !== $actuator->guards => $actuator->guarding($copies[$actuator->guards]),
                default => $actuator,
            },
            $actuators,
        );
        $surfaces = [];
        // A knob stays with its line: its positions cannot mean two things at once.
        foreach (array_filter($line->surfaces, static fn(Surface $surface): bool => SurfaceKind::Knob !== $surface->kind) as $surface) {
            $function = $surface->function;
            if (
                isset($board->functions[$function])
                && ($board->functions[$function]->kind->isContact() || FunctionKind::StatusLed === $board->functions[$function]->kind)
            ) {
                $function = $ids->next('F');
                $functions[$function] = PinFunction::of(
                    $board->functions[$surface->function]->kind,
                    $this->name . ' ' . $surface->kind->value,
                    $board->functions[$surface->function]->pull,
                );
            }
            $surfaces[$ids->next('S')] = $surface->copied($function);
        }
        $copy = new Line($this->name, $line->appliance, $line->watts, $line->conductor, $surfaces, $actuators);

        return $board->with(lines: [...$board->lines, $ids->next('L') => $copy], functions: $functions, lastIds: $ids->last());
    }

    public function summary(Board $board): string
    {
        return sprintf('Duplicate the line “%s” as “%s”', $board->nameOf($this->line), $this->name);
    }
}
